import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { Waiting } from '../../ui/Waiting'
import { weekTitle } from './text'
import { WeekTable } from './WeekTable'
import { wording } from './wording'

/** A course on paper: the one that is named, or the one in front. */
export default function PrintScreen() {
  const [params] = useSearchParams()
  const named = params.get('plan')
  const course = useQuery({ ...queries.course(), enabled: !named })
  if (named) {
    return <Printed placement={named} only={params.get('week')} />
  }
  return (
    <Waiting query={course}>
      {({ placed }) => (placed ? <Printed placement={placed.placement} only={null} /> : <NothingToPrint />)}
    </Waiting>
  )
}

function NothingToPrint() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>{wording.nothingToPrint()}</h1>
      <p>
        {wording.aCourseIsPrintedFromIts()}{' '}
        <Link to="/course" className="underline underline-offset-4">
          {wording.course()}
        </Link>{' '}
        {wording.andChoosePrintThere()}
      </p>
    </div>
  )
}

/** The whole course, or one week of it; A4 and Letter both hold a week on a page. */
function Printed({ placement, only }: { placement: string; only: string | null }) {
  const format = useFormats()
  const printed = useQuery(queries.printed(placement))
  return (
    <Waiting query={printed}>
      {({ placed, weeks, today }) => (
        <div className="wide:px-8 px-4 py-6">
          <div className="no-print mb-4 flex gap-6">
            <Button look="ink" className="shrink-0" onClick={() => window.print()}>
              {wording.print()}
            </Button>
            <p className="text-faded">
              {wording.onlyEachBeginsWhereItFits({
                only: only ? wording.oneWeek() : wording.weeks2({ weeks: weeks.length }),
              })}
            </p>
          </div>
          <h1>{placed.title}</h1>
          <p className="text-faded">
            {wording.startToEnd({
              start: format.dayMonthYear(placed.start),
              end: format.dayMonthYear(placed.end),
            })}
          </p>
          {weeks
            .filter((week) => !only || week.key === only)
            .map((week) => (
              <section key={week.key} className="mt-6 break-inside-avoid">
                <h2>{weekTitle(week)}</h2>
                <p className="text-faded">
                  {format.range(week.from, week.to)} · {format.minutes(week.plannedMinutes)}
                </p>
                {week.aim && <p className="font-serif italic">{week.aim}</p>}
                <WeekTable week={week} today={today} />
              </section>
            ))}
        </div>
      )}
    </Waiting>
  )
}
