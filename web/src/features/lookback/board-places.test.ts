import { expect, test } from 'vitest'
import { arrange, beside, LEAST, move, resize, type Hung } from './board-places'

const hung = (more: Partial<Hung> = {}): Hung => ({
  picture: 'a',
  from: 'PAGES',
  across: 0.2,
  down: 0.1,
  breadth: 0.4,
  ratio: 0.7,
  ...more,
})

test('a picture stays on the board however far it is moved', () => {
  expect(move(hung(), 0.1, 0.2)).toMatchObject({ across: expect.closeTo(0.3), down: expect.closeTo(0.3) })
  expect(move(hung(), 9, -9)).toMatchObject({ across: expect.closeTo(0.6), down: 0 })
  expect(move(hung(), -9, 9).across).toBe(0)
})

test('a picture grows and shrinks within bounds and stays on the board', () => {
  expect(resize(hung(), 2)).toMatchObject({ breadth: 0.8, across: expect.closeTo(0.2) })
  expect(resize(hung({ across: 0.6 }), 9)).toMatchObject({ breadth: 1, across: 0 })
  expect(resize(hung(), 0.001).breadth).toBe(LEAST)
})

test('what is changed lies in front', () => {
  const b = hung({ picture: 'b' })
  const moved = move(hung(), 0.1, 0)
  expect(arrange([hung(), b], moved)).toEqual([b, moved])
})

test('new pictures hang in rows of three', () => {
  const places = [0, 1, 2, 3].map((n) =>
    beside(
      Array.from({ length: n }, () => hung()),
      { picture: 'n', from: 'PAGES', ratio: 1 },
    ),
  )
  expect(places.map((p) => p.across)).toEqual([0, 0.34, 0.68, 0])
  expect(places[3]?.down).toBeCloseTo(0.4)
})
