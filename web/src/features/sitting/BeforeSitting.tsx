import { useQuery } from '@tanstack/react-query'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field, SelectField } from '../../ui/Field'
import type { LadderPart } from './LadderForm'
import { ENERGY, HARD } from './text'

/** Energy, how hard it seems, cue and place before a sitting; with little energy the smallest page. */
export function BeforeSitting({ built, set }: LadderPart) {
  const whatFor = useQuery(queries.settings()).data?.whatFor
  const told = useQuery(queries.sittingHabits()).data
  const lacking = useQuery(queries.referenceSets()).data?.find((s) => s.missing > 0)
  return (
    <div className="mt-5 grid grid-cols-2 gap-x-6 gap-y-3">
      <SelectField label="Energy now" value={built.energy} onChange={(e) => set({ energy: e.target.value })}>
        <option value="">not said</option>
        <Levels of={ENERGY} />
      </SelectField>
      <SelectField
        label="How hard it seems"
        value={built.dread}
        onChange={(e) => set({ dread: e.target.value })}
      >
        <option value="">not said</option>
        <Levels of={HARD} />
      </SelectField>
      <Field
        list="cues"
        label="What made you sit down"
        maxLength={BOUNDS.BegunSitting.cue.maxLength}
        placeholder="after I locked up the bicycle"
        value={built.cue}
        onChange={(e) => set({ cue: e.target.value })}
      />
      <Field
        list="places"
        label="Where"
        maxLength={BOUNDS.BegunSitting.where.maxLength}
        placeholder="on the bench outside"
        value={built.where}
        onChange={(e) => set({ where: e.target.value })}
      />
      <datalist id="cues">
        {told?.cues.map((cue) => (
          <option key={cue} value={cue} />
        ))}
      </datalist>
      <datalist id="places">
        {told?.places.map((place) => (
          <option key={place} value={place} />
        ))}
      </datalist>
      {built.energy !== '' && Number(built.energy) <= 2 && (
        <div className="col-span-2">
          {whatFor && <p className="font-serif text-lg italic">{whatFor}</p>}
          Ten minutes and a subject you know are enough today; rest is allowed as well.{' '}
          <Button onClick={() => set({ kind: 'ALL_QUICK', minutes: '10', eachMinutes: '2', drill: 'NONE' })}>
            The smallest page
          </Button>
          {lacking && (
            <p>
              Or gather references instead: {lacking.fields.name} lacks {lacking.missing} of{' '}
              {lacking.fields.needed}.
            </p>
          )}
        </div>
      )}
    </div>
  )
}

function Levels({ of }: { of: string[] }) {
  return of.map((name, i) => (
    <option key={name} value={i + 1}>
      {i + 1}, {name}
    </option>
  ))
}
