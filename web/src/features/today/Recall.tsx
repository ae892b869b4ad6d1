import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { recallAt, WAYS } from '../../shared/recall'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'

/** What of long ago is asked for today; never a duty. */
export function Recall() {
  const format = useFormats()
  const due = useQuery(queries.recall()).data?.due ?? []
  return due.length === 0 ? null : (
    <div className="mt-2">
      <p className="text-faded">Still there? To begin with, if you like:</p>
      {due.map((d) => (
        <p key={d.kind + d.id}>
          <Link to={recallAt(d)} className={LINE_LINK}>
            {d.title}
          </Link>
          <span className="text-faded">
            , {WAYS[d.way]}
            {d.pins.length > 0 && `, ${d.pins.length} of them`},{' '}
            {format.minutes(Math.max(1, Math.round(d.seconds / 60)))}
          </span>
        </p>
      ))}
    </div>
  )
}
