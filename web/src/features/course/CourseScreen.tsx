import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { BackOnPlan } from '../../shared/course/BackOnPlan'
import { CourseEnd } from '../../shared/course/CourseEnd'
import { Goal } from '../../shared/lookback/Goal'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { LINE_LINK } from '../../ui/Button'
import { Waiting } from '../../ui/Waiting'
import { ChooseCourse } from './ChooseCourse'
import { ChangeThePlan } from './ChangeThePlan'
import { Followed } from './Followed'
import { Pairs } from './Pairs'
import { Remarks } from './Remarks'
import { Ruler } from './Ruler'
import { weekTitle } from './text'
import { WeekTopics } from './WeekTopics'
import { WeekTable } from './WeekTable'
import { wording } from './wording'

/** The course: a ruler of its weeks, and below it one week. */
export default function CourseScreen() {
  const [params, setParams] = useSearchParams()
  const week = params.get('week') ?? undefined
  const placement = params.get('plan') ?? undefined
  const query = useQuery({ ...queries.course(week, placement), placeholderData: keepPreviousData })
  const open = (next: Record<string, string | undefined>) =>
    setParams(
      Object.fromEntries(
        Object.entries({ plan: placement, ...next }).filter((e): e is [string, string] => !!e[1]),
      ),
      { replace: true },
    )
  return (
    <Waiting query={query}>
      {(course) => (
        <Page
          course={course}
          leaving={query.isPlaceholderData}
          onWeek={(key) => open({ week: key })}
          onPlan={(plan) => open({ plan, week: undefined })}
        />
      )}
    </Waiting>
  )
}

function Page({
  course,
  leaving,
  onWeek,
  onPlan,
}: {
  course: Schemas['CourseView']
  /** Whether another week is on its way: nothing may be pressed any more on the one that is seen. */
  leaving: boolean
  onWeek: (key: string) => void
  onPlan: (placement: string) => void
}) {
  const format = useFormats()
  const { placed, week } = course
  if (!placed || !week) {
    return (
      <div className="wide:px-8 px-4 py-6">
        <h1>{wording.chooseACourse()}</h1>
        <p className="text-faded mb-4">{wording.youFollowNoneDaysWithoutA()}</p>
        <ChooseCourse onDone={() => undefined} />
      </div>
    )
  }
  return (
    <>
      <div className="border-hairline wide:px-8 border-b px-4 pt-1 pb-1">
        <Ruler weeks={course.ruler} shown={week.key} onWeek={onWeek} />
      </div>
      <p className="text-faded wide:px-8 -mb-3 px-4 pt-2 text-right">
        {format.span(placed.start, placed.end)}
      </p>
      <div className="wide:px-8 px-4 py-5" inert={leaving} aria-busy={leaving}>
        <Followed followed={course.followed} shown={placed.placement} onPlan={onPlan} />
        {course.followed[0]?.placement === placed.placement && (
          <>
            <CourseEnd />
            <BackOnPlan />
          </>
        )}
        <Goal kind="COURSE" about={placed.placement} />
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1>{weekTitle(week)}</h1>
          <p className="text-faded">
            {wording.fromPlannedMinutesPlannedDoneMinutesDone({
              from: format.range(week.from, week.to),
              plannedMinutes: format.minutes(week.plannedMinutes),
              doneMinutes: format.minutes(week.doneMinutes),
            })}
            {week.untilDone && wording.untilItIsDone()}
          </p>
        </div>
        {week.aim && <p className="text-faded font-serif text-lg italic">{week.aim}</p>}
        {week.rows.length > 0 ? (
          <WeekTable week={week} today={course.today} />
        ) : (
          <p className="py-6">{wording.nothingIsPlannedInThisWeek()}</p>
        )}
        <div className="wide:grid-cols-2 mt-6 grid gap-8">
          <Remarks course={course} placement={placed.placement} />
          <ChangeThePlan course={course} placed={placed} weekKey={week.key} />
          <WeekTopics placement={placed.placement} week={week.key} over={week.to < course.today} />
          <Pairs pairs={course.pairs} />
          <section>
            <h2>{wording.theCourse()}</h2>
            <p>
              {wording.titleWeeksFromStartEnds({
                title: placed.title,
                weeks: placed.weeks,
                start: format.dayMonthYear(placed.start),
              })}{' '}
              <b>{format.dayMonthYear(placed.end)}</b>.
            </p>
            <p className="text-faded">{placed.summary}</p>
            <p className="mt-2 flex flex-wrap gap-x-5 gap-y-1">
              <PageLink to="/course/library">{wording.allCourses()}</PageLink>
              <PageLink to="/course/year-ahead">{wording.aYearAhead()}</PageLink>
              <PageLink to="/topics/edit">{wording.topicsAndWhatTheyNeed()}</PageLink>
              <PageLink to={`/course/print?plan=${placed.placement}&week=${week.key}`}>
                {wording.printThisWeek()}
              </PageLink>
              <PageLink to={`/course/print?plan=${placed.placement}`}>{wording.printTheCourse()}</PageLink>
              {week.doneMinutes > 0 && (
                <PageLink
                  to={`/sheet?${new URLSearchParams({ from: week.from, to: week.to, title: weekTitle(week) }).toString()}`}
                >
                  {wording.pagesOfThisWeekAsOne()}
                </PageLink>
              )}
              <a href="/api/plan.ics" className={LINE_LINK}>
                {wording.calendarFile()}
              </a>
            </p>
          </section>
        </div>
      </div>
    </>
  )
}

function PageLink({ to, children }: { to: string; children: string }) {
  return (
    <Link to={to} className={LINE_LINK}>
      {children}
    </Link>
  )
}
