import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import type { Comparison } from './text'
import type { Change } from './useComparison'
import { wording } from './wording'

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
        {wording.landmarksOneByOne()}
      </summary>
      <p className="text-faded text-sm">{wording.whatTheReferenceDoesNotShow()}</p>
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
                    aria-label={wording.inventedName({ name })}
                    onChange={(e) =>
                      change((was) => ({
                        invented: e.target.checked ? [...was.invented, name] : without(was.invented, name),
                      }))
                    }
                  >
                    {wording.invented()}
                  </Check>
                  <Button
                    look="quiet"
                    aria-label={wording.takeOffName({ name })}
                    onClick={() =>
                      change((was) => ({
                        drawn: was.drawn.filter((p) => p.name !== name),
                        invented: without(was.invented, name),
                      }))
                    }
                  >
                    {wording.takeOff()}
                  </Button>
                </>
              )}
              {hidden ? (
                <Button
                  look="quiet"
                  aria-label={wording.itCanBeSeenName({ name })}
                  onClick={() => change((was) => ({ hidden: without(was.hidden, name) }))}
                >
                  {wording.itCanBeSeen()}
                </Button>
              ) : (
                !set && (
                  <Button
                    look="quiet"
                    aria-label={wording.itCannotBeSeenName({ name })}
                    onClick={() => change((was) => ({ hidden: [...was.hidden, name] }))}
                  >
                    {wording.itCannotBeSeen()}
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
