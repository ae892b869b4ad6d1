import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import type { School } from '../../ui/Schools'
import { units } from '../../shared/promise/quota-words'
import { wording } from './wording'

export type Quota = Schemas['QuotaView']
/** A quota in short, as lists show it; one with all of it will do as well. */
export type QuotaLine = Schemas['QuotaLine'] & { before?: Quota['before'] }
export type Terms = Schemas['QuotaTerms']
export type Sheet = Schemas['WorksheetView']

export const KINDS: Record<Terms['kind'], { name: string; line: string }> = {
  SPRINT: { name: wording.soManyByADate(), line: wording.n90MooringPostsInTenDays() },
  OWN_TIME: {
    name: wording.soManyInMyOwnTime(),
    line: wording.n100PagesWithoutADateA(),
  },
  DAILY_RUN: { name: wording.oneEveryDay(), line: wording.aPageADayForThirty() },
  PROMPT_LIST: { name: wording.aListOfPrompts(), line: wording.twelveOfAListInAny() },
  RAMP: { name: wording.aLittleMoreEachWeek(), line: wording.tenThenFifteenThenTwenty() },
  STANDING: { name: wording.soManyEveryWeek(), line: wording.twentyQuickPosesAWeekWithout() },
}

export const MISSED: School[] = [
  {
    value: 'SPREAD',
    label: wording.spread(),
    reasons: [wording.theDaysLeftTakeItOver(), wording.theDateHoldsTheDaysGrow()],
  },
  {
    value: 'SLIDE',
    label: wording.slide(),
    reasons: [wording.theLastDayMovesOnBy(), wording.theDaysStayAsTheyAre()],
  },
  {
    value: 'LET_GO',
    label: wording.letGo(),
    reasons: [wording.whatTheDayAskedForIs(), wording.theDateAndTheDaysHold()],
  },
]

export const OUTCOMES: Record<Exclude<Quota['outcome'], 'RUNNING'>, string> = {
  FINISHED: wording.finished(),
  STOPPED: wording.stopped(),
  RUN_OUT: wording.theLastDayIsOver(),
  LET_GO: wording.allOfItWasLetGo(),
}

export const unitOf = (terms: Terms): Terms['unit'] => (terms.kind === 'PROMPT_LIST' ? 'PROMPTS' : terms.unit)

/** Whether it has a date, or a week, to be judged by. */
export const isDated = (terms: Terms) => terms.kind !== 'OWN_TIME'

export const weekly = (terms: Terms) => terms.kind === 'RAMP' || terms.kind === 'STANDING'

/** What is promised, in one line. */
export function promise(terms: Terms, format: Formats): string {
  const unit = unitOf(terms)
  switch (terms.kind) {
    case 'SPRINT':
      return wording.countByDue({
        count: units(terms.count, unit, format),
        due: format.dayMonth(terms.due ?? terms.start),
      })
    case 'OWN_TIME':
      return wording.countInYourOwnTime({ count: units(terms.count, unit, format) })
    case 'PROMPT_LIST':
      return wording.countByDue({
        count: units(terms.count, unit, format),
        due: format.dayMonth(terms.due ?? terms.start),
      })
    case 'DAILY_RUN':
      return wording.countADayOnDrawingDays({
        count: units(terms.count, unit, format),
        days: terms.days ?? 0,
      })
    case 'RAMP':
      return wording.countAWeekAndStepMore({
        count: units(terms.count, unit, format),
        step: terms.step ?? '',
        weeks: terms.weeks ?? 0,
      })
    case 'STANDING':
      return wording.countEveryWeek({ count: units(terms.count, unit, format) })
  }
}

const WORDS: Record<Schemas['Forecast']['verdict'], string> = {
  AHEAD: wording.ahead(),
  ON_PACE: wording.onPace(),
  SLIPPING: wording.slipping(),
  OUT_OF_REACH: wording.outOfReachAtThisPace(),
  OPEN: wording.inYourOwnTime(),
}

