import { expect, test } from 'vitest'
import { aimWords } from './aim'

test.each([
  [{ kind: 'LENGTH', part: 'forearm', mean: -0.1 }, 'Make the forearm longer'],
  [{ kind: 'TILT', part: 'sheer aft', mean: -4 }, 'Tilt the sheer aft more'],
  [{ kind: 'LEAN', part: '', mean: 3 }, 'Let the whole lean less'],
  [{ kind: 'TILT_RESPONSE', part: '', mean: -0.2 }, 'Push the tilts'],
] as const)('%o', (aim, words) => {
  expect(aimWords(aim)).toBe(words)
})
