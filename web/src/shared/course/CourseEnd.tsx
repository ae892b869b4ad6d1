import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { plural } from '../../ui/plural'

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
      By plan it ends on {day(end.byPlan)}
      {end.middle ? (
        <>
          ; as the last {plural(end.ownWeeks, 'week')} went ({format.percent(end.share)} of the planned
          minutes), about <strong className="text-ink font-medium">{day(end.middle)}</strong>
          {end.early &&
            ` (${day(end.early)} to ${end.late ? day(end.late) : 'later than can be told'}, four in five)`}
          .
        </>
      ) : (
        '. How it will really go is said after three weeks.'
      )}
    </p>
  )
}
