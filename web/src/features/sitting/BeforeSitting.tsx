import { useQuery } from '@tanstack/react-query'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field, SelectField } from '../../ui/Field'
import type { LadderPart } from './LadderForm'
import { ENERGY, HARD } from './text'
import { wording } from './wording'

/** Energy, how hard it seems, cue and place before a sitting; with little energy the smallest page. */
export function BeforeSitting({ built, set }: LadderPart) {
  const whatFor = useQuery(queries.settings()).data?.whatFor
  const told = useQuery(queries.sittingHabits()).data
  const lacking = useQuery(queries.referenceSets()).data?.find((s) => s.missing > 0)
  return (
    <div className="mt-5 grid grid-cols-2 gap-x-6 gap-y-3">
      <SelectField
        label={wording.energyNow()}
        value={built.energy}
        onChange={(e) => set({ energy: e.target.value })}
      >
        <option value="">{wording.notSaid()}</option>
        <Levels of={ENERGY} />
      </SelectField>
      <SelectField
        label={wording.howHardItSeems()}
        value={built.dread}
        onChange={(e) => set({ dread: e.target.value })}
      >
        <option value="">{wording.notSaid()}</option>
        <Levels of={HARD} />
      </SelectField>
      <Field
        list="cues"
        label={wording.whatMadeYouSitDown()}
        maxLength={BOUNDS.BegunSitting.cue.maxLength}
        placeholder={wording.afterILockedUpTheBicycle()}
        value={built.cue}
        onChange={(e) => set({ cue: e.target.value })}
      />
      <Field
        list="places"
        label={wording.where()}
        maxLength={BOUNDS.BegunSitting.where.maxLength}
        placeholder={wording.onTheBenchOutside()}
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
          {wording.tenMinutesAndASubjectYou()}{' '}
          <Button onClick={() => set({ kind: 'ALL_QUICK', minutes: '10', eachMinutes: '2', drill: 'NONE' })}>
            {wording.theSmallestPage()}
          </Button>
          {lacking && (
            <p>
              {wording.orGatherReferencesInsteadNameLacks({
                name: lacking.fields.name,
                missing: lacking.missing,
                needed: lacking.fields.needed,
              })}
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
