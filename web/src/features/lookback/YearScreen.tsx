import { useQuery } from '@tanstack/react-query'
import { Link, useNavigate, useParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { PenLine } from '../../shared/PenLine'
import { SCHOOLS } from '../../shared/schools'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { timeOf } from '../../ui/counts'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { monthAt } from './month'
import { Parts } from './Parts'
import { wording } from './wording'

type Year = Schemas['YearView']
type Mark = Schemas['YearMark']

const KINDS: Record<Mark['kind'], string> = {
  BOOK: wording.book(),
  COURSE: wording.course(),
  PROMISE: wording.promise(),
  PAUSE: wording.pause(),
}

const LONGEST_MONTH = 31

/** A year: twelve rows of the pen line, what began on it, and the runs of all years. */
export default function YearScreen() {
  const { year } = useParams()
  const today = useQuery(queries.today()).data?.day
  const wanted = Number(year ?? today?.slice(0, 4))
  return Number.isInteger(wanted) && today ? <Chosen year={wanted} today={today} /> : null
}

function Chosen({ year, today }: { year: number; today: string }) {
  return (
    <Waiting query={useQuery(queries.year(year))}>{(view) => <Rows view={view} today={today} />}</Waiting>
  )
}

function Rows({ view, today }: { view: Year; today: string }) {
  const format = useFormats()
  const navigate = useNavigate()
  const monthName = (month: string) => format.month(`${month}-01`)
  const letters = new Set(useQuery(queries.months()).data?.map((m) => m.month.slice(0, 7)))
  const rows = (months: Year['months']) => (
    <ol className="mt-3 print:mt-0">
      {months.map((m) => (
        <li
          key={m.month}
          className="border-hairline border-b py-1 print:grid print:grid-cols-[5.5rem_1fr] print:gap-x-3 print:py-0"
        >
          <p className="flex justify-between text-sm print:block">
            {letters.has(m.month) ? (
              <Link to={monthAt(m.month)} className="underline underline-offset-4 print:no-underline">
                {monthName(m.month)}
              </Link>
            ) : (
              monthName(m.month)
            )}
            <span className="text-faded print:block">{m.minutes > 0 && format.minutes(m.minutes)}</span>
          </p>
          <div className="min-w-0 [&_svg]:min-w-0 print:[&_svg]:max-h-11">
            <PenLine
              strokes={m.strokes}
              places={LONGEST_MONTH}
              today={today}
              label={() => undefined}
              name={(s) =>
                `${format.dayMonthYear(s.date)}${s.minutes > 0 ? `, ${format.minutes(s.minutes)}` : ''}`
              }
              text={wording.monthMinutesDrawingsOnDays({
                month: monthName(m.month),
                minutes: format.minutes(m.minutes),
                drawings: m.drawings,
                filter: m.strokes.filter((s) => s.mark === 'INK').length,
              })}
              onDay={(day) => void navigate(`/day/${day}`)}
            />
          </div>
          <Marks marks={view.marks} month={m.month} />
        </li>
      ))}
    </ol>
  )
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="year" className="print:py-0">
        <Parts />
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 id="year">{view.year}</h1>
          <p className="no-print flex flex-wrap gap-x-4">
            {view.years.map((y) => (
              <Link
                key={y}
                to={`/look-back/year/${y}`}
                aria-current={y === view.year ? 'page' : undefined}
                className={`min-h-8 py-1 pointer-coarse:min-h-11 ${y === view.year ? 'font-medium' : 'text-faded underline underline-offset-4'}`}
              >
                {y}
              </Link>
            ))}
            <Button look="quiet" onClick={() => window.print()}>
              {wording.printOnOneSheet()}
            </Button>
          </p>
        </div>
        <p className="text-faded">
          {view.days === 0
            ? wording.nothingWasDrawnInThisYear()
            : wording.minutesDrawingsOnDays({
                minutes: format.minutes(view.minutes),
                drawings: view.drawings,
                days: view.days,
              })}
        </p>
        {rows(view.months.slice(0, 6))}
      </Leaf>
      <Leaf second aria-label={wording.theSecondHalfAndRuns()} className="print:border-0 print:py-0">
        {rows(view.months.slice(6))}
        <Filled filled={view.filled} />
        <Runs />
      </Leaf>
    </TwoLeaves>
  )
}

const QUARTERS = [
  wording.januaryToMarch(),
  wording.aprilToJune(),
  wording.julyToSeptember(),
  wording.octoberToDecember(),
]

