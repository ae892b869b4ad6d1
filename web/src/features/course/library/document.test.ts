import { expect, test } from 'vitest'
import { idFor, moved } from './document'

test.each([
  ['Sheds & cranes!', [], 'sheds-cranes'],
  ['  Été à la mer ', [], 'ete-a-la-mer'],
  ['Knots', ['knots', 'knots-2'], 'knots-3'],
  ['…', [], 'exercise'],
])('%j becomes an id', (text, taken, id) => {
  expect(idFor(text, taken)).toBe(id)
})

test('an id is never longer than the format allows', () => {
  expect(idFor('long '.repeat(40), []).length).toBeLessThanOrEqual(70)
})

test('an item moves and the others keep their order', () => {
  expect(moved(['a', 'b', 'c', 'd'], 3, 1)).toEqual(['a', 'd', 'b', 'c'])
  expect(moved(['a', 'b', 'c'], 0, 2)).toEqual(['b', 'c', 'a'])
  expect(moved(['a'], 5, 0)).toEqual(['a'])
})
