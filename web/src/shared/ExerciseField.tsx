import { useQuery } from '@tanstack/react-query'
import type { ChangeEvent } from 'react'
import type { Schemas } from '../api/client'
import { queries } from '../api/queries'
import { SelectField } from '../ui/Field'

/** One of the exercises of all courses that are followed: this week's first, then week by week. */
export function ExerciseField({
  none,
  known,
  ...rest
}: {
  label: string
  /** What stands for no exercise. */
  none: string
  value: string
  error?: string | undefined
  /** An entry whose exercise is offered even when no course has it any more. */
  known?: Schemas['EntryView'] | undefined
  onChange: (event: ChangeEvent<HTMLSelectElement>) => void
}) {
  const course = useQuery(queries.course()).data
  const exercises = course?.exercises ?? []
  const later = exercises.filter((e) => !e.now)
  const groups = [
    exercises.filter((e) => e.now),
    ...[...new Set(later.map((e) => e.weekKey))].map((key) => later.filter((e) => e.weekKey === key)),
  ].filter((group) => group.length > 0)
  const id = known?.fields.exerciseId
  const unknown = id && course && !exercises.some((e) => e.exerciseId === id)
  return (
    <SelectField key={course ? 'read' : 'reading'} {...rest}>
      <option value="">{none}</option>
      {unknown && <option value={id}>{known.exerciseTitle}</option>}
      {groups.map((group, i) => (
        <optgroup key={i} label={group[0]?.now ? 'This week' : (group[0]?.weekTitle ?? '')}>
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