/** Books that were filled, and what their paper came to. */
function Filled({ filled: { quarters, papers } }: { filled: Year['filled'] }) {
  const format = useFormats()
  const all = quarters.reduce((a, b) => a + b, 0)
  const parts = quarters.flatMap((n, i) =>
    n > 0 ? [wording.drawnInQuarter({ n, quarter: QUARTERS[i] ?? '' })] : [],
  )
  const each = (value: number | null | undefined, unit: string, currency: string) =>
    value == null ? [] : [`${format.money(value, currency)} ${unit}`]
  return all === 0 ? null : (
    <p className="mt-2 print:text-xs">
      <span className="text-faded">{wording.booksFilled()}</span> {parts.join(', ')}
      {papers.map((p) => (
        <span key={p.currency} className="text-faded">
          {' '}
          {wording.paperOfBooksJoin({
            books: p.books === all ? (all === 1 ? wording.it() : wording.all()) : p.books,
            join: [
              ...each(p.perPage, wording.aPage(), p.currency),
              ...each(p.perHour, wording.anHour(), p.currency),
            ].join(', '),
          })}
        </span>
      ))}
    </p>
  )
}

/** What began in a month. */
function Marks({ marks, month }: { marks: Mark[]; month: string }) {
  const format = useFormats()
  const here = marks.filter((m) => m.from.startsWith(month))
  return here.length === 0 ? null : (
    <p className="text-faded text-sm print:col-start-2 print:text-xs">
      {here.map((m, i) => (
        <span key={i} className={m.keptPrivate ? 'no-print' : ''}>
          {i > 0 && ' · '}
          {format.dayMonth(m.from)} {KINDS[m.kind]} {m.name}
          {m.kind === 'PAUSE' && m.to && wording.untilTo({ to: format.dayMonth(m.to) })}
        </span>
      ))}
    </p>
  )
}

/** The longest runs in order of time, with what lay between. */
function LongRuns({ longest, unit }: { longest: Schemas['LongRunView'][]; unit: 'DAYS' | 'WEEKS' }) {
  const format = useFormats()
  return longest.length < 2 ? null : (
    <details className="text-faded">
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        {wording.theLongestLongestAndWhatLay({ longest: longest.length })}
      </summary>
      <ol className="pl-4">
        {longest.map((run) => (
          <li key={run.from}>
            {run.before.days > 0 && (
              <p className="pl-4 text-sm">
                {wording.betweenDaysDrawn({
                  days: run.before.days,
                  drawn:
                    run.before.drawn > 0
                      ? wording.minutesOnDays({
                          minutes: format.minutes(run.before.minutes),
                          drawn: run.before.drawn,
                        })
                      : wording.nothingDrawn2(),
                })}
                {run.before.pauses.length > 0 && wording.pausedJoin({ join: run.before.pauses.join(', ') })}
              </p>
            )}
            <p className="text-ink">
              {timeOf(run.length, unit)}, {format.fromTo(run.from, run.to)}
            </p>
          </li>
        ))}
      </ol>
    </details>
  )
}

function Runs() {
  const format = useFormats()
  const runs = useQuery(queries.runs()).data ?? []
  return (
    <section aria-labelledby="runs" className="no-print mt-6">
      <h2 id="runs">{wording.runsUnderAllThreeSchools()}</h2>
      <ul>
        {runs.map(({ streak: r, longest }) => {
          const dates = (from?: string | null, to?: string | null) =>
            from && to ? `, ${format.fromTo(from, to)}` : ''
          return (
            <li key={r.rule} className="border-hairline border-b py-1.5">
              <span className={r.own ? 'font-medium' : ''}>
                {SCHOOLS[r.rule].name}: {SCHOOLS[r.rule].brief}
                {r.own && wording.yours()}
              </span>
              <span className="text-faded block">
                {wording.longestLongestLongestFromNowCurrentCurrentFrom({
                  longest: timeOf(r.longest, r.unit),
                  longestFrom: dates(r.longestFrom, r.longestTo),
                  current: timeOf(r.current, r.unit),
                  currentFrom: dates(r.currentFrom, r.currentTo),
                })}
                {r.forgiven > 0 && wording.missesForgiven({ forgiven: r.forgiven })}
              </span>
              <LongRuns longest={longest} unit={r.unit} />
            </li>
          )
        })}
      </ul>
    </section>
  )
}
