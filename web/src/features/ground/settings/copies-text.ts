import type { Schemas } from '../../../api/client'
import type { formats } from '../../../ui/locale'
import { plural } from '../../../ui/plural'

type Formats = ReturnType<typeof formats>

/** A moment as the API writes it, as "Friday 27 Nov, 14:30". */
export function moment(at: string, format: Formats): string {
  return `${format.weekdayDate(at.slice(0, 10))}, ${at.slice(11, 16)}`
}

/** How old the newest copy is, what is in it, and how far the others go back. */
export function newest(copies: Schemas['CopiesView'], format: Formats): string {
  const last = copies.newest
  if (!last) {
    return 'There is no copy yet; the first is made a few seconds after each start of a day.'
  }
  const megabytes = Math.round(last.bytes / 100_000) / 10
  const size = megabytes === 0 ? 'under 0.1 MB' : `${format.number(megabytes)} MB`
  const holds = last.entries == null ? size : `${plural(last.entries, 'entry', 'entries')}, ${size}`
  const proven = last.proven ? 'found the same row by row' : 'made before copies were compared'
  const others =
    copies.count > 1 && copies.oldest
      ? ` ${copies.count} copies go back to ${format.dayMonthYear(copies.oldest.slice(0, 10))}.`
      : ''
  return `The newest copy is of ${moment(last.at, format)}: ${holds}, ${proven}.${others}`
}

/** Where else the copies go, and whether they do. */
export function secondPlace(second: Schemas['CopiesView']['second'], format: Formats): string {
  if (!second) {
    return 'None named. A disk that breaks takes the copies beside the data with it.'
  }
  if (second.trouble) {
    return `The copies could not be brought there. ${second.trouble}`
  }
  if (!second.present) {
    return 'Not there now; the copies follow when it is.'
  }
  return second.newest
    ? `There, with copies up to ${moment(second.newest, format)}.`
    : 'There, without a copy yet.'
}
