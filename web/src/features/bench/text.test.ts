import { describe, expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { finding, habit, lineUp, measure, type Finding, type Habit } from './text'

const format = formats('en-GB')

const found = (some: Partial<Finding>): Finding => ({
  key: 'tilt shoulders',
  kind: 'TILT',
  subject: 'shoulders',
  layer: 'FOUNDATION',
  truth: 14,
  yours: 3,
  ...some,
})

describe('a finding in words', () => {
  test.each([
    [14, 3, 'too little'],
    [14, 20, 'too much'],
    [14, -6, 'the other way'],
    [-14, -3, 'too little'],
  ])('true %s, yours %s', (truth, yours, words) => {
    expect(measure(truth, yours)).toBe(words)
  })

  test('says what to do about it and the figures', () => {
    expect(finding(found({}), format)).toEqual(['Shoulders: tilts too little.', 'Yours 3°, true 14°.'])
    expect(finding(found({ kind: 'LEAN', subject: 'figure', truth: 17, yours: 9 }), format)).toEqual([
      'The whole leans too little.',
      'Yours 9° from the plumb line, true 17°.',
    ])
    expect(finding(found({ kind: 'LENGTH', subject: 'left thigh', truth: 1, yours: 0.9 }), format)[0]).toBe(
      'Left thigh 10 % short,',
    )
  })

  test('of what stands plumb or level it says the turn', () => {
    expect(finding(found({ truth: 1, yours: -17 }), format)[0]).toBe('Shoulders: turned 18° anticlockwise.')
  })
})

test('a line-up says which way it is off', () => {
  const line = { one: 'chin', other: 'right heel', plumb: true, off: -0.06 }
  expect(lineUp(line, format)).toBe('Chin stands over right heel; in yours it is 6 % to the left.')
  expect(lineUp({ ...line, off: 0.01 }, format, true)).toBe('Chin stands over right heel; yours too.')
})

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
})
