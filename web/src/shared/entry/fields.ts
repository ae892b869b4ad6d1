import { BOUNDS } from '../../api/generated/bounds'
import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { dayFault } from '../../ui/DateField'
import { numberFault } from '../../ui/NumberField'
import { noun } from '../../ui/plural'
import { studyFacts, studyFault, toStudy, toStudyDraft, type StudyDraft } from './study'

export type Entry = Schemas['EntryView']
export type Fields = Schemas['EntryFields']
type Field = keyof Fields

/** How a field is written: a name is looked up among those of its kind, poses come from a sitting. */
type Kind = 'day' | 'time' | 'exercise' | 'number' | 'text' | 'poses' | 'study' | Schemas['NameView']['kind']

/** Every field of an entry in the order of the form: its label, and how it is written. */
export const FIELDS: { [F in Field]: { label: string; kind: Kind } } = {
  day: { label: 'Day', kind: 'day' },
  time: { label: 'Time', kind: 'time' },
  exerciseId: { label: 'Exercise', kind: 'exercise' },
  topic: { label: 'Topic, where no exercise fits', kind: 'TOPIC' },
  drawings: { label: 'Drawings', kind: 'number' },
  minutes: { label: 'Minutes', kind: 'number' },
  medium: { label: 'Medium', kind: 'MEDIUM' },
  source: { label: 'Source', kind: 'SOURCE' },
  book: { label: 'Book', kind: 'BOOK' },
  pageFrom: { label: 'First page', kind: 'number' },
  pageTo: { label: 'Last page', kind: 'number' },
  resource: { label: 'Resource', kind: 'RESOURCE' },
  mark: { label: 'Mark, 1 to 5', kind: 'number' },
  wentWrong: { label: 'Went wrong', kind: 'text' },
  nextTime: { label: 'Next time', kind: 'text' },
  note: { label: 'Note', kind: 'text' },
  poses: { label: 'Poses', kind: 'poses' },
  study: { label: 'What was learned', kind: 'study' },
}

export const NAMES_OF_FIELDS = Object.keys(FIELDS) as Field[]

/** A field with its bounds, as the server states them. */
export const boundsOf = (field: Field): { min?: number; max?: number; maxLength?: number } =>
  (BOUNDS.EntryFields as Record<string, object>)[field] ?? {}

/** The fields as they are typed; poses are carried along. */
export type Draft = Record<Exclude<Field, 'poses' | 'study'>, string> &
  Pick<Fields, 'poses'> & { study: StudyDraft }

export function toDraft(fields: Fields, format: Formats): Draft {
  const typed = NAMES_OF_FIELDS.map((field) => {
    const value = fields[field]
    if (field === 'poses') {
      return [field, value]
    }
    if (field === 'study') {
      return [field, toStudyDraft(fields.study, format)]
    }
    const shown = field === 'time' ? String(value ?? '').slice(0, 5) : value
    return [field, typeof shown === 'number' ? format.writeNumber(shown) : (shown ?? '')]
  })
  return Object.fromEntries(typed) as Draft
}

/** What is wrong with what was typed, by field. */
export function draftFaults(draft: Draft, format: Formats): Partial<Record<Field, string>> {
  const faults = NAMES_OF_FIELDS.flatMap((field) => {
    const { kind } = FIELDS[field]
    const typed = field === 'poses' || field === 'study' ? '' : draft[field]
    const fault =
      field === 'study'
        ? studyFault(draft.study, format)
        : kind === 'number'
          ? numberFault(typed, boundsOf(field), format)
          : kind === 'day'
            ? typed === ''
              ? 'A day is needed.'
              : dayFault(typed, format)
            : undefined
    return fault ? [[field, fault]] : []
  })
  return Object.fromEntries(faults)
}

/** What was typed into a field of one line. */
function read(kind: Kind, typed: string, format: Formats): string | number | null {
  switch (kind) {
    case 'number':
      return format.readNumber(typed) ?? null
    case 'day':
    case 'text':
      return typed
    case 'time':
    case 'exercise':
    case 'TOPIC':
    case 'MEDIUM':
    case 'SOURCE':
    case 'RESOURCE':
    case 'BOOK':
    case 'FACET':
    case 'poses':
    case 'study':
      return typed || null
  }
}

/** The entry that was typed, once nothing is wrong with it. */
export function toFields(draft: Draft, format: Formats): Fields {
  const all = NAMES_OF_FIELDS.map((field) => {
    if (field === 'poses') {
      return [field, draft.poses]
    }
    if (field === 'study') {
      return [field, toStudy(draft.study, format)]
    }
    return [field, read(FIELDS[field].kind, draft[field].trim(), format)]
  })
  return Object.fromEntries(all) as Fields
}

/** A field as it is shown beside another version of it. */
export function shown(fields: Fields, field: Field, format: Formats): string {
  if (field === 'study') {
    return studyFacts(fields.study, null).join(', ') || '—'
  }
  const value = fields[field]
  if (Array.isArray(value)) {
    return posesText(value, format) || '—'
  }
  return value == null || value === '' ? '—' : field === 'time' ? String(value).slice(0, 5) : String(value)
}

export const entryName = ({ exerciseTitle, fields }: Entry) =>
  exerciseTitle ?? fields.topic ?? (fields.drawings ? 'Drawings' : fields.minutes ? 'Drawing' : 'A note')

/** "10 × 2 min, 5 × 30 s" */
export const posesText = (poses: Fields['poses'], format: Formats) =>
  (poses ?? []).map((p) => `${p.count} × ${format.each(p.secondsEach)}`).join(', ')

/** Pages as "p 41–43"; "page 41" where there is room. */
export function pages({ pageFrom, pageTo }: Pick<Fields, 'pageFrom' | 'pageTo'>, long = false) {
  if (pageFrom == null) {
    return undefined
  }
  const last = pageTo ?? pageFrom
  const name = long ? noun(last - pageFrom + 1, 'page') : 'p'
  return last === pageFrom ? `${name} ${pageFrom}` : `${name} ${pageFrom}–${last}`
}

/** " · 4 · brush pen · life · p 86–87 · mark 3" */
export function entryFacts({ fields }: Entry, format: Formats): string {
  const facts = [
    fields.drawings,
    fields.medium,
    fields.source,
    pages(fields),
    fields.mark == null ? undefined : `mark ${fields.mark}`,
    posesText(fields.poses, format),
    ...studyFacts(fields.study, fields.resource),
  ]
  return facts
    .filter((fact) => fact != null && fact !== '')
    .map((fact) => ` · ${fact}`)
    .join('')
}
