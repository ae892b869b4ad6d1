// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  theCourseIsLaidOnYour: () => `The course is laid on your calendar.`,
  firstDay: () => `First day`,
  placeIt: () => `Place it`,
  spread: () => `Spread`,
  caughtUpInsideTheWeekThe: () => `Caught up inside the week; the end stays.`,
  theDaysLeftCarryMoreAnd: () => `The days left carry more, and it may not all fit.`,
  slide: () => `Slide`,
  everythingMovesByTheMissedDays: () => `Everything moves by the missed days.`,
  theDaysStayAsFullAs: () => `The days stay as full as they were; the end moves.`,
  letGo: () => `Let go`,
  whatWasMissedIsDroppedThe: () => `What was missed is dropped; the end stays.`,
  theDaysStayAsFullAs2: () => `The days stay as full as they were; some drawings are never made.`,
  makeTheWeekLongerOrShorter: () => `Make the week longer or shorter`,
  theSameWorkOnMoreOr: () => `The same work on more or fewer days.`,
  takeTheWeekAgain: () => `Take the week again`,
  theSameExercisesOnceMoreRight: () => `The same exercises once more, right after it.`,
  letOnlyThisCourseWait: () => `Let only this course wait`,
  youDrawOnTheCourseWaits: () => `You draw on; the course waits for some days.`,
  illOrAway: () => `Ill or away`,
  nothingIsAskedOnTheseDays: () => `Nothing is asked on these days, and every course can wait.`,
  daysThatWereMissed: () => `Days that were missed`,
  catchUpMoveEverythingOnOr: () => `Catch up, move everything on, or let it go.`,
  aDetour: () => `A detour`,
  weeksFromAnotherCourseBeforeThis: () => `Weeks from another course before this one goes on.`,
  changePlaces: () => `Change places`,
  thisWeekAndAnotherOneSwap: () => `This week and another one swap.`,
  emptyDays: () => `Empty days`,
  timeWithNothingPlannedBeforeA: () => `Time with nothing planned before a week.`,
  goWithoutThisWeek: () => `Go without this week`,
  whatYouDrewOfItStays: () => `What you drew of it stays; the rest is not asked.`,
  oneSubjectNowAndAgainLater: () => `One subject now and again later`,
  anUnaidedDrawingNowHalfWay: () => `An unaided drawing now, half-way and at the end, to compare.`,
  itNeedsLonger: () => `It needs longer`,
  iWasOrWillBeAway: () => `I was or will be away`,
  somethingElseComesFirst: () => `Something else comes first`,
  itIsTooMuch: () => `It is too much`,
  onceMoreLater: () => `Once more later`,
  weekNumberWeek: (a: { number: string | number; week: string | number }) => `week ${a.number} (${a.week})`,
  minOf: () => ` min of`,
  gaveMadeDaysInsteadOfBefore: (a: { made: string | number; after: number; before: string | number }) =>
    `Gave ${a.made} ${plural(a.after, { one: `${a.after} day`, other: `${a.after} days` })} instead of ${a.before}.`,
  letMadeLastUntilItsWork: (a: { made: string | number }) => `Let ${a.made} last until its work is done.`,
  gaveMadeAFixedLengthAgain: (a: { made: string | number }) => `Gave ${a.made} a fixed length again.`,
  tookMadeOnceMore: (a: { made: string | number }) => `Took ${a.made} once more.`,
  leftOutMade: (a: { made: string | number }) => `Left out ${a.made}.`,
  swappedMadeWithOther: (a: { made: string | number; other: string | number }) =>
    `Swapped ${a.made} with “${a.other}”.`,
  putEmptyDaysBeforeMade: (a: { after: number; made: string | number }) =>
    `Put ${plural(a.after, { one: `${a.after} empty day`, other: `${a.after} empty days` })} before ${a.made}.`,
  putADetourBeforeMadeOther: (a: { made: string | number; other: string | number }) =>
    `Put a detour before ${a.made}: ${a.other}.`,
  pausedMadeOnDates: (a: { made: string | number; dates: string | number }) =>
    `Paused ${a.made} on ${a.dates}.`,
  missedDatesMadeMovedOnBy: (a: { dates: string | number; made: string | number; days: number }) =>
    `Missed ${a.dates}: ${a.made} moved on by ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}.`,
  nothing: () => `nothing`,
  missedDatesLetGoUnitsOf: (a: { dates: string | number; units: string | number; made: string | number }) =>
    `Missed ${a.dates}: let go ${a.units} of ${a.made}.`,
  droppedUnitsFromMade: (a: { units: string | number; made: string | number }) =>
    `Dropped ${a.units} from ${a.made}.`,
  exerciseAfterEachInsteadOfBefore: (a: {
    exercise: string | number
    after: string | number
    before: string | number
  }) => `${a.exercise}: ${a.after} each instead of ${a.before}.`,
  tookBackTheLongerDaysOf: (a: { made: string | number }) => `Took back the longer days of ${a.made}.`,
  atLeastAfterOnEachDrawing: (a: { after: string | number; made: string | number }) =>
    `At least ${a.after} on each drawing day of ${a.made}.`,
  addedExerciseToMade: (a: { exercise: string | number; made: string | number }) =>
    `Added “${a.exercise}” to ${a.made}.`,
  missedWorkFromNowOnToLowerCase: (a: { toLowerCase: string | number }) =>
    `Missed work from now on: ${a.toLowerCase}.`,
  itIsTakenBackAlready: () => `it is taken back already`,
  aLaterChangeBuildsOnIt: () => `a later change builds on it; take that back first`,
  daysThatItMovedAreOver: () => `days that it moved are over`,
  weekNumber: (a: { number: string | number }) => `Week ${a.number}`,
  week: () => `Week`,
  onceMore: () => `Once more`,
  detour: () => `Detour`,
  empty: () => `Empty`,
  takeThisWeekAgain: () => `Take this week again`,
  theSameExercisesOnceMoreRight2: () =>
    `The same exercises once more, right after it, counted by themselves.`,
  itEndsWithYesterdayWhatYou: () =>
    `It ends with yesterday. What you drew of it stays, the rest is not asked any more, and the next week begins today.`,
  noneOfItIsAskedAnd: () => `None of it is asked, and the weeks after it move up. What you drew stays.`,
  oneWeekOfTheCourseMay: () => `One week of the course may take three of yours. Those after it move along.`,
  aboutDaysNow: (a: { about: string | number; days: number }) =>
    `${a.about}, ${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })} now.`,
  untilItsWorkIsDoneHowever: () => `until its work is done, however long that takes`,
  lengthInDays: () => `Length in days`,
  theCourseWaitsOnTheseDays: () =>
    `The course waits on these days; the week gets as many more, and those after it move. Your run counts on: you mean to draw.`,
  from: () => `From`,
  days: () => `Days`,
  datesOfThemLieInThis: (a: { dates: string | number }) =>
    `${a.dates} of them lie in this week; only these are paused.`,
  aboutChangesPlacesWith: (a: { about: string | number }) => `${a.about} changes places with`,
  weeksFromAnotherCourseBecauseSomething: () =>
    `Weeks from another course, because something else has to come first. Say why below: it is kept.`,
  before: () => `Before`,
  fromTheCourse: () => `From the course`,
  choose: () => `Choose`,
  weeks: () => `Weeks`,
  timeWithoutAnythingPlannedToCatch: () =>
    `Time without anything planned: to catch breath, or to draw what you like.`,
  oneUnaidedDrawingInThisWeek: () =>
    `One unaided drawing in this week, the same subject half-way through what is left, and once more in the last week, so that you can compare them.`,
  subject: () => `Subject`,
  againBetweenFrom: (a: { from: string | number }) => `Again between ${a.from}.`,
  howThePlanCameToBe: () => `How the plan came to be`,
  thePlanIsAsTheCourse: () =>
    `The plan is as the course was placed. Every change, with its reason, will stand here.`,
  byItselfAsTheWayWith: () => ` · by itself, as the way with missed work says`,
  takenBack: () => `Taken back.`,
  theEndStayedOnEndAfter: (a: { endAfter: string | number }) => `The end stayed on ${a.endAfter}.`,
  theEndMovedFromEndBeforeTo: (a: { endBefore: string | number; endAfter: string | number }) =>
    `The end moved from ${a.endBefore} to ${a.endAfter}.`,
  itStaysKept: (a: { kept: string | number }) => ` It stays: ${a.kept}.`,
  takeItBack: () => `Take it back`,
  missedWork: () => `Missed work`,
  nothingMovesBeforeYouHaveSeen: () => `Nothing moves before you have seen what it does.`,
  theCourseDoesNotRunToday: () => `The course does not run today.`,
  noDayOfThisWeekWas: () => `No day of this week was missed.`,
  joinWereMissed: (a: { join: string | number; missed: number }) =>
    `${a.join} ${plural(a.missed, { one: `was`, other: `were` })} missed.`,
  ends: () => `ends`,
  dropped: () => `dropped`,
  ofRoomMinutesMin: (a: { roomMinutes: string | number }) => `of ${a.roomMinutes} min`,
  nameThisTime: (a: { name: string | number }) => `${a.name} this time`,
  thisTime: () => `This time`,
  yourWayForThisCourse: () => `Your way for this course.`,
  nameAlways: (a: { name: string | number }) => `${a.name} always`,
  always: () => `Always`,
  changeThePlan: () => `Change the plan`,
  thisWeekIsOverItStays: () => `This week is over; it stays as it was. Open one that is not.`,
  whatHappenedNothingMovesBeforeYou: () => `What happened? Nothing moves before you have seen what it does.`,
  missedWorkDays: (a: { missed: number }) =>
    `Missed work: ${plural(a.missed, { one: `${a.missed} day`, other: `${a.missed} days` })}`,
  missedWorkIsHandledByToLowerCase: (a: { toLowerCase: string | number }) =>
    `Missed work is handled by: ${a.toLowerCase}.`,
  theRoomGoesPartToTitle: (a: { part: string | number; title: string | number }) =>
    `The room goes ${a.part} % to ${a.title}`,
  drawnAtTheStartAndOnce: () => `Drawn at the start and once more`,
  plannedFromWeekFrom: (a: { weekFrom: string | number }) => `planned from ${a.weekFrom}`,
  makeItFit: () => `Make it fit`,
  eachOfTheseIsTheLeast: () =>
    `Each of these is the least that helps by itself. Together they leave room to spare.`,
  remarks: () => `Remarks`,
  theWorkLeftIsLoadOf: (a: { load: string | number; over: boolean }) =>
    `The work left is ${a.load} of the room left${select(a.over, { true: `.`, other: `; it fits.` })}`,
  doesNotFitJoin: (a: { join: string | number }) => `Does not fit: ${a.join}.`,
  itWouldFitWithAnyOf: () => `It would fit with any of these:`,
  whatWasLeftOfThisWeek: () => `What was left of this week was let go.`,
  fromJoin: (a: { join: string | number }) => `From: ${a.join}.`,
  weekdayWereMissedOver: (a: { weekday: string | number; missed: number; over: boolean }) =>
    `${a.weekday} ${plural(a.missed, { one: `was`, other: `were` })} missed${select(a.over, { true: `.`, other: `; what was due is spread over the days left.` })}`,
  inThisPlan: () => `in this plan`,
  inWeekNumber: (a: { number: string | number }) => `in week ${a.number}`,
  topicNumberNeeds: (a: { topic: string | number; number: string | number }) =>
    `“${a.topic}” ${a.number} needs`,
  youHave0MinutesOnIt: () => `; you have 0 minutes on it.`,
  addAWarmUp: () => `Add a warm-up`,
  detourFirst: () => `Detour first`,
  warmUpNeed: (a: { need: string | number }) => `Warm up: ${a.need}`,
  detourNeed: (a: { need: string | number }) => `Detour: ${a.need}`,
  thirtyMinutesOfItInShort: () => `Thirty minutes of it, in short pieces, within that week.`,
  oneWeekBeforeItFromDetourTitle: (a: { detourTitle: string | number }) =>
    `One week before it, from ${a.detourTitle}.`,
  oneWeekBeforeItAnHour: () => `One week before it, an hour and a half of this topic.`,
  weeksOfTheCourse: () => `Weeks of the course`,
  untilDone: () => `until done`,
  days2: (a: { days: number }) => `${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}`,
  weekTitleDoneShareDoneElasticCheckpoint: (a: {
    week: string | number
    title: string | number
    doneShare: string | number
    elastic: string | number
    checkpoint: boolean
  }) =>
    `${a.week}, ${a.title}, ${a.doneShare} % done${a.elastic}${select(a.checkpoint, { true: `, with drawings to compare`, other: `` })}`,
  again: () => `again`,
  detour2: () => `detour`,
  free: () => `free`,
  topicsOfThisWeek: () => `Topics of this week`,
  nothingDrawn: () => `nothing drawn`,
  plannedAndNotTouchedJoin: (a: { join: string | number }) => `Planned and not touched: ${a.join}.`,
  onTheShelf: () => `On the shelf:`,
  topicsComeUpOnceAndNever: (a: { once: number }) =>
    `${plural(a.once, { one: `${a.once} topic comes`, other: `${a.once} topics come` })} up once and never again in this course`,
  weekNumber2: (a: { number: string | number }) => `, week ${a.number}`,
  addShortReturnsForTopic: (a: { returns: number; topic: string | number }) =>
    `Add ${plural(a.returns, { one: `${a.returns} short return`, other: `${a.returns} short returns` })} for ${a.topic}`,
  addShortReturns: (a: { returns: number }) =>
    `Add ${plural(a.returns, { one: `${a.returns} short return`, other: `${a.returns} short returns` })}`,
  shortReturnsTopic: (a: { topic: string | number }) => `Short returns: ${a.topic}`,
  tenMinutesAsAWarmUp: () => `Ten minutes as a warm-up, some weeks after it came up and once more later.`,
  referencesForThisWeek: () => `References for this week`,
  exercise: () => `Exercise`,
  roomUsed: () => `Room used`,
  freeShareAndSettingUpAre: () => `free share and setting up are kept`,
  waits: () => `waits`,
  noRoom: () => `no room`,
  usedMinutesOfRoomMinutes: (a: { usedMinutes: string | number; roomMinutes: string | number }) =>
    `${a.usedMinutes} of ${a.roomMinutes}`,
  quantitySecondsEachEach: (a: { quantity: string | number; secondsEach: string | number }) =>
    `${a.quantity} · ${a.secondsEach} each`,
  doneDone: (a: { done: string | number }) => ` · ${a.done} done`,
  appointedThere: (a: { appointed: string | number }) => `${a.appointed} there`,
  missedShareWerePlanned: (a: { share: number }) =>
    `missed, ${a.share} ${plural(a.share, { one: `was`, other: `were` })} planned`,
  ofShare: (a: { share: string | number }) => `of ${a.share}`,
  chooseACourse: () => `Choose a course`,
  youFollowNoneDaysWithoutA: () => `You follow none. Days without a course are yours; a course plans them.`,
  fromPlannedMinutesPlannedDoneMinutesDone: (a: {
    from: string | number
    plannedMinutes: string | number
    doneMinutes: string | number
  }) => `${a.from} · ${a.plannedMinutes} planned, ${a.doneMinutes} done`,
  untilItIsDone: () => ` · until it is done`,
  nothingIsPlannedInThisWeek: () => `Nothing is planned in this week. Draw what you like.`,
  theCourse: () => `The course`,
  titleWeeksFromStartEnds: (a: { title: string | number; weeks: number; start: string | number }) =>
    `${a.title}, ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })} from ${a.start}; ends`,
  allCourses: () => `All courses`,
  aYearAhead: () => `A year ahead`,
  topicsAndWhatTheyNeed: () => `Topics and what they need`,
  printThisWeek: () => `Print this week`,
  printTheCourse: () => `Print the course`,
  pagesOfThisWeekAsOne: () => `Pages of this week as one PDF`,
  calendarFile: () => `Calendar file`,
  youFollowItNoMoreEverything: () => `You follow it no more. Everything you drew for it stays.`,
  followTitle: (a: { title: string | number }) => `Follow ${a.title}`,
  minutesInWeeksOffer: (a: { minutes: string | number; weeks: number; offer: string | number }) =>
    `${a.minutes} in ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}. ${a.offer}`,
  asWhat: () => `As what`,
  asTheMainCourse: () => `as the main course`,
  besideTheMainCourseWhereBoth: () =>
    `beside the main course; where both have work they share the room, 70 to 30 until you change it`,
  titleEndsWithThatEverythingYou: (a: { title: string | number }) =>
    `${a.title} ends with that. Everything you have drawn for it stays.`,
  onlyEndTitle: (a: { title: string | number }) => `Only end ${a.title}`,
  courses: () => `Courses`,
  broughtInId: (a: { id: string | number }) => `Brought in: ${a.id}.`,
  writeACourse: () => `Write a course`,
  mergeTwoCourses: () => `Merge two courses`,
  courseFileYamlOrJson: () => `Course file, YAML or JSON`,
  bringInAFile: () => `Bring in a file`,
  removedTitle: (a: { title: string | number }) => `Removed: ${a.title}.`,
  undo: () => `Undo`,
  follow: () => `Follow`,
  changeTitle: (a: { title: string | number }) => `Change ${a.title}`,
  change: () => `Change`,
  copyTitle: (a: { title: string | number }) => `Copy ${a.title}`,
  copy: () => `Copy`,
  titleAsYaml: (a: { title: string | number }) => `${a.title} as YAML`,
  yaml: () => `YAML`,
  titleAsJson: (a: { title: string | number }) => `${a.title} as JSON`,
  json: () => `JSON`,
  removeTitle: (a: { title: string | number }) => `Remove ${a.title}`,
  remove: () => `Remove`,
  masterCopy: () => `master copy`,
  lessonAlong: () => `lesson along`,
  myCourse: () => `My course`,
  weekN: (a: { n: string | number }) => `Week ${a.n}`,
  unaidedDrawingsOnTheFirstDay: () => `Unaided drawings on the first day, subjects with commas`,
  minutesForEach: () => `Minutes for each`,
  theSameAgain: () => `The same again`,
  halfWay: () => `half-way`,
  atTheEnd: () => `at the end`,
  weekITitle: (a: { i: string | number; title: string | number }) => `Week ${a.i}: ${a.title}`,
  titleMinutesMinSource: (a: { title: string | number; minutes: string | number; source: string | number }) =>
    `${a.title}, ${a.minutes} min${a.source}`,
  drawingsTitleMinutesEachMinEachSource: (a: {
    drawings: string | number
    title: string | number
    minutesEach: string | number
    source: string | number
  }) => `${a.drawings} ${a.title}, ${a.minutesEach} min each${a.source}`,
  howMuch: () => `how much`,
  howLongEach: () => `how long each`,
  theTopic: () => `the topic`,
  inPlainLines: () => `In plain lines`,
  aWeeksTitleThenAnExercise: () => `A week’s title, then an exercise a line, as you would note it on paper`,
  n200Gestures90SEachPhoto: () => `200 gestures, 90 s each, photo · lesson 4 of the patient eye · hands`,
  week1Lines70Lines1: () => `Week 1: Lines
70 lines, 1 min each, life

Week 2: Hulls
12 hulls
hands`,
  empty2: (a: { empty: boolean; join: string | number }) =>
    `${select(a.empty, { true: `Week`, other: `Weeks` })} ${a.join} ${select(a.empty, { true: `has`, other: `have` })} no exercise yet.`,
  weekWeek: (a: { week: string | number }) => `Week ${a.week},`,
  drawingsOfMinutesEachMin: (a: { drawings: string | number; minutesEach: string | number }) =>
    `${a.drawings} of ${a.minutesEach} min`,
  minutesMin: (a: { minutes: string | number }) => `${a.minutes} min`,
  proposedMapDrawings: (a: { map: string | number; drawings: string | number }) =>
    `: proposed ${a.map}, ${a.drawings}`,
  move: () => `⋮ move`,
  kind: () => `Kind`,
  source: () => `Source`,
  anyWord: () => `any`,
  learnedFrom: () => `Learned from`,
  countedIn: () => `Counted in`,
  drawings: () => `drawings`,
  minutes: () => `minutes`,
  drawings2: () => `Drawings`,
  minutes2: () => `Minutes`,
  minutesEach: () => `Minutes each`,
  smallestShare: () => `Smallest share`,
  comesAfter: () => `Comes after`,
  on: () => `On`,
  anyDay: () => `any day`,
  theFirstDay: () => `the first day`,
  theLastDay: () => `the last day`,
  whatToDo: () => `What to do`,
  whatToLookFor: () => `What to look for`,
  titleEarlier: (a: { title: string | number }) => `${a.title} earlier`,
  earlier: () => `Earlier`,
  titleLater: (a: { title: string | number }) => `${a.title} later`,
  later: () => `Later`,
  newExercise: () => `New exercise`,
  loadOfYourRoom: (a: { load: string | number }) => ` · ${a.load} of your room`,
  doesNotFit: () => ` · does not fit`,
  fold: () => `Fold`,
  open: () => `Open`,
  weekNumberEarlier: (a: { number: string | number }) => `Week ${a.number} earlier`,
  weekNumberLater: (a: { number: string | number }) => `Week ${a.number} later`,
  removeWeekNumber: (a: { number: string | number }) => `Remove week ${a.number}`,
  titleOfTheWeek: () => `Title of the week`,
  aim: () => `Aim`,
  topicsWithCommas: () => `Topics, with commas`,
  addAnExercise: () => `Add an exercise`,
  titleCopy: (a: { title: string | number }) => `${a.title}, copy`,
  savedTitleWhatYouFollowAlready: (a: { title: string | number }) =>
    `Saved: ${a.title}. What you follow already stays as it was placed.`,
  changeACourse: () => `Change a course`,
  title: () => `Title`,
  idLowerCaseWordsJoinedBy: () => `Id, lower-case words joined by hyphens`,
  whatItIsFor: () => `What it is for`,
  theSameAsAFormWeek: () => `The same as a form, week by week`,
  addAWeek: () => `Add a week`,
  atPlace: (a: { place: string | number }) => `, at ${a.place}`,
  notCompleteYetPlaceReason: (a: { place: string | number; reason: string | number }) =>
    `Not complete yet${a.place}: ${a.reason}.`,
  saveTheCourse: () => `Save the course`,
  cancel: () => `Cancel`,
  weeksAboutTheSameTopicJoin: () =>
    `Weeks about the same topic join and keep both sources. What a topic needs comes first; beyond that each course keeps its own order as far as they agree, and a last redraw stays last.`,
  firstCourse: () => `First course`,
  secondCourse: () => `Second course`,
  titleOfTheMergedCourse: () => `Title of the merged course`,
  aCourseCannotBeMergedWith: (a: { first: string | number }) =>
    `A course cannot be merged with itself: “${a.first}” is chosen twice.`,
  bothInOneWeek: () => `both in one week`,
  onlyTheOneWithMoreWork: () => `only the one with more work`,
  aPartOfEachAsLong: () => `a part of each, as long as the longer one`,
  twoWeeks: () => `two weeks`,
  theLaterOneNeedsIt: () => `the later one needs it`,
  theFirstCourseHasItSo: () => `the first course has it so`,
  theSecondCourseHasItSo: () => `the second course has it so`,
  keptAsYourOwnTitle: (a: { title: string | number }) => `Kept as your own: ${a.title}.`,
  weeks2: (a: { weeks: number }) =>
    `${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}`,
  noTwoWeeksAreAboutThe: () => `No two weeks are about the same topic.`,
  pairsOfWeeksAboutTheSame: (a: { joins: number }) =>
    `${plural(a.joins, { one: `${a.joins} pair`, other: `${a.joins} pairs` })} of weeks about the same topic.`,
  moreThanYourRoom: () => `, more than your room`,
  firstAndSecondBecome: (a: { first: string | number; second: string | number }) =>
    `“${a.first}” and “${a.second}” become`,
  conflicts: () => `Conflicts`,
  noneTheOrdersAgree: () => `None: the orders agree.`,
  earlierBeforeLater: (a: { earlier: string | number; later: string | number }) =>
    `“${a.earlier}” before “${a.later}”`,
  holdsAsYouDecided: () => `holds, as you decided`,
  couldNotBeHadTickTo: () => `could not be had; tick to hold it`,
  keepAsMyOwnCourse: () => `Keep as my own course`,
  whichCoursesWouldFillTheNext: () =>
    `Which courses would fill the next year, one after another or side by side, each as long as your own weeks make it. Nothing is placed by this.`,
  besideTheOneBefore: () => `beside the one before`,
  leaveOutCourse: (a: { course: string | number }) => `Leave out ${a.course}`,
  leaveOut: () => `Leave out`,
  beginWith: () => `Begin with`,
  thenWord: () => `Then`,
  chooseACourse2: () => `choose a course`,
  howItFillsTheYear: () => `How it fills the year`,
  chooseACourseAndTheYear: () => `Choose a course, and the year stands here.`,
  fromFrom: (a: { from: string | number }) => `From ${a.from}`,
  plannedMinutesOfRoomMinutesThatYourDays: (a: {
    plannedMinutes: string | number
    roomMinutes: string | number
  }) => `${a.plannedMinutes} of ${a.roomMinutes} that your days offer`,
  weeksTakeStretchTimesAsLong: (a: { stretch: string | number; ownWeeks: number }) =>
    `Weeks take ${a.stretch} times as long as planned, by ${plural(a.ownWeeks, { one: `${a.ownWeeks} week`, other: `${a.ownWeeks} weeks` })} of your own.`,
  takenAsLongAsPlannedYour: () => `Taken as long as planned: your own weeks do not tell yet.`,
  fromToToWeeksMinutesAWeekA: (a: {
    from: string | number
    to: string | number
    weeks: number
    minutesAWeek: string | number
  }) =>
    `${a.from} to ${a.to}, ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })}, ${a.minutesAWeek} a week`,
  noRoomOnTheseDays: () => `no room on these days`,
  takesShareOfTheRoomOf: (a: { share: string | number; over: boolean }) =>
    `takes ${a.share} of the room of its days${select(a.over, { true: `; it does not fit`, other: `` })}`,
  andEndsBeyondTheYear: () => `, and ends beyond the year`,
  sideBySideTheyTakeFullest: (a: { fullest: string | number }) =>
    `Side by side they take ${a.fullest} of the room together where they are most`,
  thatDoesNotFit: () => `; that does not fit`,
  nothingToPrint: () => `Nothing to print`,
  aCourseIsPrintedFromIts: () => `A course is printed from its own page: follow one under`,
  course: () => `Course`,
  andChoosePrintThere: () => `and choose Print there.`,
  print: () => `Print`,
  oneWeek: () => `One week`,
  onlyEachBeginsWhereItFits: (a: { only: string | number }) =>
    `${a.only}; each begins where it fits, none is torn apart.`,
  startToEnd: (a: { start: string | number; end: string | number }) => `${a.start} to ${a.end}`,
  appointmentsKeptThePlanHasMoved: () => `Appointments kept. The plan has moved around them.`,
  fixedAppointments: () => `Fixed appointments`,
  aLifeGroupOnThursdaysA: () =>
    `A life group on Thursdays, a class. They take their minutes from the day, and the poses usually given there count towards exercises of about that length.`,
  addAnAppointment: () => `Add an appointment`,
  clashes: () => `Clashes`,
  theSameOnLaterDaysOf: (a: { times: number }) =>
    ` The same on ${plural(a.times, { one: `${a.times} later day`, other: `${a.times} later days` })} of eight weeks.`,
  weekdaySFromFrom: (a: { weekday: string | number; from: string | number }) =>
    `${a.weekday}s from ${a.from}`,
  toTo: (a: { to: string | number }) => ` to ${a.to}`,
  aFixedAppointment: () => `A fixed appointment`,
  when: () => `When`,
  once: () => `once`,
  everyName: (a: { name: string | number }) => `every ${a.name}`,
  beginsAt: () => `Begins at`,
  date: () => `Date`,
  untilOrEmpty: () => `Until, or empty`,
  posesUsuallyGivenCountXMinutes: () => `Poses usually given, count x minutes`,
  n10X22X20: () => `10 x 2, 2 x 20`,
  posesIsNotAListSuch: (a: { poses: string | number }) =>
    `“${a.poses}” is not a list such as 10 x 2, 2 x 20.`,
  theOldAddressAnswersNoMore: () => `The old address answers no more.`,
  calendar: () => `Calendar`,
  aCalendarProgramOnThisMachine: () =>
    `A calendar program on this machine can subscribe to the plan at this address while Humble Quill runs. Whoever knows the address can read the plan.`,
  address: () => `Address`,
  downloadPlanIcs: () => `Download plan.ics`,
  makeANewAddress: () => `Make a new address`,
  quantityMin: (a: { quantity: string | number }) => `${a.quantity} min`,
  firstWithSecond: (a: { first: string | number; second: string | number }) => `${a.first} with ${a.second}`,
}
