import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { wording } from './wording'

/** When the main course ends by its plan, and when it will by the weeks that were. */
export function CourseEnd({ named = false }: { named?: boolean }) {
  const format = useFormats()
  const end = useQuery(queries.courseEnd()).data?.end
  if (!end) {
    return null
  }
  const day = format.dayMonthYear
  return (
    <p className="text-faded">
      {named && `${end.title}: `}
      {wording.byPlanItEndsOnByPlan({ byPlan: day(end.byPlan) })}
      {end.middle ? (
        <>
          {wording.asTheLastWeeksWentShare({ ownWeeks: end.ownWeeks, share: format.percent(end.share) })}{' '}
          <strong className="text-ink font-medium">{day(end.middle)}</strong>
          {end.early &&
            wording.earlyToLateFourInFive({
              early: day(end.early),
              late: end.late ? day(end.late) : wording.laterThanCanBeTold(),
            })}
          .
        </>
      ) : (
        wording.howItWillReallyGoIs()
      )}
    </p>
  )
}
