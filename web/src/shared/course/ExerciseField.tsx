import { useQuery } from '@tanstack/react-query'
import type { ChangeEvent } from 'react'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { SelectField, type Wrong } from '../../ui/Field'
import { upperFirst } from '../../ui/text'
import { wording } from './wording'

/** One of the exercises of all courses that are followed: this week's first, then course by course and week by week. */
export function ExerciseField({
  none,
  known,
  ...rest
}: {
  label: string
  /** What stands for no exercise. */
  none: string
  value: string
  error?: Wrong
  /** An entry whose exercise is offered even when no course has it any more. */
  known?: Schemas['EntryView'] | undefined
  onChange: (event: ChangeEvent<HTMLSelectElement>) => void
}) {
  const course = useQuery(queries.course()).data
  const exercises = course?.exercises ?? []
  // Weeks of two courses may have the same key.
  const place = (e: Schemas['NamedExercise']) =>
    e.now ? wording.nowCourse({ course: e.course }) : `${e.course} ${e.weekKey}`
  const inOrder = [...exercises.filter((e) => e.now), ...exercises.filter((e) => !e.now)]
  const groups = [...new Set(inOrder.map(place))].map((key) => inOrder.filter((e) => place(e) === key))
  const several = new Set(exercises.map((e) => e.course)).size > 1
  const label = (e: Schemas['NamedExercise']) =>
    `${several ? `${e.course}: ` : ''}${e.now ? wording.thisWeek() : e.weekTitle}`
  const id = known?.fields.exerciseId
  const unknown = id && course && !exercises.some((e) => e.exerciseId === id)
  return (
    <SelectField key={course ? 'read' : 'reading'} {...rest}>
      <option value="">{none}</option>
      {unknown && <option value={id}>{known.exerciseTitle}</option>}
      {groups.map((group, i) => (
        <optgroup key={i} label={group[0] ? upperFirst(label(group[0])) : ''}>
          {group.map((e) => (
            <option key={e.exerciseId} value={e.exerciseId}>
              {e.title}
            </option>
          ))}
        </optgroup>
      ))}
    </SelectField>
  )
}
