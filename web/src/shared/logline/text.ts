import type { Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import type { Formats } from '../../ui/locale'
import { noun } from '../../ui/plural'

/** How a phrase of the log line is called. */
export const FIELD_NAMES: Record<Schemas['Phrase']['field'], string> = {
  EXERCISE: 'exercise',
  TOPIC: 'topic',
  DRAWINGS: 'drawings',
  MINUTES: 'minutes',
  MEDIUM: 'medium',
  SOURCE: 'source',
  RESOURCE: 'resource',
  UNITS: 'units',
  HOW: 'resource used',
  FACET: 'shows',
  BOOK: 'book',
  PAGES: 'page',
  POSES: 'poses',
  MARK: 'mark',
  OWN_FIGURE: 'counted',
  DAY: 'day',
  TIME: 'time',
  WENT_WRONG: 'went wrong',
  NEXT_TIME: 'next time',
  NOTE: 'note',
  UNKNOWN: 'not understood',
}

/** What a problem in the log line means. */
const PROBLEMS: Record<Exclude<Schemas['Phrase']['problem'], 'NONE' | 'OUT_OF_RANGE'>, string> = {
  AHEAD: 'lies ahead; an entry is for today or earlier',
  NO_SUCH_DATE: 'is no date there is',
  EACH_WITHOUT_COUNT: 'needs a number of drawings',
  UNUSUAL: 'is far more than ever before',
}

/** The bounds of what a field holds; poses have their own in each row. */
const WITHIN: Partial<Record<Schemas['Phrase']['field'], { min: number; max: number }>> = {
  DRAWINGS: BOUNDS.EntryFields.drawings,
  MINUTES: BOUNDS.EntryFields.minutes,
  MARK: BOUNDS.EntryFields.mark,
  PAGES: BOUNDS.EntryFields.pageFrom,
  OWN_FIGURE: BOUNDS.StudyFields.ownCount,
}

/** Why a phrase cannot be used. */
export function trouble({ problem, field }: Schemas['Phrase'], format: Formats): string {
  if (problem === 'NONE') {
    return ''
  }
  if (problem !== 'OUT_OF_RANGE') {
    return PROBLEMS[problem]
  }
  const bounds = WITHIN[field]
  return bounds
    ? `is not from ${format.number(bounds.min)} to ${format.number(bounds.max)}`
    : 'is outside what can be kept'
}

/** What a choice makes of the words or figures in question. */
export function choiceLabel({ label, as }: Schemas['Choice'], words: string): string {
  switch (as) {
    case 'DRAWINGS':
      return `${label} ${noun(Number(label), 'drawing')}`
    case 'MINUTES':
      return `${label} min`
    case 'PAGES':
      return `page ${label}`
    case 'MARK':
      return `mark ${label}`
    case 'TIME':
      return `at ${label}`
    case 'NOTE':
      return 'a remark'
    case 'TOPIC':
      return `a new topic, “${words}”`
    case 'MEDIUM':
    case 'SOURCE':
    case 'BOOK':
    case 'RESOURCE':
      return label === words ? `a new ${FIELD_NAMES[as]}` : label
    case 'EXERCISE':
    case 'UNITS':
    case 'HOW':
    case 'FACET':
    case 'POSES':
    case 'OWN_FIGURE':
    case 'DAY':
    case 'WENT_WRONG':
    case 'NEXT_TIME':
    case 'UNKNOWN':
    case null:
    case undefined:
      return label
  }
}
