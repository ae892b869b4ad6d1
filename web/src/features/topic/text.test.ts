import { expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { marksGone, marksHowSure } from './text'

const format = formats('en-GB')

const order = { s: 20, p: 0.03, tau: 0.44, of: 12, trend: true }

const level = (about: number, mean: number) => ({ from: '2026-01-05', drawings: about - 1, about, mean })

test('levels are told with about how many drawings were made before', () => {
  expect(marksGone({ order, levels: [level(0, 2.44), level(50, 3.3), level(120, 3.96)] }, format)).toBe(
    'Mark 2.4 at first, 3.3 after about 50 drawings, 4 after about 120 drawings.',
  )
})

test('without a change of level the order is told, or that it cannot be', () => {
  const levels = [level(0, 3)]
  expect(marksGone({ order, levels }, format)).toBe('Marks rise over 12 weeks.')
  expect(marksGone({ order: { ...order, s: -20 }, levels }, format)).toBe('Marks fall over 12 weeks.')
  expect(marksGone({ order: { ...order, of: 9, trend: false }, levels }, format)).toBe(
    'No trend that 9 weeks can show.',
  )
  expect(marksGone({ order: { ...order, of: 7, trend: false }, levels }, format)).toMatch(
    /^7 weeks with a mark/,
  )
  expect(marksHowSure({ order, levels }, format)).toMatch(/tau 0.44, chance 0.03/)
})
