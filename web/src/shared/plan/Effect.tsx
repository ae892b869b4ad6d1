import { useQuery, keepPreviousData } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Refused } from '../../ui/Refused'
import { daysBetween } from '../../ui/days'
import { shortfall } from './words'
import type { Change } from './usePlanChanges'
import { wording } from './wording'
import { useSaid } from '../said/useSaid'

type Figures = Schemas['Figures']

/** What changes would do, before they are made: days, end, what is dropped, what still does not fit. */
export function Effect({ placement, week, changes }: { placement: string; week: string; changes: Change[] }) {
  const query = useQuery({
    ...queries.preview(placement, week, changes),
    placeholderData: keepPreviousData,
  })
  const said = useSaid(query.data?.refused != null)
  if (query.isError) {
    return <Refused error={query.error} />
  }
  if (!query.data) {
    return (
      <p className="text-faded" role="status">
        {wording.workingItOut()}
      </p>
    )
  }
  const { before, after, refused } = query.data
  if (refused != null) {
    return (
      <p role="status" className="text-sanguine">
        {wording.thisCannotBeDoneRefused({ refused: said(refused) })}
      </p>
    )
  }
  return (
    <div role="status">
      <EndLine before={before} after={after} />
      <DayMinutes before={before} after={after} />
      <Fit figures={after} />
    </div>
  )
}

export function EndLine({ before, after }: { before: Figures; after: Figures }) {
  const format = useFormats()
  const moved = daysBetween(before.end, after.end)
  return (
    <p>
      {wording.theCourseEndsOn()} <b>{format.dayMonthYear(after.end)}</b>
      {moved === 0
        ? wording.asBefore()
        : wording.daysMoved2({
            moved: Math.abs(moved),
            moved2: moved > 0,
            end: format.dayMonthYear(before.end),
          })}
      {(after.droppedDrawings > 0 || after.droppedMinutes > 0) && (
        <>
          {' '}
          <b>{dropped(after)}</b> {wording.wouldNeverBeAskedFor()}
        </>
      )}
    </p>
  )
}

export function dropped(figures: Figures): string {
  const said = [
    figures.droppedDrawings > 0 && wording.drawings({ droppedDrawings: figures.droppedDrawings }),
    figures.droppedMinutes > 0 && wording.droppedMinutesMin({ droppedMinutes: figures.droppedMinutes }),
  ].filter(Boolean)
  return said.join(wording.and()) || wording.nothing()
}

/** Minutes of each day from today on, before and after. */
function DayMinutes({ before, after }: { before: Figures; after: Figures }) {
  const format = useFormats()
  const dates = [...new Set([...before.days, ...after.days].map((d) => d.date))].sort()
  if (dates.length === 0) {
    return <p className="text-faded">{wording.nothingOfThisWeekIsPlanned()}</p>
  }
  const minutes = (figures: Figures, date: string) => figures.days.find((d) => d.date === date)?.minutes
  return (
    <div className="my-3 overflow-x-auto">
      <table className="text-center">
        <caption className="text-faded text-left text-sm">{wording.minutesADayOfThisWeek()}</caption>
        <thead>
          <tr>
            <td />
            {dates.map((date) => (
              <th key={date} scope="col" className="text-faded px-2 font-normal whitespace-nowrap">
                {format.shortDay(date)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {(['before', 'after'] as const).map((name) => (
            <tr key={name} className="border-hairline border-t">
              <th scope="row" className="pr-3 text-left font-normal">
                {name === 'before' ? wording.now() : wording.thenWord()}
              </th>
              {dates.map((date) => {
                const value = minutes(name === 'before' ? before : after, date)
                return (
                  <td key={date} className={`px-2 ${name === 'after' ? 'font-bold' : 'text-faded italic'}`}>
                    {value ?? '–'}
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

/** Whether the week fits, and if not, what is left over. */
export function Fit({ figures }: { figures: Figures }) {
  const format = useFormats()
  if (figures.weekFrom == null) {
    return null
  }
  if (figures.shortfalls.length > 0) {
    return (
      <p className="text-sanguine">
        {wording.doesNotFitJoin({ join: figures.shortfalls.map((s) => shortfall(s, format)).join('; ') })}
        {figures.load != null &&
          figures.load > 1 &&
          wording.theLoadIsLoadOfThe({ load: format.percent(figures.load) })}
      </p>
    )
  }
  return (
    <p className="text-verdigris">
      {wording.everythingFitsLoad({
        load: figures.load == null ? '' : wording.theLoadIsLoadOfThe2({ load: format.percent(figures.load) }),
      })}
    </p>
  )
}
