import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import type { UnderWay } from '../sitting/cabinet'
import { recallAt, WAYS } from './recall'

/** Something to be recalled: a link to it, in which way, and about how long it takes. */
export function DueRecall({
  due,
  state,
  className = LINE_LINK,
}: {
  due: Schemas['DueRecall']
  /** The sitting to come back to. */
  state?: UnderWay | undefined
  className?: string
}) {
  const format = useFormats()
  return (
    <>
      <Link to={recallAt(due)} state={state} className={className}>
        {due.title}
      </Link>
      <span className="text-faded">
        , {WAYS[due.way]}, {format.minutes(Math.max(1, Math.round(due.seconds / 60)))}
      </span>
    </>
  )
}
