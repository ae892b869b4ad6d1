import type { Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import type { Formats } from '../../ui/locale'
import { wording } from './wording'

/** How a phrase of the log line is called. */
export const FIELD_NAMES: Record<Schemas['Phrase']['field'], string> = {
  EXERCISE: wording.exercise(),
  TOPIC: wording.topic(),
  DRAWINGS: wording.drawings(),
  MINUTES: wording.minutes(),
  MEDIUM: wording.medium(),
  SOURCE: wording.source(),
  RESOURCE: wording.resource(),
  UNITS: wording.units(),
  HOW: wording.resourceUsed(),
  FACET: wording.shows(),
  BOOK: wording.book(),
  PAGES: wording.page(),
  POSES: wording.poses(),
  MARK: wording.mark(),
  OWN_FIGURE: wording.counted(),
  DAY: wording.day(),
  TIME: wording.time(),
  WENT_WRONG: wording.wentWrong(),
  NEXT_TIME: wording.nextTime(),
  NOTE: wording.note(),
  UNKNOWN: wording.notUnderstood(),
}

/** What a problem in the log line means. */
const PROBLEMS: Record<Exclude<Schemas['Phrase']['problem'], 'NONE' | 'OUT_OF_RANGE'>, string> = {
  AHEAD: wording.liesAheadAnEntryIsFor(),
  NO_SUCH_DATE: wording.isNoDateThereIs(),
  EACH_WITHOUT_COUNT: wording.needsANumberOfDrawings(),
  UNUSUAL: wording.isFarMoreThanEverBefore(),
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
    ? wording.isNotFromMinToMax({ min: format.number(bounds.min), max: format.number(bounds.max) })
    : wording.isOutsideWhatCanBeKept()
}

/** What a choice makes of the words or figures in question. */
export function choiceLabel({ label, as }: Schemas['Choice'], words: string): string {
  switch (as) {
    case 'DRAWINGS':
      return `${label} ${wording.drawings2({ label: Number(label) })}`
    case 'MINUTES':
      return wording.labelMin({ label })
    case 'PAGES':
      return wording.pageLabel({ label })
    case 'MARK':
      return wording.markLabel({ label })
    case 'TIME':
      return wording.atLabel({ label })
    case 'NOTE':
      return wording.aRemark()
    case 'TOPIC':
      return wording.aNewTopicWords({ words })
    case 'MEDIUM':
    case 'SOURCE':
    case 'BOOK':
    case 'RESOURCE':
      return label === words ? wording.aNewAs({ as: FIELD_NAMES[as] }) : label
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