const aDay = (plan: number, format: Formats) =>
  wording.planADay({ plan: plan === 0 ? wording.notEvenOne() : format.number(Math.round(plan * 10) / 10) })

/** How it goes, with the figure behind it. */
export function verdict(quota: QuotaLine, format: Formats): string {
  const { forecast, progress } = quota
  if (!forecast) {
    return ''
  }
  if (progress.left === 0) {
    return wording.thisWeeksCountIsReached()
  }
  if (!isDated(quota.terms)) {
    return forecast.basis === 'OWN_DAYS'
      ? wording.atYourPaceOfDrawingDays({
          ownDays: forecast.ownDays,
          middle: forecast.middle ? format.dayMonth(forecast.middle) : wording.aYearFromNowOrLater(),
        })
      : wording.threeDrawingDaysOfYourOwn()
  }
  const count =
    progress.asked === 1
      ? units(1, unitOf(quota.terms), format)
      : wording.allAsked({ asked: format.number(progress.asked) })
  const goal = weekly(quota.terms)
    ? wording.thisWeeksAsked({ asked: progress.asked })
    : wording.countByDue({ count, due: format.dayMonth(progress.due) })
  switch (forecast.basis) {
    case 'PLAN':
      return wording.byThePlanGoalThisRests({ goal })
    case 'SHORT_PLAN':
      return wording.outOfReachThePlansTimeHoldsPlan({
        outOfReach: WORDS.OUT_OF_REACH,
        plan: aDay(forecast.plan, format),
        goal,
      })
    case 'OWN_DAYS':
      return wording.verdictInTimeForGoalItRests({
        verdict: WORDS[forecast.verdict],
        inTime: format.percent(forecast.inTime ?? 0),
        goal,
        ownDays: forecast.ownDays,
      })
  }
}

/** Whether it is more likely to fail than not. */
export const isAtRisk = ({ forecast }: Pick<QuotaLine, 'forecast'>) =>
  forecast?.verdict === 'SLIPPING' || forecast?.verdict === 'OUT_OF_REACH'

/** What would change it; nothing while it goes well. */
export function changes(quota: Quota, format: Formats): string[] {
  const { forecast, progress, terms } = quota
  if (!forecast || progress.left === 0 || !isAtRisk(quota)) {
    return []
  }
  const lines = progress.daysLeft > 0 ? [needed(quota, format)] : []
  if (!weekly(terms) && forecast.moreDays != null && forecast.moreDays > 0) {
    lines.push(
      wording.moreDrawingDaysAtBasisMiddle({
        moreDays: forecast.moreDays,
        basis: forecast.basis === 'OWN_DAYS' ? wording.yourPace() : aDay(forecast.plan, format),
        middle: forecast.middle ? wording.toMiddle({ middle: format.dayMonth(forecast.middle) }) : '',
      }),
    )
  }
  if (forecast.reachable > 0) {
    lines.push(
      wording.reachableInsteadOfAsked({
        reachable: format.number(forecast.reachable),
        asked: format.number(progress.asked),
      }),
    )
  }
  return lines
}

/** What the days left would have to bring. */
export function needed({ progress, terms }: Pick<QuotaLine, 'progress' | 'terms'>, format: Formats): string {
  const { daysLeft, left, neededPerDay } = progress
  const unit = unitOf(terms)
  if (left === 0) {
    return wording.nothingMoreInThisSpan()
  }
  if (daysLeft === 0) {
    return wording.leftAndNoDrawingDayIs({ left: units(left, unit, format) })
  }
  const time = wording.aboutMinutesNeeded({ minutesNeeded: format.minutes(progress.minutesNeeded) })
  return daysLeft === 1
    ? wording.neededPerDayOnTheOneDayLeft({ neededPerDay: units(neededPerDay, unit, format), time })
    : wording.neededPerDayOnEachOfDaysLeftDays({
        neededPerDay: units(neededPerDay, unit, format),
        daysLeft,
        time,
      })
}

