import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { wording } from './wording'

/** A week that waits to be looked back on, the aim that the last one set, and a goal that is asked again. */
export function LookBack() {
  const today = useQuery(queries.reviewToday()).data
  const over = useQuery(queries.goals()).data?.find((g) => g.asks)
  return (
    <>
      {today?.aim && (
        <p className="mt-2">
          “{today.aim}”<span className="text-faded">{wording.whatToLookForSinceYou()}</span>
        </p>
      )}
      {today?.due && (
        <p className="mt-2">
          <Link to={`/look-back/weeks/${today.due}`} className="underline underline-offset-4">
            {wording.theWeekWaitsToBeLooked()}
          </Link>
          <span className="text-faded">{wording.fiveMinutesItMayBePassed()}</span>
        </p>
      )}
      {over && (
        <p className="mt-2">
          {wording.titleIsOver({ title: over.title })}{' '}
          <Link to="/look-back/what-for" className="underline underline-offset-4">
            {wording.whatBecameOfIt()}
          </Link>
        </p>
      )}
    </>
  )
}
