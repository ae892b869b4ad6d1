import { Button } from '../../ui/Button'
import { Choices } from '../../ui/Choices'
import { Field, SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField } from '../../ui/NumberField'
import { asksEach, longer, NUMBERS, type Built } from './built'
import { DRILLS, LADDERS, type Begun } from './text'
import { wording } from './wording'

/** A part of the form, with the sitting as it is built. */
export type LadderPart = { built: Built; set: (more: Partial<Built>) => void }

/** The kind of ladder and what it needs to know. */
export function LadderForm({ built, set }: LadderPart) {
  const { kind } = built
  return (
    <fieldset className="mt-5">
      <legend className="font-serif text-xl">{wording.theLadder()}</legend>
      <Choices name="ladder" of={LADDERS} value={kind} onChange={(kind) => set({ kind })} />
      {kind === 'OWN' && <Rows built={built} set={set} />}
      <div className="mt-2 grid grid-cols-2 gap-x-6 gap-y-3">
        {kind !== 'OWN' && (
          <NumberField
            needed
            label={wording.minutesInAllBreaksToo()}
            bounds={NUMBERS.minutes}
            value={built.minutes}
            onChange={(e) => set({ minutes: e.target.value })}
          />
        )}
        {asksEach(kind) && (
          <NumberField
            needed
            label={wording.minutesEach()}
            bounds={NUMBERS.each}
            decimals
            value={built.eachMinutes}
            onChange={(e) => set({ eachMinutes: e.target.value })}
          />
        )}
        {kind === 'PARTS_ONLY' && (
          <Field
            label={wording.partsWithCommas()}
            value={built.parts}
            onChange={(e) => set({ parts: e.target.value })}
          />
        )}
        <SelectField
          label={wording.constraint()}
          value={built.drill}
          onChange={(e) => set({ drill: e.target.value as Begun['drill'] })}
          hint={DRILLS[built.drill].line}
        >
          {Object.entries(DRILLS).map(([value, { name }]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </SelectField>
      </div>
    </fieldset>
  )
}

function Rows({ built, set }: LadderPart) {
  const format = useFormats()
  const { rows } = built
  const change = (i: number, more: object) =>
    set({ rows: rows.map((row, j) => (j === i ? { ...row, ...more } : row)) })
  return (
    <>
      {rows.map((row, i) => (
        <fieldset key={i} className="mt-2 flex items-start gap-x-6">
          <legend className="sr-only">{wording.rowI({ i: i + 1 })}</legend>
          <div className="grid flex-1 grid-cols-2 gap-x-6">
            <NumberField
              needed
              label={wording.howMany()}
              bounds={NUMBERS.count}
              value={row.count}
              onChange={(e) => change(i, { count: e.target.value })}
            />
            <NumberField
              needed
              label={wording.minutesEach()}
              bounds={NUMBERS.each}
              decimals
              value={row.each}
              onChange={(e) => change(i, { each: e.target.value })}
            />
          </div>
          {rows.length > 1 && (
            <Button
              look="quiet"
              className="mt-6"
              aria-label={wording.removeRowI({ i: i + 1 })}
              onClick={() => set({ rows: rows.filter((_, j) => j !== i) })}
            >
              {wording.remove()}
            </Button>
          )}
        </fieldset>
      ))}
      <Button className="mt-1" onClick={() => set({ rows: longer(rows, format) })}>
        {wording.anotherRow()}
      </Button>
    </>
  )
}
