import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import { Refused } from '../../ui/Refused'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'

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
        <h1 id="year-ahead">A year ahead</h1>
        <p className="text-faded max-w-prose">
          Which courses would fill the next year, one after another or side by side, each as long as your own
          weeks make it. Nothing is placed by this.
        </p>
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
                  beside the one before
                </Check>
              )}
              <Button
                look="quiet"
                className="ml-auto"
                aria-label={`Leave out ${title(w.course)}`}
                onClick={() => choose(wanted.filter((_, j) => j !== i))}
              >
                Leave out
              </Button>
            </li>
          ))}
        </ol>
        {wanted.length < MOST && (
          <SelectField
            label={wanted.length === 0 ? 'Begin with' : 'Then'}
            value=""
            onChange={(e) => choose([...wanted, { course: e.target.value, beside: false }])}
          >
            <option value="">choose a course</option>
            {courses.map((c) => (
              <option key={c.id} value={c.id}>
                {c.title}, {plural(c.weeks, 'week')}
              </option>
            ))}
          </SelectField>
        )}
        <Refused error={lay.error} className="mt-2" />
        <p className="mt-4">
          <Link to="/course" className={LINE_LINK}>
            The course
          </Link>
        </p>
      </Leaf>
      <Leaf second aria-label="How it fills the year">
        {wanted.length === 0 || !lay.data ? (
          <p className="text-faded">Choose a course, and the year stands here.</p>
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
      <h2>From {format.dayMonthYear(year.from)}</h2>
      <p>
        {format.minutes(year.plannedMinutes)} of {format.minutes(year.roomMinutes)} that your days offer
        {year.roomMinutes > 0 && ` (${format.percent(year.plannedMinutes / year.roomMinutes)})`}.
      </p>
      <p className="text-faded">
        {year.ownWeeks > 0
          ? `Weeks take ${format.number(Math.round(year.stretch * 100) / 100)} times as long as planned, by ${plural(year.ownWeeks, 'week')} of your own.`
          : 'Taken as long as planned: your own weeks do not tell yet.'}
      </p>
      <ol className="mt-3">
        {year.lines.map((line, i) => (
          <li key={i} className="border-hairline border-b py-2">
            <p>
              <span className="font-serif text-lg">{line.title}</span>{' '}
              <span className="text-faded">
                {format.dayMonthYear(line.from)} to {format.dayMonthYear(line.to)},{' '}
                {plural(line.weeks, 'week')}, {format.minutes(line.minutesAWeek)} a week
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
                ? 'no room on these days'
                : `takes ${format.percent(line.share)} of the room of its days${line.share > 1 ? '; it does not fit' : ''}`}
              {!line.inYear && ', and ends beyond the year'}
            </p>
          </li>
        ))}
      </ol>
      {year.fullest > Math.max(...year.lines.map((l) => l.share)) && (
        <p className={`mt-2 ${year.fullest > 1 ? 'text-sanguine' : ''}`}>
          Side by side they take {format.percent(year.fullest)} of the room together where they are most
          {year.fullest > 1 && '; that does not fit'}.
        </p>
      )}
    </>
  )
}
