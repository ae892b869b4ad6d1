import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { recallAt, WAYS } from '../../shared/recall'
import { useFormats } from '../../ui/locale'

/** What of long ago is asked for today; never a duty. */
export function Recall() {
  const format = useFormats()
  const due = useQuery(queries.recall()).data?.due ?? []
  return due.length === 0 ? null : (
    <p className="mt-2">
      <span className="text-faded">Still there?</span>{' '}
      {due.map((d, i) => (
        <span key={d.kind + d.id}>
          {i > 0 && <span className="text-faded"> · </span>}
          <Link to={recallAt(d)} className="underline underline-offset-4">
            {d.title}
          </Link>
          <span className="text-faded">
            , {WAYS[d.way]}, {format.minutes(Math.max(1, Math.round(d.seconds / 60)))}
          </span>
        </span>
      ))}
    </p>
  )
}
