import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { noun } from '../../ui/plural'

type Terms = Schemas['QuotaTerms']

/** What is counted, as a noun. */
export const UNITS: Record<Terms['unit'], string> = {
  DRAWINGS: 'drawing',
  PAGES: 'page',
  MINUTES: 'minute',
  PROMPTS: 'prompt',
}

/** Rules that a quota may be kept to, and how an entry is asked about them. */
export const RULES: Record<Terms['rules'][number], { name: string; ask: string }> = {
  PEN_ONLY: { name: 'pen only', ask: 'Pen only?' },
  NO_ERASER: { name: 'no eraser', ask: 'Without the eraser?' },
  FROM_LIFE: { name: 'from life only', ask: 'From life?' },
  ONE_SUBJECT: { name: 'one subject', ask: 'Of the one subject?' },
  FINISH_EVERY_PAGE: { name: 'finish every page', ask: 'Finished the page?' },
}

/** "9 drawings", "1 page". */
export const units = (count: number, unit: Terms['unit'], format: Formats) =>
  `${format.number(count)} ${noun(count, UNITS[unit])}`
