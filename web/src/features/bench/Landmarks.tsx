import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import type { Comparison } from './text'
import type { Change } from './useComparison'

/** Every landmark by its name: whether it is set, was made up, or cannot be seen. */
export function Landmarks({
  comparison: { fields, landmarks },
  change,
}: {
  comparison: Comparison
  change: Change
}) {
  const without = (names: string[], name: string) => names.filter((n) => n !== name)
  return (
    <details className="no-print mt-2">
      <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
        Landmarks, one by one
      </summary>
      <p className="text-faded text-sm">
        What the reference does not show you had to invent; it stays on the picture and is not judged.
      </p>
      <ul>
        {landmarks.map(({ name }) => {
          const set = fields.drawn.some((p) => p.name === name)
          const hidden = fields.hidden.includes(name)
          return (
            <li key={name} className="border-hairline flex flex-wrap items-baseline gap-x-4 border-b">
              <span className={set ? '' : 'text-faded'}>{name}</span>
              {set && (
                <>
                  <Check
                    checked={fields.invented.includes(name)}
                    aria-label={`Invented: ${name}`}
                    onChange={(e) =>
                      change((was) => ({
                        invented: e.target.checked ? [...was.invented, name] : without(was.invented, name),
                      }))
                    }
                  >
                    invented
                  </Check>
                  <Button
                    look="quiet"
                    aria-label={`Take off: ${name}`}
                    onClick={() =>
                      change((was) => ({
                        drawn: was.drawn.filter((p) => p.name !== name),
                        invented: without(was.invented, name),
                      }))
                    }
                  >
                    Take off
                  </Button>
                </>
              )}
              {hidden ? (
                <Button
                  look="quiet"
                  aria-label={`It can be seen: ${name}`}
                  onClick={() => change((was) => ({ hidden: without(was.hidden, name) }))}
                >
                  It can be seen
                </Button>
              ) : (
                !set && (
                  <Button
                    look="quiet"
                    aria-label={`It cannot be seen: ${name}`}
                    onClick={() => change((was) => ({ hidden: [...was.hidden, name] }))}
                  >
                    It cannot be seen
                  </Button>
                )
              )}
            </li>
          )
        })}
      </ul>
    </details>
  )
}
