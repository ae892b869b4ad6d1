import { BOUNDS } from '../../../api/generated/bounds'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { refusedAt } from '../../../ui/Refused'
import type { TypedPin } from './ownPlate'

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
      <h2 id="pins">Names</h2>
      {pins.length === 0 ? (
        <p className="text-faded">None yet. Write a name beside the picture, then press where it belongs.</p>
      ) : (
        <ul>
          {pins.map((pin, i) => (
            <li key={pin.key} className="border-hairline flex items-start gap-x-4 border-b">
              <details className="grow" open={refusedAt(error, `pins[${i}].name`) !== undefined}>
                <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
                  {pin.name || 'without a name'}
                  <span className="text-faded">
                    {[pin.latin, pin.others].filter(Boolean).map((also) => `, ${also}`)}
                  </span>
                </summary>
                <div className="grid grid-cols-3 gap-x-4 pb-2 max-sm:grid-cols-1">
                  <Field
                    label="Name"
                    value={pin.name}
                    maxLength={BOUNDS.PinFields.name.maxLength}
                    error={refusedAt(error, `pins[${i}].name`)}
                    onChange={(e) => change(i, { name: e.target.value })}
                  />
                  <Field
                    label="Latin"
                    value={pin.latin}
                    maxLength={BOUNDS.PinFields.latin.maxLength}
                    onChange={(e) => change(i, { latin: e.target.value })}
                  />
                  <Field
                    label="Also right, with commas"
                    value={pin.others}
                    onChange={(e) => change(i, { others: e.target.value })}
                  />
                </div>
              </details>
              <Button
                look="quiet"
                aria-label={`Remove ${pin.name}`}
                onClick={() => onChange(pins.filter((_, j) => j !== i))}
              >
                Remove
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
