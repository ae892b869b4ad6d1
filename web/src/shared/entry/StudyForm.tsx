import { BOUNDS } from '../../api/generated/bounds'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { NumberField } from '../../ui/NumberField'
import { NameField } from '../NameField'
import { DEPTHS, HOW, LOOKED_FOR, UNITS, type StudyDraft } from './study'

const NAMES_OF_UNITS = Object.fromEntries(Object.entries(UNITS).map(([unit, [one]]) => [unit, one]))

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
        What was learned from it
      </summary>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-3">
        <SelectField label="Counted in" value={draft.unit} onChange={set('unit')}>
          <option value="">not counted</option>
          <Options of={NAMES_OF_UNITS} />
        </SelectField>
        <NumberField
          label="From number"
          bounds={BOUNDS.StudyFields.unitFrom}
          value={draft.unitFrom}
          disabled={!draft.unit}
          onChange={set('unitFrom')}
        />
        <NumberField
          label="To number"
          bounds={BOUNDS.StudyFields.unitTo}
          value={draft.unitTo}
          disabled={!draft.unit}
          onChange={set('unitTo')}
        />
        <SelectField label="Resource used" value={draft.how} onChange={set('how')}>
          <option value="">not said</option>
          <Options of={HOW} />
        </SelectField>
        <NameField
          kind="FACET"
          label="It shows, with commas"
          hint="three-quarter view, moving"
          value={draft.facets}
          onChange={set('facets')}
        />
        <SelectField label="Depth" value={draft.depth} onChange={set('depth')}>
          <option value="">not said</option>
          <Options of={DEPTHS} />
        </SelectField>
        <SelectField label="Shows what to look for" value={draft.lookedFor} onChange={set('lookedFor')}>
          <option value="">not said</option>
          <Options of={LOOKED_FOR} />
        </SelectField>
        {!unjudged && (
          <NumberField
            label="Mark of the own try before"
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
