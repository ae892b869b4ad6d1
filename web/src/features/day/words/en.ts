// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  yourAimComparisonsMoreAndIt: (a: { left: number }) =>
    `, your aim: ${plural(a.left, { one: `${a.left} comparison`, other: `${a.left} comparisons` })} more and it can be judged.`,
  yourAimItCanBeJudged: () => `, your aim: it can be judged on the bench.`,
  whatToLookForSinceYou: () => `, what to look for since you looked back.`,
  theWeekWaitsToBeLooked: () => `The week waits to be looked back on`,
  fiveMinutesItMayBePassed: () => `, five minutes; it may be passed over.`,
  titleIsOver: (a: { title: string | number }) => `${a.title} is over:`,
  whatBecameOfIt: () => `what became of it?`,
  afterDaysAway: () => `After days away`,
  daysDaysSinceYouLastDrew: (a: { days: string | number }) => `${a.days} days since you last drew.`,
  meanwhileFadedJoinTheyComeBack: (a: { join: string | number }) =>
    ` Meanwhile faded: ${a.join}. They come back with use.`,
  anEasyDayToBeginWith: (a: { easyMinutes: string | number; easy: string | number }) =>
    `An easy day to begin with: ${a.easyMinutes} of ${a.easy}, which you know best. It counts in full.`,
  putItIntoToday: () => `Put it into today`,
  warmUps: () => `Warm-ups`,
  warmUpTopic: (a: { topic: string | number }) => `Warm up: ${a.topic}`,
  fromImagination: () => `, from imagination`,
  withinSettingUp: () => ` · within setting up`,
  ofTheFreeShare: () => ` · of the free share`,
  done: () => `done`,
  beginTopic: (a: { topic: string | number }) => `Begin ${a.topic}`,
  begin: () => `Begin`,
  takeOutTopic: (a: { topic: string | number }) => `Take out ${a.topic}`,
  takeOut: () => `Take out`,
  warmUpsOffered: () => `Warm-ups offered`,
  toWarmUpWith: () => `To warm up with`,
  withinTheMinutesForSettingUp: () => `, within the minutes for setting up`,
  ofTheMinutesKeptFree: () => `, of the minutes kept free`,
  warmUpMinutesTopic: (a: { minutes: string | number; topic: string | number }) =>
    `Warm up, ${a.minutes}: ${a.topic}`,
  warmUpMinutes: (a: { minutes: string | number }) => `Warm up, ${a.minutes}`,
  noMinutesLeftForItToday: () => `no minutes left for it today`,
  topicStudiedYesterdayOnceMoreFrom: (a: { topic: string | number }) =>
    `${a.topic}, studied yesterday: once more, from imagination.`,
  takenUpInWhen: (a: { when: string | number }) => `taken up in ${a.when}`,
  neededForNeededForInWhen: (a: { neededFor: string | number; when: string | number }) =>
    `needed for ${a.neededFor} in ${a.when}`,
  fromFrom: (a: { from: string | number }) => `, from ${a.from}`,
  topicRustyFreshnessNeededFrom: (a: {
    topic: string | number
    freshness: string | number
    needed: string | number
    from: string | number
  }) => `${a.topic}: rusty (${a.freshness}), ${a.needed}${a.from}.`,
  whatToLookFor: () => `What to look for`,
  asItShouldBe: () => `As it should be?`,
  piecesUnderWay: () => `Pieces under way`,
  stageNumberOfOfStage: (a: { number: string | number; of: string | number; stage: string | number }) =>
    `stage ${a.number} of ${a.of}, ${a.stage}`,
  allGatesPassed: () => `all gates passed`,
  promised: () => `Promised`,
  doneTodayOfTodayToday: (a: { doneToday: string | number; today: string | number }) =>
    `${a.doneToday} of ${a.today} today`,
  servedOfItComeWithThe: (a: { served: string | number; count: number }) =>
    `${a.served} of it ${plural(a.count, { one: `comes`, other: `come` })} with the course.`,
  beginTitle: (a: { title: string | number }) => `Begin ${a.title}`,
  beginWords: (a: { words: string | number }) => `Begin ${a.words}`,
  toThePromptsOfTitle: (a: { title: string | number }) => `To the prompts of ${a.title}`,
  prompts: () => `Prompts`,
  inYourOwnTimeDoneOf: (a: { done: string | number; asked: string | number }) =>
    `in your own time · ${a.done} of ${a.asked}`,
  drawingDayNumber: (a: { number: string | number }) => `drawing day ${a.number} · `,
  numberNothingToday: (a: { number: string | number }) => `${a.number}nothing today`,
  doneTodayDoneBonusBeyondIt: (a: { doneToday: string | number; bonus: string | number }) =>
    `${a.doneToday} done, ${a.bonus} beyond it`,
  comesWithTheCourse: () => `comes with the course`,
  rulesYouWantedToKeep: () => `Rules you wanted to keep`,
  entryForWantedBy: (a: { entry: string | number; wantedBy: string | number }) =>
    `${a.entry}, for ${a.wantedBy}:`,
  yes: () => `Yes`,
  no: () => `No`,
  stillThere: () => `Still there?`,
  countMinDone: (a: { count: string | number }) => `${a.count} min, done`,
  countDoneBonusBeyondIt: (a: { count: string | number; bonus: string | number }) =>
    `${a.count} done, ${a.bonus} beyond it`,
  leftOfCountLeft: (a: { left: string | number; count: string | number }) => `${a.left} of ${a.count} left`,
  doneOfCountUnit: (a: { done: string | number; count: string | number; unit: boolean }) =>
    `${a.done} of ${a.count} ${select(a.unit, { true: `minutes`, other: `drawings` })} done`,
  countInsteadOfWasMissedMissed2: (a: {
    count: string | number
    was: string | number
    missed: string | number
    one: boolean
  }) =>
    `${a.count} instead of ${a.was}: ${a.missed} ${select(a.one, { true: `was`, other: `were` })} left from the days before.`,
  countInsteadOfWasMissedMore: (a: {
    count: string | number
    was: string | number
    missed: string | number
  }) => `${a.count} instead of ${a.was}: ${a.missed} more than planned so far.`,
  countInsteadOfWasTheDays: (a: { count: string | number; was: string | number }) =>
    `${a.count} instead of ${a.was}: the days have other room than when the week began.`,
  noRunJustNowTheLongest: (a: { longest: string | number }) =>
    `No run just now; the longest had ${a.longest}.`,
  theFirstDrawingBeginsTheLine: () => `The first drawing begins the line.`,
  weeksInARowInYour: (a: { current: number }) =>
    `${plural(a.current, { one: `${a.current} week`, other: `${a.current} weeks` })} in a row in your rhythm.`,
  withOneMissBetween: () => `, with one miss between`,
  withSingleMissesBetween: (a: { forgiven: number }) =>
    `, with ${plural(a.forgiven, { one: `${a.forgiven} single miss`, other: `${a.forgiven} single misses` })} between`,
  practisedDaysInARowMisses: (a: { current: number; misses: string | number }) =>
    `${plural(a.current, { one: `${a.current} practised day`, other: `${a.current} practised days` })} in a row${a.misses}.`,
  todayIsAlreadyIn: () => `Today is already in.`,
  weeks: (a: { current: number }) =>
    `${plural(a.current, { one: `${a.current} week`, other: `${a.current} weeks` })}`,
  missTodayAndTheRunOf: (a: { length: string | number }) => `Miss today and the run of ${a.length} ends.`,
  todayIsRestTheRunWaits: () => `Today is rest; the run waits.`,
  todayIsStillOpen: () => `Today is still open.`,
  pausedTheRunWaits: () => `Paused; the run waits.`,
  minutesTodayRestHandNeckAnd: (a: { minutes: string | number; usualMinutes: string | number }) =>
    `${a.minutes} today: rest hand, neck and eyes every ${a.usualMinutes} to 50 minutes. Pain that stays belongs to a doctor.`,
  minutesInSevenDaysWhereUsualMinutes: (a: { minutes: string | number; usualMinutes: string | number }) =>
    `${a.minutes} in seven days, where ${a.usualMinutes} were usual. Hands like slow increases; rest is allowed.`,
  bladesSlipWhenTheyAreBlunt: () =>
    `Blades slip when they are blunt: cut away from the hand that holds, and keep the cap on.`,
  charcoalAndPastelMakeDustFixative: () =>
    `Charcoal and pastel make dust, fixative makes fumes: open a window, do not blow, and follow the maker’s sheet.`,
  twelveWeeksPractisedDaysCount2Of: (a: {
    practised: number
    rest: string | number
    single: number
    without: string | number
  }) =>
    `Twelve weeks: ${plural(a.practised, { one: `${a.practised} practised day`, other: `${a.practised} practised days` })}, ${a.rest} of rest or pause, ${plural(a.single, { one: `${a.single} single miss`, other: `${a.single} single misses` })}, ${a.without} without practice.`,
  n3Boats12MinPenP: () => `3 boats, 12 min, pen, p 12, 4/5`,
  countToLowerCaseMinutesLeftMinPenP: (a: {
    count: string | number
    toLowerCase: string | number
    minutesLeft: string | number
  }) => `${a.count}${a.toLowerCase}, ${a.minutesLeft} min, pen, p 12, 4/5`,
  drawn: () => `drawn`,
  restOrPause: () => `rest or pause`,
  missedTheRunWentOn: () => `missed; the run went on`,
  nothingDrawn: () => `nothing drawn`,
  today: () => `today`,
  ahead: () => `ahead`,
  whateverYouLike: () => `Whatever you like`,
  keptFreeNothingIsCountedAgainst: () => `Kept free. Nothing is counted against it.`,
  overheadMinutesMoreAreForSettingUp: (a: { overheadMinutes: string | number }) =>
    ` ${a.overheadMinutes} more are for setting up.`,
  appointedOfThemComeWithThe: (a: { appointed: string | number }) =>
    `${a.appointed} of them come with the appointment of today.`,
  howAndWhatToLookFor: () => `How, and what to look for`,
  notYourDay: () => `Not your day?`,
  littleEnergy: () => `Little energy`,
  bored: () => `Bored`,
  littleTime: () => `Little time`,
  forFreeTimeWaitingSinceSince: (a: { since: string | number }) => `For free time, waiting since ${a.since}:`,
  letItGo: () => `Let it go`,
  thisWeek: () => `this week`,
  toDrawToday: () => `To draw today`,
  plannedMinutesOverMinutes: (a: {
    plannedMinutes: string | number
    overMinutes: boolean
    availableMinutes: string | number
  }) =>
    `${a.plannedMinutes}${select(a.overMinutes, { true: `, more than`, other: ` of` })} your ${a.availableMinutes}`,
  noReasonGiven: () => `no reason given`,
  pausedPauseNothingIsPlannedAnd: (a: { pause: string | number }) =>
    `Paused: ${a.pause}. Nothing is planned and nothing is counted against you.`,
  restTodayAsPlannedAnythingYou: () => `Rest today, as planned. Anything you draw all the same counts.`,
  theCourseWaitsToday: () => `The course waits today.`,
  aSittingOfYourOwn: () => `A sitting of your own`,
  theReferenceCabinet: () => `The reference cabinet`,
  everythingOfThisWeekIsDrawn: () => `Everything of this week is drawn. What comes now is yours.`,
  care: () => `Care`,
  doesNotFitIntoThisWeek: (a: { join: string | number }) => `Does not fit into this week: ${a.join}.`,
  itWouldFitWithAnyOf: () => `It would fit with any of these:`,
  makeItFit: () => `Make it fit`,
  joinFindNoDayThisWeek: (a: { join: string | number }) =>
    `${a.join} find no day this week: too little to change anything for.`,
  whateverYouLikeYouFollowNo: () => `Whatever you like. You follow no course;`,
  chooseOne: () => `choose one`,
  whenYouWantTheDaysPlanned: () => `when you want the days planned.`,
  titleBeginsOnStartUntilThen: (a: { title: string | number; start: string | number }) =>
    `${a.title} begins on ${a.start}. Until then draw whatever you like.`,
  titleEndedOnEnd: (a: { title: string | number; end: string | number }) => `${a.title} ended on ${a.end}.`,
  chooseWhatComesNext: () => `Choose what comes next`,
  drawn2: () => `Drawn`,
  drawings: (a: { drawings: number }) =>
    `, ${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })}`,
  todaysEntries: () => `Today’s entries`,
  nothingYetWriteALineSuch: () => `Nothing yet. Write a line such as`,
  n3Boats12MinPen: () => `3 boats, 12 min, pen`,
  or: () => `, or`,
  yesterdayHalfAnHour: () => `yesterday, half an hour`,
  stillOpen: () => `Still open`,
  yesterdayAndTheDaysBefore: () => `Yesterday and the days before`,
  numberLeftLeftTime: (a: { number: string | number; left: string | number; time: string | number }) =>
    `${a.number}${a.left} left${a.time}`,
  secondsEachEach: (a: { secondsEach: string | number }) => `${a.secondsEach} each`,
  weekWeek: (a: { week: string | number }) => `week ${a.week}`,
  countMin: (a: { count: string | number }) => `${a.count} min`,
  countDone: (a: { count: string | number }) => `${a.count} done`,
}
