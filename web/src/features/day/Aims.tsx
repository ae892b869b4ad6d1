import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { aimWords } from '../../shared/bench/aim'
import { wording } from './wording'

/** Habits that were taken as an aim, and how many comparisons were made since. */
export function Aims() {
  const aims = useQuery(queries.aims()).data ?? []
  return aims.map((aim) => (
    <p key={aim.id} className="mt-2">
      <Link to="/bench" className="underline underline-offset-4">
        {aimWords(aim)}
      </Link>
      <span className="text-faded">
        {aim.left > 0
          ? wording.yourAimComparisonsMoreAndIt({ left: aim.left })
          : wording.yourAimItCanBeJudged()}
      </span>
    </p>
  ))
}
