import { expect, test } from 'vitest'
import { spread } from './spread'

test('labels that have room stay where they belong', () => {
  expect(spread([0.1, 0.4, 0.9], 0.1)).toEqual([0.1, 0.4, 0.9])
})

test('labels never lie on one another, nor leave the picture', () => {
  for (const at of [
    [0.5, 0.5, 0.5],
    [0, 0.01, 0.02, 0.98, 0.99, 1],
    Array.from({ length: 20 }, () => 0.97),
  ]) {
    const places = spread(at, 0.05)
    places.forEach((place, i) => {
      expect(place).toBeGreaterThanOrEqual(-1e-9)
      expect(place).toBeLessThanOrEqual(1 + 1e-9)
      if (i > 0) {
        expect(place - (places[i - 1] ?? 0)).toBeGreaterThanOrEqual(0.05 - 1e-9)
      }
    })
  }
})
