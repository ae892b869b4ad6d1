import type { Schemas } from '../../../api/client'
import type { formats } from '../../../ui/locale'
import { wording } from '../wording'

type Formats = ReturnType<typeof formats>

/** A moment as the API writes it, as "Friday 27 Nov, 14:30". */
export function moment(at: string, format: Formats): string {
  return `${format.weekdayDate(at.slice(0, 10))}, ${at.slice(11, 16)}`
}

/** How old the newest copy is, what is in it, and how far the others go back. */
export function newest(copies: Schemas['CopiesView'], format: Formats): string {
  const last = copies.newest
  if (!last) {
    return wording.thereIsNoCopyYetThe()
  }
  const megabytes = Math.round(last.bytes / 100_000) / 10
  const size = megabytes === 0 ? wording.under01Mb() : `${format.number(megabytes)} MB`
  const holds = last.entries == null ? size : wording.entriesSize({ entries: last.entries, size })
  const proven = last.proven ? wording.foundTheSameRowByRow() : wording.madeBeforeCopiesWereCompared()
  const others =
    copies.count > 1 && copies.oldest
      ? wording.countCopiesGoBackToSlice({
          count: copies.count,
          day: format.dayMonthYear(copies.oldest.slice(0, 10)),
        })
      : ''
  return wording.theNewestCopyIsOfAt({ at: moment(last.at, format), holds, proven, others })
}

/** Where else the copies go, and whether they do. */
export function secondPlace(
  second: Schemas['CopiesView']['second'],
  format: Formats,
  said: (message: Schemas['Message']) => string,
): string {
  if (!second) {
    return wording.noneNamedADiskThatBreaks()
  }
  if (second.trouble) {
    return wording.theCopiesCouldNotBeBrought({ trouble: said(second.trouble) })
  }
  if (!second.present) {
    return wording.notThereNowTheCopiesFollow()
  }
  return second.newest
    ? wording.thereWithCopiesUpToNewest({ newest: moment(second.newest, format) })
    : wording.thereWithoutACopyYet()
}
