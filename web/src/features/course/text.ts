import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { enumerated } from '../../ui/lists'
import { wording } from './wording'

type Made = Schemas['Made']

/** The three ways with missed work, each with its two lines. */
export const POLICIES: Record<Schemas['Placed']['policy'], { name: string; reasons: [string, string] }> = {
  SPREAD: {
    name: wording.spread(),
    reasons: [wording.caughtUpInsideTheWeekThe(), wording.theDaysLeftCarryMoreAnd()],
  },
  SLIDE: {
    name: wording.slide(),
    reasons: [wording.everythingMovesByTheMissedDays(), wording.theDaysStayAsFullAs()],
  },
  LET_GO: {
    name: wording.letGo(),
    reasons: [wording.whatWasMissedIsDroppedThe(), wording.theDaysStayAsFullAs2()],
  },
}

/** What answers what happened: a form, a pause of everything, or the sheet of missed work. */
export type Answer =
  | 'STRETCH'
  | 'PAUSE'
  | 'REPEAT'
  | 'SKIP'
  | 'SWAP'
  | 'DETOUR_OF_COURSE'
  | 'EMPTY'
  | 'BASELINE'
  | 'AWAY'
  | 'MISSED'

/** Each answer by its name, and what it does in one line. */
export const ANSWERS: Record<Answer, { name: string; line: string }> = {
  STRETCH: { name: wording.makeTheWeekLongerOrShorter(), line: wording.theSameWorkOnMoreOr() },
  REPEAT: { name: wording.takeTheWeekAgain(), line: wording.theSameExercisesOnceMoreRight() },
  PAUSE: { name: wording.letOnlyThisCourseWait(), line: wording.youDrawOnTheCourseWaits() },
  AWAY: { name: wording.illOrAway(), line: wording.nothingIsAskedOnTheseDays() },
  MISSED: { name: wording.daysThatWereMissed(), line: wording.catchUpMoveEverythingOnOr() },
  DETOUR_OF_COURSE: { name: wording.aDetour(), line: wording.weeksFromAnotherCourseBeforeThis() },
  SWAP: { name: wording.changePlaces(), line: wording.thisWeekAndAnotherOneSwap() },
  EMPTY: { name: wording.emptyDays(), line: wording.timeWithNothingPlannedBeforeA() },
  SKIP: { name: wording.goWithoutThisWeek(), line: wording.whatYouDrewOfItStays() },
  BASELINE: {
    name: wording.oneSubjectNowAndAgainLater(),
    line: wording.anUnaidedDrawingNowHalfWay(),
  },
}

/** What may have happened to a plan, and the changes that answer it, the mildest first. */
export const HAPPENED = {
  LONGER: { name: wording.itNeedsLonger(), answers: ['STRETCH', 'REPEAT', 'EMPTY'] },
  AWAY: { name: wording.iWasOrWillBeAway(), answers: ['AWAY', 'MISSED', 'PAUSE'] },
  FIRST: { name: wording.somethingElseComesFirst(), answers: ['DETOUR_OF_COURSE', 'SWAP', 'EMPTY', 'PAUSE'] },
  MUCH: { name: wording.itIsTooMuch(), answers: ['STRETCH', 'EMPTY', 'MISSED', 'SKIP'] },
  AGAIN: { name: wording.onceMoreLater(), answers: ['REPEAT', 'BASELINE'] },
} satisfies Record<string, { name: string; answers: Answer[] }> as Record<
  'LONGER' | 'AWAY' | 'FIRST' | 'MUCH' | 'AGAIN',
  { name: string; answers: Answer[] }
>
export type Happened = keyof typeof HAPPENED

const which = (made: Made) =>
  made.number == null ? `“${made.week}”` : wording.weekNumberWeek({ number: made.number, week: made.week })

/** One change as a sentence of the history. */
export function tell(made: Made, format: Formats): string {
  const dates = enumerated(made.dates.map(format.weekdayDate))
  const units = enumerated(
    made.units.map(
      (u) => `${format.number(u.count)}${u.unit === 'MINUTES' ? wording.minOf() : ''} ${u.title}`,
    ),
  )
  switch (made.kind) {
    case 'STRETCH':
      return wording.gaveMadeDaysInsteadOfBefore({
        made: which(made),
        after: made.after ?? 0,
        before: made.before ?? '',
      })
    case 'UNTIL_DONE':
      return made.after === 1
        ? wording.letMadeLastUntilItsWork({ made: which(made) })
        : wording.gaveMadeAFixedLengthAgain({ made: which(made) })
    case 'REPEAT':
      return wording.tookMadeOnceMore({ made: which(made) })
    case 'SKIP':
      return wording.leftOutMade({ made: which(made) })
    case 'SWAP':
      return wording.swappedMadeWithOther({ made: which(made), other: made.other })
    case 'EMPTY':
      return wording.putEmptyDaysBeforeMade({ after: made.after ?? 0, made: which(made) })
    case 'DETOUR':
      return wording.putADetourBeforeMadeOther({ made: which(made), other: made.other })
    case 'PAUSE':
      return wording.pausedMadeOnDates({ made: which(made), dates })
    case 'SLIDE':
      return wording.missedDatesMadeMovedOnBy({ dates, made: which(made), days: made.dates.length })
    case 'LET_GO':
      return wording.missedDatesLetGoUnitsOf({ dates, units: units || wording.nothing(), made: which(made) })
    case 'DROP':
      return wording.droppedUnitsFromMade({ units, made: which(made) })
    case 'PACE':
      return wording.exerciseAfterEachInsteadOfBefore({
        exercise: made.exercise,
        after: format.each(made.after ?? 0),
        before: format.each(made.before ?? 0),
      })
    case 'MINUTES_A_DAY':
      return made.after === 0
        ? wording.tookBackTheLongerDaysOf({ made: which(made) })
        : wording.atLeastAfterOnEachDrawing({ after: format.minutes(made.after ?? 0), made: which(made) })
    case 'ADD':
      return wording.addedExerciseToMade({ exercise: made.exercise, made: which(made) })
    case 'POLICY':
      return made.policy
        ? wording.missedWorkFromNowOnToLowerCase({ toLowerCase: POLICIES[made.policy].name.toLowerCase() })
        : ''
  }
}

/** Why a change cannot be taken back. */
export const KEPT: Record<NonNullable<Schemas['HistoryLine']['kept']>, string> = {
  UNDONE: wording.itIsTakenBackAlready(),
  BUILT_ON: wording.aLaterChangeBuildsOnIt(),
  OVER: wording.daysThatItMovedAreOver(),
}

const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** Where a week stands, by number or by why it is there. */
export function weekName(week: { number?: number | null; role: Schemas['RulerWeek']['role'] }): string {
  if (week.number != null) {
    return wording.weekNumber({ number: week.number })
  }
  return {
    COURSE: wording.week(),
    REPEAT: wording.onceMore(),
    DETOUR: wording.detour(),
    EMPTY: wording.empty(),
  }[week.role]
}

/** A week by where it stands and what it is about. */
export const weekTitle = (week: Parameters<typeof weekName>[0] & { title: string }) =>
  week.role === 'EMPTY' ? week.title : `${weekName(week)}: ${lowerFirst(week.title)}`