/** What a promise needs, in one short sentence. */
export function needs(
  { progress, terms }: Pick<QuotaLine, 'progress' | 'terms'>,
  today: string,
  format: Formats,
) {
  if (progress.daysLeft === 0) {
    return wording.noDrawingDayIsLeft()
  }
  const from = terms.start > today ? wording.fromStart({ start: format.dayMonth(terms.start) }) : ''
  return wording.needsNeededPerDayADayFrom({
    neededPerDay: units(progress.neededPerDay, unitOf(terms), format),
    from,
  })
}

/** The dates by which it is reached. */
export function dates(forecast: Schemas['Forecast'], format: Formats): string {
  if (forecast.basis !== 'OWN_DAYS') {
    return ''
  }
  const day = (date: string | null | undefined) => (date ? format.dayMonth(date) : wording.notWithinAYear())
  if (!forecast.early) {
    return wording.notReachedWithinAYearAt()
  }
  if (forecast.early === forecast.late) {
    return wording.reachedByEarly({ early: day(forecast.early) })
  }
  return wording.reachedByEarlyWith10By({
    early: day(forecast.early),
    middle: day(forecast.middle),
    late: day(forecast.late),
  })
}

/** How often own days were enough for what is needed now. */
export function enough(forecast: Schemas['Forecast'], needed: number, unit: Terms['unit'], format: Formats) {
  const { enough: e } = forecast
  return e
    ? wording.casesOfOwnDaysBroughtNeeded({
        cases: e.cases,
        of: e.of,
        needed: units(needed, unit, format),
        low: Math.round(e.low * 100),
        high: Math.round(e.high * 100),
      })
    : undefined
}

/** Whether it fits, beside what is promised already as well. */
export const fitsIn = (sheet: Sheet) => sheet.answer === 'YES'

/** Whether a promise can be kept, in one sentence. */
export function canBeDone(sheet: Sheet, terms: Terms, format: Formats): string {
  if (!isDated(terms) && sheet.answer !== 'NO_DAY') {
    return sheet.answer === 'TOO_MUCH'
      ? wording.notWithinThreeYearsWithThese()
      : wording.inDrawingDaysByDueIf({ drawingDays: sheet.drawingDays, due: format.dayMonthYear(sheet.due) })
  }
  const load = wording.loadOfTheTime({ load: format.percent(sheet.load ?? 0) })
  const most = wording.perDayADayAtMostLoad({ perDay: units(sheet.perDay, unitOf(terms), format), load })
  return {
    NO_DAY: wording.noThereIsNoDayWith(),
    TOO_MUCH: wording.notLikeThisItTakesLoad({ load }),
    ONLY_ALONE: wording.onlyByItselfMost({ most }),
    YES: wording.yesMost({ most }),
  }[sheet.answer]
}

/** The sum behind a promise. */
export function sum(sheet: Sheet, format: Formats): string {
  return wording.drawingMinutesOfDrawingAndOverheadMinutesOf({
    drawingMinutes: format.minutes(sheet.drawingMinutes),
    overheadMinutes: format.minutes(sheet.overheadMinutes),
    availableMinutes: format.minutes(sheet.availableMinutes),
    drawingDays: sheet.drawingDays,
  })
}

/** What other promises take of a day, and whether what is asked fits beside it. */
export function promisedAlready(day: Sheet['day'], asked: number, format: Formats): string {
  const begin = wording.ofTheDaysAvailableOtherPromises({
    available: format.minutes(day.available),
    promised: format.minutes(day.promised),
  })
  return day.over ? wording.beginTheseAskedDoNotFit({ begin, asked: format.minutes(asked) }) : `${begin}.`
}

/** What a promise leaves of a day for the course. */
export function leftForCourse(left: number, of: number, format: Formats): string {
  return left === 0
    ? wording.ofTheDaysOfTheCourse({ of: format.minutes(of) })
    : wording.ofTheDaysOfTheCourse2({ of: format.minutes(of), left: format.minutes(left) })
}

