import type { Terms } from './text'

/** The terms as they are typed; numbers are text until they are read. */
export type Draft = Omit<
  Terms,
  'count' | 'days' | 'step' | 'weeks' | 'secondsEach' | 'minutesADay' | 'due'
> & {
  count: string
  days: string
  step: string
  weeks: string
  minutesEach: string
  minutesADay: string
  due: string
}

const DAY_MS = 86_400_000
const later = (day: string, days: number) =>
  new Date(Date.parse(`${day}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)

export const newTerms = (today: string): Draft => ({
  title: '',
  kind: 'SPRINT',
  count: '',
  days: '30',
  step: '5',
  weeks: '8',
  start: today,
  due: later(today, 13),
  unit: 'DRAWINGS',
  topic: '',
  exercise: '',
  medium: '',
  source: '',
  book: '',
  rest: [],
  policy: 'SPREAD',
  rules: [],
  minutesEach: '5',
  minutesADay: '',
  beside: false,
})

const text = (value: string | number | null | undefined) => (value == null ? '' : String(value))

export const fromTerms = (terms: Terms): Draft => ({
  ...terms,
  count: text(terms.count),
  days: text(terms.days ?? 30),
  step: text(terms.step ?? 5),
  weeks: text(terms.weeks ?? 8),
  due: terms.due ?? later(terms.start, 13),
  topic: text(terms.topic),
  exercise: text(terms.exercise),
  medium: text(terms.medium),
  source: text(terms.source),
  book: text(terms.book),
  minutesEach: text(Math.round(terms.secondsEach / 6) / 10),
  minutesADay: text(terms.minutesADay),
})

export type Errors = Partial<Record<keyof Draft, string>>

/** Reads what was typed; terms only when all of it can be read, else what is wrong where. */
export function toTerms(draft: Draft): { terms?: Terms; errors: Errors } {
  const errors: Errors = {}
  const whole = (field: 'count' | 'days' | 'step' | 'weeks' | 'minutesADay', most: number) => {
    const typed = draft[field].trim()
    if (!/^\d+$/.test(typed) || Number(typed) < 1 || Number(typed) > most) {
      errors[field] = typed === '' ? '' : `A whole number from 1 to ${most}, not “${typed}”.`
      return undefined
    }
    return Number(typed)
  }
  const { kind } = draft
  const count = whole('count', 10_000)
  const days = kind === 'DAILY_RUN' ? whole('days', 1100) : null
  const step = kind === 'RAMP' ? whole('step', 10_000) : null
  const weeks = kind === 'RAMP' ? whole('weeks', 157) : null
  const minutesADay = draft.minutesADay.trim() === '' ? null : whole('minutesADay', 960)
  const each = Number(draft.minutesEach.replace(',', '.'))
  if (!(each >= 0.1 && each <= 480)) {
    errors.minutesEach = `Minutes from 0.1 to 480, not “${draft.minutesEach}”.`
  }
  const dated = kind === 'SPRINT' || kind === 'PROMPT_LIST'
  if (!draft.start) {
    errors.start = 'A first day is needed.'
  }
  if (dated && (!draft.due || draft.due < draft.start)) {
    errors.due = draft.due ? 'The last day is before the first.' : 'A last day is needed.'
  }
  if (draft.rest.length === 7) {
    errors.rest = 'One weekday at least is needed to draw on.'
  }
  if (Object.keys(errors).length > 0) {
    return { errors }
  }
  return {
    errors,
    terms: {
      kind,
      start: draft.start,
      topic: draft.topic || null,
      exercise: draft.exercise || null,
      medium: draft.medium || null,
      source: draft.source || null,
      book: draft.book || null,
      rest: draft.rest,
      policy: draft.policy,
      rules: draft.rules,
      beside: draft.beside,
      title: draft.title.trim() || 'A quota',
      unit: kind === 'PROMPT_LIST' ? 'PROMPTS' : draft.unit === 'PROMPTS' ? 'DRAWINGS' : draft.unit,
      count: count ?? 1,
      days: days ?? null,
      step: step ?? null,
      weeks: weeks ?? null,
      due: dated ? draft.due : null,
      secondsEach: draft.unit === 'MINUTES' ? 60 : Math.max(5, Math.round(each * 60)),
      minutesADay: minutesADay ?? null,
    },
  }
}
