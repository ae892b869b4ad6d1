// Made from en.json by "npm run words".
import { plural, select } from '../../../ui/language'

export const messages = {
  bound: () => `bound`,
  onARing: () => `on a ring`,
  looseSheets: () => `loose sheets`,
  standsIt: () => `stands it`,
  buckles: () => `buckles`,
  bleedsThrough: () => `bleeds through`,
  asItsEntriesAndPicturesTell: () => `as its entries and pictures tell`,
  drawnOn: () => `drawn on`,
  keptFree: () => `kept free`,
  tornOut: () => `torn out`,
  carriesSomethingGluedIn: () => `carries something glued in`,
  aboutIt: () => `About it`,
  whatItWaitsFor: () => `What it waits for`,
  whereItIsNow: () => `Where it is now`,
  whatIsGluedIn: () => `What is glued in`,
  drawnOnOfDrawnOn: (a: { drawnOn: string | number; of: string | number }) => `${a.drawnOn}${a.of} drawn on`,
  keptFreeKeptFree: (a: { keptFree: string | number }) => `${a.keptFree} kept free`,
  tornOutTornOut: (a: { tornOut: string | number }) => `${a.tornOut} torn out`,
  gluedInWithSomethingGluedIn: (a: { gluedIn: string | number }) => `${a.gluedIn} with something glued in`,
  fullNoPageIsLeftTo: () => `Full: no page is left to begin.`,
  pagesLeftWhenItWillBe: (a: { left: number }) =>
    `${plural(a.left, { one: `${a.left} page`, other: `${a.left} pages` })} left. When it will be full shows after three days in it.`,
  laterThanInAYear: () => `later than in a year`,
  days: (a: { ownDays: number }) =>
    `${plural(a.ownDays, { one: `${a.ownDays} day`, other: `${a.ownDays} days` })}`,
  lessThan01: () => `less than 0.1`,
  thoughNoPageWasBegunIn: (a: { days: string | number }) =>
    `though no page was begun in the last ${a.days}, so that this is little more than a guess`,
  atPacePace2: (a: { pace: string | number; one: boolean; days: string | number }) =>
    `at ${a.pace} ${select(a.one, { true: `page`, other: `pages` })} a day over the last ${a.days}`,
  aboutMiddleEarlyToLateBasis: (a: {
    middle: string | number
    early: string | number
    late: string | number
    basis: string | number
  }) => `about ${a.middle} (${a.early} to ${a.late}), ${a.basis}`,
  notBeforeEarlyMostLikelyLater: (a: { early: string | number; basis: string | number }) =>
    `not before ${a.early}, most likely later than in a year, ${a.basis}`,
  laterThanInAYearBasis: (a: { basis: string | number }) => `later than in a year, ${a.basis}`,
  andMoreMore: (a: { more: string | number }) => ` and ${a.more} more`,
  forWords: (a: { words: string | number }) => ` for ${a.words}`,
  keptFreeWords: (a: { words: string | number }) => `kept free${a.words}`,
  tornOutWords: (a: { words: string | number }) => `torn out${a.words}`,
  gluedInWords: (a: { words: string | number }) => `glued in${a.words}`,
  noPictureYet: () => `, no picture yet`,
  pageNumberAboutDayFavourite: (a: {
    number: string | number
    about: string | number
    day: string | number
    favourite: boolean
    picture: string | number
  }) =>
    `Page ${a.number}: ${a.about}${a.day}${select(a.favourite, { true: `, a favourite`, other: `` })}${a.picture}`,
  aNewBook: () => `A new book`,
  aNameAndAFormatAre: () => `A name and a format are enough.`,
  sameAsName: (a: { name: string | number }) => `Same as ${a.name}`,
  name: () => `Name`,
  format: () => `Format`,
  a4B5Landscape21X29: () => `A4, B5 landscape, 21 x 29.7 cm or 9 x 12 in`,
  leavesOrEmpty: () => `Leaves, or empty`,
  pages: (a: { bothSides: number }) =>
    `${plural(a.bothSides, { one: `${a.bothSides} page`, other: `${a.bothSides} pages` })}`,
  sheetsOfPaperNotPages: () => `sheets of paper, not pages`,
  leavesAre: () => `Leaves are`,
  bothSidesOfALeafAre: () => `Both sides of a leaf are used`,
  paperPriceRulesWhatItIs: () => `Paper, price, rules, what it is for`,
  paperGM: () => `Paper, g/m²`,
  price: () => `Price`,
  currency: () => `Currency`,
  eur: () => `EUR`,
  openedOn: () => `Opened on`,
  closedOnOrEmpty: () => `Closed on, or empty`,
  rulesAskedAboutWhereYourEntries: () => `Rules: asked about where your entries do not tell, never enforced`,
  writtenOnItsFirstPageWhat: () =>
    `Written on its first page: what it is for. It is asked again when the book is closed`,
  whatItsColoursMean: () => `What its colours mean`,
  privateKeptOutOfEverySheet: () => `Private: kept out of every sheet, print and document`,
  notJudgedNoMarkIsAsked: () =>
    `Not judged: no mark is asked, nor what went wrong; marks given before count for nothing`,
  notShownNobodyElseLooksAt: () => `Not shown: nobody else looks at it, so that pages may fail`,
  keepIt: () => `Keep it`,
  openIt: () => `Open it`,
  whatItsPaperTakes: () => `What its paper takes`,
  medium: () => `Medium`,
  thePaper: () => `The paper`,
  remove: () => `Remove`,
  addAMedium: () => `Add a medium`,
  closeName: (a: { name: string | number }) => `Close ${a.name}`,
  drawnOnOfPagesAreDrawnOn: (a: { drawnOn: number; pages: number }) =>
    `${a.drawnOn} of ${plural(a.pages, { one: `${a.pages} page`, other: `${a.pages} pages` })} ${plural(a.drawnOn, { one: `is`, other: `are` })} drawn on. A closed book stays as it is and can be opened again.`,
  youWroteOnItsFirstPage: () => `You wrote on its first page:`,
  howMuchOfItCameTrue: () => `How much of it came true, in per cent, by your own word; or empty`,
  closedOn: () => `Closed on`,
  closeIt: () => `Close it`,
  closeItAndOpenTheNext: () => `Close it and open the next`,
  fromAPageOnAllAre: () => `From a page on, all are later or earlier`,
  twoPagesChangePlaces: () => `Two pages change places`,
  aPageGoesElsewhereTheOthers: () => `A page goes elsewhere, the others close up`,
  fromPage: () => `From page`,
  soManyLaterWithAMinus: () => `So many later; with a minus, earlier`,
  page: () => `Page`,
  changesPlacesWithPage: () => `changes places with page`,
  becomesPage: () => `becomes page`,
  pFromTo: (a: { from: string | number; to: string | number }) => `p ${a.from}–${a.to}`,
  pageNumbersOfName: (a: { name: string | number }) => `Page numbers of ${a.name}`,
  entriesPicturesAndWhatYouTold: () => `Entries, pictures and what you told of a page follow it.`,
  pagesMoved: (a: { pages: number }) =>
    `${plural(a.pages, { one: `${a.pages} page`, other: `${a.pages} pages` })} moved.`,
  undo: () => `Undo`,
  whatIsToBePutRight: () => `What is to be put right`,
  nothingIsKnownOfThesePages: () => `Nothing is known of these pages, so nothing moves.`,
  pagesPages2: (a: { pages: number; one: boolean; entries: number; entries2: boolean }) =>
    `${plural(a.pages, { one: `${a.pages} page`, other: `${a.pages} pages` })} ${select(a.one, { true: `gets`, other: `get` })} another number, ${plural(a.entries, { one: `${a.entries} entry`, other: `${a.entries} entries` })} ${select(a.entries2, { true: `follows`, other: `follow` })}:`,
  dayCalledPagesBecomesAfter: (a: {
    day: string | number
    called: string | number
    pages: string | number
    after: string | number
  }) => `${a.day}, ${a.called}: ${a.pages} becomes ${a.after}`,
  moveThem: () => `Move them`,
  keptOfKept2Kept: (a: { kept: string | number; of: string | number }) => ` (${a.kept} of ${a.of} kept)`,
  closedClosed: (a: { closed: string | number }) => `closed ${a.closed}`,
  openSinceFrom: (a: { from: string | number }) => `open since ${a.from}`,
  notBegun: () => `not begun`,
  byDateLowToHighMost: (a: {
    date: string | number
    low: string | number
    high: string | number
    middle: string | number
  }) => `by ${a.date} ${a.low} to ${a.high}, most likely ${a.middle}`,
  pagesToComeJoinLeftAre: (a: { join: string | number; left: number }) =>
    `Pages to come: ${a.join}. ${a.left} ${plural(a.left, { one: `is`, other: `are` })} left.`,
  shouldBeThereByEarly: (a: { early: string | number }) => `should be there by ${a.early}`,
  formatNotTold: () => `format not told`,
  leavesBothSides: (a: { leaves: number; bothSides: boolean }) =>
    `${plural(a.leaves, { one: `${a.leaves} leaf`, other: `${a.leaves} leaves` })}, ${select(a.bothSides, { true: `both sides`, other: `one side` })}`,
  leavesNotCounted: () => `leaves not counted`,
  it: () => `it`,
  mediumOnPagesItTakes: (a: { medium: string | number; pages: string | number; takes: string | number }) =>
    `${a.medium} on ${a.pages}: it ${a.takes}.`,
  soFarPerPageAPage: (a: { perPage: string | number }) => `, so far ${a.perPage} a page`,
  perHourAnHour: (a: { perHour: string | number }) => `, ${a.perHour} an hour`,
  keptShareKeptByYourOwnWord: (a: { keptShare: string | number }) =>
    ` (${a.keptShare} % kept, by your own word)`,
  notJudged: () => `not judged`,
  notShown: () => `not shown`,
  tellMoreOfIt: () => `Tell more of it`,
  putPageNumbersRight: () => `Put page numbers right`,
  openTheNextLikeThisOne: () => `Open the next, like this one`,
  takeItOff: () => `Take it off`,
  nameIsTakenOffItsDrawnOn: (a: { name: string | number; drawnOn: string | number }) =>
    `${a.name} is taken off; its ${a.drawnOn} drawn pages and all entries stay.`,
  noPageIsKnownYetSay: () => `No page is known yet. Say how many leaves it has, or log a page:`,
  n3Cranes20MinP1: () => `3 cranes, 20 min, p 1`,
  pagesNumberToNumber2: (a: { first: string | number; last: string | number }) =>
    `Pages ${a.first} to ${a.last}`,
  latelyDrawnOn: () => `Lately drawn on`,
  allPages: () => `All pages`,
  asOneSheetPdf: () => `As one sheet, PDF`,
  aFoldedCornerIsAPage: () =>
    `A folded corner is a page you marked as a favourite. Press a page for what is known about it.`,
  pages2: () => `Pages`,
  books: () => `Books`,
  privateWord: () => `, private`,
  closed: () => `, closed`,
  filledShareFilled: (a: { filledShare: string | number }) => `${a.filledShare} % filled`,
  newBook: () => `New book`,
  putPicturesIn: () => `Put pictures in`,
  choosePictures: () => `Choose pictures`,
  picturesOfPagesFromAPhone: () =>
    `Pictures of pages from a phone or a scanner. They wait in the tray, each with the page it most likely belongs to; the originals stay as they are.`,
  waitingPicturesWaitToBePut: (a: { waiting: number }) =>
    `${a.waiting} ${plural(a.waiting, { one: `picture waits`, other: `pictures wait` })} to be put on ${plural(a.waiting, { one: `its page`, other: `their pages` })}.`,
  look: () => `Look`,
  noBookYetANameAnd: () => `No book yet. A name and a format are enough:`,
  harbourBookA4: () => `Harbour book, A4`,
  booksThatYouNameWhenYou: () => `. Books that you name when you log appear here by themselves.`,
  stagedPieces: () => `Staged pieces`,
  oneDrawingOverSeveralDaysStage: () => `one drawing over several days, stage by stage`,
  takenOff: () => `Taken off`,
  theirEntriesAndPagesAreAll: () => `Their entries and pages are all there.`,
  putNameBack: (a: { name: string | number }) => `Put ${a.name} back`,
  putItBack: () => `Put it back`,
  wordsUnderThisPicture: () => `Words under this picture`,
  keep: () => `Keep`,
  whatGrewIntoWhat: () => `What grew into what`,
  noPicture: () => `no picture`,
  pNumber: (a: { number: string | number }) => `p ${a.number}`,
  grewOutOfPNumberOf: (a: { number: string | number; book: string | number; words: string | number }) =>
    `Grew out of p ${a.number} of ${a.book}${a.words}`,
  notSo: () => `Not so`,
  itGrewOutOfAnotherPage: () => `It grew out of another page`,
  itGrewOutOfAPage: () => `It grew out of a page of`,
  howDrawnAgainTakenFurtherGlued: () => `How: drawn again, taken further, glued into, finished elsewhere`,
  cancel: () => `Cancel`,
  pageNumberIsKeptAsYou: (a: { number: string | number }) => `Page ${a.number} is kept as you told.`,
  thisPageIs: () => `This page is`,
  aFavouriteFoldItsCorner: () => `A favourite: fold its corner`,
  privateWord2: () => `Private`,
  notTakenOutMessage: (a: { message: string | number }) => `Not taken out: ${a.message}`,
  itIsPPageOfName: (a: { page: string | number; name: string | number }) =>
    `It is p ${a.page} of ${a.name} now; the pages after it are later, and entries follow.`,
  putThisSheetIntoABook: () => `Put this sheet into a book`,
  intoBeforeThePageThatHas: () => `Into, before the page that has this number now`,
  putItIn: () => `Put it in`,
  leaveIt: () => `Leave it`,
  pictures: () => `Pictures`,
  neighbours: () => `Neighbours`,
  pBefore: (a: { before: string | number }) => `← p ${a.before}`,
  pAfter: (a: { after: string | number }) => `p ${a.after} →`,
  pageNumber: (a: { number: string | number }) => `Page ${a.number}`,
  aFavourite: () => `a favourite`,
  drawnHereLayerByLayer: () => `Drawn here, layer by layer`,
  drawnHere: () => `Drawn here`,
  noEntryNamesThisPageLog: (a: { number: string | number }) =>
    `No entry names this page. Log one as you would: 3 cranes, 20 min, p ${a.number}.`,
  itServed: () => `It served`,
  noPictureOfThisPageYet: () => `No picture of this page yet.`,
  addADetailOrAnotherView: () => `Add a detail or another view`,
  chooseItsPicture: () => `Choose its picture`,
  thePictureWaitsInTheTray: () => `The picture waits in the tray again.`,
  pageNumberOfBookCaption: (a: {
    number: string | number
    book: string | number
    caption: string | number
  }) => `Page ${a.number} of ${a.book}${a.caption}`,
  besideIt: () => `beside it`,
  takenSliceSlice2: (a: { day: string | number; time: string | number }) => `taken ${a.day}, ${a.time}`,
  itsWords: () => `Its words`,
  saySomethingAboutIt: () => `Say something about it`,
  turnIt: () => `Turn it`,
  straightened: () => `Straightened`,
  straighten: () => `Straighten`,
  makeItAPlate: () => `Make it a plate`,
  takeItOffThisPage: () => `Take it off this page`,
  inFullSize: () => `In full size`,
  asItCame: () => `As it came`,
  bookAndPage: () => `book and page`,
  day: () => `day`,
  what: () => `what`,
  howMany: () => `how many`,
  minutes: () => `minutes`,
  medium2: () => `medium`,
  mark: () => `mark`,
  pagesOnASheet: () => `Pages on a sheet`,
  chosenPages: () => `Chosen pages`,
  pages3: (a: { shown: number }) =>
    `${plural(a.shown, { one: `${a.shown} page`, other: `${a.shown} pages` })}`,
  keptPrivatePagesStayOut: (a: { kept: number }) =>
    `${a.kept} private ${plural(a.kept, { one: `page stays`, other: `pages stay` })} out`,
  bareWithoutAPictureAreLeft: (a: { bare: number }) =>
    `${a.bare} without a picture ${plural(a.bare, { one: `is`, other: `are` })} left out`,
  nothingThatWasDrawnFitsOr: () => `Nothing that was drawn fits, or no page of it has a picture yet.`,
  pageNumberOfBookAbout: (a: { number: string | number; book: string | number; about: string | number }) =>
    `Page ${a.number} of ${a.book}: ${a.about}`,
  pageNumberOfBookEarlier: (a: { number: string | number; book: string | number }) =>
    `Page ${a.number} of ${a.book} earlier`,
  pageNumberOfBookLater: (a: { number: string | number; book: string | number }) =>
    `Page ${a.number} of ${a.book} later`,
  book: () => `Book`,
  anyWord: () => `any`,
  toPage: () => `To page`,
  drawnFrom: () => `Drawn from`,
  drawnUntil: () => `Drawn until`,
  topic: () => `Topic`,
  words: () => `Words`,
  favouritesAlone: () => `Favourites alone`,
  chooseThese: () => `Choose these`,
  toTheBooks: () => `To the books`,
  title: () => `Title`,
  printedOn: () => `Printed on`,
  a4: () => `A4`,
  letter: () => `Letter`,
  picturesASheet: () => `Pictures a sheet`,
  underEachPicture: () => `Under each picture`,
  noFontOnThisMachineHas: (a: { join: string | number; data: boolean }) =>
    `No font on this machine has ${a.join}; a question mark stands for ${select(a.data, { true: `it`, other: `each of them` })}.`,
  makingIt: () => `Making it…`,
  makeThePdfOfPages: (a: { pages: number }) =>
    `Make the PDF of ${plural(a.pages, { one: `${a.pages} page`, other: `${a.pages} pages` })}`,
  asOneStripPng: () => `As one strip, PNG`,
  inboxFolder: () => `Inbox folder`,
  stop: () => `Stop`,
  anotherFolder: () => `Another folder`,
  chooseAnInboxFolder: () => `Choose an inbox folder`,
  aPhonesPicturesCanComeBy: () =>
    `A phone’s pictures can come by themselves, through a folder that is kept in step with it.`,
  theInboxFolderPathCannotBe: (a: { path: string | number }) =>
    `The inbox folder ${a.path} cannot be read now. What came from it is kept.`,
  picturesTakenIn: (a: { taken: number }) =>
    `${plural(a.taken, { one: `${a.taken} picture`, other: `${a.taken} pictures` })} taken in`,
  nothingNew: () => `Nothing new`,
  cameLeftToComeFromPath: (a: { came: string | number; left: string | number; path: string | number }) =>
    `${a.came}, ${a.left} to come, from ${a.path}…`,
  cameLeftWaitInPath: (a: { came: string | number; left: number; path: string | number }) =>
    `${a.came}; ${a.left} ${plural(a.left, { one: `waits`, other: `wait` })} in ${a.path}.`,
  cameFromPath: (a: { came: string | number; path: string | number }) => `${a.came} from ${a.path}.`,
  picturesThatArriveThereAreCopied: () =>
    `Pictures that arrive there are copied into the tray. The folder is only read, never changed.`,
  folderOnThisMachineOrEmpty: () => `Folder on this machine, or empty for none`,
  homeWrenPhone: () => `/home/wren/phone`,
  alsoThePicturesThatLieIn: () => `Also the pictures that lie in it already`,
  severalInARowFromThis: () => `Several in a row, from this picture on`,
  twoPagesInEachPictureParted: () => `Two pages in each picture, parted where they meet`,
  atOfOfAreOnTheir: (a: { at: number; of: string | number }) =>
    `${a.at} of ${a.of} ${plural(a.at, { one: `is`, other: `are` })} on ${plural(a.at, { one: `its page`, other: `their pages` })}.`,
  sayAboveWithWhichPageThey: () => `Say above with which page they begin.`,
  pTo: (a: { to: string | number }) => `p ${a.to}`,
  pagesFromToTo: (a: { from: string | number; to: string | number }) => `pages ${a.from} to ${a.to}`,
  picturesInTheOrderInWhich: (a: { row: number; from: string | number; bookName: string | number }) =>
    `${plural(a.row, { one: `${a.row} picture`, other: `${a.row} pictures` })} in the order in which they were taken: ${a.from} of ${a.bookName}.`,
  withoutMoreFindNoPageThe: (a: { without: string | number }) =>
    ` ${a.without} more find no page: the book ends there.`,
  taken: (a: { taken: boolean; join: string | number }) =>
    ` ${select(a.taken, { true: `Page`, other: `Pages` })} ${a.join} ${select(a.taken, { true: `has`, other: `have` })} a picture already; these would lie beside it.`,
  theBookEndsBeforePFirst: (a: { first: string | number }) => `The book ends before p ${a.first}.`,
  putAllRowThere: (a: { row: string | number }) => `Put all ${a.row} there`,
  thenMessage: (a: { message: string | number }) => ` Then: ${a.message}`,
  noEdgeOfPaperStandsOut: (a: { join: string | number }) =>
    ` No edge of paper stands out in ${a.join}: whole on the left page; part it by hand.`,
  picturesAreOnPagesOfBookName: (a: {
    placed: number
    bookName: string | number
    whole: string | number
    refused: string | number
  }) =>
    `${plural(a.placed, { one: `${a.placed} picture is`, other: `${a.placed} pictures are` })} on pages of ${a.bookName}.${a.whole}${a.refused}`,
  tray: () => `Tray`,
  noPictureWaitsPicturesOfPages: () =>
    `No picture waits. Pictures of pages come in here and each is shown with the page it most likely belongs to; nothing is placed without a press.`,
  asManyPicturesWereTakenThat: () => `as many pictures were taken that day as pages drawn`,
  aGuessDrawnLatelyAndWithout: () => `a guess: drawn lately and without a picture; the camera told no time`,
  aGuessTheNextPageOf: () => `a guess: the next page of the book in use; no entry tells more`,
  drawnOnDay: (a: { day: string | number }) => `, drawn on ${a.day}`,
  pNumberOfBookDrawnAbout: (a: {
    number: string | number
    book: string | number
    drawn: string | number
    about: string | number
  }) => `p ${a.number} of ${a.book}${a.drawn}${a.about}`,
  onPPageOfNameBeside: (a: { page: string | number; name: string | number; beside: boolean }) =>
    `On p ${a.page} of ${a.name}${select(a.beside, { true: `, beside its own picture`, other: `` })}.`,
  originalNameIsOutOfTheTray: (a: { originalName: string | number }) =>
    `${a.originalName} is out of the tray; its file stays in the data folder.`,
  picture: () => `Picture`,
  takenSliceSlice22: (a: { day: string | number; time: string | number }) => ` · taken ${a.day}, ${a.time}`,
  theCameraToldNoTime: () => ` · the camera told no time`,
  pictureAtOfWaitingOriginalNameTaken: (a: {
    at: string | number
    waiting: string | number
    originalName: string | number
    taken: string | number
  }) => `Picture ${a.at} of ${a.waiting} · ${a.originalName}${a.taken}`,
  nothingTellsWhichPageThisIs: () => `Nothing tells which page this is. Say it here:`,
  putItThere: () => `Put it there`,
  before: () => `← Before`,
  next: () => `Next →`,
  noPageOfMine: () => `No page of mine`,
  allThatWait: () => `All that wait`,
  pictureIOriginalName: (a: { i: string | number; originalName: string | number }) =>
    `Picture ${a.i}, ${a.originalName}`,
  chooseMore: () => `Choose more`,
  stagesAndTheQuestionThatEach: () => `Stages, and the question that each ends with`,
  stageI: (a: { i: string | number }) => `Stage ${a.i}`,
  itsGate: () => `Its gate`,
  up: () => `Up`,
  down: () => `Down`,
  addAStage: () => `Add a stage`,
  nameIsAmongTheTemplates: (a: { name: string | number }) => `${a.name} is among the templates.`,
  nameIsNoTemplateAnyMore: (a: { name: string | number }) =>
    `${a.name} is no template any more; pieces begun from it stay.`,
  templatesAsFiles: () => `Templates as files`,
  takeItOut: () => `Take it out`,
  aTemplatesFile: () => `A template’s file`,
  bringATemplateIn: () => `Bring a template in`,
  nothingDrawnYet: () => `nothing drawn yet`,
  daysMinutes: (a: { days: number; minutes: string | number }) =>
    `${plural(a.days, { one: `${a.days} day`, other: `${a.days} days` })}, ${a.minutes}`,
  leftAtName: (a: { name: string | number }) => `left at ${a.name}`,
  stageAtOfStagesName: (a: { at: string | number; stages: string | number; name: string | number }) =>
    `stage ${a.at} of ${a.stages}: ${a.name}`,
  allGatesPassed: () => `all gates passed`,
  aNewPiece: () => `A new piece`,
  stagesFrom: () => `Stages from`,
  stagesOfMyOwn: () => `stages of my own`,
  topicOfItsEntriesOrEmpty: () => `Topic of its entries, or empty`,
  mediumOrEmpty: () => `Medium, or empty`,
  bookOrEmpty: () => `Book, or empty`,
  whatItIsOfAndFrom: () => `What it is of, and from what`,
  beginIt: () => `Begin it`,
  nameIsKeptAmongTheTemplates: (a: { name: string | number }) => `${a.name} is kept among the templates.`,
  keepTheseStagesAsATemplate: () => `Keep these stages as a template under this title`,
  newPiece: () => `New piece`,
  oneDrawingOverSeveralDaysEach: () =>
    `One drawing over several days. Each stage ends with a question; the next one is offered when it was answered, so that the foundation is right before any detail.`,
  underWay: () => `Under way`,
  ended: () => `Ended`,
  noPieceIsUnderWay: () => `No piece is under way.`,
  logged: () => `Logged.`,
  nameChosen: (a: { name: string | number; chosen: boolean; i: string | number }) =>
    `${a.name}, ${select(a.chosen, { true: `chosen: `, other: `` })}number ${a.i}`,
  noneIsChosen: () => `None is chosen.`,
  numberIIsChosen: (a: { i: string | number }) => `Number ${a.i} is chosen.`,
  chosen: () => `Chosen`,
  choose: () => `Choose`,
  offThisStageThePictureItself: () => `Off this stage; the picture itself stays.`,
  takeOff: () => `Take off`,
  choosePicturesOfThisStage: () => `Choose pictures of this stage`,
  theyLieWithThisStageAnd: () => `They lie with this stage, and wait in the tray for their page.`,
  layThemHere: () => `Lay them here`,
  addPictures: () => `Add pictures`,
  addPicturesOneOrSeveralTo: () => `Add pictures: one, or several to choose from`,
  yourReasonIsKept: () => `Your reason is kept.`,
  whyThisOne: () => `Why this one`,
  allPieces: () => `All pieces`,
  itIsDone: () => `It is done.`,
  itIsDone2: () => `It is done`,
  changeStagesAndWords: () => `Change stages and words`,
  underWayAgain: () => `Under way again.`,
  letGoItCanBeTaken: () => `Let go; it can be taken up again.`,
  takeItUpAgain: () => `Take it up again`,
  letItGo: () => `Let it go`,
  stages: () => `Stages`,
  logForName: (a: { name: string | number }) => `Log for ${a.name}`,
  minutes2: () => `Minutes`,
  pageOrEmpty: () => `Page, or empty`,
  noteOrEmpty: () => `Note, or empty`,
  logItToday: () => `Log it today`,
  gate: () => `Gate`,
  thisStageHasNoQuestionAt: () => `This stage has no question at its end.`,
  yourAnswerOrEmpty: () => `Your answer, or empty`,
  nameIsPassedItWasThe: (a: { name: string | number }) => `${a.name} is passed; it was the last.`,
  nameOnToTheNext: (a: { name: string | number }) => `${a.name}: on to the next.`,
  nameGoesOnYourAnswerIs: (a: { name: string | number }) => `${a.name} goes on; your answer is kept.`,
  notYet: () => `Not yet`,
  yes: () => `Yes`,
  thisStageIsDone: () => `This stage is done`,
  yesGoOn: () => `Yes, go on`,
  goOn: () => `Go on`,
  underWay2: () => `under way`,
  toCome: () => `to come`,
  backToName: (a: { name: string | number }) => `Back to ${a.name}.`,
  backToThisStage: () => `Back to this stage`,
  titleIsRemovedWhatWasLogged: (a: { title: string | number }) =>
    `${a.title} is removed; what was logged for it stays.`,
  nameXFromTheLeftY: (a: { name: string | number; x: string | number; y: string | number }) =>
    `${a.name}, ${a.x} % from the left, ${a.y} % from above`,
  upperLeftCorner: () => `Upper left corner`,
  upperRightCorner: () => `Upper right corner`,
  lowerRightCorner: () => `Lower right corner`,
  lowerLeftCorner: () => `Lower left corner`,
  gutterAbove: () => `Gutter above`,
  gutterBelow: () => `Gutter below`,
  theCornersAsYouKeptThem: () => `The corners as you kept them.`,
  noEdgeOfPaperStandsOut2: () =>
    `No edge of paper stands out, so the corners are those of the picture. Put them where the paper’s are.`,
  eachSideIsSeenAsAn: () => `each side is seen as an edge`,
  atLeastSureOfEachSide: (a: { sure: string | number }) =>
    `at least ${a.sure} of each side is seen as an edge`,
  aGuessSurePutRightWhat: (a: { sure: string | number }) => `A guess: ${a.sure}. Put right what is off.`,
  thePictureAsItCame: () => `The picture as it came`,
  dragACornerOrChooseIt: () =>
    `Drag a corner, or choose it with Tab and move it with the arrow keys; with Shift it goes further. The file stays as it came.`,
  twoPagesPartedWhereTheyMeet: () => `Two pages, parted where they meet`,
  evenOutTheLight: () => `Even out the light`,
  partTheTwoPages: () => `Part the two pages`,
  keepItSo: () => `Keep it so`,
  seeItAsItCame: () => `See it as it came`,
  cornersOfThePicture: () => `Corners of the picture`,
  theseCornersGoAroundNoPage: () =>
    `These corners go around no page: two sides cross, a corner points inwards, or it would be too small.`,
  whatLiesBetweenTheCornersWaits: () =>
    `What lies between the corners waits in the tray as a picture of its own.`,
  anotherPageOutOfIt: () => `Another page out of it`,
  thePageIsSeenStraightIts: () =>
    `The page is seen straight. Its light stays as it is: under a fifth of it is bare paper.`,
  thePageIsSeenStraightThe: () => `The page is seen straight; the file is as it came.`,
  thePictureIsSeenAsIt: () => `The picture is seen as it came.`,
  twoPicturesNowTheLeftPage: () => `Two pictures now: the left page here, the right one in the tray.`,
  twoPicturesNowTheRightPage: (a: { rightNumber: string | number }) =>
    `Two pictures now: the right page is on p ${a.rightNumber}.`,
  courseTitle: (a: { course: string | number; title: string | number }) => `${a.course}, ${a.title}`,
  courseWeekTitle: (a: { course: string | number; week: string | number; title: string | number }) =>
    `${a.course}, week ${a.week}, ${a.title}`,
  full: () => `Full`,
  pagesToCome: () => `Pages to come`,
  theNextOne: () => `The next one`,
  paper: () => `Paper`,
  rules: () => `Rules`,
  cost: () => `Cost`,
  colours: () => `Colours`,
  onItsFirstPage: () => `On its first page`,
  kept: () => `Kept`,
  thePageSeenStraight: () => `The page seen straight`,
  leftPage: () => `Left page`,
  rightPage: () => `Right page`,
  ofPages: (a: { pages: string | number }) => ` of ${a.pages}`,
  done: () => `done`,
}
