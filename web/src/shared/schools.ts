import type { Schemas } from '../api/client'
import { plural } from '../ui/plural'

/** A run by one school of counting days. */
export type Streak = Schemas['StreakView']

/** All that is said of one school of counting days, and nowhere else. */
type SchoolWords = {
  name: string
  /** What it does, and whom it suits. */
  reasons: [string, string]
  /** What ends a run, in a few words. */
  brief: string
  /** What of the week can still be missed while a run lives. */
  stillOpen: (streak: Streak) => string
}

/** Schools that count days, where none or some of the week's days can still be missed. */
const ofDays = (none: string, some: (missesLeft: number) => string) => (streak: Streak) => {
  if (streak.current === 0) {
    return 'Any day begins a run; none can end just now.'
  }
  if (streak.openDays === 0) {
    return 'Nothing in this week can end the run any more.'
  }
  return streak.missesLeft === 0 ? none : some(streak.missesLeft)
}

export const SCHOOLS: Record<Streak['rule'], SchoolWords> = {
  EVERY_DAY: {
    name: 'Every day',
    reasons: [
      'One miss ends the run. Nothing to decide on a tired evening: it is simply done.',
      'Suits short pages and set hours; a lost long run can hurt.',
    ],
    brief: 'one miss ends the run',
    stillOpen: ofDays(
      'By your rule every day that is not rest counts.',
      (missesLeft) => `${plural(missesLeft, 'day')} of this week can still be missed.`,
    ),
  },
  NEVER_TWICE: {
    name: 'Never twice',
    reasons: [
      'A single miss does not end the run, two in a row do.',
      'Life gets a day; the way back is always tomorrow. Lengths count practised days only.',
    ],
    brief: 'one miss is forgiven',
    stillOpen: ofDays(
      'No day of this week can be missed without ending the run.',
      (missesLeft) =>
        `${plural(missesLeft, 'day')} of this week can still be missed, as long as no two follow each other.`,
    ),
  },
  WEEKLY_RHYTHM: {
    name: 'Weekly rhythm',
    reasons: [
      'So many days a week, whichever they are; the run counts weeks.',
      'Suits shifts and families; a week can still be saved until the days run out.',
    ],
    brief: 'so many days a week',
    stillOpen: ({ current, openDays, stillNeeded, missesLeft }) => {
      if (stillNeeded > openDays) {
        return current > 0
          ? 'This week is too short for your rhythm; it counts neither way.'
          : 'This week cannot reach your rhythm any more; the next one can.'
      }
      return stillNeeded > 0
        ? `${plural(stillNeeded, 'more day')} and this week has its rhythm; ${plural(missesLeft, 'day')} can still be missed.`
        : 'This week has its rhythm.'
    },
  },
}
