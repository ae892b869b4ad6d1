// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  weekWeek: (a: { week: string | number }) => `Week ${a.week}: `,
  calendarWeekIsoWeek: (a: { isoWeek: string | number }) => `Calendar week ${a.isoWeek}`,
  upToToMin: (a: { to: string | number }) => `up to ${a.to} min`,
  fromToToMin: (a: { from: string | number; to: string | number }) => `${a.from} to ${a.to} min`,
  overFromMin: (a: { from: string | number }) => `over ${a.from} min`,
  beforeToOclock: (a: { to: string | number }) => `before ${a.to} o’clock`,
  afterFromOclock: (a: { from: string | number }) => `after ${a.from} o’clock`,
  fromToToOclock: (a: { from: string | number; to: string | number }) => `${a.from} to ${a.to} o’clock`,
  drawingsMoreOfTopicNextWeek: (a: { drawings: number; topic: string | number }) =>
    `${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })} more of ${a.topic} next week`,
  exerciseDrawnOfPlannedDrawn: (a: {
    exercise: string | number
    drawn: string | number
    planned: string | number
  }) => `${a.exercise}: ${a.drawn} of ${a.planned} drawn`,
  topicAsAWarmUpMinutes: (a: { topic: string | number; minutes: string | number }) =>
    `${a.topic} as a warm-up, ${a.minutes}`,
  andNeededForNeededFor: (a: { neededFor: string | number }) => `, and needed for ${a.neededFor}`,
  rustyAtFreshnessNeededFor: (a: { freshness: string | number; neededFor: string | number }) =>
    `rusty at ${a.freshness}${a.neededFor}`,
  remarkAsWhatToLookFor: (a: { remark: string | number }) =>
    `“${a.remark}” as what to look for in the next sittings`,
  andBeforeInTheFourBefore: (a: { before: string | number }) => ` and ${a.before} in the four before`,
  saidTimesThisWeekBefore: (a: { times: string | number; before: string | number }) =>
    `said ${a.times} this week${a.before}`,
  keepPercentFreeInsteadOfKept: (a: { percent: string | number; kept: string | number }) =>
    `Keep ${a.percent} % free instead of ${a.kept}`,
  daysForTitle: (a: { days: number; title: string | number }) =>
    `${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })} for ${a.title}`,
  drawnOfThePlannedMinutesWere: (a: { drawn: string | number; before: string | number }) =>
    `${a.drawn} of the planned minutes were drawn, ${a.before} the week before`,
  minutesOfWorkLessInTitle: (a: { minutes: string | number; title: string | number }) =>
    `${a.minutes} of work less in ${a.title}`,
  titleOnceMore: (a: { title: string | number }) => `${a.title} once more`,
  whatWasToBeLookedFor: (a: { found: string | number; answers: number }) =>
    `what was to be looked for was found in ${a.found} of ${plural(a.answers, { one: `${a.answers} entry`, other: `${a.answers} entries` })}`,
  aWeekForTopicBeforeNeededFor: (a: { topic: string | number; neededFor: string | number }) =>
    `A week for ${a.topic} before ${a.neededFor}`,
  neverDrawnSoFarAndNeeded: (a: { neededFor: string | number }) =>
    `never drawn so far, and needed for ${a.neededFor}`,
  dayAsARestDay: (a: { day: string | number }) => `${a.day} as a rest day`,
  minutesOnDaySInsteadOf: (a: { minutes: string | number; day: string | number; planned: string | number }) =>
    `${a.minutes} on ${a.day}s instead of ${a.planned}`,
  nothingWasDrawnOnTheLast: (a: { planned: string | number }) =>
    `nothing was drawn on the last four, with ${a.planned} planned`,
  drawnWereDrawnOnTheLast: (a: { drawn: string | number }) =>
    `${a.drawn} were drawn on the last four, on average; setting up comes to it`,
  timedPosesFirstThenTheLesson: () => `Timed poses first, then the lesson`,
  lessonsAndStudiesAreMarkedMarks: (a: { marks: string | number; otherwise: string | number }) =>
    `lessons and studies are marked ${a.marks} after poses, ${a.otherwise} without`,
  theLessonFirstThenTimedPoses: () => `The lesson first, then timed poses`,
  lessonsAndStudiesAreMarkedMarks2: (a: { marks: string | number; otherwise: string | number }) =>
    `lessons and studies are marked ${a.marks} without poses before, ${a.otherwise} after them`,
  resourceNextFromTheShelf: (a: { resource: string | number }) => `${a.resource} next from the shelf`,
  itTeachesTopicNothingThatYou: (a: { topic: string | number }) =>
    `it teaches ${a.topic}; nothing that you read now does`,
  theNextSittingsAskForIt: () => `The next sittings ask for it.`,
  theSettingsHoldItNow: () => `The settings hold it now.`,
  itComesNextOnTheShelf: () => `It comes next on the shelf.`,
  thePlanHoldsItNowIts: () => `The plan holds it now; its history says why.`,
  inTheSettings: () => `In the settings`,
  onTheShelf: () => `On the shelf`,
  inThePlan: () => `In the plan`,
  theEndStaysOnEnd: (a: { end: string | number }) => `the end stays on ${a.end}`,
  theEndMovesFromEndTo: (a: { from: string | number; to: string | number }) =>
    `the end moves from ${a.from} to ${a.to}`,
  theWeekAsksForLoadOf: (a: { load: string | number; before: string | number }) =>
    `, the week asks for ${a.load} of its time instead of ${a.before}`,
  andNotAllOfItFits: () => `, and not all of it fits`,
  whatTakenBack: (a: { what: string | number }) => `${a.what}: taken back.`,
  whatSinceDrawn: (a: { what: string | number; since: string | number }) => `${a.what}: ${a.since} drawn.`,
  notDrawn: () => `not drawn`,
  drawingsSince: (a: { since: number }) =>
    `${plural(a.since, { one: `${a.since} drawing`, other: `${a.since} drawings` })} since`,
  noMore: () => `no more`,
  whatSaidSinceTimesTheWeek: (a: { what: string | number; since: string | number; times: string | number }) =>
    `${a.what}: said ${a.since}, ${a.times} the week before.`,
  whatItStands: (a: { what: string | number }) => `${a.what}: it stands.`,
  whatDrawingsSince: (a: { what: string | number; since: number }) =>
    `${a.what}: ${plural(a.since, { one: `${a.since} drawing`, other: `${a.since} drawings` })} since.`,
  notOpenedYet: () => `not opened yet`,
  sinceWithIt: (a: { since: string | number }) => `${a.since} with it`,
  drawnOfWishedMoreDrawingsMade: (a: { drawn: string | number; wished: string | number }) =>
    `${a.drawn} of ${a.wished} more drawings made`,
  drawingsMadeWishedWereWishedFor: (a: { drawn: number; wished: string | number }) =>
    `${plural(a.drawn, { one: `${a.drawn} drawing`, other: `${a.drawn} drawings` })} made, ${a.wished} were wished for`,
  nameSinceSinceDrawn: (a: { name: string | number; since: string | number; drawn: string | number }) =>
    `${a.name}, since ${a.since}: ${a.drawn}`,
  meanInEntries: (a: { mean: string | number; entries: number }) =>
    `${a.mean} in ${plural(a.entries, { one: `${a.entries} entry`, other: `${a.entries} entries` })}`,
  markedBeforeOfFourWeeksBefore: (a: { before: string | number; since: string | number }) =>
    `marked ${a.before} of four weeks before, ${a.since} since`,
  pPage: (a: { page: string | number }) => `p ${a.page}`,
  pageMarkMark: (a: { page: string | number; mark: string | number }) => `${a.page}, mark ${a.mark}`,
  told: (a: { told: boolean; minutes: string | number; drawings: number; days: number }) =>
    `${select(a.told, { true: ``, other: `about ` })}${a.minutes}, ${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })} on ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}`,
  paused: () => `Paused`,
  newWord: () => `New`,
  read: () => `Read`,
  recalled: () => `Recalled`,
  titleRightOfAsked: (a: { title: string | number; right: string | number; asked: string | number }) =>
    `${a.title}, ${a.right} of ${a.asked}`,
  nextOnDue: (a: { due: string | number }) => `next on ${a.due}`,
  best: () => `Best`,
  weakestWeakest: (a: { weakest: string | number }) => `weakest: ${a.weakest}`,
  wentWrong: () => `Went wrong`,
  suchRemarksInBefore: (a: { reduce: number; before: string | number }) =>
    `${plural(a.reduce, { one: `${a.reduce} such remark`, other: `${a.reduce} such remarks` })} in ${a.before}`,
  whatFor: () => `What for`,
  minutesOfOfInFourWeeks: (a: { minutes: string | number; of: string | number; join: string | number }) =>
    `${a.minutes} of ${a.of} in four weeks went into ${a.join}`,
  habitsChanged: () => `Habits changed`,
  drawn: () => `Drawn`,
  nothingThisWeek: () => `nothing this week`,
  theFirstWeekTheNextOnes: () => `the first week; the next ones can be held against it`,
  beforeInTheWeekBefore: (a: { before: string | number }) => `${a.before} in the week before`,
  beforeAWeekInTheWeeksBefore: (a: { before: string | number; weeksBefore: number }) =>
    `${a.before} a week in the ${plural(a.weeksBefore, { '=0': `no`, '=1': `one`, '=2': `two`, '=3': `three`, other: `four` })} before`,
  theWholeWeek: () => `the whole week`,
  planned: () => `Planned`,
  metOfExercisesMet: (a: { met: string | number; planned: number }) =>
    `${a.met} of ${plural(a.planned, { one: `${a.planned} exercise`, other: `${a.planned} exercises` })} met`,
  titleLeftMinutesCounted: (a: { title: string | number; left: string | number; minutesCounted: boolean }) =>
    `${a.title}, ${a.left}${select(a.minutesCounted, { true: ` min`, other: `` })} left`,
  run: () => `Run`,
  goingRusty: () => `Going rusty`,
  inWeekTitle: (a: { weekTitle: string | number }) => `in ${a.weekTitle}`,
  inWeekWeek: (a: { week: string | number }) => `in week ${a.week}`,
  firstNeededWeek: (a: { week: string | number }) => `first needed ${a.week}`,
  feltWeak: () => `Felt weak`,
  theFourWeeksBefore: () => `the four weeks before`,
  lengthThatSuits: () => `Length that suits`,
  habits: () => `Habits`,
  calledMarkMark: (a: { called: string | number; mark: string | number }) => `${a.called}, mark ${a.mark}`,
  markMarkCalled: (a: { mark: string | number; called: string | number }) => `mark ${a.mark}, ${a.called}`,
  notOverYet: () => `, not over yet`,
  whatBecameOfLastWeeksChanges: () => `What became of last week’s changes`,
  whatIExpected: () => `What I expected`,
  whatIThinkOfIt: () => `What I think of it`,
  whatFollows: () => `What follows`,
  nextWeekIExpect: () => `Next week I expect`,
  weeks: () => `Weeks`,
  months: () => `Months`,
  theYear: () => `The year`,
  beforeAndAfter: () => `Before and after`,
  favourites: () => `Favourites`,
  sittings: () => `Sittings`,
  partsOfLookingBack: () => `Parts of looking back`,
  printOrKeepAsPdf: () => `Print, or keep as PDF`,
  asMarkdown: () => `As Markdown`,
  closed: () => `closed`,
  passedOver: () => `passed over`,
  weeksLookedBackOn: () => `Weeks looked back on`,
  theWeekOfDueWaitsTo: (a: { due: string | number }) => `The week of ${a.due} waits to be looked back on`,
  nothingWaitsToBeLookedBack: () => `Nothing waits to be looked back on today.`,
  drawings: (a: { drawings: number }) =>
    `${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })}`,
  changesTaken: (a: { taken: number }) =>
    `, ${plural(a.taken, { one: `${a.taken} change`, other: `${a.taken} changes` })} taken`,
  severalWeeksAsOneDocument: () => `Several weeks as one document`,
  whichDayIsForIt: () => `Which day is for it`,
  howManyFromTheNewestBack: () => `How many, from the newest back`,
  reading: () => `Reading…`,
  putThemTogether: () => `Put them together`,
  lettersTheOldestFirst: () => `Letters, the oldest first`,
  notKeptMessage: (a: { message: string | number }) => `Not kept: ${a.message}`,
  theWeekIsLookedBackOn: () => `The week is looked back on, on`,
  minutesAWeek: (a: { minutes: string | number }) => `${a.minutes} a week`,
  nowWeeklyBeforeInTheMonthBefore: (a: { now: string | number; weeklyBefore: string | number }) =>
    `${a.now}${a.weeklyBefore} in the month before`,
  marks: () => `Marks`,
  meanMarkBeforeTheMonthBefore: (a: { meanMarkBefore: string | number }) =>
    `${a.meanMarkBefore} the month before`,
  nothingThisMonth: () => `nothing this month`,
  theWholeMonth: () => `the whole month`,
  metOfExercisesMet2: (a: { met: string | number; of: number }) =>
    `${a.met} of ${plural(a.of, { one: `${a.of} exercise`, other: `${a.of} exercises` })} met`,
  theMonthBefore: () => `the month before`,
  weekByWeek: () => `Week by week`,
  whatBecameOfTheChanges: () => `What became of the changes`,
  nextMonthIExpect: () => `Next month I expect`,
  notKeptThisTimeWasChanged: (a: { time: string | number }) =>
    `Not kept: this ${a.time} was changed in another window. What you typed is still here; press once more.`,
  twoRemarksThatMeanTheSame: () => `Two remarks that mean the same`,
  fewerThanTwoWereWrittenIn: () => `Fewer than two were written in this week and the four before.`,
  thisOne: () => `This one`,
  choose: () => `choose`,
  andThisOne: () => `and this one`,
  countThemAsOne: () => `Count them as one`,
  oneAndOther: (a: { one: string | number; other: string | number }) => `“${a.one}” and “${a.other}”`,
  partOneAndOther: (a: { one: string | number; other: string | number }) =>
    `Part “${a.one}” and “${a.other}”`,
  partThem: () => `Part them`,
  doesItStillFeelWeak: () => `Does it still feel weak?`,
  moreOfIt: () => `More of it`,
  noLongerWeakName: (a: { name: string | number }) => `No longer weak: ${a.name}`,
  nameNoLongerWeak: (a: { name: string | number }) => `${a.name}: no longer weak.`,
  undo: () => `Undo`,
  noLonger: () => `No longer`,
  whatYouMakeOfIt: () => `What you make of it`,
  theWeekBefore: () => `The week before`,
  theWeekAfter: () => `The week after`,
  itsMonth: () => `Its month`,
  allWeeks: () => `All weeks`,
  notTakenMessage: (a: { message: string | number }) => `Not taken: ${a.message}`,
  nothingWasExpectedOfThisWeek: () => `Nothing was expected of this week in writing.`,
  nothingIsOfferedFromWhatThis: () => `Nothing is offered from what this week shows.`,
  offeredFromWhatTheWeekShows: () =>
    `Offered from what the week shows. Nothing changes before you have seen what it does.`,
  takeItWhat: (a: { what: string | number }) => `Take it: ${a.what}`,
  takeIt: () => `Take it`,
  notNowWhat: (a: { what: string | number }) => `Not now: ${a.what}`,
  notNow: () => `Not now`,
  notNow2: () => `not now`,
  offeredAgainInFourWeeksIf: () => `; offered again in four weeks if it still follows`,
  offerItAgainWhat: (a: { what: string | number }) => `Offer it again: ${a.what}`,
  offerItAgain: () => `Offer it again`,
  taken: () => `taken`,
  aChangeOfYourOwn: () => `A change of your own`,
  oneSentenceToBeReadIn: () => `one sentence, to be read in a week`,
  closeTheWeek: () => `Close the week`,
  keepItStillOpen: () => `Keep it, still open`,
  passedOverItCanBeWritten: () => `Passed over; it can be written all the same.`,
  passThisWeekOver: () => `Pass this week over`,
  closedWithoutWords: () => `Closed without words.`,
  openItAgain: () => `Open it again`,
  marksWeekByWeek: () => `Marks, week by week`,
  minutesOnADrawingDay: () => `Minutes on a drawing day`,
  minutesADrawing: () => `Minutes a drawing`,
  pagesOnADrawingDay: () => `Pages on a drawing day`,
  entriesThatSayWhatWentWrong: () => `Entries that say what went wrong`,
  whatWasLookedForAndFound: () => `What was looked for and found`,
  ownFigure: () => `Own figure`,
  calledADrawing: (a: { called: string | number }) => `${a.called} a drawing`,
  noTrendThatWeeksCanShow: (a: { weeks: number }) =>
    `No trend that ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })} can show.`,
  up: () => `Up`,
  down: () => `Down`,
  wayBySlopeAWeekLow: (a: {
    way: string | number
    slope: string | number
    low: string | number
    high: string | number
  }) => `${a.way} by ${a.slope} a week (${a.low} to ${a.high} with 95 %).`,
  wayOverWeeks: (a: { way: string | number; weeks: number }) =>
    `${a.way} over ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}.`,
  below0001: () => `below 0.001`,
  mannKendallOverWeeksTauTau: (a: { weeks: number; tau: string | number; p: string | number }) =>
    `Mann–Kendall over ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}: tau ${a.tau}, chance ${a.p}. Said from eight weeks on, with a chance below 0.05.`,
  theilSenOverWeeksSaidWhere: (a: { weeks: number }) =>
    `Theil–Sen over ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}. Said where the interval leaves 0 out.`,
  fewerThanEightWeeks: () => `Fewer than eight weeks.`,
  setWhereAPhaseBegins: () => `Set where a phase begins`,
  ofWhichFigure: () => `Of which figure`,
  aPhaseBeginsWithTheWeek: () => `A phase begins with the week of`,
  leaveItToTheFiguresAgain: () => `Leave it to the figures again`,
  theFirstWeekThatIsOver: () =>
    `The first week that is over shows here. A trend is said from eight weeks on, where it can be told from chance.`,
  phases: () => `Phases`,
  nothingDrawn: () => `nothing drawn`,
  minutesDrawingsOnDays: (a: { minutes: string | number; drawings: number; days: number }) =>
    `${a.minutes}, ${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })} on ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}`,
  allMonthsMonths: (a: { months: string | number }) => `All ${a.months} months`,
  howSure: () => `How sure`,
  whereTheLevelOfAFigure: () =>
    `Where the level of a figure changed and stayed so for three weeks or more; each figure by itself. What could as well be chance is no phase.`,
  noPhasesThatTheseWeeksCan: () => `No phases that these weeks can show.`,
  partedByYou: () => `, parted by you`,
  itRatherChangedByAndBy: () =>
    `It rather changed by and by: one straight line explains these weeks better than levels do. Take the phases for stages on its way.`,
  marksThatFellWithSomethingNew: () => `Marks that fell with something new`,
  threeWeeksBeforeAgainstUpTo: () =>
    `Three weeks before against up to three from then on, half a mark or more. It stands here because it is usual, not because one made the other.`,
  topicNewOnFrom: (a: { topic: string | number; from: string | number }) => `${a.topic}, new on ${a.from}`,
  notAsGoodAsBeforeYet: () => `not as good as before yet`,
  asGoodAsBeforeAfterWeeks: (a: { endedAfter: number }) =>
    `as good as before after ${plural(a.endedAfter, { one: `${a.endedAfter} week`, other: `${a.endedAfter} weeks` })}`,
  markBeforeBeforeAfterAfterEndedAfter: (a: {
    before: string | number
    after: string | number
    endedAfter: string | number
  }) => `mark ${a.before} before, ${a.after} after; ${a.endedAfter}`,
  drawings2: (a: { drawings: number }) => `${plural(a.drawings, { one: `drawing`, other: `drawings` })}`,
  fromToTo: (a: { from: string | number; to: string | number }) => `${a.from} to ${a.to},`,
  aPageOfThisTime: () => `A page of this time`,
  habitsBeforeAndAfter: () => `Habits before and after`,
  callItSomethingElse: () => `Call it something else`,
  giveItAName: () => `Give it a name`,
  whatYouCallIt: () => `What you call it`,
  keep: () => `Keep`,
  weeks2: (a: { weeks: number }) =>
    `${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}`,
  weekWeeksOfMonthNotOver: (a: { weeks: string | number; month: string | number }) =>
    `week ${a.weeks} of ${a.month}, not over yet`,
  aWeekBelongsToTheMonth: () =>
    `A week belongs to the month that most of its days lie in, so that each stands in one month alone.`,
  theMonthBefore2: () => `The month before`,
  theMonthAfter: () => `The month after`,
  allMonths: () => `All months`,
  kept: () => `Kept.`,
  oneSentenceToBeReadIn2: () => `one sentence, to be read in a month`,
  keepIt: () => `Keep it`,
  passedOver2: () => `Passed over.`,
  notLookedBackOn: () => `Not looked back on.`,
  book: () => `book`,
  course: () => `course`,
  promise: () => `promise`,
  pause: () => `pause`,
  monthMinutesDrawingsOnDays: (a: {
    month: string | number
    minutes: string | number
    drawings: number
    filter: number
  }) =>
    `${a.month}: ${a.minutes}, ${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })} on ${plural(a.filter, { one: `${a.filter} day`, other: `${a.filter} days` })}`,
  printOnOneSheet: () => `Print on one sheet`,
  nothingWasDrawnInThisYear: () => `Nothing was drawn in this year.`,
  theSecondHalfAndRuns: () => `The second half, and runs`,
  januaryToMarch: () => `January to March`,
  aprilToJune: () => `April to June`,
  julyToSeptember: () => `July to September`,
  octoberToDecember: () => `October to December`,
  booksFilled: () => `Books filled`,
  it: () => `it`,
  all: () => `all`,
  aPage: () => `a page`,
  anHour: () => `an hour`,
  paperOfBooksJoin: (a: { books: string | number; join: string | number }) =>
    `· paper of ${a.books}: ${a.join}`,
  untilTo: (a: { to: string | number }) => ` until ${a.to}`,
  theLongestLongestAndWhatLay: (a: { longest: string | number }) =>
    `The ${a.longest} longest, and what lay between`,
  minutesOnDays: (a: { minutes: string | number; drawn: number }) =>
    `, ${a.minutes} on ${plural(a.drawn, { one: `${a.drawn} day`, other: `${a.drawn} days` })}`,
  nothingDrawn2: () => `, nothing drawn`,
  betweenDaysDrawn: (a: { days: number; drawn: string | number }) =>
    `between: ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}${a.drawn}`,
  pausedJoin: (a: { join: string | number }) => `; paused: ${a.join}`,
  runsUnderAllThreeSchools: () => `Runs, under all three schools`,
  yours: () => ` (yours)`,
  longestLongestLongestFromNowCurrentCurrentFrom: (a: {
    longest: string | number
    longestFrom: string | number
    current: string | number
    currentFrom: string | number
  }) => `longest ${a.longest}${a.longestFrom}; now ${a.current}${a.currentFrom}`,
  missesForgiven: (a: { forgiven: number }) =>
    `, ${plural(a.forgiven, { one: `${a.forgiven} miss`, other: `${a.forgiven} misses` })} forgiven`,
  layDrawingsOfASubjectSide: () => `Lay drawings of a subject side by side`,
  whichSubjectItIs: () => `Which subject it is`,
  theStairsByTheSlip: () => `the stairs by the slip`,
  showDrawingsOf: () => `Show drawings of`,
  hulls: () => `hulls`,
  drawingsWithAPicture: () => `Drawings with a picture`,
  andFoundMoreAWordAbove: (a: { found: string | number }) =>
    `and ${a.found} more; a word above narrows them down`,
  theseChosen: (a: { chosen: string | number }) => `these ${a.chosen} `,
  layChosenSideBySide: (a: { chosen: string | number }) => `Lay ${a.chosen}side by side`,
  aNameAndTwoDrawingsAre: () => `a name and two drawings are needed`,
  titleIsTakenApart: (a: { title: string | number }) => `${a.title} is taken apart.`,
  notTakenApartMessage: (a: { message: string | number }) => `Not taken apart: ${a.message}`,
  takeApart: () => `Take apart`,
  noCourseAsksForASubject: () => `No course asks for a subject twice yet. Under`,
  course2: () => `Course`,
  changeThePlan: () => `Change the plan`,
  putsOneInDrawnUnaidedNow: () =>
    `puts one in: drawn unaided now, and once more at the end. What was drawn again without a plan is laid side by side below.`,
  daysMinutesAndDrawingsLieBetween: (a: { days: number; minutes: string | number; drawings: number }) =>
    `${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}, ${a.minutes} and ${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })} lie between the first and the last.`,
  itLiesBesideItselfOnceIt: () => `it lies beside itself once it is drawn again.`,
  drawnWithoutAPictureOfIts: () => `drawn, without a picture of its page`,
  plannedForTheWeekOfPlanned: (a: { planned: string | number }) => `planned for the week of ${a.planned}`,
  markMark: (a: { mark: string | number }) => `, mark ${a.mark}`,
  meanOffsetOffItsReference: (a: { meanOffset: string | number }) => `${a.meanOffset} % off its reference`,
  twoPicturesAtATimeThe: () =>
    `Two pictures at a time, the better one chosen. After some choices the best stand out, and it is said how sure that is.`,
  pictures: (a: { pictures: number }) =>
    `${plural(a.pictures, { one: `${a.pictures} picture`, other: `${a.pictures} pictures` })}`,
  choices: (a: { choices: number }) =>
    `${plural(a.choices, { one: `${a.choices} choice`, other: `${a.choices} choices` })}`,
  beginOne: () => `Begin one`,
  chooseAmong: () => `Choose among`,
  foldedCorners: () => `Folded corners`,
  picturesOfPrivatePagesStayOut: () =>
    `Pictures of private pages stay out. A corner is folded on the page itself, in`,
  books: () => `Books`,
  notBegunMessage: (a: { message: string | number }) => `Not begun: ${a.message}`,
  beginWithTitle: (a: { title: string | number }) => `Begin with ${a.title}`,
  begin: () => `Begin`,
  firstInARow: () => `first in a row`,
  thirdAndLater: () => `third and later`,
  theFirstSittingThatIsOver: () =>
    `The first sitting that is over shows here. What suits is said from five marked sittings of two kinds on.`,
  sittingsAreOverMeansWithTheir: (a: { sittings: number }) =>
    `${plural(a.sittings, { one: `${a.sittings} sitting`, other: `${a.sittings} sittings` })} ${plural(a.sittings, { one: `is`, other: `are` })} over. Means with their 95 % span.`,
  byLength: () => `By length`,
  byPlaceInARow: () => `By place in a row`,
  withAndWithoutAWarmUp: () => `With and without a warm-up before`,
  whatMakesYouSitDownWhen: () => `What makes you sit down, when and where`,
  byHour: () => `By hour`,
  byPlace: () => `By place`,
  aBreakEvery45To50: () =>
    `A break every 45 to 50 minutes keeps hand, neck and eyes well. Rest is allowed; pain that stays belongs to a doctor.`,
  lowToHigh: (a: { low: string | number; high: string | number }) => ` (${a.low} to ${a.high})`,
  sittings2: () => `sittings`,
  mark: () => `mark`,
  energy: () => `energy`,
  none: () => `none`,
  bestEnergyLeavesMostEnergy: (a: { bestEnergy: string | number }) => ` ${a.bestEnergy} leaves most energy.`,
  bestMarksBestMarksEnergy: (a: { bestMarks: string | number; energy: string | number }) =>
    `Best marks: ${a.bestMarks}.${a.energy}`,
  tooFewToSayMarkedSittings: (a: { lacking: number; energy: string | number }) =>
    `Too few to say: ${plural(a.lacking, { one: `${a.lacking} marked sitting`, other: `${a.lacking} marked sittings` })} more would do.${a.energy}`,
  noneStandsApartFromTheOthers: (a: { energy: string | number }) =>
    `None stands apart from the others.${a.energy}`,
  inTheLastFourWeeksMinutes: (a: { minutes: string | number; day: string | number }) =>
    `; in the last four weeks ${a.minutes} on ${a.day}.`,
  longestWithoutABreakMinutesOn: (a: {
    minutes: string | number
    day: string | number
    longestLately: string | number
  }) => `Longest without a break: ${a.minutes} on ${a.day}${a.longestLately}`,
  whatMakesYouSitDown: () => `What makes you sit down`,
  toldWhenASittingBeginsSuch: () =>
    `Told when a sitting begins, such as “after I locked up the bicycle”. How often it leads to drawing is counted from then on.`,
  ledToDrawingOnLedOf: (a: {
    led: string | number
    of: number
    percent: string | number
    low: string | number
    high: string | number
    minutes: string | number
  }) =>
    `led to drawing on ${a.led} of ${plural(a.of, { one: `${a.of} day`, other: `${a.of} days` })} since, ${a.percent} (${a.low} to ${a.high}), ${a.minutes}`,
  howHardItSeemsAndIs: () => `How hard it seems, and is`,
  toldBeforeAndAfterASitting: () =>
    `Told before and after a sitting, it shows whether it was as hard as it seemed.`,
  theyAreEasierThanTheySeem: () => ` They are easier than they seem.`,
  theyAreHarderThanTheySeem: () => ` They are harder than they seem.`,
  thatMayBeChance: () => ` That may be chance.`,
  ofSittingsEasierWereEasierThan: (a: {
    told: number
    easier: number
    same: string | number
    harder: string | number
    said: string | number
  }) =>
    `Of ${plural(a.told, { one: `${a.told} sitting`, other: `${a.told} sittings` })} ${a.easier} ${plural(a.easier, { one: `was easier than it`, other: `were easier than they` })} seemed, ${a.same} as hard, ${a.harder} harder.${a.said}`,
  whatYouWantToBeAble: () => `What you want to be able to draw`,
  aBoardOfPicturesPagesOf: () =>
    `A board of pictures: pages of your own, or files. It is shown when energy is low and at each review.`,
  larger: () => `Larger`,
  smaller: () => `Smaller`,
  takeItDown: () => `Take it down`,
  pictureIArrowKeysMoveIt: (a: { i: string | number }) =>
    `Picture ${a.i}; arrow keys move it, plus and minus change its size`,
  notHungMessage: (a: { message: string | number }) => `Not hung: ${a.message}`,
  hangAnotherPicture: () => `Hang another picture`,
  aPictureToHang: () => `A picture to hang`,
  fromAFile: () => `From a file`,
  pagesAndOwnReferences: () => `Pages and own references`,
  hangName: (a: { name: string | number }) => `Hang ${a.name}`,
  goals: () => `Goals`,
  whatACourseAPromiseOr: () =>
    `What a course, a promise or a book is for is said on its own page, and asked again here at its end.`,
  kindFromFrom: (a: { kind: string | number; from: string | number }) => `${a.kind}, from ${a.from}`,
  toTo: (a: { to: string | number }) => ` to ${a.to}`,
  noted: () => `noted`,
  aPieceLastWorkedOn: () => `a piece, last worked on`,
  leftOff: () => `left off`,
  openEnds: () => `Open ends`,
  anIdeaForLater: () => `An idea for later`,
  theCraneFromBelowAtDusk: () => `the crane from below, at dusk`,
  noteIt: () => `Note it`,
  nothingWaits: () => `Nothing waits.`,
  drawnText: (a: { text: string | number }) => `Drawn: ${a.text}`,
  letItGoText: (a: { text: string | number }) => `Let it go: ${a.text}`,
  letItGo: () => `Let it go`,
  letGoGone: (a: { gone: string | number }) => `Let go: ${a.gone}`,
  takeItUpAgainText: (a: { text: string | number }) => `Take it up again: ${a.text}`,
  takeItUpAgain: () => `Take it up again`,
  itNamesNoTopicOfYours: () => `It names no topic of yours, so that no minutes can be counted for it.`,
  minutesOfOfInFourWeeks2: (a: { minutes: string | number; of: string | number; join: string | number }) =>
    `${a.minutes} of ${a.of} in four weeks went into ${a.join}, which it names.`,
  nothingWasSaidYetOneSentence: () => `Nothing was said yet. One sentence is enough.`,
  sayItAnew: () => `Say it anew`,
  sayIt: () => `Say it`,
  goalsAndOpenEnds: () => `Goals and open ends`,
  whatYouLikeInThemAnd: () => `What you like in them, and what not`,
  liked: () => `Liked`,
  notLiked: () => `Not liked`,
  about: () => `About`,
  aPicture: () => `a picture`,
  nothingSaid: () => `nothing said`,
  iLike: () => `I like`,
  iDoNotLike: () => `I do not like`,
  medium: () => `medium`,
  source: () => `source`,
  subject: () => `subject`,
  timeForOneDrawing: () => `time for one drawing`,
  whatItShows: () => `what it shows`,
  titleIsRemoved: (a: { title: string | number }) => `${a.title} is removed.`,
  whichIsTheBetterOnePress: () => `Which is the better one? Press it, or the arrow key on its side.`,
  theLeftPicture: () => `The left picture`,
  theRightPicture: () => `The right picture`,
  tooFewOfItsPicturesAre: () => `Too few of its pictures are left to choose between.`,
  theBestAreSettledMorePictures: () => `The best are settled. More pictures can be ranked in another set.`,
  choicesSoFar: (a: { choices: number }) =>
    `${plural(a.choices, { one: `${a.choices} choice`, other: `${a.choices} choices` })} so far`,
  takeTheLastOneBack: () => `Take the last one back`,
  removeThisRanking: () => `Remove this ranking`,
  allRankings: () => `All rankings`,
  theOrderSoFar: () => `The order so far`,
  noChoiceYet: () => `No choice yet.`,
  oneIs: () => `one is`,
  topAre: (a: { top: string | number }) => `${a.top} are`,
  theBestTopSettled: (a: { top: string | number }) => `The best ${a.top} settled.`,
  notSettledSureSureOfThe: (a: { sure: string | number; top: string | number; choices: number }) =>
    `Not settled: ${a.sure} sure of the best ${a.top} after ${plural(a.choices, { one: `${a.choices} choice`, other: `${a.choices} choices` })}. They may be as good as each other.`,
  sureSureOfTheBestTop: (a: { sure: string | number; top: string | number }) =>
    `${a.sure} sure of the best ${a.top}; settled from 80 % on.`,
  whatTheyShareForNow: () => `What they share, for now:`,
  topOfTheBestOfTopS: (a: { top: string | number; ofTop: string | number; s: string | number }) =>
    `${a.top} of the best ${a.ofTop}: ${a.s}`,
  whatRestOfTheOtherOfRest: (a: { what: string | number; rest: string | number; ofRest: string | number }) =>
    `(${a.what}; ${a.rest} of the other ${a.ofRest})`,
  andRankedMoreAfterThem: (a: { ranked: string | number }) => `and ${a.ranked} more after them`,
  exercises: () => `Exercises`,
  pNumberOfBook: (a: { number: string | number; book: string | number }) => `p ${a.number} of ${a.book}`,
  byName: () => `By name`,
  writeWhatYouLookForInto: () =>
    `Write what you look for into the search line: an exercise, a medium, words from a note or a letter, a book, a date, or a page such as`,
  pages: () => `Pages`,
  weekOfFrom: (a: { from: string | number }) => `week of ${a.from}`,
  noneSearchLooksAtExerciseTopic: () =>
    `None. Search looks at exercise, topic, medium, book and notes; a date or a page finds what was drawn there.`,
  theLatestEntriesOfTotal: (a: { entries: string | number; total: string | number }) =>
    `the latest ${a.entries} of ${a.total}`,
  noPicture: () => `no picture`,
  noneInYourCourse: () => `None in your course.`,
  inYourLetters: () => `In your letters`,
  day: () => `Day`,
  theLatestPagesOfTotal: (a: { pages: string | number; total: string | number }) =>
    `the latest ${a.pages} of ${a.total}`,
  p41: () => `p 41`,
  daysItCanMean: () => `Days it can mean`,
  weekWeekFound: (a: { week: string | number }) => `week ${a.week}, `,
  entries2: () => `Entries`,
  onTheShelfFound: () => `on the shelf`,
  fromSource: (a: { source: string | number }) => `from ${a.source}`,
  afterAWarmUp: () => `after a warm-up`,
  withoutOne: () => `without one`,
  drawnFreelyDrawnOfFourWeeks: (a: { drawn: string | number }) => `drawn freely: ${a.drawn} of four weeks`,
  soThatItAsksForWhat: (a: { drawn: string | number; before: string | number }) =>
    `so that it asks for what you draw: ${a.drawn} of the planned minutes, ${a.before} the week before`,
  weekOfFigure: (a: { from: string | number; figure: string | number; phase: boolean }) =>
    `Week of ${a.from}: ${a.figure}${select(a.phase, { true: `, a new phase begins`, other: `` })}`,
  times: (a: { n: number }) => `${plural(a.n, { '=1': `once`, '=2': `twice`, other: `${a.n} times` })}`,
  drawnInQuarter: (a: { n: string | number; quarter: string | number }) => `${a.n} in ${a.quarter}`,
  readFromTo: (a: { from: string | number; to: string | number }) => `${a.from} to ${a.to}`,
  habitNew: (a: { habit: string | number }) => `new: ${a.habit}`,
  habitGone: (a: { habit: string | number }) => `gone: ${a.habit}`,
}
