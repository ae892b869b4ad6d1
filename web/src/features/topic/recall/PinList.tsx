import { BOUNDS } from '../../../api/generated/bounds'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { refusedAt } from '../../../ui/Refused'
import type { TypedPin } from './ownPlate'
import { wording } from '../wording'

/** The names of a plate's pins. */
export function PinList({
  pins,
  error,
  onChange,
}: {
  pins: TypedPin[]
  error: Error | null
  onChange: (pins: TypedPin[]) => void
}) {
  const change = (at: number, more: Partial<TypedPin>) =>
    onChange(pins.map((p, i) => (i === at ? { ...p, ...more } : p)))
  return (
    <section aria-labelledby="pins" className="mt-5">
      <h2 id="pins">{wording.names2()}</h2>
      {pins.length === 0 ? (
        <p className="text-faded">{wording.noneYetWriteANameBeside()}</p>
      ) : (
        <ul>
          {pins.map((pin, i) => (
            <li key={pin.key} className="border-hairline flex items-start gap-x-4 border-b">
              <details className="grow" open={refusedAt(error, `pins[${i}].name`) !== undefined}>
                <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
                  {pin.name || wording.withoutAName()}
                  <span className="text-faded">
                    {[pin.latin, pin.others].filter(Boolean).map((also) => `, ${also}`)}
                  </span>
                </summary>
                <div className="grid grid-cols-3 gap-x-4 pb-2 max-sm:grid-cols-1">
                  <Field
                    label={wording.name()}
                    value={pin.name}
                    maxLength={BOUNDS.PinFields.name.maxLength}
                    error={refusedAt(error, `pins[${i}].name`)}
                    onChange={(e) => change(i, { name: e.target.value })}
                  />
                  <Field
                    label={wording.latin()}
                    value={pin.latin}
                    maxLength={BOUNDS.PinFields.latin.maxLength}
                    onChange={(e) => change(i, { latin: e.target.value })}
                  />
                  <Field
                    label={wording.alsoRightWithCommas()}
                    value={pin.others}
                    onChange={(e) => change(i, { others: e.target.value })}
                  />
                </div>
              </details>
              <Button
                look="quiet"
                aria-label={wording.removeName({ name: pin.name })}
                onClick={() => onChange(pins.filter((_, j) => j !== i))}
              >
                {wording.remove()}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
