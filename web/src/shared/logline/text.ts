import type { Schemas } from '../../api/client'

/** How a phrase of the log line is called. */
export const FIELD_NAMES: Record<Schemas['Phrase']['field'], string> = {
  EXERCISE: 'exercise',
  TOPIC: 'topic',
  DRAWINGS: 'drawings',
  MINUTES: 'minutes',
  MEDIUM: 'medium',
  SOURCE: 'source',
  RESOURCE: 'resource',
  BOOK: 'book',
  PAGES: 'page',
  POSES: 'poses',
  MARK: 'mark',
  DAY: 'day',
  TIME: 'time',
  WENT_WRONG: 'went wrong',
  NEXT_TIME: 'next time',
  NOTE: 'note',
  UNKNOWN: 'not understood',
}

/** What a problem in the log line means. */
export const PROBLEMS: Record<Exclude<Schemas['Phrase']['problem'], 'NONE'>, string> = {
  OUT_OF_RANGE: 'is outside what can be kept',
  AHEAD: 'lies ahead; an entry is for today or earlier',
  NO_SUCH_DATE: 'is no date there is',
  EACH_WITHOUT_COUNT: 'needs a number of drawings',
  UNUSUAL: 'is far more than ever before',
}

/** What a choice makes of the words or figures in question. */
export function choiceLabel({ label, as }: Schemas['Choice'], words: string): string {
  switch (as) {
    case 'DRAWINGS':
      return `${label} drawings`
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
    default:
      return label
  }
}
