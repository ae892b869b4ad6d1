import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { later } from '../../ui/days'
import { useFormats } from '../../ui/locale'
import { LINE_LINK } from '../../ui/Button'
import { PenLine } from '../../shared/PenLine'
import { Aims } from './Aims'
import { LookBack } from './LookBack'
import { TopicsAsk } from './TopicsAsk'
import { TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { EntryList } from '../../shared/entry/EntryList'
import { LogLine } from '../../shared/logline/LogLine'
import { remediesInWords, shortfall } from '../../shared/plan/words'
import { LookedFor } from './LookedFor'
import { Pieces } from './Pieces'
import { OpenRules, QuotaShares } from './QuotaShares'
import { Recall } from './Recall'
import { ShareList } from './ShareList'
import { OpenEnd, SmallDay } from './SmallDay'
import { atStake, caution, example, penLineText, run, stillOpen, strokeName } from './text'
import { useOpening } from '../../ui/opening'
import { wording } from './wording'

const SampleDays = lazy(() => import('./sample/SampleDays'))
const NotKept = lazy(() => import('./warning/NotKept'))
const TooMuch = lazy(() => import('./warning/TooMuch'))

type Today = Schemas['TodayView']

/** Today: what to draw on the left leaf, what was drawn on the right, the pen line across both. */
export function TodayScreen() {
  return <Waiting query={useQuery(queries.today())}>{(today) => <Spread today={today} />}</Waiting>
}

function Spread({ today }: { today: Today }) {
  return (
    <>
      <div className="border-hairline wide:px-8 border-b px-4 pt-3 pb-1">
        <Days today={today} />
      </div>
      {(today.copies || today.disk) && (
        <Suspense>
          <NotKept today={today} />
        </Suspense>
      )}
      <TwoLeaves>
        <ToDraw today={today} />
        <Drawn today={today} />
      </TwoLeaves>
    </>
  )
}

/** The days as one stroke; before the first one, what will stand there. */
function Days({ today }: { today: Today }) {
  const format = useFormats()
  const navigate = useNavigate()
  if (today.penLine.every((stroke) => stroke.mark !== 'INK')) {
    return (
      <Suspense>
        <SampleDays />
      </Suspense>
    )
  }
  return (
    <PenLine
      strokes={today.penLine}
      today={today.day}
      text={penLineText(today.penLine)}
      name={(stroke) => strokeName(stroke, format)}
      onDay={(day) => navigate(day === today.day ? '/today' : `/day/${day}`)}
      label={(stroke, i) =>
        i % 14 === 0 ? format.dayMonth(stroke.date) : i === 77 ? wording.thisWeek() : undefined
      }
    />
  )
}

function ToDraw({ today }: { today: Today }) {
  const format = useFormats()
  const { course } = today
  return (
    <section aria-labelledby="to-draw" className="wide:px-8 px-4 py-6">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 id="to-draw">{wording.toDrawToday()}</h1>
        {today.availableMinutes > 0 && (
          <p className="text-faded">
            {today.shares.length + today.quotas.length > 0
              ? wording.plannedMinutesOverMinutes({
                  plannedMinutes: format.minutes(today.plannedMinutes),
                  overMinutes: today.overMinutes > 0,
                  availableMinutes: format.minutes(today.availableMinutes),
                })
              : format.minutes(today.availableMinutes)}
          </p>
        )}
      </div>
      {course?.aim && <p className="text-faded font-serif text-lg italic">{course.aim}</p>}
      {today.pause != null ? (
        <p className="py-4">
          {wording.pausedPauseNothingIsPlannedAnd({ pause: today.pause || wording.noReasonGiven() })}
        </p>
      ) : today.rest ? (
        <p className="py-4">{wording.restTodayAsPlannedAnythingYou()}</p>
      ) : null}
      {today.waiting && <p className="text-faded py-2">{wording.theCourseWaitsToday()}</p>}
      <TopicsAsk topics={today.topics} />
      <Aims />
      <LookBack />
      <Recall />
      <ShareList today={today} />
      <QuotaShares quotas={today.quotas} />
      <p className="no-print mt-4 flex flex-wrap items-baseline gap-x-6">
        <Link to="/sitting" className={LINE_LINK}>
          {wording.aSittingOfYourOwn()}
        </Link>
        <Link to="/cabinet" className={LINE_LINK}>
          {wording.theReferenceCabinet()}
        </Link>
      </p>
      <SmallDay />
      {(today.freeMinutes > 0 || today.plannedMinutes === 0) && <OpenEnd />}
      <Lacking today={today} />
      {course == null && <WithoutCourse />}
      {course?.week == null && course != null && <OutsideCourse course={course} day={today.day} />}
      {course?.weekDone && <p className="text-verdigris py-3">{wording.everythingOfThisWeekIsDrawn()}</p>}
      {today.cautions.length > 0 && (
        <aside aria-label={wording.care()} className="mt-6">
          <h2>{wording.care()}</h2>
          {today.cautions.map((c) => (
            <p key={c.kind} className="text-faded">
              {caution(c, format)}
            </p>
          ))}
        </aside>
      )}
    </section>
  )
}

function Lacking({ today }: { today: Today }) {
  const format = useFormats()
  const large = today.shortfalls.filter((s) => !s.slight)
  const slight = today.shortfalls.filter((s) => s.slight)
  return (
    <>
      <Suspense>{today.overMinutes > 0 && <TooMuch today={today} />}</Suspense>
      {large.length > 0 && (
        <div className="mt-4">
          <p className="text-sanguine">
            {wording.doesNotFitIntoThisWeek({ join: large.map((s) => shortfall(s, format)).join('; ') })}
          </p>
          {today.remedies && (
            <>
              <p>{wording.itWouldFitWithAnyOf()}</p>
              <ul className="text-faded list-['–_'] pl-4">
                {remediesInWords(today.remedies, format).map(({ label }) => (
                  <li key={label}>{label}</li>
                ))}
              </ul>
              <Link to="/course" className={LINE_LINK}>
                {wording.makeItFit()}
              </Link>
            </>
          )}
        </div>
      )}
      {slight.length > 0 && (
        <p className="text-faded mt-2">
          {wording.joinFindNoDayThisWeek({ join: slight.map((s) => shortfall(s, format)).join('; ') })}
        </p>
      )}
    </>
  )
}

function WithoutCourse() {
  return (
    <p className="py-4">
      {wording.whateverYouLikeYouFollowNo()}{' '}
      <Link to="/course" className="underline">
        {wording.chooseOne()}
      </Link>{' '}
      {wording.whenYouWantTheDaysPlanned()}
    </p>
  )
}

function OutsideCourse({ course, day }: { course: NonNullable<Today['course']>; day: string }) {
  const format = useFormats()
  return day < course.start ? (
    <p className="py-4">
      {wording.titleBeginsOnStartUntilThen({ title: course.title, start: format.dayMonthYear(course.start) })}
    </p>
  ) : (
    <p className="py-4">
      {wording.titleEndedOnEnd({ title: course.title, end: format.dayMonthYear(course.end) })}{' '}
      <Link to="/course" className="underline">
        {wording.chooseWhatComesNext()}
      </Link>
      .
    </p>
  )
}

function Drawn({ today }: { today: Today }) {
  const format = useFormats()
  const [filling, setFilling] = useOpening<Schemas['EntryFields'] | undefined>(undefined)
  const { drawnDrawings: drawings } = today
  return (
    <section aria-labelledby="drawn" className="border-hairline wide:border-t-0 wide:px-8 border-t px-4 py-6">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 id="drawn">{wording.drawn2()}</h1>
        {today.entries.length > 0 && (
          <p className="text-faded">
            {format.minutes(today.drawnMinutes)}
            {drawings > 0 && wording.drawings({ drawings })}
          </p>
        )}
      </div>
      <p>
        {run(today.streak)}{' '}
        <span className={today.streak.todayDecides ? 'text-sanguine' : 'text-faded'}>
          {atStake(today.streak, today)}
        </span>
      </p>
      <LogLine day={today.day} today={today.day} example={example(today.shares)} onForm={setFilling} />
      <OpenRules asked={today.asked} />
      <LookedFor today={today} />
      <Pieces pieces={today.pieces} />
      <EntryList
        title={wording.todaysEntries()}
        entries={today.entries}
        empty={
          <>
            {wording.nothingYetWriteALineSuch()} <i>{wording.n3Boats12MinPen()}</i>
            {wording.or()} <i>{wording.yesterdayHalfAnHour()}</i>.
          </>
        }
        filling={filling}
        onFilled={() => setFilling(undefined)}
      />
      <h2 className="mt-6">{wording.stillOpen()}</h2>
      <p>{stillOpen(today.streak)}</p>
      <p className="no-print mt-3">
        <Link to={`/day/${later(today.day, -1)}`} className={LINE_LINK}>
          {wording.yesterdayAndTheDaysBefore()}
        </Link>
      </p>
    </section>
  )
}
