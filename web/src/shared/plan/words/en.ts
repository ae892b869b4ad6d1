// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  countMinOf: (a: { count: string | number }) => `${a.count} min of`,
  oneAloneIsLongerThanAny: () => `; one alone is longer than any day’s room`,
  itWaitsForWorkThatDoes: () => `; it waits for work that does not fit`,
  minutesADayOnEachDayThatHas: (a: { minutesADay: string | number }) =>
    `${a.minutesADay} on each day that has any`,
  moreDrawingDaysUntilUntil: (a: { extraDays: number; until: string | number }) =>
    `${plural(a.extraDays, { one: `${a.extraDays} more drawing day`, other: `${a.extraDays} more drawing days` })}, until ${a.until}`,
  minOf: () => ` min of`,
  dropsLeftOut: (a: { drops: string | number }) => `${a.drops} left out`,
  secondsEachEachForTitleInsteadOf: (a: {
    secondsEach: string | number
    title: string | number
    planned: string | number
  }) => `${a.secondsEach} each for ${a.title} instead of ${a.planned}`,
  titleOnWhenTakesMinutesOf: (a: {
    title: string | number
    when: string | number
    minutes: string | number
    available: string | number
  }) => `${a.title} on ${a.when} takes ${a.minutes} of your ${a.available}; nothing else has room.`,
  titleOnWhenFallsOnA: (a: { title: string | number; when: string | number }) =>
    `${a.title} on ${a.when} falls on a rest day.`,
  titleOnWhenFallsIntoA: (a: { title: string | number; when: string | number }) =>
    `${a.title} on ${a.when} falls into a pause.`,
  titleOnWhenBeginsBeforeOther: (a: {
    title: string | number
    when: string | number
    other: string | number
  }) => `${a.title} on ${a.when} begins before ${a.other} is over.`,
  takenBackThePlanIsAs: () => `Taken back. The plan is as it was before that change.`,
  thePlanIsChanged: () => `The plan is changed.`,
  undo: () => `Undo`,
  workingItOut: () => `Working it out…`,
  thisCannotBeDoneRefused: (a: { refused: string | number }) => `This cannot be done: ${a.refused}.`,
  theCourseEndsOn: () => `The course ends on`,
  asBefore: () => `, as before.`,
  daysMoved2: (a: { moved: number; moved2: boolean; end: string | number }) =>
    `, ${plural(a.moved, { one: `${a.moved} day`, other: `${a.moved} days` })} ${select(a.moved2, { true: `later`, other: `earlier` })} than ${a.end}.`,
  wouldNeverBeAskedFor: () => `would never be asked for.`,
  drawings: (a: { droppedDrawings: number }) =>
    `${plural(a.droppedDrawings, { one: `${a.droppedDrawings} drawing`, other: `${a.droppedDrawings} drawings` })}`,
  nothingOfThisWeekIsPlanned: () => `Nothing of this week is planned any more.`,
  minutesADayOfThisWeek: () => `Minutes a day of this week`,
  now: () => `now`,
  thenWord: () => `then`,
  doesNotFitJoin: (a: { join: string | number }) => `Does not fit: ${a.join}.`,
  theLoadIsLoadOfThe: (a: { load: string | number }) => ` The load is ${a.load} of the room.`,
  theLoadIsLoadOfThe2: (a: { load: string | number }) => `; the load is ${a.load} of the room`,
  everythingFitsLoad: (a: { load: string | number }) => `Everything fits${a.load}.`,
  reasonKeptInTheHistory: () => `Reason, kept in the history`,
  whatItDoes: () => `What it does`,
  whatItDoesIsShownHere: () => `What it does is shown here before anything is changed.`,
  changeThePlan: () => `Change the plan`,
  droppedMinutesMin: (a: { droppedMinutes: string | number }) => `${a.droppedMinutes} min`,
  and: () => ` and `,
  nothing: () => `nothing`,
}
