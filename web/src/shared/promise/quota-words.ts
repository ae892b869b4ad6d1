import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { wording } from './wording'

type Terms = Schemas['QuotaTerms']

/** What is counted, as a noun for many. */
export const UNITS: Record<Terms['unit'], string> = {
  DRAWINGS: wording.drawings(),
  PAGES: wording.pages(),
  MINUTES: wording.minutes(),
  PROMPTS: wording.prompts(),
}

const COUNTED: Record<Terms['unit'], (args: { count: number; number: string }) => string> = {
  DRAWINGS: (args) => wording.numberOfDrawings(args),
  PAGES: (args) => wording.numberOfPages(args),
  MINUTES: (args) => wording.numberOfMinutes(args),
  PROMPTS: (args) => wording.numberOfPrompts(args),
}

/** Rules that a quota may be kept to, and how an entry is asked about them. */
export const RULES: Record<Terms['rules'][number], { name: string; ask: string }> = {
  PEN_ONLY: { name: wording.penOnly(), ask: wording.penOnly2() },
  NO_ERASER: { name: wording.noEraser(), ask: wording.withoutTheEraser() },
  FROM_LIFE: { name: wording.fromLifeOnly(), ask: wording.fromLife() },
  ONE_SUBJECT: { name: wording.oneSubject(), ask: wording.ofTheOneSubject() },
  FINISH_EVERY_PAGE: { name: wording.finishEveryPage(), ask: wording.finishedThePage() },
}

/** "9 drawings", "1 page". */
export const units = (count: number, unit: Terms['unit'], format: Formats) =>
  COUNTED[unit]({ count, number: format.number(count) })
