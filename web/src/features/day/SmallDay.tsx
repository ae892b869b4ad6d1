import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { endAt, useOpenEnds } from '../../shared/useOpenEnds'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { wording } from './wording'

/** Ways into a day that is small: in one press each. */
export function SmallDay() {
  return (
    <p className="no-print text-faded mt-4 flex flex-wrap items-baseline gap-x-5">
      {wording.notYourDay()}
      <Link to="/easy?way=little" className={LINE_LINK}>
        {wording.littleEnergy()}
      </Link>
      <Link to="/easy?way=bored" className={LINE_LINK}>
        {wording.bored()}
      </Link>
      <Link to="/easy?way=short" className={LINE_LINK}>
        {wording.littleTime()}
      </Link>
    </p>
  )
}

/** One open end for free time, each day another. */
export function OpenEnd() {
  const format = useFormats()
  const end = useQuery(queries.offeredEnd()).data?.end
  const { settle } = useOpenEnds()
  return end ? (
    <p className="no-print mt-4">
      {wording.forFreeTimeWaitingSinceSince({ since: format.dayMonth(end.since) })}{' '}
      <Link to={endAt(end)} className="font-serif text-lg underline underline-offset-4">
        {end.text}
      </Link>{' '}
      <Button look="quiet" onClick={() => settle(end, 'LET_GO')}>
        {wording.letItGo()}
      </Button>
    </p>
  ) : null
}
