import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../api/queries'
import { LINE_LINK } from '../ui/Button'
import { useFormats } from '../ui/locale'
import { recallAt } from './recall'

/** Plates and orders of steps that belong to a topic; nothing where there are none. */
export function RecallOf({ topic }: { topic: string }) {
  const format = useFormats()
  const things = useQuery(queries.recall()).data?.things ?? []
  const mine = things.filter((s) => s.topics.includes(topic))
  return mine.length === 0 ? null : (
    <section aria-labelledby="recall-of" className="no-print mt-5">
      <h2 id="recall-of">To recall</h2>
      <ul>
        {mine.map((s) => (
          <li key={s.kind + s.id}>
            <Link to={recallAt(s)} className={LINE_LINK}>
              {s.title}
            </Link>
            <span className="text-faded">
              {s.times > 0
                ? `, there ${s.right} of ${s.times} times`
                : s.way
                  ? ', asked for soon'
                  : ', not asked for'}
              {s.due && s.times > 0 && `, next on ${format.dayMonth(s.due)}`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}
