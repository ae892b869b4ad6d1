import { wording } from '../wording'
/** A course as its file holds it. Fields that the format does not know ride along untouched. */
export type CourseDocument = {
  format: number
  id: string
  title: string
  summary?: string
  baseline?: BaselineDocument
  weeks: WeekDocument[]
  [other: string]: unknown
}

export type BaselineDocument = { subjects: string[]; minutesEach: number; again?: string[] }

export type WeekDocument = {
  title: string
  aim?: string
  topics?: string[]
  exercises: ExerciseDocument[]
  [other: string]: unknown
}

export type ExerciseDocument = {
  id: string
  title: string
  kind: string
  drawings?: number
  minutesEach?: number
  minutes?: number
  chunk?: number
  source?: string
  resource?: string
  text?: string
  lookFor?: string
  [other: string]: unknown
}

export const KINDS = ['warm-up', 'lesson', 'drill', 'timed-poses', 'study', 'applied', 'checkpoint', 'free']

export const SOURCES = [
  'life',
  'photo',
  wording.masterCopy(),
  'traced',
  'memory',
  'imagination',
  wording.lessonAlong(),
]

/** A lower-case id made of the words of a text, not yet taken. */
export function idFor(text: string, taken: string[]): string {
  const words = text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 60)
  const base = words || 'exercise'
  let id = base
  for (let n = 2; taken.includes(id); n++) {
    id = `${base}-${n}`
  }
  return id
}

export const exerciseIds = (course: CourseDocument) =>
  course.weeks.flatMap((week) => week.exercises.map((e) => e.id))

export const newCourse = (): CourseDocument => ({
  format: 2,
  id: 'my-course',
  title: wording.myCourse(),
  summary: '',
  weeks: [newWeek(1)],
})

export const newWeek = (n: number): WeekDocument => ({
  title: wording.weekN({ n }),
  aim: '',
  topics: [],
  exercises: [],
})

/** Puts the item at one place to another. */
export function moved<T>(items: T[], from: number, to: number): T[] {
  const next = [...items]
  const [item] = next.splice(from, 1)
  if (item !== undefined) {
    next.splice(to, 0, item)
  }
  return next
}
