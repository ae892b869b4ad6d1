import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { wording } from './wording'

export type Book = Schemas['BookView']
export type BookLine = Schemas['BookLine']
export type Tile = Schemas['PageTile']

/** How the leaves hold together. */
export const BINDINGS: Record<Schemas['BookFields']['binding'], string> = {
  BOUND: wording.bound(),
  RING: wording.onARing(),
  LOOSE: wording.looseSheets(),
}

/** How a paper takes a medium. */
export const TAKES: Record<Schemas['OnPaper']['takes'], string> = {
  STANDS: wording.standsIt(),
  BUCKLES: wording.buckles(),
  BLEEDS_THROUGH: wording.bleedsThrough(),
}

/** What became of a page. */
export const STATES: Record<Tile['state'], string> = {
  UNTOUCHED: wording.asItsEntriesAndPicturesTell(),
  DRAWN: wording.drawnOn(),
  KEPT_FREE: wording.keptFree(),
  TORN_OUT: wording.tornOut(),
  GLUED_IN: wording.carriesSomethingGluedIn(),
}

/** What the words about a page say, by its state. */
export const WORDS: Record<Tile['state'], string> = {
  UNTOUCHED: wording.aboutIt(),
  DRAWN: wording.aboutIt(),
  KEPT_FREE: wording.whatItWaitsFor(),
  TORN_OUT: wording.whereItIsNow(),
  GLUED_IN: wording.whatIsGluedIn(),
}

/** "74 of 160 drawn on, 3 kept free, 1 torn out". */
export function pagesOf(book: Book): string {
  const { counts } = book
  const of = book.fields.leaves ? wording.ofPages({ pages: book.pages }) : ''
  return [
    wording.drawnOnOfDrawnOn({ drawnOn: book.drawnOn, of }),
    counts.KEPT_FREE ? wording.keptFreeKeptFree({ keptFree: counts.KEPT_FREE }) : '',
    counts.TORN_OUT ? wording.tornOutTornOut({ tornOut: counts.TORN_OUT }) : '',
    counts.GLUED_IN ? wording.gluedInWithSomethingGluedIn({ gluedIn: counts.GLUED_IN }) : '',
  ]
    .filter(Boolean)
    .join(', ')
}

/** When it will be full, on how much that rests, and when the next one should be there. */
export function fullWhen(full: NonNullable<Book['full']>, format: Formats): string {
  if (full.left === 0) {
    return wording.fullNoPageIsLeftTo()
  }
  if (full.ownDays < 3) {
    return wording.pagesLeftWhenItWillBe({ left: full.left })
  }
  const date = (day: string | null | undefined) =>
    day ? format.dayMonthYear(day) : wording.laterThanInAYear()
  const days = wording.days({ ownDays: full.ownDays })
  const pace = full.pagesADay < 0.05 ? wording.lessThan01() : format.decimal(full.pagesADay)
  const basis =
    full.pagesADay === 0
      ? wording.thoughNoPageWasBegunIn({ days })
      : wording.atPacePace2({ pace, one: pace === '1', days })
  return full.middle
    ? wording.aboutMiddleEarlyToLateBasis({
        middle: date(full.middle),
        early: date(full.early),
        late: date(full.late),
        basis,
      })
    : full.early
      ? wording.notBeforeEarlyMostLikelyLater({ early: date(full.early), basis })
      : wording.laterThanInAYearBasis({ basis })
}

/** "p 61, 62 and 70". */
export function pageList(pages: number[]): string {
  const shown = pages.slice(0, 4)
  const more = pages.length - shown.length
  return `p ${shown.join(', ')}${more > 0 ? wording.andMoreMore({ more }) : ''}`
}

/** What a tile shows, in words. */
export function tileWords(tile: Tile, format: Formats): string {
  const about =
    tile.state === 'KEPT_FREE'
      ? wording.keptFreeWords({ words: tile.words && wording.forWords({ words: tile.words }) })
      : tile.state === 'TORN_OUT'
        ? wording.tornOutWords({ words: tile.words && `, ${tile.words}` })
        : tile.state === 'GLUED_IN'
          ? wording.gluedInWords({ words: tile.words && `: ${tile.words}` })
          : tile.state === 'UNTOUCHED'
            ? 'untouched'
            : tile.about || wording.drawnOn()
  const day = tile.day ? `, ${format.dayMonth(tile.day)}` : ''
  return wording.pageNumberAboutDayFavourite({
    number: tile.number,
    about,
    day,
    favourite: tile.favourite,
    picture: tile.picture ? '' : tile.state === 'DRAWN' ? wording.noPictureYet() : '',
  })
}
