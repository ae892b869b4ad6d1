import type { Schemas } from '../../api/client'

type View = Schemas['EntryView']

export const entryName = (entry: View) =>
  entry.exerciseTitle ?? entry.topic ?? (entry.drawings ? 'Drawings' : 'Drawing')

export const entryTime = (entry: View) => entry.time?.slice(0, 5) ?? ''

/** Pages as "p 41–43". */
export function pages(entry: { pageFrom?: number | null; pageTo?: number | null }): string | undefined {
  if (entry.pageFrom == null) {
    return undefined
  }
  return entry.pageTo != null && entry.pageTo !== entry.pageFrom
    ? `p ${entry.pageFrom}–${entry.pageTo}`
    : `p ${entry.pageFrom}`
}

/** " · 4 · brush pen · life · p 86–87 · mark 3" */
export function entryFacts(entry: View): string {
  const facts = [
    entry.drawings,
    entry.medium,
    entry.source,
    pages(entry),
    entry.mark == null ? undefined : `mark ${entry.mark}`,
    entry.poses,
  ]
  return facts
    .filter((fact) => fact != null && fact !== '')
    .map((fact) => ` · ${fact}`)
    .join('')
}

/** How the fields of an entry are called on screen. */
export const FIELDS: Record<keyof Schemas['EntryFields'], string> = {
  day: 'Day',
  time: 'Time',
  exerciseId: 'Exercise',
  topic: 'Topic, where no exercise fits',
  drawings: 'Drawings',
  minutes: 'Minutes',
  source: 'Source',
  medium: 'Medium',
  resource: 'Resource',
  book: 'Book',
  pageFrom: 'First page',
  pageTo: 'Last page',
  mark: 'Mark, 1 to 5',
  wentWrong: 'Went wrong',
  nextTime: 'Next time',
  note: 'Note',
  poses: 'Poses',
}
