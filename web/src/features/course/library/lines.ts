import type { Schemas } from '../../../api/client'
import {
  exerciseIds,
  idFor,
  SOURCES,
  type CourseDocument,
  type ExerciseDocument,
  type WeekDocument,
} from './document'

/** A course in plain lines. */
export function toLines(course: CourseDocument): string {
  return course.weeks
    .map((week, i) =>
      [
        `Week ${i + 1}: ${week.title === `Week ${i + 1}` ? '' : week.title}`.trimEnd(),
        ...week.exercises.map(line),
      ].join('\n'),
    )
    .join('\n\n')
}

/** An exercise as a line; one that came from a line keeps it while it says the same. */
function line(e: ExerciseDocument): string {
  const source = e.source ? `, ${e.source}` : ''
  return e.drawings === undefined
    ? `${e.title}, ${e.minutes ?? 0} min${source}`
    : `${e.drawings} ${e.title}, ${e.minutesEach ?? 1} min each${source}`
}

/** The weeks that lines say; what the lines do not speak of stays with exercises of the same title. */
export function fromLines(read: Schemas['SyllabusView'], course: CourseDocument): CourseDocument['weeks'] {
  const taken: string[] = []
  return read.weeks.map((week, i) => {
    const before = course.weeks[i]
    const exercises = week.exercises.map((e, j) => {
      const same = before?.exercises.find(
        (b) => b.title.toLowerCase() === e.title.toLowerCase() && !taken.includes(b.id),
      )
      const exercise = exerciseOf(
        e,
        same,
        idFor(`${course.id}-${i + 1}-${j + 1}`, [...exerciseIds(course), ...taken]),
      )
      taken.push(exercise.id)
      return exercise
    })
    const topics = [...new Set(week.exercises.flatMap((e) => e.topics))]
    const resources = [...new Set(week.exercises.flatMap((e) => (e.resource ? [e.resource] : [])))]
    const next: WeekDocument = {
      ...before,
      title: week.title || `Week ${i + 1}`,
      exercises,
    }
    if (topics.length > 0) {
      next.topics = [...new Set([...(before?.topics ?? []), ...topics])]
    }
    if (resources.length > 0) {
      next.resources = [...new Set([...((before?.resources as string[] | undefined) ?? []), ...resources])]
    }
    return next
  })
}

function exerciseOf(
  e: Schemas['ReadExercise'],
  same: ExerciseDocument | undefined,
  id: string,
): ExerciseDocument {
  const rest = Object.fromEntries(
    Object.entries(same ?? {}).filter(
      ([key]) => !['drawings', 'minutesEach', 'minutes', 'chunk'].includes(key),
    ),
  )
  const amount =
    e.drawings == null
      ? { minutes: e.minutes ?? 60, chunk: Math.min(e.minutes ?? 60, 15) }
      : { drawings: e.drawings, minutesEach: e.minutesEach ?? 1, chunk: 1 }
  return {
    ...rest,
    id: same?.id ?? id,
    title: same?.title ?? e.title,
    kind: same?.kind ?? e.kind,
    ...amount,
    ...(e.source && SOURCES.includes(e.source) ? { source: e.source } : {}),
    ...(e.resource ? { resource: e.resource } : {}),
    ...(e.topics.length > 0 && !e.proposed.includes('TOPIC') ? { topics: e.topics } : {}),
  }
}
