import { useState } from 'react'
import type { Schemas } from '../../../api/client'
import { useFormats } from '../../../ui/locale'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import {
  exerciseIds,
  idFor,
  moved,
  type CourseDocument,
  type ExerciseDocument,
  type WeekDocument,
} from './document'
import { startDrag } from './drag'
import { ExerciseEditor } from './ExerciseEditor'
import { wording } from '../wording'

/** One week of a course under edit: its words, its exercises, its load against the learner's own room. */
export function WeekEditor({
  week,
  number,
  course,
  load,
  path,
  reason,
  onChange,
  onMove,
  onRemove,
  onDrag,
  onDrop,
}: {
  week: WeekDocument
  number: number
  course: CourseDocument
  load: Schemas['WeekLoad'] | undefined
  path: string | undefined
  reason: string | undefined
  onChange: (week: WeekDocument) => void
  onMove: (to: number) => void
  onRemove: () => void
  onDrag: () => void
  onDrop: () => void
}) {
  const format = useFormats()
  const here = `weeks[${number - 1}]`
  const [open, setOpen] = useState(course.weeks.length < 4)
  const [dragged, setDragged] = useState<number>()
  const errorAt = (field: string) => (path === `${here}.${field}` ? reason : undefined)
  const setExercises = (exercises: ExerciseDocument[]) => onChange({ ...week, exercises })
  const add = () => {
    const title = wording.newExercise()
    setExercises([
      ...week.exercises,
      {
        id: idFor(`${course.id}-${number}-${week.exercises.length + 1}`, exerciseIds(course)),
        title,
        kind: 'drill',
        drawings: 10,
        minutesEach: 2,
        chunk: 1,
        source: 'life',
        text: '',
        lookFor: '',
      },
    ])
  }
  return (
    <section
      aria-label={wording.weekNumber({ number })}
      className="border-hairline border-t py-3"
      onDragOver={(event) => event.preventDefault()}
      onDrop={onDrop}
    >
      <div
        className="flex cursor-grab flex-wrap items-baseline gap-x-5"
        draggable
        onDragStart={(event) => {
          startDrag(event)
          onDrag()
        }}
      >
        <h2>
          {number}. {week.title}
        </h2>
        {load && (
          <span className={load.fits ? 'text-faded' : 'text-sanguine'}>
            {format.minutes(load.minutes)}
            {load.load != null && wording.loadOfYourRoom({ load: format.percent(load.load) })}
            {!load.fits && wording.doesNotFit()}
          </span>
        )}
        <span className="ml-auto flex flex-wrap gap-x-4">
          <Button look="quiet" onClick={() => setOpen(!open)} aria-expanded={open}>
            {open ? wording.fold() : wording.open()}
          </Button>
          <Button
            look="quiet"
            disabled={number === 1}
            onClick={() => onMove(number - 2)}
            aria-label={wording.weekNumberEarlier({ number })}
          >
            {wording.earlier()}
          </Button>
          <Button
            look="quiet"
            disabled={number === course.weeks.length}
            onClick={() => onMove(number)}
            aria-label={wording.weekNumberLater({ number })}
          >
            {wording.later()}
          </Button>
          <Button
            look="quiet"
            disabled={course.weeks.length === 1}
            onClick={onRemove}
            aria-label={wording.removeWeekNumber({ number })}
          >
            {wording.remove()}
          </Button>
        </span>
      </div>
      {open && (
        <>
          <div className="grid gap-x-6 gap-y-2 sm:grid-cols-3">
            <Field
              label={wording.titleOfTheWeek()}
              maxLength={120}
              value={week.title}
              error={errorAt('title')}
              onChange={(e) => onChange({ ...week, title: e.target.value })}
            />
            <Field
              label={wording.aim()}
              maxLength={400}
              value={week.aim ?? ''}
              error={errorAt('aim')}
              onChange={(e) => onChange({ ...week, aim: e.target.value })}
            />
            <Field
              label={wording.topicsWithCommas()}
              defaultValue={(week.topics ?? []).join(', ')}
              error={errorAt('topics')}
              onChange={(e) =>
                onChange({
                  ...week,
                  topics: e.target.value
                    .split(',')
                    .map((t) => t.trim())
                    .filter(Boolean),
                })
              }
            />
          </div>
          {week.exercises.map((exercise, i) => (
            <ExerciseEditor
              key={exercise.id}
              exercise={exercise}
              others={week.exercises.filter((e) => e.id !== exercise.id)}
              error={(field) => (path === `${here}.exercises[${i}].${field}` ? reason : undefined)}
              whole={path === `${here}.exercises[${i}]` ? reason : undefined}
              onChange={(next) => setExercises(week.exercises.map((e, j) => (j === i ? next : e)))}
              onEarlier={i > 0 ? () => setExercises(moved(week.exercises, i, i - 1)) : undefined}
              onLater={
                i < week.exercises.length - 1
                  ? () => setExercises(moved(week.exercises, i, i + 1))
                  : undefined
              }
              onRemove={() => setExercises(week.exercises.filter((_, j) => j !== i))}
              onDrag={() => setDragged(i)}
              onDrop={
                dragged === undefined
                  ? undefined
                  : () => {
                      setExercises(moved(week.exercises, dragged, i))
                      setDragged(undefined)
                    }
              }
            />
          ))}
          <Button onClick={add}>{wording.addAnExercise()}</Button>
        </>
      )}
    </section>
  )
}
