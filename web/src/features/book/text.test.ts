import { expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { nextName } from './BookSheet'
import { fullWhen, pageList, pagesOf, tileWords, type Book, type Tile } from './text'

const format = formats('en-GB')

const full = (more: Partial<NonNullable<Book['full']>>) => ({
  left: 20,
  ownDays: 20,
  pagesADay: 1.64,
  early: '2026-03-17',
  middle: '2026-03-21',
  late: '2026-03-28',
  fan: [],
  ...more,
})

test('when a book will be full is told with its span and with what it rests on', () => {
  expect(fullWhen(full({}), format)).toBe(
    'about 21 March 2026 (17 March 2026 to 28 March 2026), at 1.6 pages a day over the last 20 days',
  )
  expect(fullWhen(full({ late: null }), format)).toContain('to later than in a year')
  expect(fullWhen(full({ pagesADay: 1 }), format)).toContain('at 1 page a day')
  expect(fullWhen(full({ pagesADay: 0.04 }), format)).toContain('at less than 0.1 pages a day')
  expect(fullWhen(full({ pagesADay: 0 }), format)).toContain(
    'though no page was begun in the last 20 days, so that this is little more than a guess',
  )
  expect(fullWhen(full({ middle: null, late: null }), format)).toContain('not before 17 March 2026')
  expect(fullWhen(full({ early: null, middle: null, late: null }), format)).toContain('later than in a year')
})

test('nothing is told on two days, and of a full book that it is full', () => {
  expect(fullWhen(full({ ownDays: 2 }), format)).toBe(
    '20 pages left. When it will be full shows after three days in it.',
  )
  expect(fullWhen(full({ left: 0 }), format)).toContain('no page is left')
})

test('the next book of a row is numbered on', () => {
  expect(nextName('Harbour book 3')).toBe('Harbour book 4')
  expect(nextName('Pocket')).toBe('Pocket 2')
})

test('pages are counted by what became of them', () => {
  const counts = { UNTOUCHED: 80, DRAWN: 76, KEPT_FREE: 3, TORN_OUT: 1, GLUED_IN: 0 }
  const book = { counts, drawnOn: 77, pages: 160, fields: { leaves: 80 } } as unknown as Book
  expect(pagesOf(book)).toBe('77 of 160 drawn on, 3 kept free, 1 torn out')
  expect(pageList([1, 9, 20, 31, 33])).toBe('p 1, 9, 20, 31 and 1 more')
})

test('every page has words for those who do not see it', () => {
  const tile = (more: Partial<Tile>): Tile => ({
    number: 7,
    state: 'DRAWN',
    words: '',
    favourite: false,
    about: 'Coils',
    ...more,
  })
  expect(tileWords(tile({ day: '2026-03-05', favourite: true }), format)).toBe(
    'Page 7: Coils, 5 Mar, a favourite, no picture yet',
  )
  expect(tileWords(tile({ state: 'KEPT_FREE', words: 'gulls' }), format)).toBe('Page 7: kept free for gulls')
  expect(tileWords(tile({ state: 'TORN_OUT', words: 'on the wall' }), format)).toBe(
    'Page 7: torn out, on the wall',
  )
})
