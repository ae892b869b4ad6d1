import { expect, test } from 'vitest'
import {
  canBeDone,
  changes,
  dates,
  needed,
  needs,
  paceOrigin,
  promise,
  promisedAlready,
  remedies,
  sum,
  verdict,
  type Quota,
  type Sheet,
  type Terms,
} from './text'
import type { Formats } from '../../ui/locale'

const format = {
  number: String,
  percent: (share: number) => `${Math.round(share * 100)} %`,
  writeNumber: String,
  minutes: (m: number) => `${m} min`,
  each: (s: number) => `${s} s`,
  dayMonth: (d: string) => d.slice(5),
} as unknown as Formats

const terms: Quota['terms'] = {
  title: 'Mooring posts',
  kind: 'SPRINT',
  count: 90,
  start: '2026-03-05',
  due: '2026-03-14',
  unit: 'DRAWINGS',
  rest: [],
  policy: 'SPREAD',
  rules: [],
  secondsEach: 300,
  beside: false,
  insists: false,
}

const quota = (inTime: number, more: object = {}): Quota =>
  ({
    terms,
    progress: { asked: 90, left: 78, due: '2026-03-14', neededPerDay: 10, daysLeft: 8, minutesNeeded: 60 },
    forecast: {
      verdict: 'SLIPPING',
      inTime,
      basis: 'OWN_DAYS',
      plan: 9.75,
      ownDays: 3,
      reachable: 71,
      moreDays: 4,
      middle: '2026-03-19',
      early: '2026-03-16',
      late: null,
    },
    ...more,
  }) as unknown as Quota

test('the verdict tells its figure and what it rests on', () => {
  expect(verdict(quota(0.24), format)).toBe(
    'Slipping: 24 % for all 90 by 03-14. It rests on 3 of your own days.',
  )
  expect(verdict(quota(0.24, { forecast: null }), format)).toBe('')
})

test('a plan without own days says what its time holds and no chance', () => {
  const first = { ...quota(0).forecast, ownDays: 0, inTime: null, plan: 4, moreDays: 13 }
  const short = quota(0, { forecast: { ...first, verdict: 'OUT_OF_REACH', basis: 'SHORT_PLAN' } })
  expect(verdict(short, format)).toBe(
    'Out of reach at this pace: the plan’s time holds 4 a day, too few for all 90 by 03-14. This rests on the plan alone.',
  )
  expect(changes(short, format)[1]).toBe('13 more drawing days at 4 a day, to 03-19')
  const plan = { ...first, plan: 10, verdict: 'ON_PACE', basis: 'PLAN' } as unknown as NonNullable<
    Quota['forecast']
  >
  expect(verdict(quota(1, { forecast: plan }), format)).toContain('three days of your own will say')
  expect(verdict(quota(1, { forecast: plan }), format)).not.toContain('%')
  expect(dates(plan, format)).toBe('')
})

test('what would change it stands beside a bad chance only', () => {
  expect(changes(quota(0.24), format)).toEqual([
    '10 drawings on each of 8 days left, about 60 min a day',
    '4 more drawing days at your pace, to 03-19',
    '71 instead of 90',
  ])
  const even = { ...quota(0.5).forecast, verdict: 'ON_PACE' }
  expect(changes(quota(0.5, { forecast: even }), format)).toEqual([])
})

test('nothing is asked of days that are over, and no count of none is offered', () => {
  const none = { ...quota(0).forecast, reachable: 0, moreDays: null }
  const spent = quota(0, { forecast: none, progress: { ...quota(0).progress, daysLeft: 0 } })
  expect(changes(spent, format)).toEqual([])
  expect(needed(spent, format)).toBe('78 drawings, and no drawing day is left')
  expect(needs(spent, '2026-03-14', format)).toBe('No drawing day is left.')
})

test('one day left and one drawing are told as one', () => {
  const one = { ...quota(0.5).progress, asked: 1, left: 1, daysLeft: 1, neededPerDay: 1, minutesNeeded: 15 }
  const last = quota(0.5, { progress: one })
  expect(needed(last, format)).toBe('1 drawing on the one day left, about 15 min')
  expect(verdict(last, format)).toContain('for 1 drawing by 03-14')
})

test('what a promise needs is told from the day on which it begins', () => {
  const later = quota(0.5)
  expect(needs(later, '2026-03-05', format)).toBe('Needs 10 drawings a day.')
  expect(needs(later, '2026-02-05', format)).toBe('Needs 10 drawings a day from 03-05.')
})

