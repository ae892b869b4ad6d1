import { BOUNDS } from '../../api/generated/bounds'
import { dayFault } from '../../ui/DateField'
import { later } from '../../ui/days'
import type { Formats } from '../../ui/locale'
import { numberFault, type NumberKind } from '../../ui/NumberField'
import type { Terms } from './text'
import { wording } from './wording'

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
  insists: false,
})

/** Kinds whose count is all of the promise, so that it may stay when one becomes another. */
const WHOLE: Terms['kind'][] = ['SPRINT', 'PROMPT_LIST', 'OWN_TIME']

/** The draft as another kind of promise: what meant something else before is empty again. */
export function ofKind(draft: Draft, kind: Terms['kind']): Draft {
  const fresh = newTerms(draft.start)
  const sameCount = WHOLE.includes(draft.kind) && WHOLE.includes(kind)
  return {
    ...draft,
    kind,
    count: sameCount ? draft.count : '',
    due: draft.due < draft.start ? fresh.due : draft.due,
    days: fresh.days,
    step: fresh.step,
    weeks: fresh.weeks,
    policy: kind === 'SPRINT' || kind === 'DAILY_RUN' || kind === 'PROMPT_LIST' ? draft.policy : fresh.policy,
    ...(kind === 'PROMPT_LIST' ? { topic: '', exercise: '', medium: '', source: '', book: '' } : {}),
    unit: draft.unit === 'PROMPTS' ? fresh.unit : draft.unit,
  }
}

/** Terms as they are typed. */
export function fromTerms(terms: Terms, format: Formats): Draft {
  const figure = (value: number | null | undefined, otherwise = '') =>
    value == null ? otherwise : format.writeNumber(value)
  const usual = newTerms(terms.start)
  return {
    ...terms,
    count: figure(terms.count),
    days: figure(terms.days, usual.days),
    step: figure(terms.step, usual.step),
    weeks: figure(terms.weeks, usual.weeks),
    due: terms.due ?? usual.due,
    topic: terms.topic ?? '',
    exercise: terms.exercise ?? '',
    medium: terms.medium ?? '',
    source: terms.source ?? '',
    book: terms.book ?? '',
    minutesEach: figure(Math.round(terms.secondsEach / 6) / 10),
    minutesADay: figure(terms.minutesADay),
  }
}

const { count, days, step, weeks, minutesADay, secondsEach } = BOUNDS.QuotaTerms

/** What the numbers of a draft may be. */
export const NUMBERS = {
  count,
  days,
  step,
  weeks,
  minutesADay,
  minutesEach: { min: secondsEach.min / 60, max: secondsEach.max / 60, decimals: true },
} satisfies Partial<Record<keyof Draft, NumberKind>>

type NumberName = keyof typeof NUMBERS

/** Numbers that a kind of promise asks for, besides those that all do. */
const ASKED: Record<Terms['kind'], NumberName[]> = {
  SPRINT: [],
  OWN_TIME: [],
  DAILY_RUN: ['days'],
  PROMPT_LIST: [],
  RAMP: ['step', 'weeks'],
  STANDING: [],
}

export type Errors = Partial<Record<keyof Draft, string>>

/** Reads what was typed; terms only when all of it can be read, else what is wrong where. */
export function toTerms(draft: Draft, format: Formats): { terms?: Terms; errors: Errors } {
  const { kind } = draft
  const dated = kind === 'SPRINT' || kind === 'PROMPT_LIST'
  const asked = ASKED[kind]
  const errors: Errors = {}
  const needed: NumberName[] = [
    'count',
    ...asked,
    ...(draft.unit === 'MINUTES' ? [] : (['minutesEach'] as const)),
  ]
  for (const field of [...needed, 'minutesADay'] as const) {
    const fault = numberFault(draft[field], NUMBERS[field], format)
    if (fault) {
      errors[field] = fault
    }
  }
  const empty = needed.filter((field) => draft[field].trim() === '')
  errors.start = draft.start === '' ? wording.aFirstDayIsNeeded() : dayFault(draft.start, format)
  if (dated) {
    errors.due =
      draft.due === ''
        ? wording.aLastDayIsNeeded()
        : (dayFault(draft.due, format) ??
          (draft.due < draft.start ? wording.theLastDayIsBeforeThe() : undefined))
  }
  if (draft.rest.length === 7) {
    errors.rest = wording.oneWeekdayAtLeastIsNeeded()
  }
  if (empty.length > 0 || Object.values(errors).some((error) => error !== undefined)) {
    return { errors }
  }
  const number = (field: NumberName) => format.readNumber(draft[field])
  const only = (field: NumberName) => (asked.includes(field) ? number(field) : null)
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
      insists: draft.insists,
      title: draft.title.trim() || wording.aQuota(),
      unit: kind === 'PROMPT_LIST' ? 'PROMPTS' : draft.unit === 'PROMPTS' ? 'DRAWINGS' : draft.unit,
      count: number('count') ?? 1,
      days: only('days'),
      step: only('step'),
      weeks: only('weeks'),
      due: dated ? draft.due : null,
      secondsEach:
        draft.unit === 'MINUTES'
          ? 60
          : Math.max(secondsEach.min, Math.round((number('minutesEach') ?? 1) * 60)),
      minutesADay: number('minutesADay') ?? null,
    },
  }
}
