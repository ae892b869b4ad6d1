import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'

export type Book = Schemas['BookView']
export type BookLine = Schemas['BookLine']
export type Tile = Schemas['PageTile']

/** How the leaves hold together. */
export const BINDINGS: Record<Schemas['BookFields']['binding'], string> = {
  BOUND: 'bound',
  RING: 'on a ring',
  LOOSE: 'loose sheets',
}

/** How a paper takes a medium. */
export const TAKES: Record<Schemas['OnPaper']['takes'], string> = {
  STANDS: 'stands it',
  BUCKLES: 'buckles',
  BLEEDS_THROUGH: 'bleeds through',
}

/** What became of a page. */
export const STATES: Record<Tile['state'], string> = {
  UNTOUCHED: 'as its entries and pictures tell',
  DRAWN: 'drawn on',
  KEPT_FREE: 'kept free',
  TORN_OUT: 'torn out',
  GLUED_IN: 'carries something glued in',
}

/** What the words about a page say, by its state. */
export const WORDS: Record<Tile['state'], string> = {
  UNTOUCHED: 'About it',
  DRAWN: 'About it',
  KEPT_FREE: 'What it waits for',
  TORN_OUT: 'Where it is now',
  GLUED_IN: 'What is glued in',
}

/** "74 of 160 drawn on, 3 kept free, 1 torn out". */
export function pagesOf(book: Book): string {
  const { counts } = book
  const of = book.fields.leaves ? ` of ${book.pages}` : ''
  return [
    `${book.drawnOn}${of} drawn on`,
    counts.KEPT_FREE ? `${counts.KEPT_FREE} kept free` : '',
    counts.TORN_OUT ? `${counts.TORN_OUT} torn out` : '',
    counts.GLUED_IN ? `${counts.GLUED_IN} with something glued in` : '',
  ]
    .filter(Boolean)
    .join(', ')
}

/** When it will be full, on how much that rests, and when the next one should be there. */
export function fullWhen(full: NonNullable<Book['full']>, format: Formats): string {
  if (full.left === 0) {
    return 'Full: no page is left to begin.'
  }
  if (full.ownDays < 3) {
    return `${plural(full.left, 'page')} left. When it will be full shows after three days in it.`
  }
  const date = (day: string | null | undefined) => (day ? format.dayMonthYear(day) : 'later than in a year')
  const days = plural(full.ownDays, 'day')
  const pace = full.pagesADay < 0.05 ? 'less than 0.1' : format.decimal(full.pagesADay)
  const basis =
    full.pagesADay === 0
      ? `though no page was begun in the last ${days}, so that this is little more than a guess`
      : `at ${pace} ${pace === '1' ? 'page' : 'pages'} a day over the last ${days}`
  return full.middle
    ? `about ${date(full.middle)} (${date(full.early)} to ${date(full.late)}), ${basis}`
    : full.early
      ? `not before ${date(full.early)}, most likely later than in a year, ${basis}`
      : `later than in a year, ${basis}`
}

/** "p 61, 62 and 70". */
export function pageList(pages: number[]): string {
  const shown = pages.slice(0, 4)
  const more = pages.length - shown.length
  return `p ${shown.join(', ')}${more > 0 ? ` and ${more} more` : ''}`
}

/** What a tile shows, in words. */
export function tileWords(tile: Tile, format: Formats): string {
  const about =
    tile.state === 'KEPT_FREE'
      ? `kept free${tile.words && ` for ${tile.words}`}`
      : tile.state === 'TORN_OUT'
        ? `torn out${tile.words && `, ${tile.words}`}`
        : tile.state === 'GLUED_IN'
          ? `glued in${tile.words && `: ${tile.words}`}`
          : tile.state === 'UNTOUCHED'
            ? 'untouched'
            : tile.about || 'drawn on'
  const day = tile.day ? `, ${format.dayMonth(tile.day)}` : ''
  return `Page ${tile.number}: ${about}${day}${tile.favourite ? ', a favourite' : ''}${tile.picture ? '' : tile.state === 'DRAWN' ? ', no picture yet' : ''}`
}