test('a date beyond the horizon is said so', () => {
  expect(dates(quota(0.2).forecast as NonNullable<Quota['forecast']>, format)).toContain(
    'not within a year with 90 %',
  )
})

test('what other promises take is said, and what does not fit beside them', () => {
  const day = { available: 70, promised: 45, over: false, courseKeeps: null }
  expect(promisedAlready(day, 0, format)).toBe('Of the day’s 70 min other promises take about 45 min.')
  expect(promisedAlready({ ...day, over: true }, 30, format)).toContain('these 30 min do not fit beside them')
})

test.each([
  ['YES', 'Yes: 3 drawings a day at most, 80 % of the time.'],
  ['ONLY_ALONE', 'Only by itself: 3 drawings a day at most, 80 % of the time.'],
  ['TOO_MUCH', 'Not like this: it takes 80 % of the time.'],
  ['NO_DAY', 'No: there is no day with minutes for it.'],
] as const)('the answer %s is told', (answer, told) => {
  const sheet = { answer, load: 0.8, perDay: 3 } as unknown as Sheet
  expect(canBeDone(sheet, terms, format)).toBe(told)
})

test('a date without any doubt is said once', () => {
  const sure = { basis: 'OWN_DAYS', early: '2026-03-14', middle: '2026-03-14', late: '2026-03-14' }
  expect(dates(sure as NonNullable<Quota['forecast']>, format)).toBe('Reached by 03-14.')
  const never = { basis: 'OWN_DAYS', early: null, middle: null, late: null }
  expect(dates(never as unknown as NonNullable<Quota['forecast']>, format)).toContain('Not reached')
})

test.each([
  [{ kind: 'SPRINT' }, '90 drawings by 03-14'],
  [{ kind: 'DAILY_RUN', count: 1, days: 30 }, '1 drawing a day on 30 drawing days'],
  [{ kind: 'PROMPT_LIST', count: 12 }, '12 prompts by 03-14'],
  [{ kind: 'RAMP', count: 10, step: 5, weeks: 8 }, '10 drawings a week and 5 more each week, 8 weeks'],
  [{ kind: 'STANDING', count: 20, unit: 'MINUTES' }, '20 minutes every week'],
])('%o is a promise', (more, text) => {
  expect(promise({ ...terms, ...more } as Quota['terms'], format)).toBe(text)
})

const sheet = {
  count: 90,
  drawingDays: 10,
  drawingMinutes: 450,
  overheadMinutes: 100,
  availableMinutes: 300,
  secondsEach: 290,
  ownEntries: 1,
  ownSeconds: 240,
  leansOnExpected: true,
  minutesADay: 55,
  extraDays: 13,
  extraUntil: '2026-03-29',
  drop: 50,
  paceSeconds: 133,
} as Sheet

test('the sum names its parts and where the pace comes from', () => {
  expect(sum(sheet, format)).toBe(
    '450 min of drawing and 100 min of setting up, warming up and choosing references, against 300 min on 10 drawing days.',
  )
  const terms = { kind: 'SPRINT', unit: 'DRAWINGS' } as Terms
  expect(paceOrigin(sheet, terms, format)).toBe(
    '290 s each, from 1 own entry (median 240 s) and what you expect.',
  )
  expect(paceOrigin({ ...sheet, ownEntries: 0 }, terms, format)).toContain('no own entry yet')
  expect(paceOrigin(sheet, { ...terms, insists: true }, format)).toBe(
    '290 s each, as you insist; the median of 1 own entry is 240 s.',
  )
})

test('each remedy stands alone, and one that does not exist is left out', () => {
  const sprint = { kind: 'SPRINT', unit: 'DRAWINGS', due: '2026-03-14' } as Terms
  expect(remedies(sheet, sprint, format)).toEqual([
    { text: '55 min a day', take: { minutesADay: '55' } },
    { text: '13 more drawing days, to 03-29', take: { due: '2026-03-29' } },
    { text: '40 drawings instead of 90', take: { count: '40' } },
    { text: '133 s each' },
  ])
  expect(
    remedies({ ...sheet, minutesADay: null, extraDays: null, paceSeconds: null }, sprint, format),
  ).toEqual([{ text: '40 drawings instead of 90', take: { count: '40' } }])
})

test('a promise of so many a week takes no last day and no sum into its form', () => {
  const ramp = { kind: 'RAMP', unit: 'DRAWINGS', due: null } as Terms
  expect(remedies(sheet, ramp, format).map((r) => r.take !== undefined)).toEqual([true, false, false, false])
})
