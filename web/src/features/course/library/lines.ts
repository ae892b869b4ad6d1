import type { Schemas } from '../../../api/client'
import { exerciseIds, idFor, type CourseDocument, type ExerciseDocument, type WeekDocument } from './document'
import { wording } from '../wording'

/** A course in plain lines. */
export function toLines(course: CourseDocument): string {
  return course.weeks
    .map((week, i) =>
      [
        wording.weekITitle({ i: i + 1, title: week.title === `Week ${i + 1}` ? '' : week.title }).trimEnd(),
        ...week.exercises.map(line),
      ].join('\n'),
    )
    .join('\n\n')
}

/** An exercise as a line. */
function line(e: ExerciseDocument): string {
  const source = e.source ? `, ${e.source}` : ''
  return e.drawings === undefined
    ? wording.titleMinutesMinSource({ title: e.title, minutes: e.minutes ?? 0, source })
    : wording.drawingsTitleMinutesEachMinEachSource({
        drawings: e.drawings,
        title: e.title,
        minutesEach: e.minutesEach ?? 1,
        source,
      })
}

/**
 * The weeks that lines say. A line that stands as the course has it keeps its exercise whole; one that was
 * changed keeps what lines do not speak of, as long as its title stays.
 */
export function fromLines(read: Schemas['SyllabusView'], course: CourseDocument): CourseDocument['weeks'] {
  const left = course.weeks.flatMap((week) => week.exercises)
  const take = (fits: (e: ExerciseDocument) => boolean) => {
    const at = left.findIndex(fits)
    return at < 0 ? undefined : left.splice(at, 1)[0]
  }
  // Lines that stay are found first, so that a changed one takes nothing away from them.
  const kept = read.weeks.map((week) => week.exercises.map((e) => take((b) => line(b) === e.line)))
  const ids = exerciseIds(course)
  const before = weeksBefore(read, course)
  return read.weeks.map((week, i) => {
    const exercises = week.exercises.map((e, j) => {
      const whole = kept[i]?.[j]
      if (whole) {
        return whole
      }
      const same = take((b) => b.title.toLowerCase() === e.title.toLowerCase())
      const id = same?.id ?? idFor(`${course.id}-${i + 1}-${j + 1}`, ids)
      ids.push(id)
      return exerciseOf(e, same, id)
    })
    return weekOf(week, before[i], exercises, i + 1)
  })
}

/** For each week read, the one it was: that of the same title, else the one at its place if its title is gone. */
function weeksBefore(read: Schemas['SyllabusView'], course: CourseDocument): (WeekDocument | undefined)[] {
  const named = read.weeks.map((week, i) => course.weeks.find((b) => b.title === titleOf(week, i + 1)))
  return named.map((week, i) => {
    const there = course.weeks[i]
    return week ?? (there && !named.includes(there) ? there : undefined)
  })
}

const titleOf = (week: Schemas['ReadWeek'], number: number) => week.title || wording.weekNumber({ number })

/** Topics and resources that exercises brought along go and come with them; those told by hand stay. */
function weekOf(
  read: Schemas['ReadWeek'],
  before: WeekDocument | undefined,
  exercises: ExerciseDocument[],
  number: number,
): WeekDocument {
  const brought = (before?.exercises ?? []).flatMap((e) => [...topicsOf(e), e.resource])
  const byHand = (names: unknown) =>
    ((names as string[] | undefined) ?? []).filter((name) => !brought.includes(name))
  const topics = [...new Set([...byHand(before?.topics), ...exercises.flatMap(topicsOf)])]
  const resources = [
    ...new Set([
      ...byHand(before?.resources),
      ...exercises.flatMap((e) => (e.resource === undefined ? [] : [e.resource])),
    ]),
  ]
  return {
    ...before,
    title: titleOf(read, number),
    exercises,
    ...(topics.length > 0 || before?.topics ? { topics } : {}),
    ...(resources.length > 0 || before?.resources ? { resources } : {}),
  }
}

const topicsOf = (e: ExerciseDocument) => (e.topics as string[] | undefined) ?? []

const AMOUNT = ['drawings', 'minutesEach', 'minutes', 'chunk']

function exerciseOf(
  e: Schemas['ReadExercise'],
  same: ExerciseDocument | undefined,
  id: string,
): ExerciseDocument {
  const rest = Object.fromEntries(Object.entries(same ?? {}).filter(([key]) => !AMOUNT.includes(key)))
  return {
    ...rest,
    id,
    title: same?.title ?? e.title,
    kind: same?.kind ?? e.kind,
    ...(e.drawings == null
      ? { minutes: e.minutes ?? undefined, chunk: e.chunk }
      : { drawings: e.drawings, minutesEach: e.minutesEach ?? undefined, chunk: e.chunk }),
    ...(e.source ? { source: e.source } : {}),
    ...(e.resource ? { resource: e.resource } : {}),
    ...(e.topics.length > 0 ? { topics: e.topics } : {}),
  } as ExerciseDocument
}
