// Made from the catalogues of the server by "npm run words".
import { plural, select } from '../../ui/language'

export const messages = {
  'bench.chooseReference': () => `Choose the picture of the reference.`,
  'bench.enoughTemplates': (a: { most: string | number }) => `There are ${a.most} templates already.`,
  'bench.foundationOfTwo': (a: { value: string | number }) =>
    `"foundation" is true or false, not "${a.value}"`,
  'bench.landmarkTwice': (a: { landmark: string | number }) => `two landmarks are called "${a.landmark}"`,
  'bench.landmarksApart': () => `two landmarks are needed that lie apart`,
  'bench.linesNeverMeet': () => `the two lines never meet`,
  'bench.marginsLeaveNothing': () => `the margins leave nothing of the paper`,
  'bench.namesNone': (a: { where: string | number; what: string | number }) =>
    `${a.where} names no ${a.what}`,
  'bench.namesTwice': (a: { where: string | number; name: string | number }) =>
    `${a.where} names "${a.name}" twice`,
  'bench.namesUnknown': (a: { where: string | number; name: string | number; what: string | number }) =>
    `${a.where} names "${a.name}", which is no ${a.what}`,
  'bench.noLayer': (a: { word: string | number; all: string | number }) =>
    `"${a.word}" is no layer; there are ${a.all}`,
  'bench.nothingKnown': () => `Nothing is known of it yet.`,
  'bench.nothingLeftOfPaper': () => `The margins leave nothing of the paper.`,
  'bench.nothingOfCabinet': (a: { word: string | number; all: string | number }) =>
    `"${a.word}" is nothing of the cabinet; there are ${a.all}`,
  'bench.outlineTooSmall': () => `an outline has three landmarks or more`,
  'bench.pairOfTwo': () => `a pair has a left and a right`,
  'bench.placedTwice': (a: { place: string | number }) => `"${a.place}" is placed twice.`,
  'bench.referenceWithoutSize': () => `the reference has no size`,
  'bench.templateThere': (a: { template: string | number }) =>
    `There is a template called "${a.template}" already.`,
  'bench.templateTooSmall': () => `a template has two landmarks or more`,
  'bench.toleranceAboveZero': () => `tolerances are above 0`,
  'bench.tooManySquares': (a: { most: string | number }) =>
    `there would be more than ${a.most} squares in a row`,
  'bench.unevenPoints': (a: { from: string | number; to: string | number }) =>
    `${a.from} points against ${a.to}`,
  'bench.unitWithoutLength': () => `the unit has no length`,
  'bench.uprightOfTwo': () => `"upright" tells which landmarks lie "above" and which "below"`,
  'bench.whichCabinetPicture': () => `Say which picture of the cabinet it is.`,
  'book.chosenElsewhere': () => `The picture chosen is none of that stage's own.`,
  'book.circleOfDrawings': (a: { itself: boolean; way: string | number }) =>
    `${select(a.itself, { true: `A drawing cannot grow into itself: ${a.way}.`, other: `It cannot be: the other one came out of this one already, by ${a.way}.` })}`,
  'book.closedBeforeOpened': (a: { closed: string | number }) =>
    `a book is closed on the day it was opened or later, not on ${a.closed}`,
  'book.cornerOfTwoNumbers': () => `A corner is told by two numbers.`,
  'book.cornerOutside': () => `A corner lies far outside the picture.`,
  'book.cornersMirrored': () => `These corners go round the wrong way, so that the page would be mirrored.`,
  'book.cornersOfNoSheet': () =>
    `These corners go around no sheet: two sides cross, or a corner points inwards.`,
  'book.countCaption': (a: { drawings: string | number }) => `${a.drawings}×`,
  'book.enoughTemplates': (a: { most: string | number }) => `There are ${a.most} templates already.`,
  'book.entryOnSeveralPages': (a: {
    entry: string | number
    day: string | number
    from: string | number
    to: string | number
  }) => `${a.entry} of ${a.day} lies on p ${a.from} to ${a.to}; give it this page alone first.`,
  'book.entryTornApart': (a: { from: string | number; to: string | number }) =>
    `an entry on p ${a.from} to ${a.to} would be torn apart; give it other pages first`,
  'book.fileEmpty': () => `is empty`,
  'book.fileTooLarge': (a: { megabytes: string | number }) =>
    `is larger than ${a.megabytes} MB; make it smaller first`,
  'book.folderClosed': (a: { path: string | number }) => `"${a.path}" may not be read.`,
  'book.fourCorners': () => `A sheet has four corners.`,
  'book.inOneAnother': (a: { path: string | number }) =>
    `"${a.path}" and the data folder lie in one another.`,
  'book.knownAlready': () => `That is known already.`,
  'book.largePictureOfNothing': () => `is a large picture of nothing`,
  'book.leavesAtMost': (a: { most: string | number }) => `A book has at most ${a.most} leaves.`,
  'book.leavesWithin': (a: { most: string | number; leaves: string | number }) =>
    `a book has 1 to ${a.most} leaves, not ${a.leaves}`,
  'book.minutesCaption': (a: { minutes: string | number }) => `${a.minutes} min`,
  'book.movedByNothing': () => `numbers change by 1 or more, later or earlier`,
  'book.noFolder': (a: { path: string | number }) => `"${a.path}" is no folder on this machine.`,
  'book.noFormat': (a: { text: string | number }) =>
    `"${a.text}" is no format that can be read. Write A4, B5 landscape, 21 x 29.7 cm or 9 x 12 in.`,
  'book.noNameOfFolder': (a: { path: string | number }) => `"${a.path}" cannot be the name of a folder.`,
  'book.noPage': (a: { number: string | number; book: string | number; last: string | number }) =>
    `There is no page ${a.number} in ${a.book}; its pages run from 1 to ${a.last}.`,
  'book.noPageInBook': (a: { page: string | number; book: string | number; last: string | number }) =>
    `There is no p ${a.page} in ${a.book}; its last page is p ${a.last}. Put the page right, or the book's leaves.`,
  'book.noPicture': () => `is no picture that can be read`,
  'book.noRowOfSizes': (a: { row: string | number }) => `there is no row ${a.row}`,
  'book.noSuchStage': () => `This piece has no such stage.`,
  'book.notArrivedWhole': (a: { name: string | number }) =>
    `"${a.name}" did not arrive whole; send it again.`,
  'book.notLoose': (a: { book: string | number }) =>
    `Only a loose sheet can be put into a book; the leaves of ${a.book} hold together.`,
  'book.notMoved': (a: { why: string | number }) => `Not moved: ${a.why}.`,
  'book.notSupported': () =>
    `is a HEIC or AVIF picture, which cannot be read here; let the phone save JPEG ("most compatible") or send it as JPEG`,
  'book.otherOnSheet': (a: { sheet: string | number }) =>
    `Something else is on loose sheet ${a.sheet} by now.`,
  'book.pageBeyondBook': (a: { page: string | number; to: string | number; most: string | number }) =>
    `p ${a.page} would become p ${a.to}, and the book has pages 1 to ${a.most}`,
  'book.pageCaption': (a: { book: string | number; page: string | number }) => `${a.book} p ${a.page}`,
  'book.pageNotKnown': (a: { number: string | number; book: string | number; last: string | number }) =>
    `There is no page ${a.number} in ${a.book}; its pages are known up to ${a.last}.`,
  'book.pageSizeWithin': (a: {
    least: string | number
    most: string | number
    width: string | number
    height: string | number
  }) => `a page is ${a.least} to ${a.most} mm wide and high, not ${a.width} × ${a.height}`,
  'book.pageWithoutPicture': (a: { page: string | number }) =>
    `Page ${a.page} has no picture to be shown, or is private.`,
  'book.pagesFallTogether': (a: { page: string | number; other: string | number; to: string | number }) =>
    `p ${a.page} and p ${a.other} would both become p ${a.to}`,
  'book.pagesFromOne': (a: { number: string | number }) => `pages are counted from 1, not ${a.number}`,
  'book.pagesOfBook': (a: { book: string | number; pages: string | number }) =>
    `${a.book} has pages 1 to ${a.pages}.`,
  'book.pictureCutOff': () => `is cut off`,
  'book.pictureDamaged': () => `is damaged`,
  'book.pictureDamagedOrCut': () => `is damaged or cut off`,
  'book.pictureIdTaken': (a: { id: string | number }) => `Another picture has the id ${a.id}.`,
  'book.pictureNotOpened': () => `cannot be opened`,
  'book.pictureRefused': (a: { name: string | number; why: string | number }) => `"${a.name}" ${a.why}.`,
  'book.picturesASheet': (a: { most: string | number; pictures: string | number }) =>
    `a sheet takes 1 to ${a.most} pictures, not ${a.pictures}`,
  'book.priceBelowZero': (a: { price: string | number }) => `a price is 0 or more, not ${a.price}`,
  'book.sheetTooSmall': () => `The sheet would be smaller than a hundredth of the picture.`,
  'book.sheetTooWide': (a: { ratio: string | number }) => `a sheet is not ${a.ratio} times as wide as high`,
  'book.sizesOfRow': (a: { number: string | number }) => `sizes run from 0 to 10, not ${a.number}`,
  'book.stageGate': (a: { stage: string | number; most: string | number }) =>
    `The gate of stage ${a.stage} needs 1 to ${a.most} characters.`,
  'book.stageName': (a: { stage: string | number; most: string | number }) =>
    `The name of stage ${a.stage} needs 1 to ${a.most} characters.`,
  'book.stageOutOfOrder': () => `A stage cannot be passed before the one that comes before it.`,
  'book.stageTwice': () => `Two stages are one and the same.`,
  'book.stagesWithin': (a: { most: string | number }) => `A piece has 1 to ${a.most} stages.`,
  'book.stripIsFull': (a: { most: string | number }) =>
    `A strip shows at most ${a.most} pictures; the PDF shows more.`,
  'book.templateName': (a: { most: string | number }) =>
    `The name of a template needs 1 to ${a.most} characters.`,
  'book.templateTooLong': (a: { most: string | number; stages: string | number }) =>
    `A template has 1 to ${a.most} stages; these are ${a.stages}.`,
  'book.templateWithoutStage': (a: { most: string | number }) => `A template has 1 to ${a.most} stages.`,
  'book.tooManyDots': (a: { millions: string | number }) => `is larger than ${a.millions} million dots`,
  'book.unknownType': () => `is no JPEG, PNG or WebP picture`,
  'book.wordsOfPage': (a: { most: string | number; words: string | number }) =>
    `words about a page have at most ${a.most} characters, not ${a.words}`,
  'course.afterInCircle': (a: { exercise: string | number }) => `"after" runs in a circle at "${a.exercise}"`,
  'course.amountInOneWay': () => `it needs either "drawings" with "minutesEach", or "minutes", and not both`,
  'course.amountWithin': (a: {
    most: string | number
    secondsEach: string | number
    chunk: string | number
  }) => `secondsEach must be 1 or more and chunk 1 to ${a.most}, were ${a.secondsEach} and ${a.chunk}`,
  'course.appointmentTwice': (a: { id: string | number }) => `The id ${a.id} is there twice.`,
  'course.baselineWithin': (a: { most: string | number }) =>
    `a baseline has 1 to ${a.most} subjects and minutes for each`,
  'course.builtOn': () => `a later change builds on it; take that back first`,
  'course.cannotWait': (a: { to: string | number; why: string | number }) =>
    `The course cannot wait until ${a.to}: ${a.why}. Take a shorter pause, or let the course go on.`,
  'course.courseWithoutWeek': () => `a course has at least one week`,
  'course.dayToDraw': (a: { minutes: string | number; week: string | number }) =>
    `Draw ${a.minutes} min: ${a.week}`,
  'course.daysOfWeek': (a: { most: string | number; days: string | number }) =>
    `a week lasts 1 to ${a.most} days, not ${a.days}`,
  'course.detourWithoutWeek': () => `a detour has at least one week`,
  'course.drawingsOf': (a: { count: string | number; exercise: string | number }) =>
    `${a.count} ${a.exercise}`,
  'course.dueBack': (a: { name: string | number }) => `Due back: ${a.name}`,
  'course.endsBeforeBegin': (a: { title: string | number; to: string | number; from: string | number }) =>
    `${a.title} ends on ${a.to}, before it begins on ${a.from}`,
  'course.exerciseThere': (a: { id: string | number }) =>
    `there is an exercise "${a.id}" in this plan already`,
  'course.fieldEmpty': () => `it must not be empty`,
  'course.fieldMissing': () => `it is missing`,
  'course.figureTooLarge': () => `one of its figures is larger than any course needs`,
  'course.fileNotKept': (a: { nowhere: boolean; place: string | number; why: string | number }) =>
    `Not kept${select(a.nowhere, { true: ``, other: `, at ${a.place}` })}: ${a.why}.`,
  'course.fileTooLarge': () => `the file is larger than 4 MB`,
  'course.fileUnreadable': () => `the file cannot be read`,
  'course.idOfAnother': (a: { id: string | number }) => `there is another course with the id "${a.id}"`,
  'course.idTaken': (a: { id: string | number }) =>
    `There is a course with the id "${a.id}" already. Choose another id.`,
  'course.idTwice': (a: { id: string | number }) => `the id "${a.id}" is used twice`,
  'course.kind': (a: { kind: string }) =>
    `${select(a.kind, { object: `fields with names`, array: `a list`, null: `nothing`, integer: `a whole number`, number: `a number`, boolean: `true or false`, other: `a text` })}`,
  'course.letterNeeded': (a: { value: string | number }) => `it needs a letter or a figure, not ${a.value}`,
  'course.lettersOfId': (a: { value: string | number }) =>
    `it takes small letters a to z, figures and single hyphens, not ${a.value}`,
  'course.mergedWithItself': () => `A course cannot be merged with itself.`,
  'course.minutesOf': (a: { count: string | number; exercise: string | number }) =>
    `${a.count} min ${a.exercise}`,
  'course.minutesWithin': (a: { least: string | number; most: string | number; minutes: string | number }) =>
    `minutes must be ${a.least} to ${a.most}, was ${a.minutes}`,
  'course.movedDaysOver': () => `days that it moved are over`,
  'course.mustBe': (a: { kind: string | number; value: string | number }) =>
    `it must be ${a.kind}, not ${a.value}`,
  'course.mustBeOneOf': (a: { all: string | number; value: string | number }) =>
    `it must be one of ${a.all}, not ${a.value}`,
  'course.namedTwice': () => `it names one thing twice`,
  'course.noEarlierExercise': (a: { exercise: string | number }) =>
    `there is no earlier exercise "${a.exercise}"`,
  'course.noExerciseInWeek': (a: { exercise: string | number }) =>
    `there is no exercise "${a.exercise}" in that week`,
  'course.noMiddle': () => `a course of one week has no middle to draw a baseline again in`,
  'course.noOpenDay': (a: { date: string | number }) => `${a.date} is no open day of that week`,
  'course.noOrdinaryFile': () => `it is no ordinary file`,
  'course.noWeek': (a: { week: string | number }) => `There is no week "${a.week}" in your plan.`,
  'course.noWeekInPlan': (a: { week: string | number }) => `there is no week "${a.week}" in this plan`,
  'course.notLaid': () => `it cannot be laid on a calendar`,
  'course.notTakenBack': (a: { why: string | number }) => `This change cannot be taken back: ${a.why}.`,
  'course.notText': () => `the file is not UTF-8 text`,
  'course.nothingInWeek': (a: { name: string | number }) => `there is no "${a.name}" in this week`,
  'course.onlyWeek': () => `it is the only week left; end the course instead`,
  'course.otherId': (a: { id: string | number; expected: string | number }) =>
    `The course says its id is "${a.id}", not "${a.expected}".`,
  'course.pauseEndsEarly': (a: { to: string | number; from: string | number }) =>
    `The pause ends on ${a.to}, before it begins on ${a.from}.`,
  'course.pauseInPast': (a: { date: string | number }) =>
    `${a.date} is over; a pause of the course is planned.`,
  'course.pauseTooLong': () => `A pause lasts a year at most.`,
  'course.planStays': (a: { why: string | number }) => `The plan stays as it was: ${a.why}.`,
  'course.posesTakeLonger': (a: {
    title: string | number
    needed: string | number
    minutes: string | number
  }) => `The poses of "${a.title}" take ${a.needed} min, and it lasts ${a.minutes}.`,
  'course.shipped': (a: { id: string | number }) => `"${a.id}" ships with Humble Quill and stays.`,
  'course.startWithin': (a: { start: string | number }) =>
    `A course starts between 1970 and 2200, not on ${a.start}.`,
  'course.takenBack': () => `it is taken back already`,
  'course.targetWithin': (a: { quantity: string | number }) => `a target is 1 or more, was ${a.quantity}`,
  'course.textTooLong': (a: { most: string | number; length: string | number }) =>
    `it takes at most ${a.most} characters; these are ${a.length}`,
  'course.tooBig': (a: { most: string | number; value: string | number }) =>
    `it must be at most ${a.most}, not ${a.value}`,
  'course.tooLarge': () => `a course may have 4 MB, and this one has more`,
  'course.tooMany': (a: { most: string | number; count: string | number }) =>
    `it takes at most ${a.most}, not ${a.count}`,
  'course.tooSmall': (a: { least: string | number; value: string | number }) =>
    `it must be at least ${a.least}, not ${a.value}`,
  'course.topicWithoutLetter': (a: { topic: string | number }) =>
    `A topic needs a letter or a figure; "${a.topic}" has none.`,
  'course.unreadable': () => `not readable as YAML or JSON`,
  'course.weekThere': (a: { week: string | number }) => `there is a week "${a.week}" already`,
  'course.weeksOfCourse': (a: { last: string | number; number: string | number }) =>
    `That course has weeks 1 to ${a.last}, not ${a.number}.`,
  'course.weightWithin': (a: { weight: string | number }) =>
    `a course has a weight of 1 or more, not ${a.weight}`,
  'course.wouldMovePast': () => `it would move days before today; what happened stays as it was`,
  'day.alreadyThere': () => `already there`,
  'day.beforeBooks': (a: { day: string | number }) => `${a.day} is before 1900.`,
  'day.columnCannotBe': (a: { column: string | number; value: string | number }) =>
    `${a.column} cannot be "${a.value}"`,
  'day.columnEmpty': (a: { column: string | number }) => `the column ${a.column} is empty`,
  'day.columnsOnce': () => `The first line must name each column once, and the column day.`,
  'day.countWithin': (a: { what: string | number; most: string | number; count: string | number }) =>
    `the count of ${a.what} must be 0 to ${a.most}, was ${a.count}`,
  'day.emptyEntry': () => `an entry says at least what, how many, how long, or has a note`,
  'day.exerciseNotFound': (a: { exercise: string | number }) =>
    `there is no exercise "${a.exercise}" in your course, or more than one`,
  'day.exerciseOrTopic': () => `an entry has an exercise or a topic, not both`,
  'day.facetsWithin': (a: { most: string | number; facets: string | number }) =>
    `an entry has at most ${a.most} facets, not ${a.facets}`,
  'day.fieldRefused': (a: { field: string | number; why: string | number; value: string | number }) =>
    `${a.field} ${a.why}, was "${a.value}"`,
  'day.fieldWithin': (a: { field: string | number; most: string | number; value: string | number }) =>
    `${a.field} must be 1 to ${a.most}, was ${a.value}`,
  'day.figureMissing': (a: { count: string | number }) => `Say what ${a.count} counts.`,
  'day.figureName': (a: { most: string | number }) =>
    `what is counted has a name of one line and at most ${a.most} characters`,
  'day.fileEmpty': () => `The file is empty.`,
  'day.fileNotText': () => `The file is not UTF-8 text.`,
  'day.fileTooLong': () =>
    `A file may have 50,000 lines, and this one has more. Split it; lines that are there already are skipped.`,
  'day.firstUnitMissing': () => `Units need their first number, as in "lesson 12".`,
  'day.howMany': (a: { figure: string | number }) => `Say how many ${a.figure} there were.`,
  'day.idInLine': (a: { id: string | number; line: string | number }) =>
    `the id ${a.id} stands in line ${a.line} already`,
  'day.idTaken': (a: { id: string | number }) => `There is another entry with the id ${a.id}.`,
  'day.lastPageAlone': () => `A last page needs a first one.`,
  'day.liesAhead': (a: { day: string | number }) => `${a.day} lies ahead; an entry is for today or earlier.`,
  'day.lineTooLong': (a: { most: string | number; length: string | number }) =>
    `a line has at most ${a.most} characters, this one has ${a.length}`,
  'day.markWithin': (a: { mark: string | number }) => `a mark is 1 to 5, was ${a.mark}`,
  'day.minutesToSay': (a: { most: string | number; minutes: string | number }) =>
    `Say 1 to ${a.most} minutes, not ${a.minutes}.`,
  'day.minutesWithin': (a: { most: string | number; minutes: string | number }) =>
    `an entry takes 0 to ${a.most} minutes, not ${a.minutes}`,
  'day.noExercise': (a: { exercise: string | number }) =>
    `There is no exercise "${a.exercise}" in your course.`,
  'day.noRowOfPoses': (a: { text: string | number }) =>
    `"${a.text}" is no row of poses such as 10 x 30 s or 4 x 2 min`,
  'day.noneOf': (a: { kind: string | number; key: string | number }) => `no ${a.kind} ${a.key}`,
  'day.otherContents': () => `an entry with this id is there with other contents; change it on its page`,
  'day.pagesBackwards': (a: { pageTo: string | number; pageFrom: string | number }) =>
    `Page ${a.pageTo} comes before page ${a.pageFrom}.`,
  'day.pagesWithin': (a: { most: string | number; from: string | number; to: string | number }) =>
    `pages run from 1 to ${a.most}, first to last; were ${a.from}-${a.to}`,
  'day.posesWithin': (a: {
    most: string | number
    longest: string | number
    count: string | number
    seconds: string | number
  }) =>
    `poses need a count of 1 to ${a.most} and a length of 1 to ${a.longest} seconds, were ${a.count} and ${a.seconds}`,
  'day.quotingBroken': (a: { why: string | number }) => `The file's quoting is broken: ${a.why}`,
  'day.rowsOfPoses': (a: { most: string | number; rows: string | number }) =>
    `there are at most ${a.most} rows of poses, not ${a.rows}`,
  'day.turnsFromZero': () => `Turns are counted from 0.`,
  'day.unevenRow': (a: { fields: string | number; columns: string | number }) =>
    `it has ${a.fields} fields instead of ${a.columns}`,
  'day.unitMissing': (a: { number: string | number }) => `Say in what ${a.number} counts.`,
  'day.unitsBackwards': (a: { last: string | number; first: string | number }) =>
    `The units end at ${a.last}, before ${a.first}.`,
  'day.unitsWithin': (a: { most: string | number; from: string | number; to: string | number }) =>
    `units run from 1 to ${a.most}, first to last; were ${a.from}-${a.to}`,
  'day.unknownColumns': (a: {
    count: number
    unknown: string | number
    more: boolean
    columns: string | number
  }) =>
    `${plural(a.count, { one: `There is no column ${a.unknown}`, other: `There are no columns ${a.unknown}` })}${select(a.more, { true: ` and others`, other: `` })}. The columns are ${a.columns}.`,
  'ground.addressUnreadable': () => `The address cannot be read from its question mark on.`,
  'ground.asWritten': (a: { text: string | number }) => `${a.text}`,
  'ground.bodyTooLarge': (a: { megabytes: string | number }) =>
    `The request is larger than ${a.megabytes} MB.`,
  'ground.changedElsewhere': () => `This was changed elsewhere since you opened it.`,
  'ground.copyFailed': () => `The disk failed at writing or reading it back.`,
  'ground.copyRefused': (a: { file: string | number }) => `The disk refused to write ${a.file}.`,
  'ground.copyUnreadable': () => `it cannot be read whole`,
  'ground.currencyLetters': () => `must be three capital letters, such as EUR`,
  'ground.databaseUnreadable': () => `The database could not be read whole. Run ./quill check.`,
  'ground.diskFails': (a: { folder: string | number }) => `The disk under ${a.folder} failed at writing.`,
  'ground.diskFull': (a: { free: string | number; folder: string | number; needed: string | number }) =>
    `The disk is full: ${a.free} MB are free where ${a.folder} lies, and ${a.needed} MB are needed.`,
  'ground.fieldCannotBe': (a: { value: string | number }) => `cannot be "${a.value}".`,
  'ground.fieldUnknown': () => `is no field of this request.`,
  'ground.fieldUnreadable': () => `cannot be read.`,
  'ground.fileDamaged': (a: { file: string | number }) => `${a.file} in it is not as it was written`,
  'ground.fileMissing': (a: { file: string | number }) => `${a.file} is missing from it`,
  'ground.fileUnreadable': () => `The file cannot be read.`,
  'ground.fileUnreadableFrom': (a: { line: string | number }) =>
    `The file cannot be read from line ${a.line} on.`,
  'ground.folderGone': (a: { folder: string | number }) =>
    `${a.folder} is not there any more, or is another one.`,
  'ground.foreignHost': () => `This address is not answered here.`,
  'ground.foreignOrigin': () => `Requests from other pages are not answered.`,
  'ground.formatUnknown': (a: { what: string }) =>
    `${select(a.what, { template: `A template`, recall: `A plate or an order`, other: `This file` })} begins with "format: 1".`,
  'ground.kindsDiffer': (a: { name: string | number; other: string | number }) =>
    `"${a.name}" and "${a.other}" are names of different kinds.`,
  'ground.listWithin': (a: { field: string | number; most: string | number }) =>
    `"${a.field}" is a list of at most ${a.most}`,
  'ground.meansItself': (a: { name: string | number }) => `"${a.name}" cannot mean itself`,
  'ground.minutesOfDay': (a: { day: string | number; most: string | number; minutes: string | number }) =>
    `${a.day}: minutes must be 0 to ${a.most}, was ${a.minutes}`,
  'ground.mustBeSaid': () => `must be said`,
  'ground.nameChangedSince': () => `This name was changed again since; take that back first.`,
  'ground.nameInUse': (a: { name: string | number; count: number }) =>
    `"${a.name}" is named in ${plural(a.count, { one: `one place`, other: `${a.count} places` })} and stays. Give it another name, or merge it into one.`,
  'ground.nameLength': (a: { most: string | number; name: string | number; length: string | number }) =>
    `a name has 1 to ${a.most} characters, "${a.name}" has ${a.length}`,
  'ground.nameOfTopic': (a: { name: string | number }) =>
    `"${a.name}" is one of the topics; it is renamed there.`,
  'ground.nameShipped': (a: { name: string | number }) => `"${a.name}" is there from the start and stays.`,
  'ground.nameThere': (a: { spelling: string | number; same: boolean; taken: string | number }) =>
    `"${a.spelling}" is there already${select(a.same, { true: ``, other: `, as "${a.taken}"` })}; to make one of the two, merge them`,
  'ground.nameWithoutLetter': (a: { name: string | number }) =>
    `A name needs a letter or a figure; "${a.name}" has none.`,
  'ground.noAnswerAs': (a: { type: string | number }) =>
    `There is no answer as "${a.type}"; nothing was stored.`,
  'ground.noDatabase': () => `it holds no database`,
  'ground.noJson': () => `The request is not readable JSON.`,
  'ground.noLanguageTag': (a: { tag: string | number }) => `"${a.tag}" is not a language tag such as en-GB.`,
  'ground.noLineEnd': () => `must not hold a line end`,
  'ground.noPaperSize': (a: { paper: string | number }) =>
    `"${a.paper}" is no size: write A4, Letter or 21 x 29.7 cm.`,
  'ground.noSemicolon': () => `must not hold a semicolon or a line end`,
  'ground.noSpelling': (a: { name: string | number }) =>
    `"${a.name}" is no spelling of another name of its kind`,
  'ground.noSuch': (a: { what: string; id: string | number }) =>
    `${select(a.what, { book: `There is no book ${a.id}.`, change: `There is no change ${a.id}.`, calendar: `There is no calendar at this address.`, changeOfName: `There is no change of a name ${a.id}.`, comparison: `There is no comparison ${a.id}.`, course: `There is no course ${a.id}.`, followedCourse: `There is no course that you follow with the id ${a.id}.`, entry: `There is no entry ${a.id}.`, fileOfPicture: `There is no file of the picture ${a.id}.`, goal: `There is no goal ${a.id}.`, name: `There is no name ${a.id}.`, orderOfSteps: `There is no order of steps ${a.id}.`, picture: `There is no picture ${a.id}.`, piece: `There is no piece ${a.id}.`, plate: `There is no plate ${a.id}.`, plateOrOrder: `There is no plate or order ${a.id}.`, prompt: `There is no prompt ${a.id}.`, quota: `There is no quota ${a.id}.`, ranking: `There is no ranking ${a.id}.`, readablePicture: `There is no readable picture ${a.id}.`, resource: `There is no resource ${a.id}.`, sitting: `There is no sitting ${a.id}.`, template: `There is no template ${a.id}.`, topic: `There is no topic ${a.id}.`, week: `There is no week ${a.id}.`, other: `There is no ${a.what} ${a.id}.` })}`,
  'ground.noTimeZone': (a: { zone: string | number }) => `There is no time zone "${a.zone}".`,
  'ground.noWeekPattern': () => `availability needs at least one week pattern`,
  'ground.notAskedSo': () => `This address is not asked this way.`,
  'ground.notKept': (a: { why: string | number }) => `Not kept: ${a.why}.`,
  'ground.notKeptFull': (a: { reason: string | number }) =>
    `${a.reason} This was not kept. Make room on the disk and send it again; all that was kept before can be read meanwhile.`,
  'ground.notKeptGone': (a: { reason: string | number }) =>
    `${a.reason} This was not kept. Bring back the folder as it was (plug in the drive, stop what moves it), or stop Humble Quill and start it again.`,
  'ground.notSureKept': (a: { reason: string | number }) =>
    `${a.reason} It is not sure that this was kept: look whether it is there, and send it again if not.`,
  'ground.nothingSent': () => `What was sent is empty.`,
  'ground.nothingThere': () => `There is nothing at this address.`,
  'ground.pauseBackwards': (a: { from: string | number; to: string | number }) =>
    `a pause ends on or after its first day: ${a.from} to ${a.to}`,
  'ground.pauseEndsEarly': (a: { from: string | number; to: string | number }) =>
    `The pause from ${a.from} ends before it begins, on ${a.to}.`,
  'ground.propertiesOfMedia': (a: { name: string | number }) => `only media have properties, not "${a.name}"`,
  'ground.requestRefused': () => `The request is refused.`,
  'ground.requestUnreadable': () => `The request cannot be read.`,
  'ground.restInPast': (a: { day: string | number }) =>
    `A rest day is planned ahead; ${a.day} has passed. For days that illness or travel took, enter a pause.`,
  'ground.rhythmTooDense': (a: { asked: string | number; drawing: string | number }) =>
    `A rhythm of ${a.asked} days a week cannot be kept with ${a.drawing} days that are not rest.`,
  'ground.rolloverWithin': (a: { hour: string | number }) => `rolloverHour must be 0 to 12, was ${a.hour}`,
  'ground.rule': (a: { kind: string; bound: string | number; text: string | number }) =>
    `${select(a.kind, { NotNull: `must be said`, NotBlank: `must be said`, NotEmpty: `must be said`, Min: `must be at least ${a.bound}`, DecimalMin: `must be at least ${a.bound}`, Max: `must be at most ${a.bound}`, DecimalMax: `must be at most ${a.bound}`, Digits: `must have at most ${a.bound} figures after the point`, Pattern: `must be small letters and digits, with single hyphens between`, other: `${a.text}` })}`,
  'ground.ruleAlone': (a: { rule: string | number }) => `${a.rule}.`,
  'ground.ruleBroken': (a: { rule: string | number; value: string | number }) =>
    `${a.rule}; it was "${a.value}".`,
  'ground.rustyBelowFading': (a: { rusty: string | number; fading: string | number }) =>
    `Rusty below ${a.rusty} % must be less than fading below ${a.fading} %.`,
  'ground.saidTwice': (a: { field: string | number; values: string | number }) =>
    `${a.field} may be said once; it was "${a.values}".`,
  'ground.secondPlace': (a: { why: string; path: string | number }) =>
    `${select(a.why, { cannotBeWritten: `The second place "${a.path}" cannot be written.`, noPath: `The second place "${a.path}" is no path of a folder.`, notWhole: `The second place "${a.path}" must be a whole path, such as /media/drive.`, notThere: `The second place "${a.path}" is not there.`, noFolder: `The second place "${a.path}" is a file and no folder.`, other: `The second place "${a.path}" lies in the data folder itself; a second place is for when that is lost.` })}`,
  'ground.sentUnreadable': () => `It cannot be read.`,
  'ground.sentence': (a: { text: string | number }) => `${a.text}.`,
  'ground.size': (a: {
    bounds: string
    most: string | number
    least: string | number
    text: boolean
    size: string | number
    shown: boolean
    value: string | number
  }) =>
    `must have ${select(a.bounds, { most: `at most ${a.most}`, least: `${a.least} or more`, other: `${a.least} to ${a.most}` })} ${select(a.text, { true: `characters`, other: `items` })}; it has ${a.size}${select(a.shown, { true: `: "${a.value}"`, other: `` })}.`,
  'ground.spellingThere': (a: { spelling: string | number; taken: string | number }) =>
    `"${a.spelling}" is a spelling of "${a.taken}" already`,
  'ground.spellingsWithin': (a: { most: string | number; spellings: string | number }) =>
    `a name has at most ${a.most} spellings, not ${a.spellings}`,
  'ground.stale': (a: { what: string }) =>
    `${select(a.what, { book: `This book was changed elsewhere since you opened it.`, comparison: `This comparison was changed elsewhere since you opened it.`, entry: `This entry was changed elsewhere since you opened it.`, goal: `This goal was changed elsewhere since you opened it.`, listOfTopics: `This list of topics was changed elsewhere since you opened it.`, month: `This month was changed elsewhere since you opened it.`, pictures: `This pictures was changed elsewhere since you opened it.`, piece: `This piece was changed elsewhere since you opened it.`, plateOrOrder: `This plate or order was changed elsewhere since you opened it.`, quota: `This quota was changed elsewhere since you opened it.`, ranking: `This ranking was changed elsewhere since you opened it.`, resource: `This resource was changed elsewhere since you opened it.`, review: `This review was changed elsewhere since you opened it.`, referenceSet: `This set of references was changed elsewhere since you opened it.`, settings: `This settings page was changed elsewhere since you opened it.`, other: `This ${a.what} was changed elsewhere since you opened it.` })}`,
  'ground.textWithin': (a: { field: string | number; most: string | number }) =>
    `"${a.field}" needs 1 to ${a.most} characters`,
  'ground.weekdayTwice': (a: { day: string | number }) => `dayMinutes names ${a.day} twice.`,
  'ground.weekdaysOnce': () => `week needs each weekday once.`,
  'ground.wentWrong': () => `Something went wrong here; nothing was changed. The log has the details.`,
  'ground.yamlOrJson': () => `must be yaml or json`,
  'lookback.drawingsNeeded': (a: { count: number }) =>
    `Two drawings of a subject are needed to lie beside each other; ${plural(a.count, { '=0': `none`, other: `${a.count}` })} is there.`,
  'lookback.fewDrawn': (a: { exercise: string | number; drawn: string | number; planned: string | number }) =>
    `Looking back: ${a.exercise}, ${a.drawn} of ${a.planned} drawn.`,
  'lookback.foundShare': (a: { percent: string | number }) =>
    `Looking back: what was to be looked for was found in ${a.percent} % of it.`,
  'lookback.monthNotBegun': (a: { month: string | number }) => `No week of ${a.month} has begun yet.`,
  'lookback.neverDrawn': (a: { topic: string | number; neededFor: string | number }) =>
    `Looking back: ${a.topic} was never drawn, and ${a.neededFor} needs it.`,
  'lookback.noYear': () => `A year is a number such as 2026.`,
  'lookback.notFirstOfMonth': (a: { day: string | number }) => `${a.day} is not the first day of a month.`,
  'lookback.notFirstOfWeek': (a: { day: string | number }) => `${a.day} is not the first day of a week.`,
  'lookback.notInRanking': () => `That picture is not in this ranking.`,
  'lookback.notSaidSame': (a: { one: string | number; other: string | number }) =>
    `"${a.one}" and "${a.other}" were not said to mean the same.`,
  'lookback.nothingSoEarly': (a: { day: string | number }) => `Nothing was drawn as early as ${a.day}.`,
  'lookback.oneOfTheTwo': () => `Choose one of the two pictures that are shown.`,
  'lookback.pictureGone': () => `That picture is not there any more.`,
  'lookback.picturesNeeded': (a: { count: number }) =>
    `Two pictures are needed to choose between; ${plural(a.count, { '=0': `none`, other: `${a.count}` })} is there.`,
  'lookback.planMovedOn': () =>
    `The plan moved on, and this change does not follow any more. Look at what is offered now.`,
  'lookback.plannedMinutes': (a: { percent: string | number }) =>
    `Looking back: ${a.percent} % of the planned minutes were drawn.`,
  'lookback.rusty': (a: { topic: string | number; neededFor: string | number }) =>
    `Looking back: ${a.topic} is rusty, and ${a.neededFor} needs it.`,
  'lookback.weekNotBegun': (a: { day: string | number }) => `The week of ${a.day} has not begun yet.`,
  'promise.amountWithin': (a: { most: string | number; value: string | number }) =>
    `must be 1 to ${a.most}, was ${a.value}`,
  'promise.belowOne': (a: { value: string | number }) => `must be 1 or more, was ${a.value}`,
  'promise.dayBeforeStart': (a: { start: string | number }) => `is before the start, ${a.start}`,
  'promise.dayTooLate': (a: { days: string | number; most: string | number }) =>
    `is ${a.days} days after the start; at most ${a.most}`,
  'promise.empty': () => `must not be empty`,
  'promise.fieldMissing': (a: { kind: string | number; field: string | number }) =>
    `A quota of the kind ${a.kind} needs ${a.field}.`,
  'promise.fieldRefused': (a: { field: string | number; why: string | number }) => `${a.field} ${a.why}`,
  'promise.idTaken': (a: { id: string | number }) => `There is another quota with the id ${a.id}.`,
  'promise.liesAhead': (a: { day: string | number }) => `${a.day} lies ahead.`,
  'promise.listWithoutWords': (a: { list: string | number }) => `list ${a.list} has no words`,
  'promise.noWeekdayLeft': () => `leaves no weekday to draw on`,
  'promise.promptTaken': (a: { id: string | number }) => `Another list has a prompt ${a.id}.`,
  'promise.promptTooLong': (a: { most: string | number; begin: string | number; length: string | number }) =>
    `A prompt has at most ${a.most} characters; "${a.begin}…" has ${a.length}.`,
  'promise.promptsOfList': () => `Only a list of prompts counts prompts.`,
  'promise.promptsOnly': () => `is PROMPTS for a list of prompts, and for nothing else`,
  'promise.promptsRead': (a: { most: string | number; prompts: string | number }) =>
    `A list has at most ${a.most} prompts; these are ${a.prompts}.`,
  'promise.promptsWithin': (a: { most: string | number; prompts: string | number }) =>
    `A list has at most ${a.most} prompts, not ${a.prompts}.`,
  'promise.quotaOver': () => `This quota is over; take it again instead.`,
  'promise.quoteOpen': () => `A quote in this text does not close.`,
  'promise.startWithin': (a: { start: string | number }) =>
    `A promise begins within three years of today, not on ${a.start}.`,
  'promise.threeNumbers': () => `There are three words, so three numbers.`,
  'shelf.afterInCircle': (a: { circle: string | number }) =>
    `"Only after" would run in a circle: ${a.circle}.`,
  'shelf.endMissing': () => `Say on which day it ended.`,
  'shelf.returnMissing': () => `Say when the borrowed one goes back.`,
  'shelf.spanBackwards': (a: { to: string | number; from: string | number }) =>
    `The span ends at ${a.to}, before ${a.from}.`,
  'shelf.spanBeyond': (a: { total: string | number; to: string | number }) =>
    `There are ${a.total} in all; ${a.to} lies beyond.`,
  'shelf.unitMissing': () => `Say in what it is counted.`,
  'sitting.breakTooSoon': () => `a break comes after a minute or more`,
  'sitting.exerciseWithoutName': () => `There is no exercise without a name.`,
  'sitting.feelingTooEarly': () => `How it felt is told once the sitting is over.`,
  'sitting.fieldMissing': (a: { kind: string | number; field: string | number }) =>
    `A ladder of the kind ${a.kind} needs ${a.field}.`,
  'sitting.noLadder': (a: { why: string | number }) => `No ladder: ${a.why}.`,
  'sitting.noPose': () => `a sitting of your own needs at least one pose`,
  'sitting.noStep': () => `a sitting has at least one step`,
  'sitting.nothingToDraw': () => `A sitting has an exercise or a topic.`,
  'sitting.nothingToShow': () => `The cabinet needs to know what to show.`,
  'sitting.onlyFigures': () => `Only figures can be looked into.`,
  'sitting.pagesPastBook': (a: { drawings: string | number; page: string | number; last: string | number }) =>
    `${a.drawings} pages from ${a.page} on go past ${a.last}.`,
  'sitting.pathTooLong': () => `has too long a path`,
  'sitting.poseTooShort': (a: { seconds: string | number }) => `a pose lasts 5 s or more, not ${a.seconds}`,
  'sitting.posesTooLong': (a: { minutes: string | number; most: string | number }) =>
    `these poses take ${a.minutes} min; a sitting has at most ${a.most}`,
  'sitting.posesWithin': (a: { count: string | number; seconds: string | number }) =>
    `poses must be 1 to 500 of 5 s to 8 h, were ${a.count} of ${a.seconds} s`,
  'sitting.sittingWithin': (a: { most: string | number; seconds: string | number }) =>
    `a sitting lasts 1 to ${a.most} min, not ${a.seconds} s`,
  'sitting.stepTooShort': (a: { seconds: string | number }) =>
    `a step lasts 1 second or more, was ${a.seconds}`,
  'sitting.tooManySteps': (a: { most: string | number; steps: string | number }) =>
    `a sitting has at most ${a.most} steps, these are ${a.steps}`,
  'sitting.underWay': () => `There is a sitting under way; finish it before another one begins.`,
  'topic.enoughPlates': (a: { most: string | number }) =>
    `There are ${a.most} plates and orders of your own already.`,
  'topic.freshnessWithin': (a: { rusty: string | number; fading: string | number }) =>
    `0 < rusty < fading < 1, were ${a.rusty} and ${a.fading}`,
  'topic.halfLifeWithin': (a: { least: string | number; most: string | number; days: string | number }) =>
    `a half-life is ${a.least} to ${a.most} days, was ${a.days}`,
  'topic.meansBoth': (a: { spelling: string | number; one: string | number; other: string | number }) =>
    `"${a.spelling}" means both "${a.one}" and "${a.other}"`,
  'topic.needNotThere': (a: { topic: string | number; need: string | number }) =>
    `"${a.topic}" needs "${a.need}", which is not there`,
  'topic.needsInCircle': (a: { circle: string | number }) => `needs run in a circle: ${a.circle}`,
  'topic.noPicture': () => `A plate needs a picture.`,
  'topic.noPin': () => `a plate needs a pin`,
  'topic.noSuchPin': (a: { id: string | number }) => `"${a.id}" is no pin of this plate.`,
  'topic.noSvg': (a: { begin: string | number }) => `The file is no SVG; it begins with "${a.begin}".`,
  'topic.notANumber': (a: { field: string | number; value: string | number }) =>
    `"${a.field}" is a number, not "${a.value}"`,
  'topic.notNamedFields': () => `A plate or an order is written as named fields.`,
  'topic.noteTooLong': (a: { most: string | number; length: string | number }) =>
    `A note has at most ${a.most} letters; this one has ${a.length}.`,
  'topic.oneName': (a: { one: string | number; other: string | number }) =>
    `"${a.one}" and "${a.other}" are one name`,
  'topic.onlyOrders': () => `An order is put in order; a plate is not.`,
  'topic.otherNames': (a: { name: string | number; others: string | number; most: string | number }) =>
    `"${a.name}" has ${a.others} other names; ${a.most} are the most`,
  'topic.pictureGone': () => `That picture is not there any more.`,
  'topic.pictureMissing': () => `The picture of the plate is missing; choose its file together with it.`,
  'topic.pictureTooLong': (a: { ratio: string | number }) =>
    `a picture's width ÷ height lies between 0.05 and 20, this is ${a.ratio}`,
  'topic.pinIdLength': (a: { name: string | number; most: string | number }) =>
    `the id of "${a.name}" has 1 to ${a.most} letters`,
  'topic.pinIdTwice': (a: { id: string | number }) => `two pins have the id "${a.id}"`,
  'topic.pinNameLength': (a: { begin: string | number; length: string | number; most: string | number }) =>
    `"${a.begin}…" has ${a.length} letters; a name has at most ${a.most}`,
  'topic.pinOutside': (a: { name: string | number; x: string | number; y: string | number }) =>
    `"${a.name}" lies outside the picture, at ${a.x} and ${a.y}`,
  'topic.pinWithoutLetter': () => `a pin has a name without a letter or a digit`,
  'topic.plateOrOrder': () => `A plate does not become an order, nor the other way.`,
  'topic.reachWithin': (a: { name: string | number; most: string | number; reach: string | number }) =>
    `the reach of "${a.name}" is above 0 and at most ${a.most}, not ${a.reach}`,
  'topic.rightForTwo': (a: { name: string | number }) => `"${a.name}" is right for two pins`,
  'topic.stepLength': (a: { most: string | number }) => `a step has 1 to ${a.most} letters`,
  'topic.stepTwice': (a: { step: string | number }) => `"${a.step}" stands twice among the steps`,
  'topic.stepsWithin': (a: { most: string | number; steps: string | number }) =>
    `an order has 2 to ${a.most} steps, these are ${a.steps}`,
  'topic.svgEntities': () => `An SVG that brings its own entities is not read.`,
  'topic.svgTooLarge': (a: { most: string | number; deepest: string | number }) =>
    `The SVG has more than ${a.most} parts, or more than ${a.deepest} within one another.`,
  'topic.svgTooLong': () => `One side of the SVG is more than 20 times as long as the other.`,
  'topic.svgUnreadable': (a: { line: string | number }) => `The SVG cannot be read from line ${a.line} on.`,
  'topic.svgWithoutSize': () => `The SVG does not tell its size: a viewBox, or a width and a height.`,
  'topic.titleLength': (a: { most: string | number; length: string | number }) =>
    `a title has 1 to ${a.most} letters, this one has ${a.length}`,
  'topic.tooManyPins': (a: { most: string | number; pins: string | number }) =>
    `a plate has at most ${a.most} pins, these are ${a.pins}`,
  'topic.tooManyTopics': (a: { most: string | number; topics: string | number }) =>
    `there are at most ${a.most} topics, these are ${a.topics}`,
  'topic.topicIncomplete': () => `a topic has a name and an area`,
  'topic.topicLength': (a: { most: string | number }) => `a topic has 1 to ${a.most} letters`,
  'topic.topicTwice': (a: { topic: string | number }) => `there are two topics "${a.topic}"`,
  'topic.warmUpThere': (a: { topic: string | number }) => `"${a.topic}" is a warm-up of that day already.`,
  'topic.weakAhead': () => `A topic cannot feel weak since a day to come.`,
  'topic.whichWarmUp': () => `Say which topic to warm up with.`,
}
