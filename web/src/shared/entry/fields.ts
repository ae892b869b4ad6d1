import { BOUNDS } from '../../api/generated/bounds'
import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { dayFault } from '../../ui/DateField'
import { numberFault } from '../../ui/NumberField'
import { studyFacts, studyFault, toStudy, toStudyDraft, type StudyDraft } from './study'
import { wording } from './wording'

export type Entry = Schemas['EntryView']
export type Fields = Schemas['EntryFields']
type Field = keyof Fields

/** How a field is written: a name is looked up among those of its kind, poses come from a sitting. */
type Kind = 'day' | 'time' | 'exercise' | 'number' | 'text' | 'poses' | 'study' | Schemas['NameView']['kind']

/** Every field of an entry in the order of the form: its label, and how it is written. */
export const FIELDS: { [F in Field]: { label: string; kind: Kind } } = {
  day: { label: wording.day(), kind: 'day' },
  time: { label: wording.time(), kind: 'time' },
  exerciseId: { label: wording.exercise(), kind: 'exercise' },
  topic: { label: wording.topicWhereNoExerciseFits(), kind: 'TOPIC' },
  drawings: { label: wording.drawings(), kind: 'number' },
  minutes: { label: wording.minutes(), kind: 'number' },
  medium: { label: wording.medium(), kind: 'MEDIUM' },
  source: { label: wording.source(), kind: 'SOURCE' },
  book: { label: wording.book(), kind: 'BOOK' },
  pageFrom: { label: wording.firstPage(), kind: 'number' },
  pageTo: { label: wording.lastPage(), kind: 'number' },
  resource: { label: wording.resource(), kind: 'RESOURCE' },
  mark: { label: wording.mark1To5(), kind: 'number' },
  wentWrong: { label: wording.wentWrong(), kind: 'text' },
  nextTime: { label: wording.nextTime(), kind: 'text' },
  note: { label: wording.note(), kind: 'text' },
  poses: { label: wording.poses(), kind: 'poses' },
  study: { label: wording.whatWasLearned(), kind: 'study' },
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
              ? wording.aDayIsNeeded()
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
  exerciseTitle ??
  fields.topic ??
  (fields.drawings ? wording.drawings() : fields.minutes ? wording.drawing() : wording.aNote())

/** "10 × 2 min, 5 × 30 s" */
export const posesText = (poses: Fields['poses'], format: Formats) =>
  (poses ?? []).map((p) => `${p.count} × ${format.each(p.secondsEach)}`).join(', ')

/** Pages as "p 41–43"; "page 41" where there is room. */
export function pages({ pageFrom, pageTo }: Pick<Fields, 'pageFrom' | 'pageTo'>, long = false) {
  if (pageFrom == null) {
    return undefined
  }
  const last = pageTo ?? pageFrom
  const name = long ? wording.pages({ last: last - pageFrom + 1 }) : 'p'
  return last === pageFrom ? `${name} ${pageFrom}` : `${name} ${pageFrom}–${last}`
}

/** " · 4 · brush pen · life · p 86–87 · mark 3" */
export function entryFacts({ fields }: Entry, format: Formats): string {
  const facts = [
    fields.drawings,
    fields.medium,
    fields.source,
    pages(fields),
    fields.mark == null ? undefined : wording.markMark({ mark: fields.mark }),
    posesText(fields.poses, format),
    ...studyFacts(fields.study, fields.resource),
  ]
  return facts
    .filter((fact) => fact != null && fact !== '')
    .map((fact) => ` · ${fact}`)
    .join('')
}
