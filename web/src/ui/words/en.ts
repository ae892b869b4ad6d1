// Made from en.json by "npm run words".
import { plural, select } from '../language'

export const messages = {
  putTheNoticeAway: () => `Put the notice away`,
  tryAgain: () => `Try again`,
  reading: () => `Reading…`,
  notKeptYetMarkedFieldsTo: (a: { marked: number }) =>
    `Not kept yet; ${a.marked} ${plural(a.marked, { one: `field`, other: `fields` })} to put right.`,
  atMostMaxLengthCharactersTheseAre: (a: { maxLength: string | number; length: string | number }) =>
    `At most ${a.maxLength} characters; these are ${a.length}.`,
  aDateSuchAsDayPatternNot: (a: { dayPattern: string | number; value: string | number }) =>
    `A date such as ${a.dayPattern}, not “${a.value}”.`,
  calendarLabel: (a: { label: string | number }) => `Calendar: ${a.label}`,
  aDecimals: (a: { decimals: boolean }) => `A ${select(a.decimals, { true: ``, other: `whole ` })}number`,
  beginOfMinOrMore: (a: { begin: string | number; min: string | number }) => `${a.begin} of ${a.min} or more`,
  beginOfMaxAtMost: (a: { begin: string | number; max: string | number }) => `${a.begin} of ${a.max} at most`,
  beginFromMinToMax: (a: { begin: string | number; min: string | number; max: string | number }) =>
    `${a.begin} from ${a.min} to ${a.max}`,
  kindNotTrim: (a: { kind: string | number; trim: string | number }) => `${a.kind}, not “${a.trim}”.`,
  kindIsNeeded: (a: { kind: string | number }) => `${a.kind} is needed.`,
  formFieldEnabled: (a: { field: string | number }) => `form ${a.field}:enabled`,
  close: () => `Close`,
  whatYouFilledInIsNot: () => `What you filled in is not kept yet.`,
  goOnFillingIn: () => `Go on filling in`,
  throwItAway: () => `Throw it away`,
  cancel: () => `Cancel`,
  keepIt: () => `Keep it`,
  remove: () => `Remove`,
  thisPageBroke: () => `This page broke`,
  everythingThatWasSavedIsSafe: () => `Everything that was saved is safe. What the page said:`,
  openItAgain: () => `Open it again`,
  hereIsWhatYouHadTyped: () => `Here is what you had typed and not kept.`,
  startOver: () => `Start over`,
  asAList: () => `As a list`,
  notKept: (a: { message: string | number }) => `Not kept: ${a.message}`,
  daysFromTo: (a: { from: string | number; to: string | number }) => `${a.from} to ${a.to}`,
  belowOnePercent: () => `below 1 %`,
  overNinetyNinePercent: () => `over 99 %`,
  percent: (a: { number: string | number }) => `${a.number} %`,
  minutesShort: (a: { minutes: string | number }) => `${a.minutes} min`,
  hoursShort: (a: { hours: string | number }) => `${a.hours} h`,
  hoursAndMinutesShort: (a: { hours: string | number; minutes: string | number }) =>
    `${a.hours} h ${a.minutes} min`,
  secondsShort: (a: { seconds: string | number }) => `${a.seconds} s`,
  allAndLast: (a: { all: string | number; last: string | number }) => `${a.all} and ${a.last}`,
  countOfDays: (a: { count: number }) =>
    `${plural(a.count, { one: `${a.count} day`, other: `${a.count} days` })}`,
  countOfWeeks: (a: { count: number }) =>
    `${plural(a.count, { one: `${a.count} week`, other: `${a.count} weeks` })}`,
}
