import type { Schemas } from '../api/client'
import { wording } from './wording'

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
    return wording.anyDayBeginsARunNone()
  }
  if (streak.openDays === 0) {
    return wording.nothingInThisWeekCanEnd()
  }
  return streak.missesLeft === 0 ? none : some(streak.missesLeft)
}

export const SCHOOLS: Record<Streak['rule'], SchoolWords> = {
  EVERY_DAY: {
    name: wording.everyDay(),
    reasons: [wording.oneMissEndsTheRunNothing(), wording.suitsShortPagesAndSetHours()],
    brief: wording.oneMissEndsTheRun(),
    stillOpen: ofDays(wording.byYourRuleEveryDayThat(), (missesLeft) =>
      wording.daysOfThisWeekCanStill({ missesLeft }),
    ),
  },
  NEVER_TWICE: {
    name: wording.neverTwice(),
    reasons: [wording.aSingleMissDoesNotEnd(), wording.lifeGetsADayTheWay()],
    brief: wording.oneMissIsForgiven(),
    stillOpen: ofDays(wording.noDayOfThisWeekCan(), (missesLeft) =>
      wording.daysOfThisWeekCanStill2({ missesLeft }),
    ),
  },
  WEEKLY_RHYTHM: {
    name: wording.weeklyRhythm(),
    reasons: [wording.soManyDaysAWeekWhichever(), wording.suitsShiftsAndFamiliesAWeek()],
    brief: wording.soManyDaysAWeek(),
    stillOpen: ({ current, openDays, stillNeeded, missesLeft }) => {
      if (stillNeeded > openDays) {
        return current > 0 ? wording.thisWeekIsTooShortFor() : wording.thisWeekCannotReachYourRhythm()
      }
      return stillNeeded > 0
        ? wording.moreDaysAndThisWeekHas({ stillNeeded, missesLeft })
        : wording.thisWeekHasItsRhythm()
    },
  },
}
