// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  habitsShowAfterAFewReferences: () =>
    `Habits show after a few references of one kind, by the first unaided try of each.`,
  yourHabit: () => `Your habit`,
  yourHabits: () => `Your habits`,
  nothingWasComparedOfTheseDrawings: () => `Nothing was compared of these drawings.`,
  overReferencesFirstUnaidedTriesOnly: (a: { comparisons: number }) =>
    `over ${plural(a.comparisons, { one: `${a.comparisons} reference`, other: `${a.comparisons} references` })}, first unaided tries only`,
  ofSoManyThingsLookedAt: (a: { byChance: string | number }) =>
    `; of so many things looked at ${a.byChance} would stand out by chance alone`,
  nothingIsSaidBeforeMoreReferences: (a: { missing: number }) =>
    `Nothing is said before ${plural(a.missing, { one: `${a.missing} more reference`, other: `${a.missing} more references` })}.`,
  moreWereLookedAt: (a: { t: number }) =>
    `${plural(a.t, { one: `${a.t} more was`, other: `${a.t} more were` })} looked at`,
  beforeAndAfterWhichDay: () => `Before and after which day`,
  drawnFrom: () => `Drawn from`,
  drawnWith: () => `Drawn with`,
  oneDrawingTook: () => `One drawing took`,
  anyTime: () => `any time`,
  shows: () => `Shows`,
  takenAsTheAimForThe: () => `Taken as the aim for the next five.`,
  noAimAnyMore: () => `No aim any more.`,
  before: () => `before`,
  after: () => `, after`,
  comparisonsMoreAndItCanBe: (a: { left: number }) =>
    `${plural(a.left, { one: `${a.left} comparison`, other: `${a.left} comparisons` })} more and it can be judged`,
  yourAimSinceTakenOnResult: (a: { takenOn: string | number; result: string | number }) =>
    `Your aim since ${a.takenOn}: ${a.result}.`,
  letItGo: () => `Let it go`,
  aimForTheNextFiveWhat: (a: { what: string | number }) => `Aim for the next five: ${a.what}`,
  aimForTheNextFive: () => `Aim for the next five`,
  practiseItWhat: (a: { what: string | number }) => `Practise it: ${a.what}`,
  practiseIt: () => `Practise it`,
  inYourOwnWords: () => `In your own words`,
  readFromWentWrongSuchAs: () =>
    `Read from “went wrong”, such as “arms too thin”. They are counted without figures.`,
  itDoesNotCountAnyMore: () => `It does not count any more.`,
  moreOfNotes: (a: { more: string | number; of: number }) =>
    `${a.more} of ${plural(a.of, { one: `${a.of} note`, other: `${a.of} notes` })}`,
  notMeantSoText: (a: { text: string | number }) => `Not meant so: ${a.text}`,
  notMeantSo: () => `Not meant so`,
  theTemplateCanBeChosenFor: () => `The template can be chosen for a pair.`,
  nameIsNoTemplateAnyMore: (a: { name: string | number }) =>
    `${a.name} is no template any more; pairs keep their landmarks.`,
  undo: () => `Undo`,
  templatesOfLandmarksAsFiles: () => `Templates of landmarks as files`,
  takeItOutName: (a: { name: string | number }) => `Take it out: ${a.name}`,
  takeItOut: () => `Take it out`,
  removeName: (a: { name: string | number }) => `Remove ${a.name}`,
  remove: () => `Remove`,
  aTemplatesFile: () => `A template’s file`,
  bringATemplateIn: () => `Bring a template in`,
  unaidedFirstImpression: () => `unaided, first impression`,
  withMyOwnGuidelines: () => `with my own guidelines`,
  guidelinesCorrectedAfterTheReference: () => `guidelines corrected after the reference`,
  traced: () => `traced`,
  fromMemory: () => `from memory`,
  ownTryBeforeTheSolution: () => `own try before the solution`,
  afterTheSolution: () => `after the solution`,
  theOtherWay: () => `the other way`,
  tooLittle: () => `too little`,
  tooMuch: () => `too much`,
  theWholeIsTurnedYours: (a: { yours: boolean }) =>
    `The whole is turned ${select(a.yours, { true: `clockwise`, other: `anticlockwise` })}.`,
  theWholeLeansTruth: (a: { truth: string | number }) => `The whole leans ${a.truth}.`,
  yoursYoursFromThePlumbLine: (a: { yours: string | number; truth: string | number }) =>
    `Yours ${a.yours} from the plumb line, true ${a.truth}.`,
  subjectTurnedYoursYours2: (a: { subject: string | number; yours: string | number; yours2: boolean }) =>
    `${a.subject}: turned ${a.yours} ${select(a.yours2, { true: `clockwise`, other: `anticlockwise` })}.`,
  plumbOrLevel: () => `plumb or level`,
  truthFromPlumbOrLevel: (a: { truth: string | number }) => `${a.truth} from plumb or level`,
  itLiesTruth: (a: { truth: string | number }) => `It lies ${a.truth}.`,
  subjectTiltsTruth: (a: { subject: string | number; truth: string | number }) =>
    `${a.subject}: tilts ${a.truth}.`,
  yoursYoursTrueTruth: (a: { yours: string | number; truth: string | number }) =>
    `Yours ${a.yours}, true ${a.truth}.`,
  measuredAgainstTheRest: () => `measured against the rest.`,
  subjectLiesAside: (a: { subject: string | number }) => `${a.subject} lies aside.`,
  yoursOfTheWholeSizeFrom: (a: { yours: string | number }) =>
    `${a.yours} of the whole size from its place, though every part is right.`,
  oneStandsOverOther: (a: { one: string | number; other: string | number }) =>
    `${a.one} stands over ${a.other}`,
  oneAndOtherAreLevel: (a: { one: string | number; other: string | number }) =>
    `${a.one} and ${a.other} are level`,
  truthYoursToo: (a: { truth: string | number }) => `${a.truth}; yours too.`,
  toTheLeft: () => `to the left`,
  toTheRight: () => `to the right`,
  truthInYoursItIsOff: (a: { truth: string | number; off: string | number; way: string | number }) =>
    `${a.truth}; in yours it is ${a.off} ${a.way}.`,
  truthInYoursTheFirstIs: (a: { truth: string | number; off: string | number; way: string | number }) =>
    `${a.truth}; in yours the first is ${a.off} ${a.way}.`,
  theLandmarksLieOnOneLine: () =>
    `The landmarks lie on one line, so it cannot be told whether the drawing is mirrored.`,
  itFitsWhenLeftAndRight: () =>
    `It fits when left and right are exchanged: were the landmarks placed on the other side?`,
  itFitsWhenItIsSeen: () => `It fits when it is seen in a mirror: is the picture mirrored?`,
  itFitsWhenLeftAndRight2: () =>
    `It fits when left and right are exchanged, and as well in a mirror. Which is it: the names or the picture?`,
  theLeanOfTheWhole: () => `the lean of the whole`,
  tilt: () => `tilt`,
  length: () => `length`,
  place: () => `place`,
  rightNow: () => `right now`,
  lessOff: () => `less off`,
  moreOff: () => `more off`,
  newlyOff: () => `newly off`,
  bench: () => `Bench`,
  measuring: () => `Measuring`,
  anotherPair: () => `Another pair`,
  yourDrawingBesideItsReferenceWhere: () =>
    `Your drawing beside its reference: where it differs, and what to put right first.`,
  noPairYetDrawAFigure: () =>
    `No pair yet. Draw a figure of the cabinet, photograph the page, and hold it beside its reference.`,
  habits: () => `Habits`,
  allFiguresAsCsv: () => `All figures as CSV`,
  tryNumberOfTries: (a: { number: string | number; tries: string | number }) =>
    `, try ${a.number} of ${a.tries}`,
  meanOffsetOff: (a: { meanOffset: string | number }) => ` · ${a.meanOffset} % off`,
  notMeasuredYet: () => `Not measured yet.`,
  nothingBeyondTheTolerance: () => `Nothing beyond the tolerance.`,
  fixFirst: () => `Fix first`,
  setTwoLandmarksOrMoreOn: () =>
    `Set two landmarks or more on your drawing; after three the places of the others are proposed.`,
  areLeftAndRightExchanged: (a: { left: string | number; right: string | number }) =>
    `Are ${a.left} and ${a.right} exchanged?`,
  nothingIsOffByMoreThan: (a: { counting: number }) =>
    `Nothing is off by more than the tolerance in ${plural(a.counting, { one: `${a.counting} landmark`, other: `${a.counting} landmarks` })}.`,
  moreThingsAreNotJudgedBefore: (a: { open: number; first: number }) =>
    `${plural(a.open, { one: `${a.open} more thing is`, other: `${a.open} more things are` })} not judged before ${plural(a.first, { one: `this is`, other: `these are` })} right.`,
  findingsWereMeantSo: (a: { refused: number }) =>
    `${plural(a.refused, { one: `${a.refused} finding was`, other: `${a.refused} findings were` })} meant so.`,
  judgeThemAgain: () => `Judge them again`,
  youDrew: () => `You drew`,
  ofTheTilt: () => `of the tilt`,
  lowToHighOfParts: (a: { low: string | number; high: string | number; of: string | number }) =>
    `(${a.low} to ${a.high}, ${a.of} parts)`,
  ofTheForeshorteningOfTheName: (a: { name: string | number }) =>
    `Of the foreshortening of the ${a.name} you drew`,
  theFarEndOfTheName: (a: { name: string | number }) => `The far end of the ${a.name} is`,
  asBroadAsItShouldBe: () => `as broad as it should be.`,
  theAreaOfTheNameIs: (a: { name: string | number }) => `The area of the ${a.name} is`,
  ofTheTrueOne: () => `of the true one.`,
  hideTheFigures: () => `Hide the figures`,
  allFiguresOfParts: (a: { parts: number }) =>
    `All figures of ${plural(a.parts, { one: `${a.parts} part`, other: `${a.parts} parts` })}`,
  meantSoSubject: (a: { subject: string | number }) => `Meant so: ${a.subject}`,
  meantSo: () => `Meant so`,
  lineUps: () => `Line-ups`,
  exchangeThem: () => `Exchange them`,
  laterWhatFigures: (a: { what: string | number; figures: string | number }) =>
    `Later: ${a.what} ${a.figures}`,
  part: () => `part`,
  trueTilt: () => `true tilt`,
  yours: () => `yours`,
  off: () => `off`,
  theDrawingWasLaidOverBy: (a: { onFoundation: boolean; meanOffset: string | number }) =>
    `The drawing was laid over by ${select(a.onFoundation, { true: `its foundation`, other: `all its landmarks` })}; on the whole they lie ${a.meanOffset} of the size from their places.`,
  landmarksOneByOne: () => `Landmarks, one by one`,
  whatTheReferenceDoesNotShow: () =>
    `What the reference does not show you had to invent; it stays on the picture and is not judged.`,
  inventedName: (a: { name: string | number }) => `Invented: ${a.name}`,
  invented: () => `invented`,
  takeOffName: (a: { name: string | number }) => `Take off: ${a.name}`,
  takeOff: () => `Take off`,
  itCanBeSeenName: (a: { name: string | number }) => `It can be seen: ${a.name}`,
  itCanBeSeen: () => `It can be seen`,
  itCannotBeSeenName: (a: { name: string | number }) => `It cannot be seen: ${a.name}`,
  itCannotBeSeen: () => `It cannot be seen`,
  yourNotes: () => `Your notes`,
  eachIsPinnedToYourDrawing: () => `Each is pinned to your drawing: drag its number where it belongs.`,
  takeOffText: (a: { text: string | number }) => `Take off: ${a.text}`,
  whatYouSawYourself: () => `What you saw yourself`,
  noteIt: () => `Note it`,
  yourDrawingLaidOverTheReference: () => `Your drawing laid over the reference`,
  laidOverOpacity: (a: { opacity: string | number }) => `laid over, ${a.opacity}`,
  stopBlinking: () => `Stop blinking`,
  blink: () => `Blink`,
  laidOver: () => `Laid over`,
  whatDiffers: () => `What differs`,
  laidOver2: () => `laid over`,
  reference: () => `reference`,
  whichPicture: () => `Which picture`,
  referenceLandmarksKnown: () => `reference, landmarks known`,
  noPictureOfTheDrawingYet: () => `No picture of the drawing yet.`,
  yoursDrawnSet: (a: { drawn: string | number }) => `yours: ${a.drawn} set`,
  proposedProposedInPencil: (a: { proposed: string | number }) => `, ${a.proposed} proposed in pencil`,
  thePictureIsGone: () => `the picture is gone`,
  howTheReferenceTrulyLies: () => `How the reference truly lies`,
  lengthOfTheWhole: () => `length of the whole`,
  tiltFromFromPlumb: (a: { tilt: string | number; fromPlumb: boolean; tilt2: boolean }) =>
    `${a.tilt}° from ${select(a.fromPlumb, { true: `plumb`, other: `level` })}, ${select(a.tilt2, { true: `anticlockwise`, other: `clockwise` })}`,
  tryItAgain: () => `Try it again`,
  anotherTryIsDrawn: () => `Another try is drawn`,
  howItWasDrawn: () => `How it was drawn`,
  thisTryIs: () => `This try is`,
  pushedTiltsExaggeratedOnPurposeJudged: () =>
    `Pushed: tilts exaggerated on purpose, judged against 1.2 times the true ones`,
  uprightIsKnownOnBothPictures: () => `Upright is known on both pictures`,
  faintToDrawOver: () => `faint, to draw over`,
  wholeToTrace: () => `whole, to trace`,
  itsLandmarksOnlyToBeginFrom: () => `its landmarks only, to begin from`,
  noPictureWasMadeMessage: (a: { message: string | number }) => `No picture was made: ${a.message}`,
  onPaperOrAsAFile: () => `On paper, or as a file`,
  saveAsOnePicture: () => `Save as one picture`,
  printOrKeepAsPdf: () => `Print, or keep as PDF`,
  theReference: () => `The reference`,
  paper: () => `Paper`,
  printItAtThisSize: () => `Print it at this size`,
  tryIDayMeanOffsetOffWay: (a: {
    i: string | number
    day: string | number
    meanOffset: string | number
    way: string | number
  }) => `try ${a.i}, ${a.day}: ${a.meanOffset} % off, ${a.way}`,
  tries: (a: { tries: number }) => `${plural(a.tries, { one: `${a.tries} try`, other: `${a.tries} tries` })}`,
  tryI: (a: { i: string | number }) => `Try ${a.i}`,
  notMeasured: () => `not measured`,
  meanOffsetOff2: (a: { meanOffset: string | number }) => `${a.meanOffset} % off`,
  threeTriesWithoutChangeRestOr: () => `Three tries without change: rest, or take another reference.`,
  aPair: () => `A pair`,
  allPairs: () => `All pairs`,
  hideTheTrueAxes: () => `Hide the true axes`,
  showTheTrueAxes: () => `Show the true axes`,
  measureOnThePicture: () => `Measure on the picture`,
  whatComesOut: () => `What comes out`,
  pressWhere: () => `Press where`,
  is: () => `is.`,
  theFoundationIsSet: () => `The foundation is set.`,
  allLandmarksAreSet: () => `All landmarks are set.`,
  thePictureWasTurnedOrStraightened: () =>
    `The picture was turned or straightened since the landmarks were placed. What is said rests on how it was; look whether they still fit.`,
  theyFit: () => `They fit`,
  aQuickPassFoundationLandmarks: (a: { foundation: string | number }) =>
    `A quick pass, ${a.foundation} landmarks`,
  undoTheLastStep: () => `Undo the last step`,
  moreHelps: () => `More helps`,
  carryOverBySquares: () => `Carry over by squares`,
  referenceWidth: () => `Reference, width`,
  referenceHeight: () => `Reference, height`,
  marginMm: () => `Margin, mm`,
  squaresAcross: () => `Squares across`,
  columnsRowsSquares: (a: { columns: string | number; rows: string | number }) =>
    `${a.columns} × ${a.rows} squares`,
  onTheReferenceReferenceCellEachIn: (a: { referenceCell: string | number }) =>
    `On the reference ${a.referenceCell} each, in its own unit.`,
  onThePaperPaperCellMmEach: (a: { paperCell: string | number }) => `On the paper ${a.paperCell} mm each.`,
  withTheReferenceToldInMillimetres: (a: { enlarges: string | number }) =>
    `With the reference told in millimetres it becomes ${a.enlarges} times as large.`,
  freePaperLeftMmAtEach: (a: { left: string | number; top: string | number }) =>
    `Free paper: ${a.left} mm at each side, ${a.top} mm above and below.`,
  printItInTrueSize: () => `Print it in true size`,
  columnsRowsSquaresPaperCellMmEach: (a: {
    columns: string | number
    rows: string | number
    paperCell: string | number
    paper: string | number
    enlarges: string | number
  }) =>
    `${a.columns} × ${a.rows} squares, ${a.paperCell} mm each on ${a.paper}, ${a.enlarges} times as large.`,
  usual7Heads: () => `usual, 7½ heads`,
  idealised8Heads: () => `idealised, 8 heads`,
  aChildOfAboutFive5: () => `a child of about five, 5 heads`,
  headsTallAndRoomOnThe: () => `Heads tall, and room on the sheet`,
  marginAboveAndBelowMm: () => `Margin above and below, mm`,
  howManyHeads: () => `How many heads`,
  aCanon: () => `A canon`,
  chooseOne: () => `choose one`,
  oneHeadIs: () => `One head is`,
  headMm: (a: { head: string | number }) => `${a.head} mm`,
  marksFromTheUpperEdgeJoin: (a: { join: string | number }) => `. Marks from the upper edge: ${a.join} mm.`,
  headsHeadsOnSettledOneHead: (a: {
    heads: string | number
    settled: string | number
    head: string | number
  }) => `${a.heads} heads on ${a.settled}: one head is ${a.head} mm.`,
  aThirdPointFromTwoAngles: () => `A third point from two angles`,
  knownDistance: () => `Known distance`,
  angleAtTheFirst: () => `Angle at the first, °`,
  angleAtTheSecond: () => `Angle at the second, °`,
  alongFromTheFirst: () => `along from the first,`,
  awayFromTheLine: () => `away from the line.`,
  readADegreeWrongItMay: () => `Read a degree wrong it may lie anywhere.`,
  readADegreeWrongItLies: (a: { error: string | number }) =>
    `Read a degree wrong it lies up to ${a.error} elsewhere.`,
  headsTall: () => `heads tall`,
  byAUnitOfItsOwn: () => `by a unit of its own`,
  plumbAndLevel: () => `plumb and level`,
  squaresLaidOver: () => `squares laid over`,
  eyeLevel: () => `eye level`,
  topOfTheHead: () => `top of the head`,
  oneEndOfTheUnit: () => `one end of the unit`,
  otherEndOfTheUnit: () => `other end of the unit`,
  oneEndOfTheLength: () => `one end of the length`,
  otherEndOfTheLength: () => `other end of the length`,
  thePoint: () => `the point`,
  edgeEdgeNear: (a: { edge: string | number }) => `${a.edge} edge, near`,
  edgeEdgeFar: (a: { edge: string | number }) => `${a.edge} edge, far`,
  oneHeadFromItsTopTo: () => `One head, from its top to the chin, is the unit of the whole height.`,
  anyLengthIsTheUnitOf: () =>
    `Any length is the unit of all others: press both ends of it, then both ends of a length.`,
  everythingOnTheUprightLineStands: () =>
    `Everything on the upright line stands under or over the point, everything on the other is level with it.`,
  wholeSquaresAsTheyCanBe: () => `Whole squares, as they can be printed in true size for the paper.`,
  twoEdgesThatLeadAwayTo: () =>
    `Two edges that lead away to the left, then two to the right; each pair is parallel in space and level.`,
  measuringOnThePicture: () => `Measuring on the picture`,
  thePair: () => `The pair`,
  press: () => `Press:`,
  dragWhatDoesNotFit: () => `Drag what does not fit.`,
  measure: () => `Measure`,
  on: () => `On`,
  theReference2: () => `the reference`,
  yourDrawing: () => `your drawing`,
  carryItOverToAPaper: () => `Carry it over to a paper`,
  takeAllPointsOff: () => `Take all points off`,
  keptWithThePair: () => `Kept with the pair`,
  keepWithThePair: () => `Keep with the pair`,
  countHeadsTall: (a: { count: string | number }) => `${a.count} heads tall`,
  theLengthIsUnits: (a: { count: number }) =>
    `The length is ${plural(a.count, { one: `${a.count} unit`, other: `${a.count} units` })}.`,
  aboveThePicture: () => `above the picture`,
  belowThePicture: () => `below the picture`,
  heightDown: (a: { height: string | number }) => `${a.height} down`,
  level: () => `, level`,
  degreesOffLevel: (a: { degrees: string | number }) => `, ${a.degrees}° off level`,
  theEyeLevelLiesHeightDegrees: (a: { height: string | number; degrees: string | number }) =>
    `The eye level lies ${a.height}${a.degrees}.`,
  l: (a: { l: boolean }) =>
    `${select(a.l, { true: `The second two`, other: `The first two` })} edges are parallel in the picture: they meet nowhere.`,
  freePoints: () => `free points`,
  kindNumberSeed: (a: { kind: string | number; seed: string | number }) => `${a.kind}, number ${a.seed}`,
  from: () => `From`,
  theCabinetWhichKnowsItsLandmarks: () => `the cabinet, which knows its landmarks`,
  aPictureOfAPage: () => `a picture of a page`,
  yourOwnFolderOfPictures: () => `your own folder of pictures`,
  seen: () => `Seen`,
  landmarks: () => `Landmarks`,
  others: () => `Others`,
  yourDrawing2: () => `Your drawing`,
  aPhotographFromStraightAboveShows: () =>
    `A photograph from straight above shows most; straightened in Books, upright is known as well.`,
  photographOrChooseIt: () => `Photograph or choose it`,
  holdItBeside: () => `Hold it beside`,
  withoutAPictureTheTrueAxes: () => `Without a picture the true axes are shown alone.`,
  bookPNumberAbout: (a: { book: string | number; number: string | number; about: string | number }) =>
    `${a.book} p ${a.number}, ${a.about}`,
  picturesOfYours: () => `Pictures of yours`,
  noPictureIsThereAFolder: () => `No picture is there. A folder is chosen in the`,
  settings: () => `settings`,
  picturesOfYourFolder: () => `Pictures of your folder`,
  nameMeets: (a: { name: string | number }) => `${a.name} meets`,
  referencePressWhereTruthOpenIs: (a: { truthOpen: string | number }) =>
    `reference: press where ${a.truthOpen} is`,
  thisBrowserCannotDrawThePicture: () => `this browser cannot draw the picture`,
  thePictureIsTooLarge: () => `the picture is too large`,
  numberOfKind: (a: { kind: string | number; number: string | number }) => `${a.kind}, number ${a.number}`,
  nothing: () => `nothing`,
}
