// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  soManyByADate: () => `So many by a date`,
  n90MooringPostsInTenDays: () => `90 mooring posts in ten days.`,
  soManyInMyOwnTime: () => `So many in my own time`,
  n100PagesWithoutADateA: () => `100 pages, without a date: a pace, and when it may be done.`,
  oneEveryDay: () => `One every day`,
  aPageADayForThirty: () => `A page a day for thirty drawing days.`,
  aListOfPrompts: () => `A list of prompts`,
  twelveOfAListInAny: () => `Twelve of a list, in any order.`,
  aLittleMoreEachWeek: () => `A little more each week`,
  tenThenFifteenThenTwenty: () => `Ten, then fifteen, then twenty.`,
  soManyEveryWeek: () => `So many every week`,
  twentyQuickPosesAWeekWithout: () => `Twenty quick poses a week, without an end.`,
  spread: () => `Spread`,
  theDaysLeftTakeItOver: () => `The days left take it over.`,
  theDateHoldsTheDaysGrow: () => `The date holds; the days grow.`,
  slide: () => `Slide`,
  theLastDayMovesOnBy: () => `The last day moves on by as many days.`,
  theDaysStayAsTheyAre: () => `The days stay as they are; the end moves.`,
  letGo: () => `Let go`,
  whatTheDayAskedForIs: () => `What the day asked for is dropped.`,
  theDateAndTheDaysHold: () => `The date and the days hold; the count falls.`,
  finished: () => `Finished`,
  stopped: () => `Stopped`,
  theLastDayIsOver: () => `The last day is over`,
  allOfItWasLetGo: () => `All of it was let go`,
  countInYourOwnTime: (a: { count: string | number }) => `${a.count} in your own time`,
  countADayOnDrawingDays: (a: { count: string | number; days: number }) =>
    `${a.count} a day on ${plural(a.days, { one: `${a.days} drawing day`, other: `${a.days} drawing days` })}`,
  countAWeekAndStepMore: (a: { count: string | number; step: string | number; weeks: number }) =>
    `${a.count} a week and ${a.step} more each week, ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}`,
  countEveryWeek: (a: { count: string | number }) => `${a.count} every week`,
  ahead: () => `Ahead`,
  onPace: () => `On pace`,
  slipping: () => `Slipping`,
  outOfReachAtThisPace: () => `Out of reach at this pace`,
  inYourOwnTime: () => `In your own time`,
  notEvenOne: () => `not even one`,
  planADay: (a: { plan: string | number }) => `${a.plan} a day`,
  thisWeeksCountIsReached: () => `This week’s count is reached.`,
  aYearFromNowOrLater: () => `a year from now or later`,
  atYourPaceOfDrawingDays: (a: { ownDays: number; middle: string | number }) =>
    `At your pace of ${plural(a.ownDays, { one: `${a.ownDays} drawing day`, other: `${a.ownDays} drawing days` })} it may be done about ${a.middle}.`,
  threeDrawingDaysOfYourOwn: () => `Three drawing days of your own will say when it may be done.`,
  thisWeeksAsked: (a: { asked: string | number }) => `this week’s ${a.asked}`,
  byThePlanGoalThisRests: (a: { goal: string | number }) =>
    `By the plan ${a.goal}. This rests on the plan alone; three days of your own will say how likely it is.`,
  outOfReachThePlansTimeHoldsPlan: (a: {
    outOfReach: string | number
    plan: string | number
    goal: string | number
  }) =>
    `${a.outOfReach}: the plan’s time holds ${a.plan}, too few for ${a.goal}. This rests on the plan alone.`,
  verdictInTimeForGoalItRests: (a: {
    verdict: string | number
    inTime: string | number
    goal: string | number
    ownDays: string | number
  }) => `${a.verdict}: ${a.inTime} for ${a.goal}. It rests on ${a.ownDays} of your own days.`,
  yourPace: () => `your pace`,
  toMiddle: (a: { middle: string | number }) => `, to ${a.middle}`,
  moreDrawingDaysAtBasisMiddle: (a: { moreDays: number; basis: string | number; middle: string | number }) =>
    `${plural(a.moreDays, { one: `${a.moreDays} more drawing day`, other: `${a.moreDays} more drawing days` })} at ${a.basis}${a.middle}`,
  reachableInsteadOfAsked: (a: { reachable: string | number; asked: string | number }) =>
    `${a.reachable} instead of ${a.asked}`,
  nothingMoreInThisSpan: () => `nothing more in this span`,
  leftAndNoDrawingDayIs: (a: { left: string | number }) => `${a.left}, and no drawing day is left`,
  neededPerDayOnTheOneDayLeft: (a: { neededPerDay: string | number; time: string | number }) =>
    `${a.neededPerDay} on the one day left, ${a.time}`,
  neededPerDayOnEachOfDaysLeftDays: (a: {
    neededPerDay: string | number
    daysLeft: string | number
    time: string | number
  }) => `${a.neededPerDay} on each of ${a.daysLeft} days left, ${a.time} a day`,
  noDrawingDayIsLeft: () => `No drawing day is left.`,
  needsNeededPerDayADayFrom: (a: { neededPerDay: string | number; from: string | number }) =>
    `Needs ${a.neededPerDay} a day${a.from}.`,
  notWithinAYear: () => `not within a year`,
  notReachedWithinAYearAt: () => `Not reached within a year at this pace.`,
  reachedByEarly: (a: { early: string | number }) => `Reached by ${a.early}.`,
  reachedByEarlyWith10By: (a: { early: string | number; middle: string | number; late: string | number }) =>
    `Reached by ${a.early} with 10 %, by ${a.middle} with 50 %, by ${a.late} with 90 %.`,
  casesOfOwnDaysBroughtNeeded: (a: {
    cases: string | number
    of: number
    needed: string | number
    low: string | number
    high: string | number
  }) =>
    `${a.cases} of ${plural(a.of, { one: `${a.of} own day`, other: `${a.of} own days` })} brought ${a.needed} or more (${a.low}–${a.high} % with so few days).`,
  notWithinThreeYearsWithThese: () => `Not within three years with these minutes.`,
  inDrawingDaysByDueIf: (a: { drawingDays: number; due: string | number }) =>
    `In ${plural(a.drawingDays, { one: `${a.drawingDays} drawing day`, other: `${a.drawingDays} drawing days` })}, by ${a.due}, if you draw on each.`,
  loadOfTheTime: (a: { load: string | number }) => `${a.load} of the time.`,
  perDayADayAtMostLoad: (a: { perDay: string | number; load: string | number }) =>
    `${a.perDay} a day at most, ${a.load}`,
  noThereIsNoDayWith: () => `No: there is no day with minutes for it.`,
  notLikeThisItTakesLoad: (a: { load: string | number }) => `Not like this: it takes ${a.load}`,
  onlyByItselfMost: (a: { most: string | number }) => `Only by itself: ${a.most}`,
  yesMost: (a: { most: string | number }) => `Yes: ${a.most}`,
  drawingMinutesOfDrawingAndOverheadMinutesOf: (a: {
    drawingMinutes: string | number
    overheadMinutes: string | number
    availableMinutes: string | number
    drawingDays: number
  }) =>
    `${a.drawingMinutes} of drawing and ${a.overheadMinutes} of setting up, warming up and choosing references, against ${a.availableMinutes} on ${plural(a.drawingDays, { one: `${a.drawingDays} drawing day`, other: `${a.drawingDays} drawing days` })}.`,
  ofTheDaysAvailableOtherPromises: (a: { available: string | number; promised: string | number }) =>
    `Of the day’s ${a.available} other promises take about ${a.promised}`,
  beginTheseAskedDoNotFit: (a: { begin: string | number; asked: string | number }) =>
    `${a.begin}; these ${a.asked} do not fit beside them.`,
  ofTheDaysOfTheCourse: (a: { of: string | number }) =>
    `Of the day’s ${a.of} the course keeps nothing meanwhile.`,
  ofTheDaysOfTheCourse2: (a: { of: string | number; left: string | number }) =>
    `Of the day’s ${a.of} the course keeps about ${a.left} meanwhile.`,
  theMedianOfOwnEntriesIs: (a: { ownEntries: number; ownSeconds: string | number }) =>
    `; the median of ${plural(a.ownEntries, { one: `${a.ownEntries} own entry`, other: `${a.ownEntries} own entries` })} is ${a.ownSeconds}`,
  secondsEachEachAsYouInsistOwnEntries: (a: { secondsEach: string | number; ownEntries: string | number }) =>
    `${a.secondsEach} each, as you insist${a.ownEntries}.`,
  secondsEachEachAsYouExpectThere: (a: { secondsEach: string | number }) =>
    `${a.secondsEach} each, as you expect; there is no own entry yet.`,
  secondsEachEachFromOwnEntriesMedian: (a: {
    secondsEach: string | number
    ownEntries: number
    ownSeconds: string | number
    leansOnExpected: boolean
  }) =>
    `${a.secondsEach} each, from ${plural(a.ownEntries, { one: `${a.ownEntries} own entry`, other: `${a.ownEntries} own entries` })} (median ${a.ownSeconds})${select(a.leansOnExpected, { true: ` and what you expect`, other: `` })}.`,
  minutesADayADay: (a: { minutesADay: string | number }) => `${a.minutesADay} a day`,
  moreDrawingDaysToExtraUntil: (a: { extraDays: number; extraUntil: string | number }) =>
    `${plural(a.extraDays, { one: `${a.extraDays} more drawing day`, other: `${a.extraDays} more drawing days` })}, to ${a.extraUntil}`,
  countInsteadOfCount2: (a: { count: string | number; before: string | number }) =>
    `${a.count} instead of ${a.before}`,
  paceSecondsEach: (a: { paceSeconds: string | number }) => `${a.paceSeconds} each`,
  countToUntilAboutMinutesOn: (a: {
    count: string | number
    until: string | number
    minutes: string | number
    days: number
  }) =>
    `${a.count} to ${a.until}: about ${a.minutes} on ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}`,
  nameSFromEntryToEntry: (a: {
    name: string | number
    s: string | number
    tau: string | number
    of: number
  }) =>
    `${a.name} ${a.s} from entry to entry (tau ${a.tau}, ${plural(a.of, { one: `${a.of} entry`, other: `${a.of} entries` })}).`,
  theTimeEachTook: () => `The time each took`,
  marks: () => `Marks`,
  noTrendInTimeOrMarks: (a: { of: number }) =>
    `No trend in time or marks that ${plural(a.of, { one: `${a.of} entry`, other: `${a.of} entries` })} can show.`,
  nameKeptOfEntries: (a: { name: string | number; kept: string | number; of: number }) =>
    `${a.name}: ${a.kept} of ${plural(a.of, { one: `${a.of} entry`, other: `${a.of} entries` })}`,
  itsPagesAsOnePdf: () => `Its pages as one PDF`,
  notBegunMessage: (a: { message: string | number }) => `Not begun: ${a.message}`,
  theBestPages: () => `The best pages`,
  pagesFromTheFirstToThe: () => `Pages, from the first to the last`,
  markMark: (a: { mark: string | number }) => `, mark ${a.mark}`,
  goOnChoosing: () => `Go on choosing`,
  rankThemTwoAtATime: () => `Rank them, two at a time`,
  settled: () => `settled`,
  sureSure: (a: { sure: string | number }) => `${a.sure} sure`,
  aPicture: () => `a picture`,
  byYourOwnChoicesSettledJoin: (a: { settled: string | number; join: string | number }) =>
    `By your own choices, ${a.settled}: ${a.join}.`,
  firstThird: () => `first third`,
  secondThird: () => `second third`,
  lastThird: () => `last third`,
  onEndedOn: (a: { endedOn: string | number }) => ` on ${a.endedOn}`,
  ofAsked: (a: { asked: string | number }) => ` of ${a.asked}`,
  toLowerCaseOnDaysMinutes: (a: { toLowerCase: string | number; days: number; minutes: string | number }) =>
    `${a.toLowerCase} on ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}, ${a.minutes}`,
  doneOfAskedTheTimeBefore: (a: { done: string | number; asked: string | number }) =>
    ` ${a.done} of ${a.asked} the time before.`,
  doneOfAskedInTheEnd: (a: { done: string | number; asked: string | number; before: string | number }) =>
    `${a.done} of ${a.asked} in the end.${a.before}`,
  whatItCameTo: () => `What it came to`,
  thisTime: () => `this time`,
  theTimeBefore: () => `the time before`,
  printThisReportOrKeepIt: () => `Print this report, or keep it as PDF`,
  takeItAgain: () => `Take it again`,
  goOnWithIt: () => `Go on with it`,
  theTimeBefore2: () => `The time before`,
  remove: () => `Remove`,
  medianTimeEach: () => `median time each`,
  notTold: () => `not told`,
  meanMark: () => `mean mark`,
  noMarks: () => `no marks`,
  bestChosen: (a: { best: string | number }) => `${a.best} chosen`,
  entries: () => `Entries`,
  markMark2: (a: { mark: string | number }) => ` · mark ${a.mark}`,
  oneSentenceWhatWasLearned: () => `One sentence: what was learned`,
  keepIt: () => `Keep it`,
  doneOfAskedOnTodayForecast: (a: {
    done: string | number
    asked: string | number
    today: string | number
    forecast: string | number
  }) => `${a.done} of ${a.asked} on ${a.today}. ${a.forecast}`,
  pNumberOfBook: (a: { number: string | number; book: string | number }) => `p ${a.number} of ${a.book}`,
  notThatOne: () => `Not that one`,
  onWhichPage: () => `On which page?`,
  itIsThere: () => `It is there`,
  leaveIt: () => `Leave it`,
  prompts: () => `Prompts`,
  noneYetBringAListWrite: () => `None yet. Bring a list, write one, or let three lists of words make some.`,
  pickedPickedOfListCountPromised: (a: {
    picked: string | number
    list: string | number
    count: string | number
  }) => `${a.picked} picked of ${a.list}; ${a.count} promised.`,
  beginWords: (a: { words: string | number }) => `Begin ${a.words}`,
  begin: () => `Begin`,
  workedOnFurther: () => `worked on further`,
  workOnItFurther: () => `Work on it further`,
  leaveOut: () => `Leave out`,
  pick: () => `Pick`,
  wordsEarlier: (a: { words: string | number }) => `${a.words} earlier`,
  removeWords: (a: { words: string | number }) => `Remove ${a.words}`,
  aPromptOfYourOwn: () => `A prompt of your own`,
  add: () => `Add`,
  bringAList: () => `Bring a list`,
  bringAListOfPrompts: () => `Bring a list of prompts`,
  oneALineOrCsvIts: () => `One a line, or CSV: its first column is taken.`,
  aFileOfPrompts: () => `A file of prompts`,
  fromAFile: () => `From a file`,
  addThem: () => `Add them`,
  madeFromThreeLists: () => `Made from three lists`,
  anotherWordForWord: (a: { word: string | number }) => `Another word for ${a.word}`,
  pressAWordForAnotherOne: () => `Press a word for another one.`,
  keepAsAPrompt: () => `Keep as a prompt`,
  allThreeAnew: () => `All three anew`,
  theThreeLists: () => `The three lists`,
  oneWordOrAFewA: () => `One word or a few a line.`,
  theListsAreKept: () => `The lists are kept.`,
  who: () => `Who`,
  withWhat: () => `With what`,
  doesWhat: () => `Does what`,
  aFairWayOnEachAlone: () => `A fair way on, each alone:`,
  whatWouldChangeItEachAlone: () => `What would change it, each alone:`,
  changeItToOneOfThese: () => `Change it to one of these`,
  orEndIt: () => `Or end it`,
  orEndItTotalAreA: (a: { total: string | number; count: number }) =>
    `Or end it: ${a.total} ${plural(a.count, { one: `is`, other: `are` })} a result`,
  numberNumber: (a: { number: string | number }) => `number ${a.number}`,
  beforeStart: (a: { start: string | number }) => ` before ${a.start}`,
  nothingIsAskedStart: (a: { start: string | number }) => `nothing is asked${a.start}`,
  servedComeWithTheCourse: (a: { served: number }) =>
    `, ${a.served} ${plural(a.served, { one: `comes`, other: `come` })} with the course`,
  bonusTodayBeyondIt: (a: { bonusToday: string | number }) => `, ${a.bonusToday} beyond it`,
  todayDoneTodayDoneServedBonusToday: (a: {
    today: string | number
    doneToday: string | number
    served: string | number
    bonusToday: string | number
  }) => `${a.today}, ${a.doneToday} done${a.served}${a.bonusToday}`,
  paceADrawingDay: (a: { pace: string | number }) => `${a.pace} a drawing day`,
  daysWithout: (a: { missed: number }) =>
    `, ${plural(a.missed, { one: `${a.missed} day`, other: `${a.missed} days` })} without`,
  fromEntries: (a: { ownEntries: number }) =>
    ` from ${plural(a.ownEntries, { one: `${a.ownEntries} entry`, other: `${a.ownEntries} entries` })}`,
  weeksSoFar: () => `Weeks so far`,
  fromFrom: (a: { from: string | number }) => `from ${a.from}`,
  doneOfTarget: (a: { done: string | number; target: string | number }) => `${a.done} of ${a.target}`,
  met: () => `met`,
  missed: () => `missed`,
  changeTheTerms: () => `Change the terms`,
  endIt: () => `End it`,
  endTitle: (a: { title: string | number }) => `End ${a.title}`,
  itsRecordStaysAndCanBe: () =>
    `Its record stays and can be gone on with, or taken again from the start later.`,
  totalSoFarAPromiseThat: (a: { total: string | number }) =>
    `${a.total} so far. A promise that was stopped is a result as well.`,
  endItToday: () => `End it today`,
  keepItRunning: () => `Keep it running`,
  removeItWithItsPrompts: () => `Remove it with its prompts`,
  thisQuotaIsNotThereAny: () => `This quota is not there any more.`,
  quotas: () => `Quotas`,
  makeAPromise: () => `Make a promise`,
  nothingIsPromisedAFirstOne: () => `Nothing is promised. A first one could be`,
  n30CoilsOfRopeInTwo: () => `30 coils of rope in two weeks`,
  theWorksheetSaysWhetherItCan: () => `: the worksheet says whether it can be done before you begin.`,
  over: () => `Over`,
  ofWeeksWeeksThatAreOver: (a: { weeks: string | number; inside: string | number }) =>
    `Of ${a.weeks} weeks that are over, ${a.inside} ended within what was called likely at their beginning, from 10 to 90 %.`,
  terms: (a: { terms: boolean; done: string | number; asked: string | number }) =>
    `${select(a.terms, { true: `this week `, other: `` })}${a.done} of ${a.asked}`,
  doneOfAsked: (a: { done: string | number; asked: string | number }) => `${a.done} of ${a.asked}`,
  sayHowManyAndByWhen: () => `Say how many and by when; the answer stands here at once.`,
  keepAllTheSame: (a: { keep: string | number }) => `${a.keep} all the same`,
  notNow: () => `Not now`,
  inTheFirstWeek: () => `In the first week: `,
  minutesADayOnEachDrawingDayWould: (a: { minutesADay: string | number }) =>
    `${a.minutesADay} on each drawing day would do.`,
  itWouldFitEachAloneWith: () => `It would fit, each alone, with (a press writes it into the promise)`,
  orASmallerOneFirstAs: () => `Or a smaller one first, as a trial:`,
  aboutWeekMinutesAWeekForIt: (a: { weekMinutes: string | number; usualWeekMinutes: string | number }) =>
    `About ${a.weekMinutes} a week for it, where ${a.usualWeekMinutes} were usual in all. Hands like slow increases; rest is allowed. Pain that stays belongs to a doctor.`,
  settingUpEachDrawingDayLearned: (a: { learned: string | number }) =>
    `Setting up, each drawing day. ${a.learned}`,
  aFirstDayIsNeeded: () => `A first day is needed.`,
  aLastDayIsNeeded: () => `A last day is needed.`,
  theLastDayIsBeforeThe: () => `The last day is before the first.`,
  oneWeekdayAtLeastIsNeeded: () => `One weekday at least is needed to draw on.`,
  aQuota: () => `A quota`,
  howMany: () => `How many`,
  howManyADay: () => `How many a day`,
  howManyOfTheList: () => `How many of the list`,
  howManyInTheFirstWeek: () => `How many in the first week`,
  howManyAWeek: () => `How many a week`,
  kindOfPromise: () => `Kind of promise`,
  title: () => `Title`,
  mooringPosts: () => `Mooring posts`,
  countedIn: () => `Counted in`,
  from: () => `From`,
  to: () => `To`,
  drawingDays: () => `Drawing days`,
  moreEachWeekThatIsMet: () => `More each week that is met`,
  weeks: () => `Weeks`,
  minutesEachAsYouExpect: () => `Minutes each, as you expect`,
  thisFigureHoldsWhateverOwnEntries: () => `this figure holds, whatever own entries tell`,
  minutesADayForIt: () => `Minutes a day for it`,
  allOfTheDay: () => `all of the day`,
  theseMinutesComeOnTopOf: () => `These minutes come on top of the day’s`,
  theCourseKeepsItsOwn: () => `The course keeps its own.`,
  nowTheyAreTakenFromThe: () => `Now they are taken from the course’s days.`,
  whatCountsWhereAFieldIs: () => `What counts; where a field is empty, anything counts`,
  topic: () => `Topic`,
  exercise: () => `Exercise`,
  anyWord: () => `any`,
  medium: () => `Medium`,
  source: () => `Source`,
  book: () => `Book`,
  restDaysBesidesYourOwn: () => `Rest days, besides your own`,
  toKeepToTheLogAsks: () => `To keep to; the log asks kindly and never blocks`,
  aMissedDay: () => `A missed day`,
  somethingIsStillMissing: () => `Something is still missing.`,
  theTermsAreChanged: () => `The terms are changed.`,
  promisedTodayAsksForItNow: () => `Promised. Today asks for it now.`,
  aPromise: () => `A promise`,
  canItBeDone: () => `Can it be done?`,
  changeIt: () => `Change it`,
  promiseIt: () => `Promise it`,
  daysOfSpan: (a: { days: string | number; span: string | number }) => `${a.days} of ${a.span}`,
  itsDrawingDay: () => `Its drawing day`,
  today: () => `Today`,
  needed: () => `Needed`,
  paceSoFar: () => `Pace so far`,
  timeEach: () => `Time each`,
  allAsked: (a: { asked: string | number }) => `all ${a.asked}`,
  countByDue: (a: { count: string | number; due: string | number }) => `${a.count} by ${a.due}`,
  aboutMinutesNeeded: (a: { minutesNeeded: string | number }) => `about ${a.minutesNeeded}`,
  fromStart: (a: { start: string | number }) => ` from ${a.start}`,
}
