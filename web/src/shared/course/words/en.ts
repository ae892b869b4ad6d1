// Made from en.json by "npm run words".
import { plural } from '../../../ui/language'

export const messages = {
  thisWeek: () => `this week`,
  moreMinutesOnTheDaysOf: () => `More minutes on the days of next week`,
  dropSomeOfNextWeeksWork: () => `Drop some of next week’s work`,
  makeNextWeekLonger: () => `Make next week longer`,
  whatWouldMakeTheEndTrue: () => `What would make the end true again`,
  lookAtItW: (a: { w: string | number }) => `Look at it: ${a.w}`,
  lookAtIt: () => `Look at it`,
  amountAWeekMoreThanYour: (a: { amount: string | number; minutes: string | number }) =>
    `${a.amount} a week more than your weeks brought, from now on; next week with ${a.minutes} on its days`,
  amountLessOfTheWorkAhead: (a: { amount: string | number; dropped: number }) =>
    `${a.amount} less of the work ahead; of it next week ${plural(a.dropped, { one: `${a.dropped} drawing`, other: `${a.dropped} drawings` })} can go`,
  nextWeekOverDaysThenThe: (a: { amount: number; end: string | number }) =>
    `next week over ${plural(a.amount, { one: `${a.amount} day`, other: `${a.amount} days` })}; then the plan ends on ${a.end}, about when it really will`,
  byPlanItEndsOnByPlan: (a: { byPlan: string | number }) => `By plan it ends on ${a.byPlan}`,
  asTheLastWeeksWentShare: (a: { ownWeeks: number; share: string | number }) =>
    `; as the last ${plural(a.ownWeeks, { one: `${a.ownWeeks} week`, other: `${a.ownWeeks} weeks` })} went (${a.share} of the planned minutes), about`,
  laterThanCanBeTold: () => `later than can be told`,
  earlyToLateFourInFive: (a: { early: string | number; late: string | number }) =>
    ` (${a.early} to ${a.late}, four in five)`,
  howItWillReallyGoIs: () => `. How it will really go is said after three weeks.`,
  eachStrokeIsAWeekThe: () =>
    `Each stroke is a week; the line across is your own room in the coming seven days. Red strokes do not fit.`,
  eachFitsYourOwnRoom: (a: { loads: number }) =>
    `${plural(a.loads, { one: `it`, other: `each` })} fits your own room`,
  overDoNotFitYourOwn: (a: { over: number }) =>
    `${a.over} ${plural(a.over, { one: `does`, other: `do` })} not fit your own room`,
  weeks: (a: { loads: number }) =>
    `${plural(a.loads, { one: `${a.loads} week`, other: `${a.loads} weeks` })}`,
  iTitleMinutesMin: (a: { i: string | number; title: string | number; minutes: string | number }) =>
    `${a.i}: ${a.title}, ${a.minutes} min`,
  weeksMinutesInAll: (a: { weeks: number; minutes: string | number }) =>
    `· ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })} · ${a.minutes} in all`,
  beginYouHaveNoRoomSet: (a: { begin: string | number; even: string | number }) =>
    `${a.begin}; you have no room set. ${a.even}`,
  beginOfYourRoomMinutesLoadAt: (a: {
    begin: string | number
    roomMinutes: string | number
    load: string | number
    pace: string | number
    even: string | number
  }) =>
    `${a.begin} of your ${a.roomMinutes}: ${a.load} %. At your minutes every drawing would have to take ${a.pace} % of its time. ${a.even}`,
  beginOfYourRoomMinutesLoad: (a: {
    begin: string | number
    roomMinutes: string | number
    load: string | number
  }) => `${a.begin} of your ${a.roomMinutes}: ${a.load} %.`,
  itsFullestWeekTakesMax: (a: { max: string | number }) => `Its fullest week takes ${a.max}`,
  itFitsWhenEveryDayHas: (a: { minutesADay: string | number }) =>
    `It fits when every day has ${a.minutesADay}, with setting up and the free share.`,
  course: () => `Course`,
  fileWasRefused: (a: { file: string | number }) => `${a.file} was refused`,
  atPlace: (a: { place: string | number }) => ` at ${a.place}`,
  nowCourse: (a: { course: string | number }) => `now ${a.course}`,
  unevenWeeks: (a: { fits: string | number; uneven: number; weeks: number; even: string | number }) =>
    `${a.fits} ${a.uneven} of its ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })} ${plural(a.uneven, { one: `does`, other: `do` })} not fit all the same: a drawing is not split over two days. ${a.even}`,
}
