import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats } from '../../app/locale'
import { Button } from '../../ui/Button'
import { Sheet } from '../../ui/Sheet'
import { Waiting } from '../../ui/Waiting'
import { remedies, shortfall } from '../plan-text'
import { ChooseCourse } from './ChooseCourse'
import { Ruler } from './Ruler'
import { WeekTable } from './WeekTable'

/** The course: a ruler of its weeks, and below it one week. */
export default function CoursePage() {
  const [params, setParams] = useSearchParams()
  const week = Number(params.get('week')) || undefined
  const query = useQuery({ ...queries.course(week), placeholderData: keepPreviousData })
  return (
    <Waiting query={query}>
      {(course) => <Page course={course} onWeek={(n) => setParams({ week: String(n) }, { replace: true })} />}
    </Waiting>
  )
}

function Page({ course, onWeek }: { course: Schemas['CourseView']; onWeek: (week: number) => void }) {
  const format = useFormats()
  const [choosing, setChoosing] = useState(false)
  const { placed, week } = course
  if (!placed || !week) {
    return (
      <div className="wide:px-8 px-4 py-6">
        <h1>Choose a course</h1>
        <p className="text-faded mb-4">
          You follow none. Days without a course are yours; a course plans them.
        </p>
        <ChooseCourse onDone={() => undefined} />
      </div>
    )
  }
  return (
    <>
      <div className="border-hairline wide:px-8 border-b px-4 pt-3 pb-1">
        <Ruler weeks={course.ruler} shown={week.number} onWeek={onWeek} />
      </div>
      <div className="wide:px-8 px-4 py-5">
        <div className="flex flex-wrap items-baseline gap-x-4">
          <h1>
            Week {week.number}: {lowerFirst(week.title)}
          </h1>
          <p className="text-faded">
            {format.range(week.from, week.to)} · {format.minutes(week.plannedMinutes)} planned,{' '}
            {format.minutes(week.doneMinutes)} done
          </p>
        </div>
        {week.aim && <p className="text-faded font-serif text-lg italic">{week.aim}</p>}
        <WeekTable week={week} today={course.today} />
        <div className="wide:grid-cols-2 mt-6 grid gap-8">
          <Remarks week={week} today={course.today} />
          <section>
            <h2>The course</h2>
            <p>
              {placed.title}, {placed.weeks} weeks from {format.dayMonthYear(placed.start)}; ends{' '}
              {format.dayMonthYear(placed.end)}.
            </p>
            <p className="text-faded">{placed.summary}</p>
            <Button className="mt-2" onClick={() => setChoosing(true)}>
              Follow another course
            </Button>
          </section>
        </div>
      </div>
      <Sheet
        open={choosing}
        onClose={() => setChoosing(false)}
        title="Follow another course"
        description={`${placed.title} ends with that. Everything you have drawn for it stays.`}
        wide
      >
        <ChooseCourse onDone={() => setChoosing(false)} leavable />
      </Sheet>
    </>
  )
}

function Remarks({ week, today }: { week: Schemas['WeekTable']; today: string }) {
  const format = useFormats()
  const missed = week.days
    .map((day, i) => ({ day, units: week.rows.filter((row) => row.cells[i]?.missed).length }))
    .filter(
      ({ day, units }) => units > 0 && week.rows.every((row) => !row.cells[week.days.indexOf(day)]?.done),
    )
  const over = week.to < today
  return (
    <section>
      <h2>Remarks</h2>
      {week.load != null && !over && (
        <p>
          The work left is {format.number(Math.round(week.load * 100))} % of the room left
          {week.load > 1 ? '.' : '; it fits.'}
        </p>
      )}
      {missed.length > 0 && (
        <p>
          {missed.map(({ day }) => format.weekday(day.date)).join(' and ')}{' '}
          {missed.length === 1 ? 'was' : 'were'} missed
          {over ? '.' : '; what was due is spread over the days left.'}
        </p>
      )}
      {week.shortfalls.length > 0 && !over && (
        <p>
          <span className="text-sanguine">
            Does not fit: {week.shortfalls.map((s) => shortfall(s, format)).join('; ')}.
          </span>{' '}
          {week.remedies && `It would fit with ${remedies(week.remedies, format).join(', or ')}.`}
        </p>
      )}
      {over && week.doneMinutes < week.plannedMinutes && (
        <p className="text-faded">What was left of this week was let go.</p>
      )}
      {week.topics.length > 0 && <p className="text-faded">Topics: {week.topics.join(', ')}.</p>}
    </section>
  )
}

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)
