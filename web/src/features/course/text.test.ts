import { renderHook } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../app/locale'
import { clash } from '../plan-text'
import { tell, weekName } from './text'

type Made = Schemas['Made']

const format = renderHook(() => useFormats()).result.current
const made = (kind: string, more: Partial<Made> = {}): Made => ({
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
  [made('Stretch', { before: 7, after: 21 }), 'Gave week 7, Hulls 21 days instead of 7.'],
  [made('UntilDone', { after: 1 }), 'Let week 7, Hulls last until its work is done.'],
  [made('Repeat'), 'Took week 7, Hulls once more.'],
  [made('Skip', { number: null }), 'Left out “Hulls”.'],
  [made('Swap', { other: 'Knots' }), 'Swapped week 7, Hulls with Knots.'],
  [made('Empty', { after: 7 }), 'Put 7 empty days before week 7, Hulls.'],
  [made('Detour', { other: 'Ellipses' }), 'Put a detour before week 7, Hulls: Ellipses.'],
  [
    made('Drop', { units: [{ title: 'Gulls', count: 10, unit: 'DRAWINGS' }] }),
    'Dropped 10 Gulls from week 7, Hulls.',
  ],
  [made('Pace', { exercise: 'Gulls', before: 120, after: 80 }), 'Gulls: 80 s each instead of 2 min.'],
  [made('MinutesADay', { after: 52 }), 'At least 52 min on each drawing day of week 7, Hulls.'],
  [made('Add', { exercise: 'Warm up' }), 'Added “Warm up” to week 7, Hulls.'],
  [made('Policy', { policy: 'LET_GO' }), 'Missed work from now on: let go.'],
])('%o is told', (change, sentence) => {
  expect(tell(change, format)).toBe(sentence)
})

test('missed days are named with what was let go', () => {
  const change = made('LetGo', {
    dates: ['2026-03-04', '2026-03-05'],
    units: [{ title: 'lines', count: 12, unit: 'MINUTES' }],
  })
  expect(tell(change, format)).toContain('let go 12 min of lines')
  expect(tell(made('Slide', { dates: ['2026-03-04'] }), format)).toContain('moved on by 1')
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
