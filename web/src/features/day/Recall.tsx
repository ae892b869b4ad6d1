import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { DueRecall } from '../../shared/topic/DueRecall'
import { wording } from './wording'

/** What of long ago is asked for today; never a duty. */
export function Recall() {
  const due = useQuery(queries.recall()).data?.due ?? []
  return due.length === 0 ? null : (
    <p className="mt-2">
      <span className="text-faded">{wording.stillThere()}</span>{' '}
      {due.map((d, i) => (
        <span key={d.kind + d.id}>
          {i > 0 && <span className="text-faded"> · </span>}
          <DueRecall due={d} className="underline underline-offset-4" />
        </span>
      ))}
    </p>
  )
}
