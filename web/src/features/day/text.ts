import type { Schemas } from '../../api/client'
import { SCHOOLS, type Streak } from '../../shared/schools'
import type { Formats } from '../../ui/locale'
import { timeOf } from '../../ui/counts'
import { wording } from './wording'

type Today = Schemas['TodayView']
type Share = Schemas['ShareView']

export function counted(count: number, unit: Share['unit'], format: Formats): string {
  return unit === 'MINUTES' ? wording.countMin({ count: format.number(count) }) : format.number(count)
}

/** "8 of 12 left, 24 min", as far as each part is needed. */
export function shareFigures(share: Share, format: Formats): string {
  if (share.unit === 'MINUTES') {
    return share.left === 0
      ? wording.countMinDone({ count: format.number(share.count) })
      : wording.countMin({ count: format.number(share.left) })
  }
  if (share.left === 0) {
    return share.bonus > 0
      ? wording.countDoneBonusBeyondIt({ count: share.count, bonus: share.bonus })
      : wording.countDone({ count: share.count })
  }
  const left =
    share.done > 0
      ? wording.leftOfCountLeft({ left: share.left, count: share.count })
      : format.number(share.count)
  return `${left} · ${format.minutes(share.minutesLeft)}`
}

export function shareTally(share: Share): string {
  return wording.doneOfCountUnit({ done: share.done, count: share.count, unit: share.unit === 'MINUTES' })
}

/** Why today's share is not what the week first planned. */
export function respread(share: Share): string | undefined {
  const { was, missed } = share
  if (was == null || missed == null) {
    return undefined
  }
  if (missed > 0) {
    return wording.countInsteadOfWasMissedMissed2({ count: share.count, was, missed, one: missed === 1 })
  }
  if (missed < 0) {
    return wording.countInsteadOfWasMissedMore({ count: share.count, was, missed: -missed })
  }
  return wording.countInsteadOfWasTheDays({ count: share.count, was })
}

/** The run in one sentence, by the learner's own rule. */
export function run(streak: Streak): string {
  const { current, unit, forgiven } = streak
  if (current === 0) {
    return streak.longest > 0
      ? wording.noRunJustNowTheLongest({ longest: timeOf(streak.longest, unit) })
      : wording.theFirstDrawingBeginsTheLine()
  }
  if (unit === 'WEEKS') {
    return wording.weeksInARowInYour({ current })
  }
  const misses =
    forgiven === 0
      ? ''
      : forgiven === 1
        ? wording.withOneMissBetween()
        : wording.withSingleMissesBetween({ forgiven })
  return wording.practisedDaysInARowMisses({ current, misses })
}

/** What today means for the run. */
export function atStake(streak: Streak, today: Today): string {
  if (streak.todayPractised) {
    return wording.todayIsAlreadyIn()
  }
  if (streak.todayDecides) {
    const length =
      streak.unit === 'WEEKS' ? wording.weeks({ current: streak.current }) : String(streak.current)
    return wording.missTodayAndTheRunOf({ length })
  }
  if (today.rest) {
    return wording.todayIsRestTheRunWaits()
  }
  return today.pause == null ? wording.todayIsStillOpen() : wording.pausedTheRunWaits()
}

/** What the rest of the week still decides. */
export const stillOpen = (streak: Streak) => SCHOOLS[streak.rule].stillOpen(streak)

/** A usual caution in words; it names the figure and leaves judgement to the learner, their doctor or the maker. */
export function caution(c: Schemas['Caution'], format: Formats): string {
  switch (c.kind) {
    case 'BREAK':
      return wording.minutesTodayRestHandNeckAnd({
        minutes: format.minutes(c.minutes),
        usualMinutes: c.usualMinutes,
      })
    case 'SUDDEN_INCREASE':
      return wording.minutesInSevenDaysWhereUsualMinutes({
        minutes: format.minutes(c.minutes),
        usualMinutes: format.minutes(c.usualMinutes),
      })
    case 'BLADE':
      return wording.bladesSlipWhenTheyAreBlunt()
    case 'DUST_AND_FUMES':
      return wording.charcoalAndPastelMakeDustFixative()
  }
}

/** The pen line in words. */
export function penLineText(strokes: Schemas['Stroke'][]): string {
  const count = (mark: Schemas['Stroke']['mark']) => strokes.filter((s) => s.mark === mark).length
  return wording.twelveWeeksPractisedDaysCount2Of({
    practised: count('INK'),
    rest: count('REST'),
    single: count('FORGIVEN'),
    without: count('GAP'),
  })
}

/** A line as it could be written today, in figures of the day's first open share. */
export function example(shares: Share[]): string {
  const share = shares.find((s) => s.left > 0)
  if (!share) {
    return wording.n3Boats12MinPenP()
  }
  const count = share.unit === 'MINUTES' || share.left === 1 ? '' : `${share.left} `
  return wording.countToLowerCaseMinutesLeftMinPenP({
    count,
    toLowerCase: share.title.toLowerCase(),
    minutesLeft: share.minutesLeft,
  })
}

/** One day of the pen line, where the pointer rests on it. */
export function strokeName(stroke: Schemas['Stroke'], format: Formats): string {
  const what = {
    INK: stroke.minutes > 0 ? format.minutes(stroke.minutes) : wording.drawn(),
    REST: wording.restOrPause(),
    FORGIVEN: wording.missedTheRunWentOn(),
    GAP: wording.nothingDrawn(),
    OPEN: wording.today(),
    AHEAD: wording.ahead(),
  }[stroke.mark]
  return `${format.weekdayDate(stroke.date)}: ${what}`
}
