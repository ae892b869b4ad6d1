import { describe, expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { changed, finding, lineUp, measure, type Finding } from './text'

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

test('what became of differences is told by what became of them', () => {
  const change = (
    became: 'GONE' | 'LESS' | 'MORE' | 'NEW',
    kind: 'TILT' | 'LENGTH' | 'LEAN',
    subject: string,
  ) => ({
    became,
    finding: { key: '', kind, subject, layer: 'LIMBS' as const, truth: 0, yours: 0 },
  })
  expect(
    changed([
      change('LESS', 'TILT', 'hips'),
      change('NEW', 'LEAN', 'figure'),
      change('GONE', 'LENGTH', 'left forearm'),
      change('GONE', 'TILT', 'left forearm'),
    ]),
  ).toEqual([
    { count: '2 right now', which: 'Right now: left forearm (length), left forearm (tilt).' },
    { count: '1 less off', which: 'Less off: hips (tilt).' },
    { count: '1 newly off', which: 'Newly off: the lean of the whole.' },
  ])
  expect(changed([])).toEqual([])
})