/** Where the minutes each come from. */
export function paceOrigin(sheet: Sheet, terms: Terms, format: Formats): string {
  if (terms.insists) {
    return wording.secondsEachEachAsYouInsistOwnEntries({
      secondsEach: format.each(sheet.secondsEach),
      ownEntries:
        sheet.ownEntries > 0
          ? wording.theMedianOfOwnEntriesIs({
              ownEntries: sheet.ownEntries,
              ownSeconds: format.each(sheet.ownSeconds),
            })
          : '',
    })
  }
  if (sheet.ownEntries === 0) {
    return wording.secondsEachEachAsYouExpectThere({ secondsEach: format.each(sheet.secondsEach) })
  }
  return wording.secondsEachEachFromOwnEntriesMedian({
    secondsEach: format.each(sheet.secondsEach),
    ownEntries: sheet.ownEntries,
    ownSeconds: format.each(sheet.ownSeconds),
    leansOnExpected: sheet.leansOnExpected,
  })
}

/** What would make it fit; `take` is what it writes into the form, where the form has a place for it. */
export interface Remedy {
  text: string
  take?: { minutesADay: string } | { due: string } | { count: string } | { count: string; due: string }
}

/** Each remedy alone, and exact. */
export function remedies(sheet: Sheet, terms: Terms, format: Formats): Remedy[] {
  const lines: Remedy[] = []
  const dated = terms.due != null
  if (sheet.minutesADay != null) {
    lines.push({
      text: wording.minutesADayADay({ minutesADay: format.minutes(sheet.minutesADay) }),
      take: { minutesADay: format.writeNumber(sheet.minutesADay) },
    })
  }
  if (sheet.extraDays != null && sheet.extraUntil) {
    lines.push({
      text: wording.moreDrawingDaysToExtraUntil({
        extraDays: sheet.extraDays,
        extraUntil: format.dayMonth(sheet.extraUntil),
      }),
      take: dated ? { due: sheet.extraUntil } : undefined,
    })
  }
  if (sheet.drop != null && sheet.drop < sheet.count) {
    const count = sheet.count - sheet.drop
    lines.push({
      text: wording.countInsteadOfCount2({
        count: units(count, unitOf(terms), format),
        before: format.number(sheet.count),
      }),
      take: dated ? { count: format.writeNumber(count) } : undefined,
    })
  }
  if (sheet.paceSeconds != null && sheet.paceSeconds < sheet.secondsEach) {
    lines.push({ text: wording.paceSecondsEach({ paceSeconds: format.each(sheet.paceSeconds) }) })
  }
  return lines
}

/** Smaller promises to begin with, where the count is one. */
export function trials(sheet: Sheet, terms: Terms, format: Formats): Remedy[] {
  const counted = terms.kind === 'SPRINT' || terms.kind === 'PROMPT_LIST' || terms.kind === 'OWN_TIME'
  return counted && terms.unit !== 'MINUTES'
    ? sheet.trials.map((trial) => ({
        text: wording.countToUntilAboutMinutesOn({
          count: units(trial.count, unitOf(terms), format),
          until: format.dayMonth(trial.until),
          minutes: format.minutes(trial.minutes),
          days: trial.days,
        }),
        take: {
          count: format.writeNumber(trial.count),
          ...(terms.due == null ? {} : { due: trial.until }),
        },
      }))
    : []
}

/** How time and marks went from entry to entry, as far as it can be said. */
export function went(record: Schemas['QuotaRecord'], format: Formats): string {
  const said = (name: string, goes: Schemas['MannKendall'], up: string, down: string) =>
    goes.trend
      ? wording.nameSFromEntryToEntry({
          name,
          s: goes.s > 0 ? up : down,
          tau: format.number(Math.round(goes.tau * 100) / 100),
          of: goes.of,
        })
      : ''
  const of = Math.max(record.paceGoes.of, record.marksGo.of)
  const told = [
    said(wording.theTimeEachTook(), record.paceGoes, 'grew', 'fell'),
    said(wording.marks(), record.marksGo, 'rose', 'fell'),
  ].filter(Boolean)
  if (told.length > 0 || of === 0) {
    return told.join(' ')
  }
  return wording.noTrendInTimeOrMarks({ of })
}
