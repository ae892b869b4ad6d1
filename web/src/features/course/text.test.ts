import { renderHook } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { clash } from '../../shared/plan/words'
import { tell, weekName, weekTitle } from './text'

type Made = Schemas['Made']

const format = renderHook(() => useFormats()).result.current
const made = (kind: Made['kind'], more: Partial<Made> = {}): Made => ({
  kind,
  week: 'Hulls',
  number: 7,
  other: '',
  before: null,
  after: null,
  dates: [],
  units: [],
  exercise: '',
  policy: null,
  ...more,
})

test.each([
  [made('STRETCH', { before: 7, after: 21 }), 'Gave week 7 (Hulls) 21 days instead of 7.'],
  [made('UNTIL_DONE', { after: 1 }), 'Let week 7 (Hulls) last until its work is done.'],
  [made('REPEAT'), 'Took week 7 (Hulls) once more.'],
  [made('SKIP', { number: null }), 'Left out “Hulls”.'],
  [made('SWAP', { other: 'Knots' }), 'Swapped week 7 (Hulls) with “Knots”.'],
  [made('EMPTY', { after: 1 }), 'Put 1 empty day before week 7 (Hulls).'],
  [made('EMPTY', { after: 7 }), 'Put 7 empty days before week 7 (Hulls).'],
  [made('DETOUR', { other: 'Ellipses' }), 'Put a detour before week 7 (Hulls): Ellipses.'],
  [
    made('DROP', { units: [{ title: 'Gulls', count: 10, unit: 'DRAWINGS' }] }),
    'Dropped 10 Gulls from week 7 (Hulls).',
  ],
  [made('PACE', { exercise: 'Gulls', before: 120, after: 80 }), 'Gulls: 80 s each instead of 2 min.'],
  [made('MINUTES_A_DAY', { after: 52 }), 'At least 52 min on each drawing day of week 7 (Hulls).'],
  [made('ADD', { exercise: 'Warm up' }), 'Added “Warm up” to week 7 (Hulls).'],
  [made('POLICY', { policy: 'LET_GO' }), 'Missed work from now on: let go.'],
])('%o is told', (change, sentence) => {
  expect(tell(change, format)).toBe(sentence)
})

test('missed days are named with what was let go', () => {
  const change = made('LET_GO', {
    dates: ['2026-03-04', '2026-03-05'],
    units: [{ title: 'lines', count: 12, unit: 'MINUTES' }],
  })
  expect(tell(change, format)).toContain('let go 12 min of lines')
  expect(tell(made('SLIDE', { dates: ['2026-03-04'] }), format)).toContain('moved on by 1 day.')
})

test('each obstacle of an appointment names both sides', () => {
  const c = { date: '2026-03-05', title: 'Life group', minutes: 120, available: 70, other: 'Print room' }
  expect(clash({ ...c, obstacle: 'OVER_THE_DAY' }, format)).toContain('2 h of your 1 h 10 min')
  expect(clash({ ...c, obstacle: 'OVERLAP' }, format)).toContain('before Print room is over')
  expect(clash({ ...c, obstacle: 'REST' }, format)).toContain('rest day')
  expect(clash({ ...c, obstacle: 'PAUSE' }, format)).toContain('pause')
})

test('weeks that the course does not have are named by why they are there', () => {
  expect(weekName({ number: 3, role: 'COURSE' })).toBe('Week 3')
  expect(weekName({ number: null, role: 'DETOUR' })).toBe('Detour')
})

test('a week is called by where it stands, an empty one by itself', () => {
  expect(weekTitle({ number: 7, role: 'COURSE', title: 'Hulls' })).toBe('Week 7: hulls')
  expect(weekTitle({ role: 'DETOUR', title: 'Boxes' })).toBe('Detour: boxes')
  expect(weekTitle({ role: 'EMPTY', title: 'Empty week' })).toBe('Empty week')
})
