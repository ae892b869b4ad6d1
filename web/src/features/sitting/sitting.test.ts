import { expect, test } from 'vitest'
import { beginPrompt, beginPromised } from '../../shared/begin'
import { begun, longer, newSitting, planOf, type Built } from './built'
import { clock, rungs, type Sitting } from './text'
import { stepAt } from './useSitting'
import { formats } from '../../ui/locale'

const format = formats('en-GB')

const T = 1_000_000

/** Three poses of a minute, begun at T. */
const sitting = (more: Partial<Sitting> = {}): Sitting =>
  ({
    steps: [0, 1, 2].map((drawing) => ({ kind: 'POSE', seconds: 60, drawing })),
    left: [0, 1, 2].map((step) => ({ step, ends: T + (step + 1) * 60_000, picture: `/${step}` })),
    leftMillis: 60_000,
    paused: false,
    over: false,
    ...more,
  }) as unknown as Sitting

test('a step is read off the timetable, however long one did not look', () => {
  expect(stepAt(sitting(), T)).toMatchObject({ step: 0, leftMillis: 60_000, leftShare: 1, next: '/1' })
  expect(stepAt(sitting(), T + 90_000)).toMatchObject({ step: 1, leftMillis: 30_000, leftShare: 0.5 })
  expect(stepAt(sitting(), T + 60_000).step).toBe(1)
  expect(stepAt(sitting(), T + 8 * 3_600_000)).toMatchObject({ step: 3, over: true })
})

test('a pause holds the time', () => {
  const paused = sitting({ paused: true, leftMillis: 12_000 })
  expect(stepAt(paused, T + 500_000)).toMatchObject({ step: 0, leftMillis: 12_000, leftShare: 0.2 })
})

test.each([
  [90_000, '1:30'],
  [59_001, '1:00'],
  [0, '0:00'],
  [-5, '0:00'],
])('%d is shown as %s', (millis, text) => {
  expect(clock(millis)).toBe(text)
})

test('equal steps are told together', () => {
  type Ladder = Parameters<typeof rungs>[0]
  const rung = (kind: string, seconds: number, goesOn = false) => ({ kind, seconds, part: '', goesOn })
  const said = (...steps: object[]) => rungs({ seconds: 0, drawings: 3, rungs: steps } as Ladder, format)
  expect(said(rung('POSE', 30), rung('POSE', 30), rung('BREAK', 300), rung('FINISH', 900))).toBe(
    '2 × 30 s, 5 min rest, 15 min finish',
  )
  expect(said(rung('POSE', 1800), rung('BREAK', 300), rung('POSE', 1800, true))).toBe(
    '30 min, 5 min rest, 30 min more of it',
  )
})

const promised = (more: object) =>
  ({
    title: 'Ninety by spring',
    unit: 'DRAWINGS',
    secondsEach: 300,
    left: 9,
    ...more,
  }) as Parameters<typeof beginPromised>[0]

const sentBy = (link: string) => {
  const built = newSitting(new URLSearchParams(link.split('?')[1]), format)
  return begun('id', built, planOf(built, format) ?? { kind: 'MEMORY' }, format)
}

test.each([
  [{ topic: 'mooring posts' }, { topic: 'mooring posts', exerciseId: null }],
  [{}, { topic: 'Ninety by spring' }],
  [{ exercise: 'hy-7-1' }, { exerciseId: 'hy-7-1', topic: null }],
  [{ medium: 'brush pen' }, { medium: 'brush pen' }],
  [{ source: 'life' }, { source: 'life' }],
  [{ book: 'Quay book' }, { book: 'Quay book', page: null }],
  [
    { unit: 'PAGES', nextPage: 41 },
    { page: 41, plan: { kind: 'OWN', rows: [{ count: 9, seconds: 300 }] } },
  ],
  [{ unit: 'MINUTES' }, { timeOnly: true, plan: { kind: 'OWN', rows: [{ count: 1, seconds: 540 }] } }],
])('a promise of %o is drawn for in a way that counts', (more, sent) => {
  expect(sentBy(beginPromised(promised(more)))).toMatchObject(sent)
})

test('a prompt is drawn under its own words and the topic of its list', () => {
  const link = beginPrompt(promised({ topic: 'gulls' }), 600, { id: 'p', words: 'a gull, a crate' })
  expect(sentBy(link)).toMatchObject({ title: 'a gull, a crate', topic: 'gulls', promptId: 'p', page: null })
})

test('a share becomes one row', () => {
  const built = newSitting(new URLSearchParams('title=hulls&exercise=hy-7-1&count=26&each=90'), format)
  expect(planOf(built, format)).toEqual({ kind: 'OWN', rows: [{ count: 26, seconds: 90 }] })
  const sent = begun('id', built, planOf(built, format) ?? { kind: 'OWN' }, format)
  expect(sent).toMatchObject({ exerciseId: 'hy-7-1', topic: null, references: 'NONE', source: null })
})

test.each([
  [{ kind: 'ALL_QUICK', minutes: 'x' }],
  [{ kind: 'ALL_QUICK', minutes: '30', eachMinutes: '0' }],
  [{ kind: 'ALL_QUICK', minutes: '' }],
  [{ kind: 'OWN', rows: [{ count: '0', each: '1' }] }],
  [{ kind: 'OWN', rows: [{ count: '2.5', each: '1' }] }],
  [{ kind: 'OWN', rows: [{ count: '', each: '1' }] }],
  [{ kind: 'OWN', rows: [{ count: '3', each: 'long' }] }],
  [{ kind: 'CLIMBING', minutes: '481' }],
])('%o is no plan yet', (more) => {
  expect(
    planOf({ ...newSitting(new URLSearchParams(), format), ...(more as Partial<Built>) }, format),
  ).toBeUndefined()
})

test('rows of one’s own keep their order, and a new one is half as many, twice as long', () => {
  const built = { ...newSitting(new URLSearchParams(), format), kind: 'OWN' as const }
  const rows = longer(longer([{ count: '9', each: '0,5' }], format), format)
  expect(planOf({ ...built, rows }, format)).toEqual({
    kind: 'OWN',
    rows: [
      { count: 9, seconds: 30 },
      { count: 4, seconds: 60 },
      { count: 2, seconds: 120 },
    ],
  })
  expect(longer([{ count: 'x', each: 'y' }], format).at(-1)).toEqual({ count: '1', each: 'y' })
  expect(longer([{ count: '1', each: '400' }], format).at(-1)).toEqual({ count: '1', each: '480' })
})

test('drawing from memory says so', () => {
  const built = { ...newSitting(new URLSearchParams(), format), kind: 'MEMORY' as const, subject: 'capstan' }
  expect(begun('id', built, { kind: 'MEMORY', minutes: 30 }, format).source).toBe('memory')
})
