import { expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { habit, practiceSitting, said, type Habit } from './habit'

const format = formats('en-GB')

test('a habit is said with its interval and how often', () => {
  const forearm: Habit = {
    kind: 'LENGTH',
    part: 'forearm',
    mean: Math.log(0.911109),
    low: Math.log(0.87543),
    high: Math.log(0.948242),
    of: 9,
    same: 8,
    signed: 9,
    told: 0,
    p: 0.0006,
    sign: 0.039,
    adjusted: 0.01,
    standing: 'HOLDS',
  }
  expect(habit(forearm, format)).toEqual({ what: 'Forearm short', figures: '−9 % ± 3.6, 8 of 9' })
  expect(habit({ ...forearm, kind: 'TILT_RESPONSE', mean: -0.29, low: -0.38, high: -0.2 }, format)).toEqual({
    what: 'Tilts tamed',
    figures: 'to 71 % (62 % to 80 %), 8 of 9',
  })
  expect(habit({ ...forearm, kind: 'AREA', part: 'limb' }, format).what).toBe('Limb too small')
  expect(habit({ ...forearm, kind: 'TAPER', part: 'limb' }, format).what).toBe('Limb narrows too much')
  expect(habit({ ...forearm, told: 2 }, format).figures).toMatch(/8 of 9, 2 of them in words$/)
})

test('what is told in words is said again', () => {
  expect(said('arm', 'BREADTH', false)).toBe('arm too thin')
  expect(said('', 'SIDE', true)).toBe('the whole too far right')
})

test('a habit leads to a sitting that practises it', () => {
  expect(practiceSitting({ kind: 'STANDING', emphasis: 'TILT' }, 'Tilt')).toBe(
    '/sitting?cabinet=STANDING&emphasis=TILT&view=ANY&title=Tilt',
  )
})
