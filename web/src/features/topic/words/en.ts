// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  fresh: () => `fresh`,
  fading: () => `fading`,
  rusty: () => `rusty`,
  notYet: () => `not yet`,
  notPlanned: () => `not planned`,
  areas: () => `Areas`,
  drawnFrom: () => `Drawn from`,
  withWord: () => `With`,
  oneDrawingTakes: () => `One drawing takes`,
  shows: () => `Shows`,
  dutyAndLiking: () => `Duty and liking`,
  underAMinute: () => `under a minute`,
  n1To5Min: () => `1 to 5 min`,
  n5To20Min: () => `5 to 20 min`,
  n20To60Min: () => `20 to 60 min`,
  overAnHour: () => `over an hour`,
  course: () => `course`,
  promises: () => `promises`,
  whatILike: () => `what I like`,
  notSaid: () => `not said`,
  theLastWasDaysDaysAgo: (a: { days: string | number }) => ` The last was ${a.days} days ago.`,
  shareOfTopicInFourWeeks: (a: {
    share: string | number
    topic: string | number
    resource: string | number
  }) => `${a.share} % of ${a.topic} in four weeks came from ${a.resource}. Look from another side.`,
  shareOfTopicInFourWeeks2: (a: {
    share: string | number
    topic: string | number
    resource: string | number
  }) =>
    `${a.share} % of ${a.topic} in four weeks came from one kind of resource: ${a.resource}. Look from another side.`,
  nothingWasDrawnFromLifeFor: (a: { since: string | number }) =>
    `Nothing was drawn from life for five weeks.${a.since}`,
  nothingWasDrawnForLikingAlone: (a: { since: string | number }) =>
    `Nothing was drawn for liking alone for five weeks.${a.since}`,
  topicWasFirstStudiedDaysDays: (a: { topic: string | number; days: string | number }) =>
    `${a.topic} was first studied ${a.days} days ago and was not put to use yet.`,
  observed: () => `observed`,
  simplified: () => `simplified`,
  byHeart: () => `by heart`,
  inANewPoseOrPlace: () => `in a new pose or place`,
  meanAfterAboutDrawings: (a: { mean: string | number; about: number }) =>
    `${a.mean} after about ${plural(a.about, { one: `${a.about} drawing`, other: `${a.about} drawings` })}`,
  markMeanAtFirstJoin: (a: { mean: string | number; join: string | number }) =>
    `Mark ${a.mean} at first, ${a.join}.`,
  weeksWithAMarkFromEight: (a: { of: number }) =>
    `${plural(a.of, { one: `${a.of} week`, other: `${a.of} weeks` })} with a mark; from eight on it is told how they went.`,
  marksS: (a: { s: boolean; of: number }) =>
    `Marks ${select(a.s, { true: `rise`, other: `fall` })} over ${plural(a.of, { one: `${a.of} week`, other: `${a.of} weeks` })}.`,
  noTrendThatWeeksCanShow: (a: { of: number }) =>
    `No trend that ${plural(a.of, { one: `${a.of} week`, other: `${a.of} weeks` })} can show.`,
  below0001: () => `below 0.001`,
  oneValueAWeekTheMean: (a: { tau: string | number; p: string | number }) =>
    `One value a week, the mean of its marks. A level lasts three weeks or more, and a change of it must explain more than chance would. The order of the weeks by Mann–Kendall: tau ${a.tau}, chance ${a.p}.`,
  balance: () => `Balance`,
  minutesDrawn: (a: { minutes: string | number }) => `${a.minutes} drawn`,
  aSittingFromLife: () => `A sitting from life`,
  keepAPartOfEachDay: () => `Keep a part of each day free`,
  putItToUseInA: () => `Put it to use in a sitting`,
  whatElseTeachesIt: () => `What else teaches it`,
  asIfAsIfInEqualParts: (a: { asIf: string | number }) => ` · as if ${a.asIf} in equal parts`,
  topicsByWeek: () => `Topics by week`,
  topic: () => `Topic`,
  howItStands: () => `How it stands`,
  inNoArea: () => `In no area`,
  drawnNoMinutesTold: () => `drawn, no minutes told`,
  weekNumberTitle: (a: { number: string | number; title: string | number }) => `Week ${a.number}, ${a.title}`,
  weekOf: () => `Week of`,
  course2: () => `Course`,
  n28Days: () => `28 days`,
  year: () => `Year`,
  topics: () => `Topics`,
  span: () => `Span`,
  onlyWhatIsTouchedOrPlanned: () => `Only what is touched or planned`,
  allTopicsHiddenMore: (a: { hidden: string | number }) => `All topics, ${a.hidden} more`,
  changeTopics: () => `Change topics`,
  recall: () => `Recall`,
  aBlotIsTheMinutesOf: (a: { window: boolean }) =>
    `A blot is the minutes of a ${select(a.window, { true: `day`, other: `week` })}, a dashed ring what the plan still holds. Ink fades as a topic goes unpractised; it is a reminder and no measure of skill.`,
  nothingWasDrawnInThisSpan: () => `Nothing was drawn in this span. Write a line such as`,
  n3Hulls20MinFromLife: () => `3 hulls, 20 min, from life`,
  onTodayAndItsTopicStands: () => `on Today, and its topic stands here.`,
  titleWasTakenOut: (a: { title: string | number }) => `${a.title} was taken out.`,
  undo: () => `Undo`,
  broughtInTitleLeftOutOf: (a: { title: string | number; join: string | number }) =>
    `Brought in: ${a.title}. Left out of its drawing: ${a.join}.`,
  broughtInTitle: (a: { title: string | number }) => `Brought in: ${a.title}.`,
  makeAPlateOfYourOwn: () => `Make a plate of your own`,
  filesOfAPlateItsYaml: () => `Files of a plate: its YAML and its picture; or the YAML of an order`,
  bringInFiles: () => `Bring in files`,
  min100RatioDvh: (a: { ratio: string | number }) => `min(100%, ${a.ratio}dvh)`,
  whatWasLearnedIsAskedFor: () =>
    `What was learned is asked for again, ever more seldom as long as it is there: after 1, 3, 7, 16, 35, 80 and 180 days. Five minutes a day at most, and nothing is missed by leaving it.`,
  ordersOfStepsAndWhatIs: () => `Orders of steps, and what is due`,
  today: () => `Today`,
  itRestsNothingIsAskedFor: () => `It rests; nothing is asked for.`,
  nothingIsDue: () => `Nothing is due.`,
  ordersOfSteps: () => `Orders of steps`,
  writeAnOrderOfYourOwn: () => `Write an order of your own`,
  askForNothingForNow: () => `Ask for nothing for now`,
  itsPictureWasTakenOutIt: () => `Its picture was taken out; it is not asked for.`,
  names: (a: { parts: number }) =>
    `${plural(a.parts, { one: `${a.parts} name`, other: `${a.parts} names` })}`,
  yourOwn: () => `, your own`,
  askMeForItTitle: (a: { title: string | number }) => `Ask me for it: ${a.title}`,
  askMeForIt: () => `Ask me for it`,
  dueNow: () => `due now`,
  nextOnDue: (a: { due: string | number }) => `next on ${a.due}`,
  thereRightOfTimes: (a: { right: string | number; times: number }) =>
    `; there ${a.right} of ${plural(a.times, { one: `${a.times} time`, other: `${a.times} times` })}`,
  how: () => `How`,
  leaveItOffTitle: (a: { title: string | number }) => `Leave it off: ${a.title}`,
  leaveItOff: () => `Leave it off`,
  minRatioDvh52rem: (a: { ratio: string | number }) => `min(${a.ratio}dvh, 52rem)`,
  stillThere: () => `Still there?`,
  logged1DrawingFromMemory: () => `Logged: 1 drawing from memory.`,
  drawItFromMemoryOnPaper: () => `Draw it from memory, on paper, as far as you can. Three minutes.`,
  thenUncoverThePlateAndSee: () => `Then uncover the plate and see what is missing.`,
  uncover: () => `Uncover`,
  gotOfPinsWereThere: (a: { got: number; pins: string | number }) =>
    `${a.got} of ${a.pins} ${plural(a.got, { one: `was`, other: `were` })} there.`,
  itIsAskedForAgainOn: (a: { due: string | number }) => `It is asked for again on ${a.due}.`,
  loggedAsADrawingFromMemory: () => `Logged as a drawing from memory`,
  logItAsADrawingFrom: () => `Log it as a drawing from memory`,
  tickWhatYourDrawingHas: () => `Tick what your drawing has`,
  keepIt: () => `Keep it`,
  allOfThem: () => `All of them`,
  changeIt: () => `Change it`,
  itsNamesAsAFile: () => `Its names as a file`,
  thisOrderAsAFile: () => `This order as a file`,
  itsPicture: () => `Its picture`,
  yes: () => `Yes: `,
  yesButForASlip: () => `Yes, but for a slip: `,
  itIsThe: () => `It is the `,
  rightOfPinsByName: (a: { right: string | number; pins: string | number }) =>
    `${a.right} of ${a.pins} by name.`,
  atOfPins: (a: { at: string | number; pins: string | number }) => `${a.at} of ${a.pins}`,
  whatIsItCalled: () => `What is it called?`,
  done: () => `Done`,
  next: () => `Next`,
  sayIt: () => `Say it`,
  rightOfPinsInTheirPlace: (a: { right: string | number; pins: string | number }) =>
    `${a.right} of ${a.pins} in their place.`,
  whereIsTheName: (a: { name: string | number }) => `Where is the ${a.name}?`,
  thereItIs: () => `There it is.`,
  hereIsTheName: (a: { name: string | number }) => `Here is the ${a.name}.`,
  placeTheNameArrowKeysMove: (a: { name: string | number }) =>
    `Place the ${a.name}; arrow keys move the cross, Enter places it and goes on`,
  backToTheSitting: () => `Back to the sitting`,
  thePictureOfThisPlateWas: () =>
    `The picture of this plate was taken out; until it has one again, it is not asked for.`,
  waysOfAsking: () => `Ways of asking`,
  allPlates: () => `All plates`,
  thePictureWasTurnedOrStraightened: () => `The picture was turned or straightened since its pins were set.`,
  stepsSoFar: () => `Steps so far`,
  notThere: () => `(not there)`,
  stepAtOfStepsWhatIs: (a: { at: string | number; steps: string | number }) =>
    `Step ${a.at} of ${a.steps}: what is it?`,
  iHadIt: () => `I had it`,
  iHadNot: () => `I had not`,
  uncoverIt: () => `Uncover it`,
  allPlatesAndOrders: () => `All plates and orders`,
  rightOfStepsOneByOne: (a: { right: string | number; steps: string | number; oneByOne: boolean }) =>
    `${a.right} of ${a.steps} ${select(a.oneByOne, { true: `were there.`, other: `in order.` })}`,
  nothing: () => `nothing`,
  youHadI: (a: { i: string | number }) => `(you had: ${a.i})`,
  pressTheStepsInTheOrder: () => `Press the steps in the order you would take them.`,
  yourOrder: () => `Your order`,
  takeTheLastOneBack: () => `Take the last one back`,
  stepsThatAreLeft: () => `Steps that are left`,
  thatIsTheOrder: () => `That is the order`,
  oneByOneInstead: () => `One by one instead`,
  onlyReadIt: () => `Only read it`,
  notNow: () => `Not now`,
  takeItOut: () => `Take it out`,
  leftOutOfTheDrawingJoin: (a: { join: string | number }) => `Left out of the drawing: ${a.join}.`,
  aPictureForThePlate: () => `A picture for the plate`,
  chooseAnotherPicture: () => `Choose another picture`,
  chooseAPicture: () => `Choose a picture`,
  svgPngJpegOrWebPA: () =>
    `SVG, PNG, JPEG or WebP. A picture of a page, or one of the cabinet with its landmarks, becomes a plate where it is seen: press`,
  makeItAPlate: () => `Make it a plate`,
  there: () => `there.`,
  names2: () => `Names`,
  noneYetWriteANameBeside: () => `None yet. Write a name beside the picture, then press where it belongs.`,
  withoutAName: () => `without a name`,
  name: () => `Name`,
  latin: () => `Latin`,
  alsoRightWithCommas: () => `Also right, with commas`,
  removeName: (a: { name: string | number }) => `Remove ${a.name}`,
  remove: () => `Remove`,
  aPlateOfYourOwn: () => `A plate of your own`,
  whatItShows: () => `What it shows`,
  belongsToTheTopic: () => `Belongs to the topic`,
  itsPageShowsItAndSo: () => `Its page shows it, and so does what begins with that topic.`,
  howItIsToBeRead: () => `How it is to be read`,
  seenFromTheLeft: () => `seen from the left`,
  keepThePlate: () => `Keep the plate`,
  thePictureAndItsPins: () => `The picture and its pins`,
  thePictureWasTurnedOrStraightened2: () =>
    `The picture was turned or straightened since; see whether the pins still fit, and keep the plate again.`,
  thePictureIsComing: () => `The picture is coming.`,
  nameOfTheNextPinThen: () => `Name of the next pin, then press its place`,
  thereIsAPinOfThat: () => `There is a pin of that name already.`,
  anOrderOfStepsOfYour: () => `An order of steps of your own`,
  whatItIsFor: () => `What it is for`,
  howToLayInACrane: () => `How to lay in a crane`,
  whatBeginsWithThatTopicShows: () => `What begins with that topic shows it.`,
  stepsInTheirOrderOneA: () => `Steps in their order, one a line`,
  keepTheOrder: () => `Keep the order`,
  toRecall: () => `To recall`,
  thereRightOfTimes2: (a: { right: string | number; times: number }) =>
    `, there ${a.right} of ${plural(a.times, { one: `${a.times} time`, other: `${a.times} times` })}`,
  askedForSoon: () => `, asked for soon`,
  notAskedFor: () => `, not asked for`,
  nextOnDue2: (a: { due: string | number }) => `, next on ${a.due}`,
  drawnWholeAfterDaysWhichSpeaks: (a: { held: number; speaksFor: string | number }) =>
    `Drawn whole after ${plural(a.held, { one: `${a.held} day`, other: `${a.held} days` })}, which speaks for ${a.speaksFor}.`,
  markItSo: () => `Mark it so`,
  entries: () => `Entries`,
  theNewestEntriesOfTotal: (a: { entries: string | number; total: string | number }) =>
    `the newest ${a.entries} of ${a.total}`,
  itsPagesOnOneSheet: () => `Its pages on one sheet`,
  habits: () => `Habits`,
  ofDrawingsHeldBesideTheirReferences: (a: { reduce: number }) =>
    `Of ${plural(a.reduce, { one: `${a.reduce} drawing`, other: `${a.reduce} drawings` })} held beside their references on the`,
  bench: () => `Bench`,
  noneThatHoldsSoFar: () => `None that holds so far.`,
  yourAimResult: (a: { result: string | number }) => `your aim${a.result}`,
  practiseIt: () => `Practise it`,
  drawings: (a: { drawings: number }) =>
    `${plural(a.drawings, { one: `${a.drawings} drawing`, other: `${a.drawings} drawings` })}`,
  howSure: () => `How sure`,
  moreOfTopic: (a: { topic: string | number }) => `More of: ${a.topic}`,
  partedAmongWeeksToComeSecondsEach: (a: {
    weeks: number
    secondsEach: string | number
    pace: string | number
  }) =>
    `Parted among ${plural(a.weeks, { one: `${a.weeks} week`, other: `${a.weeks} weeks` })} to come, ${a.secondsEach} each, ${a.pace}.`,
  drawingsMore: () => `Drawings more`,
  byEntriesOfYoursAndWhat: (a: { entries: number }) =>
    `by ${plural(a.entries, { one: `${a.entries} entry`, other: `${a.entries} entries` })} of yours and what is usual`,
  onlyWhatShows: () => `Only what shows`,
  everything: () => `everything`,
  thatShowsFacet: (a: { facet: string | number }) => ` that shows ${a.facet}`,
  nothingDrawnOfItYetFacet: (a: { facet: string | number }) =>
    `Nothing drawn of it yet${a.facet}. A warm-up of ten minutes begins it.`,
  whatToDoAboutIt: () => `What to do about it`,
  allTopics: () => `All topics`,
  freshnessLastDrawnOnLastHalf: (a: {
    freshness: string | number
    last: string | number
    halfLifeDays: string | number
    returns: number
    minutesEver: string | number
  }) =>
    `, ${a.freshness}: last drawn on ${a.last}, half as fresh every ${a.halfLifeDays} days after ${plural(a.returns, { one: `${a.returns} return`, other: `${a.returns} returns` })}. ${a.minutesEver} in all.`,
  weekNumberTitle2: (a: { number: string | number; title: string | number }) =>
    `week ${a.number}, ${a.title}`,
  inThePlanJoin: (a: { join: string | number }) => `In the plan: ${a.join}.`,
  toDo: () => `To do`,
  asAWarmUpToday: () => `As a warm-up today`,
  thisFeelsWeak: () => `This feels weak`,
  aSitting: () => `A sitting`,
  itFeelsWeakSinceSinceDrawn: (a: {
    since: string | number
    drawn: string | number
    drawings: string | number
  }) => `It feels weak since ${a.since}: ${a.drawn} of ${a.drawings} more drawings are made.`,
  noLonger: () => `No longer`,
  depthReached: () => `Depth reached`,
  noneYet: () => `none yet`,
  aroundIt: () => `Around it`,
  needs: () => `Needs`,
  neededBy: () => `Needed by`,
  fromLookingToKnowing: () => `From looking to knowing`,
  lastLast: (a: { last: string | number }) => `, last ${a.last}`,
  missingWithoutReferenceOnDay: (a: { day: string | number }) => `Missing without reference on ${a.day}:`,
  thatIsWhatToStudyNext: () => `That is what to study next.`,
  nextWouldBeStep: (a: { step: string | number }) => `Next would be: ${a.step}.`,
  withReference: () => `with reference`,
  withoutReference: () => `without reference`,
  sideBySide: () => `Side by side`,
  drawn: () => `drawn`,
  entries2: () => `entries`,
  meanMark: () => `mean mark`,
  wentWrong: () => `went wrong`,
  noMarks: () => `no marks`,
  ofMarked: (a: { marked: string | number }) => `of ${a.marked}`,
  learnedFrom: () => `Learned from`,
  nothingNamed: () => `nothing named`,
  byKindJoin: (a: { join: string | number }) => `By kind: ${a.join}`,
  whatWentWrong: () => `What went wrong`,
  aCommaPartsNamesBelowAnd: () => `A comma parts names, below and elsewhere. Leave it out.`,
  aTopic: () => `a topic`,
  aNewTopic: () => `A new topic`,
  nameStaysAnotherNameOfIt: (a: { name: string | number }) => `“${a.name}” stays another name of it.`,
  needsFirstWithCommas: () => `Needs first, with commas`,
  thereIsNoTopicUnknown: (a: { unknown: string | number }) => `There is no topic “${a.unknown}”.`,
  alsoCalledWithCommas: () => `Also called, with commas`,
  itCanBeRemovedOnceNo: (a: { neededBy: string | number; one: boolean }) =>
    `It can be removed once no other needs it; ${a.neededBy} ${select(a.one, { true: `does`, other: `do` })}.`,
  thereIsWhatNameAlready: (a: { what: string | number; name: string | number }) =>
    `There is ${a.what} “${a.name}” already.`,
  anArea: () => `an area`,
  aNewArea: () => `A new area`,
  eachTopicOfTheAreaCan: () =>
    `Each topic of the area can be reached at three depths. Say what they mean here.`,
  nameOfTheArea: () => `Name of the area`,
  simpleLandmarksAndBlocks: () => `Simple: landmarks and blocks`,
  groupedTheMainMasses: () => `Grouped: the main masses`,
  detailed: () => `Detailed`,
  anAreaCanBeRemovedOnce: () => `An area can be removed once its topics are.`,
  topicsAndWhatTheyNeed: () => `Topics and what they need`,
  remarksOnTheCourseTheOrder: () =>
    `Remarks on the course, the order of merged courses and the log line follow these. An arrow means: comes first. Arrows never run in a circle.`,
  topicsKept: () => `Topics kept.`,
  theTopicsAreThoseThatShip: () => `The topics are those that ship again.`,
  changeName: (a: { name: string | number }) => `Change ${a.name}`,
  change: () => `Change`,
  simple: () => `simple:`,
  grouped: () => `grouped:`,
  detailed2: () => `detailed:`,
  addATopic: () => `Add a topic`,
  toName: (a: { name: string | number }) => `to ${a.name}`,
  addAnArea: () => `Add an area`,
  backToTheTopicsThatShip: () => `Back to the topics that ship`,
  howFreshItWasBeforeEach: () =>
    `How fresh it was before each time it was drawn; larger dots are returns after three days or more`,
  aReturn: () => `, a return`,
  today2: () => `, today`,
  minutesAWeek: () => `Minutes a week`,
  weekOfFromMinutesDrawings: (a: {
    from: string | number
    minutes: string | number
    drawings: string | number
  }) => `Week of ${a.from}: ${a.minutes}, ${a.drawings}`,
  marksOverDays: () => `Marks over days`,
  dayMarkMark: (a: { day: string | number; mark: string | number }) => `${a.day}: mark ${a.mark}`,
  marksOverDrawingsMade: () => `Marks over drawings made`,
  afterDrawingsMarkMark: (a: { drawings: string | number; mark: string | number }) =>
    `After ${a.drawings}: mark ${a.mark}`,
  plannedPlanned: (a: { planned: string | number }) => `${a.planned} planned`,
  thePlate: () => `the plate`,
  chooseTheYAMLFileTooIt: () => `Choose the YAML file too; it holds the names.`,
  titleFrom: (a: { title: string | number; from: string | number; minutes: string | number }) =>
    `${a.title} from ${a.from}${a.minutes}`,
  weekNumber: (a: { number: string | number }) => `week ${a.number}`,
  planned2: () => `planned`,
  countOfDrawings: (a: { count: number }) =>
    `${plural(a.count, { one: `${a.count} drawing`, other: `${a.count} drawings` })}`,
}
