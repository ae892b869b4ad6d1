import { BOUNDS } from '../../api/generated/bounds'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { NumberField } from '../../ui/NumberField'
import { NameField } from '../NameField'
import { DEPTHS, HOW, LOOKED_FOR, UNITS, type StudyDraft } from './study'
import { wording } from './wording'

const NAMES_OF_UNITS = Object.fromEntries(Object.entries(UNITS).map(([unit, named]) => [unit, named(1)]))

/** What has its field outside of what is folded away. */
const OWN = ['ownFigure', 'ownCount']

/** What an entry tells of learning, folded away until something is told. */
export function StudyForm({
  draft,
  error,
  unjudged,
  onChange,
}: {
  draft: StudyDraft
  error: string | undefined
  unjudged: boolean
  onChange: (draft: StudyDraft) => void
}) {
  const set = (field: keyof StudyDraft) => (event: { target: { value: string } }) =>
    onChange({ ...draft, [field]: event.target.value })
  const told = Object.entries(draft).some(([field, typed]) => typed !== '' && !OWN.includes(field))
  return (
    <details className="mt-4" open={told || error !== undefined}>
      <summary className="min-h-8 cursor-pointer font-medium pointer-coarse:min-h-11">
        {wording.whatWasLearnedFromIt()}
      </summary>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-3">
        <SelectField label={wording.countedIn()} value={draft.unit} onChange={set('unit')}>
          <option value="">{wording.notCounted()}</option>
          <Options of={NAMES_OF_UNITS} />
        </SelectField>
        <NumberField
          label={wording.fromNumber()}
          bounds={BOUNDS.StudyFields.unitFrom}
          value={draft.unitFrom}
          disabled={!draft.unit}
          onChange={set('unitFrom')}
        />
        <NumberField
          label={wording.toNumber()}
          bounds={BOUNDS.StudyFields.unitTo}
          value={draft.unitTo}
          disabled={!draft.unit}
          onChange={set('unitTo')}
        />
        <SelectField label={wording.resourceUsed()} value={draft.how} onChange={set('how')}>
          <option value="">{wording.notSaid()}</option>
          <Options of={HOW} />
        </SelectField>
        <NameField
          kind="FACET"
          label={wording.itShowsWithCommas()}
          hint={wording.threeQuarterViewMoving()}
          value={draft.facets}
          onChange={set('facets')}
        />
        <SelectField label={wording.depth()} value={draft.depth} onChange={set('depth')}>
          <option value="">{wording.notSaid()}</option>
          <Options of={DEPTHS} />
        </SelectField>
        <SelectField label={wording.showsWhatToLookFor()} value={draft.lookedFor} onChange={set('lookedFor')}>
          <option value="">{wording.notSaid()}</option>
          <Options of={LOOKED_FOR} />
        </SelectField>
        {!unjudged && (
          <NumberField
            label={wording.markOfTheOwnTryBefore()}
            bounds={BOUNDS.StudyFields.markBefore}
            value={draft.markBefore}
            onChange={set('markBefore')}
          />
        )}
      </div>
      {error && (
        <p role="alert" className="text-sanguine mt-2">
          {error}
        </p>
      )}
    </details>
  )
}
