import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Goal } from '../../shared/lookback/Goal'
import { useFormats } from '../../ui/locale'
import { Waiting } from '../../ui/Waiting'
import { wording } from './wording'

const KINDS: Record<Schemas['GoalLine']['kind'], string> = {
  COURSE: wording.course(),
  PROMISE: wording.promise(),
  BOOK: wording.book(),
}

/** Goals of courses, promises and books; what is over is asked again beside what was drawn. */
export function GoalList() {
  const format = useFormats()
  return (
    <section aria-labelledby="goals">
      <h2 id="goals">{wording.goals()}</h2>
      <Waiting query={useQuery(queries.goals())}>
        {(goals) => {
          const told = goals.filter((g) => g.said !== '')
          return told.length === 0 ? (
            <p className="text-faded">{wording.whatACourseAPromiseOr()}</p>
          ) : (
            <ul>
              {told.map((g, i) => (
                <li key={g.kind + g.about} className="border-hairline border-b py-2">
                  <p>
                    <span className="font-serif text-lg">{g.title}</span>{' '}
                    <span className="text-faded">
                      {wording.kindFromFrom({ kind: KINDS[g.kind], from: format.dayMonthYear(g.from) })}
                      {g.to && wording.toTo({ to: format.dayMonthYear(g.to) })}
                    </span>
                  </p>
                  <Goal kind={g.kind} about={g.about} ask={i === 0} />
                </li>
              ))}
            </ul>
          )
        }}
      </Waiting>
    </section>
  )
}
