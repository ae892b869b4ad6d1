import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { Refused } from '../../ui/Refused'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { wording } from './wording'

type Wanted = Schemas['WantedCourse']

const MOST = 12

/** Courses laid into a year, in a row or side by side, against the room there is. */
export default function YearAheadScreen() {
  return <Waiting query={useQuery(queries.courses())}>{({ courses }) => <Year courses={courses} />}</Waiting>
}

function Year({ courses }: { courses: { id: string; title: string; weeks: number }[] }) {
  const [wanted, setWanted] = useState<Wanted[]>([])
  const lay = useMutation({
    mutationFn: (list: Wanted[]) =>
      answer(api.POST('/api/look-back/year-ahead', { body: { courses: list } })),
  })
  const choose = (next: Wanted[]) => {
    setWanted(next)
    if (next.length > 0) {
      lay.mutate(next)
    }
  }
  const title = (id: string) => courses.find((c) => c.id === id)?.title ?? id
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="year-ahead">
        <h1 id="year-ahead">{wording.aYearAhead()}</h1>
        <p className="text-faded max-w-prose">{wording.whichCoursesWouldFillTheNext()}</p>
        <ol className="mt-3">
          {wanted.map((w, i) => (
            <li key={i} className="border-hairline flex flex-wrap items-baseline gap-x-4 border-b py-1">
              <span className="font-serif text-lg">{title(w.course)}</span>
              {i > 0 && (
                <Check
                  checked={w.beside}
                  onChange={(e) =>
                    choose(wanted.map((v, j) => (j === i ? { ...v, beside: e.target.checked } : v)))
                  }
                >
                  {wording.besideTheOneBefore()}
                </Check>
              )}
              <Button
                look="quiet"
                className="ml-auto"
                aria-label={wording.leaveOutCourse({ course: title(w.course) })}
                onClick={() => choose(wanted.filter((_, j) => j !== i))}
              >
                {wording.leaveOut()}
              </Button>
            </li>
          ))}
        </ol>
        {wanted.length < MOST && (
          <SelectField
            label={wanted.length === 0 ? wording.beginWith() : wording.thenWord()}
            value=""
            onChange={(e) => choose([...wanted, { course: e.target.value, beside: false }])}
          >
            <option value="">{wording.chooseACourse2()}</option>
            {courses.map((c) => (
              <option key={c.id} value={c.id}>
                {c.title}, {wording.weeks2({ weeks: c.weeks })}
              </option>
            ))}
          </SelectField>
        )}
        <Refused error={lay.error} className="mt-2" />
        <p className="mt-4">
          <Link to="/course" className={LINE_LINK}>
            {wording.theCourse()}
          </Link>
        </p>
      </Leaf>
      <Leaf second aria-label={wording.howItFillsTheYear()}>
        {wanted.length === 0 || !lay.data ? (
          <p className="text-faded">{wording.chooseACourseAndTheYear()}</p>
        ) : (
          <Laid year={lay.data} />
        )}
      </Leaf>
    </TwoLeaves>
  )
}

function Laid({ year }: { year: Schemas['YearAheadView'] }) {
  const format = useFormats()
  const start = Date.parse(year.from)
  const place = (date: string) => ((Date.parse(date) - start) / (366 * 86_400_000)) * 100
  return (
    <>
      <h2>{wording.fromFrom({ from: format.dayMonthYear(year.from) })}</h2>
      <p>
        {wording.plannedMinutesOfRoomMinutesThatYourDays({
          plannedMinutes: format.minutes(year.plannedMinutes),
          roomMinutes: format.minutes(year.roomMinutes),
        })}
        {year.roomMinutes > 0 && ` (${format.percent(year.plannedMinutes / year.roomMinutes)})`}.
      </p>
      <p className="text-faded">
        {year.ownWeeks > 0
          ? wording.weeksTakeStretchTimesAsLong({
              stretch: format.number(Math.round(year.stretch * 100) / 100),
              ownWeeks: year.ownWeeks,
            })
          : wording.takenAsLongAsPlannedYour()}
      </p>
      <ol className="mt-3">
        {year.lines.map((line, i) => (
          <li key={i} className="border-hairline border-b py-2">
            <p>
              <span className="font-serif text-lg">{line.title}</span>{' '}
              <span className="text-faded">
                {wording.fromToToWeeksMinutesAWeekA({
                  from: format.dayMonthYear(line.from),
                  to: format.dayMonthYear(line.to),
                  weeks: line.weeks,
                  minutesAWeek: format.minutes(line.minutesAWeek),
                })}
              </span>
            </p>
            <div aria-hidden className="bg-hairline relative mt-1 h-1.5">
              <div
                className={`absolute h-1.5 ${line.share > 1 ? 'bg-sanguine' : 'bg-ink'}`}
                style={{
                  left: `${Math.min(100, place(line.from))}%`,
                  right: `${Math.max(0, 100 - place(line.to))}%`,
                }}
              />
            </div>
            <p className={line.share > 1 ? 'text-sanguine' : 'text-faded'}>
              {line.share === 0
                ? wording.noRoomOnTheseDays()
                : wording.takesShareOfTheRoomOf({ share: format.percent(line.share), over: line.share > 1 })}
              {!line.inYear && wording.andEndsBeyondTheYear()}
            </p>
          </li>
        ))}
      </ol>
      {year.fullest > Math.max(...year.lines.map((l) => l.share)) && (
        <p className={`mt-2 ${year.fullest > 1 ? 'text-sanguine' : ''}`}>
          {wording.sideBySideTheyTakeFullest({ fullest: format.percent(year.fullest) })}
          {year.fullest > 1 && wording.thatDoesNotFit()}.
        </p>
      )}
    </>
  )
}
