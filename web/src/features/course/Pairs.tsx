import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { wording } from './wording'

/** Subjects that are drawn more than once, with the days on which they were. */
export function Pairs({ pairs }: { pairs: Schemas['Pair'][] }) {
  const format = useFormats()
  if (pairs.length === 0) {
    return null
  }
  return (
    <section>
      <h2>{wording.drawnAtTheStartAndOnce()}</h2>
      <ul>
        {pairs.map((pair) => (
          <li key={pair.moments[0]?.exerciseId} className="border-hairline border-t py-1.5">
            {pair.moments.map((moment, i) => (
              <span key={moment.exerciseId}>
                {i > 0 && <span className="text-faded"> · </span>}
                {moment.title}{' '}
                {moment.drawnOn == null ? (
                  <span className="text-faded italic">
                    {wording.plannedFromWeekFrom({ weekFrom: format.dayMonth(moment.weekFrom) })}
                  </span>
                ) : (
                  <b>{format.dayMonth(moment.drawnOn)}</b>
                )}
              </span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  )
}
