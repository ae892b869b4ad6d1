import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import type { School } from '../../ui/Schools'
import { units } from '../../shared/promise/quota-words'

export type Quota = Schemas['QuotaView']
/** A quota in short, as lists show it; one with all of it will do as well. */
export type QuotaLine = Schemas['QuotaLine'] & { before?: Quota['before'] }
export type Terms = Schemas['QuotaTerms']
export type Sheet = Schemas['WorksheetView']

export const KINDS: Record<Terms['kind'], { name: string; line: string }> = {
  SPRINT: { name: 'So many by a date', line: '90 mooring posts in ten days.' },
  OWN_TIME: {
    name: 'So many in my own time',
    line: '100 pages, without a date: a pace, and when it may be done.',
  },
  DAILY_RUN: { name: 'One every day', line: 'A page a day for thirty drawing days.' },
  PROMPT_LIST: { name: 'A list of prompts', line: 'Twelve of a list, in any order.' },
  RAMP: { name: 'A little more each week', line: 'Ten, then fifteen, then twenty.' },
  STANDING: { name: 'So many every week', line: 'Twenty quick poses a week, without an end.' },
}

export const MISSED: School[] = [
  {
    value: 'SPREAD',
    label: 'Spread',
    reasons: ['The days left take it over.', 'The date holds; the days grow.'],
  },
  {
    value: 'SLIDE',
    label: 'Slide',
    reasons: ['The last day moves on by as many days.', 'The days stay as they are; the end moves.'],
  },
  {
    value: 'LET_GO',
    label: 'Let go',
    reasons: ['What the day asked for is dropped.', 'The date and the days hold; the count falls.'],
  },
]

export const OUTCOMES: Record<Exclude<Quota['outcome'], 'RUNNING'>, string> = {
  FINISHED: 'Finished',
  STOPPED: 'Stopped',
  RUN_OUT: 'The last day is over',
  LET_GO: 'All of it was let go',
}

export const unitOf = (terms: Terms): Terms['unit'] => (terms.kind === 'PROMPT_LIST' ? 'PROMPTS' : terms.unit)

/** Whether it has a date, or a week, to be judged by. */
export const isDated = (terms: Terms) => terms.kind !== 'OWN_TIME'

export const weekly = (terms: Terms) => terms.kind === 'RAMP' || terms.kind === 'STANDING'

/** What is promised, in one line. */
export function promise(terms: Terms, format: Formats): string {
  const unit = unitOf(terms)
  switch (terms.kind) {
    case 'SPRINT':
      return `${units(terms.count, unit, format)} by ${format.dayMonth(terms.due ?? terms.start)}`
    case 'OWN_TIME':
      return `${units(terms.count, unit, format)} in your own time`
    case 'PROMPT_LIST':
      return `${units(terms.count, unit, format)} by ${format.dayMonth(terms.due ?? terms.start)}`
    case 'DAILY_RUN':
      return `${units(terms.count, unit, format)} a day on ${plural(terms.days ?? 0, 'drawing day')}`
    case 'RAMP':
      return `${units(terms.count, unit, format)} a week and ${terms.step} more each week, ${plural(terms.weeks ?? 0, 'week')}`
    case 'STANDING':
      return `${units(terms.count, unit, format)} every week`
  }
}

const WORDS: Record<Schemas['Forecast']['verdict'], string> = {
  AHEAD: 'Ahead',
  ON_PACE: 'On pace',
  SLIPPING: 'Slipping',
  OUT_OF_REACH: 'Out of reach at this pace',
  OPEN: 'In your own time',
}

const aDay = (plan: number, format: Formats) =>
  `${plan === 0 ? 'not even one' : format.number(Math.round(plan * 10) / 10)} a day`

/** How it goes, with the figure behind it. */
export function verdict(quota: QuotaLine, format: Formats): string {
  const { forecast, progress } = quota
  if (!forecast) {
    return ''
  }
  if (progress.left === 0) {
    return 'This week’s count is reached.'
  }
  if (!isDated(quota.terms)) {
    return forecast.basis === 'OWN_DAYS'
      ? `At your pace of ${plural(forecast.ownDays, 'drawing day')} it may be done about ${forecast.middle ? format.dayMonth(forecast.middle) : 'a year from now or later'}.`
      : 'Three drawing days of your own will say when it may be done.'
  }
  const count =
    progress.asked === 1 ? units(1, unitOf(quota.terms), format) : `all ${format.number(progress.asked)}`
  const goal = weekly(quota.terms)
    ? `this week’s ${progress.asked}`
    : `${count} by ${format.dayMonth(progress.due)}`
  switch (forecast.basis) {
    case 'PLAN':
      return `By the plan ${goal}. This rests on the plan alone; three days of your own will say how likely it is.`
    case 'SHORT_PLAN':
      return `${WORDS.OUT_OF_REACH}: the plan’s time holds ${aDay(forecast.plan, format)}, too few for ${goal}. This rests on the plan alone.`
    case 'OWN_DAYS':
      return `${WORDS[forecast.verdict]}: ${format.percent(forecast.inTime ?? 0)} for ${goal}. It rests on ${forecast.ownDays} of your own days.`
  }
}

/** Whether it is more likely to fail than not. */
export const isAtRisk = ({ forecast }: Pick<QuotaLine, 'forecast'>) =>
  forecast?.verdict === 'SLIPPING' || forecast?.verdict === 'OUT_OF_REACH'

/** What would change it; nothing while it goes well. */
export function changes(quota: Quota, format: Formats): string[] {
  const { forecast, progress, terms } = quota
  if (!forecast || progress.left === 0 || !isAtRisk(quota)) {
    return []
  }
  const lines = progress.daysLeft > 0 ? [needed(quota, format)] : []
  if (!weekly(terms) && forecast.moreDays != null && forecast.moreDays > 0) {
    lines.push(
      `${plural(forecast.moreDays, 'more drawing day')} at ${forecast.basis === 'OWN_DAYS' ? 'your pace' : aDay(forecast.plan, format)}${forecast.middle ? `, to ${format.dayMonth(forecast.middle)}` : ''}`,
    )
  }
  if (forecast.reachable > 0) {
    lines.push(`${format.number(forecast.reachable)} instead of ${format.number(progress.asked)}`)
  }
  return lines
}

/** What the days left would have to bring. */
export function needed({ progress, terms }: Pick<QuotaLine, 'progress' | 'terms'>, format: Formats): string {
  const { daysLeft, left, neededPerDay } = progress
  const unit = unitOf(terms)
  if (left === 0) {
    return 'nothing more in this span'
  }
  if (daysLeft === 0) {
    return `${units(left, unit, format)}, and no drawing day is left`
  }
  const time = `about ${format.minutes(progress.minutesNeeded)}`
  return daysLeft === 1
    ? `${units(neededPerDay, unit, format)} on the one day left, ${time}`
    : `${units(neededPerDay, unit, format)} on each of ${daysLeft} days left, ${time} a day`
}

/** What a promise needs, in one short sentence. */
export function needs(
  { progress, terms }: Pick<QuotaLine, 'progress' | 'terms'>,
  today: string,
  format: Formats,
) {
  if (progress.daysLeft === 0) {
    return 'No drawing day is left.'
  }
  const from = terms.start > today ? ` from ${format.dayMonth(terms.start)}` : ''
  return `Needs ${units(progress.neededPerDay, unitOf(terms), format)} a day${from}.`
}

/** The dates by which it is reached. */
export function dates(forecast: Schemas['Forecast'], format: Formats): string {
  if (forecast.basis !== 'OWN_DAYS') {
    return ''
  }
  const day = (date: string | null | undefined) => (date ? format.dayMonth(date) : 'not within a year')
  if (!forecast.early) {
    return 'Not reached within a year at this pace.'
  }
  if (forecast.early === forecast.late) {
    return `Reached by ${day(forecast.early)}.`
  }
  return `Reached by ${day(forecast.early)} with 10 %, by ${day(forecast.middle)} with 50 %, by ${day(forecast.late)} with 90 %.`
}

/** How often own days were enough for what is needed now. */
export function enough(forecast: Schemas['Forecast'], needed: number, unit: Terms['unit'], format: Formats) {
  const { enough: e } = forecast
  return e
    ? `${e.cases} of ${plural(e.of, 'own day')} brought ${units(needed, unit, format)} or more (${Math.round(e.low * 100)}–${Math.round(e.high * 100)} % with so few days).`
    : undefined
}

/** Whether it fits, beside what is promised already as well. */
export const fitsIn = (sheet: Sheet) => sheet.answer === 'YES'

/** Whether a promise can be kept, in one sentence. */
export function canBeDone(sheet: Sheet, terms: Terms, format: Formats): string {
  if (!isDated(terms) && sheet.answer !== 'NO_DAY') {
    return sheet.answer === 'TOO_MUCH'
      ? 'Not within three years with these minutes.'
      : `In ${plural(sheet.drawingDays, 'drawing day')}, by ${format.dayMonthYear(sheet.due)}, if you draw on each.`
  }
  const load = `${format.percent(sheet.load ?? 0)} of the time.`
  const most = `${units(sheet.perDay, unitOf(terms), format)} a day at most, ${load}`
  return {
    NO_DAY: 'No: there is no day with minutes for it.',
    TOO_MUCH: `Not like this: it takes ${load}`,
    ONLY_ALONE: `Only by itself: ${most}`,
    YES: `Yes: ${most}`,
  }[sheet.answer]
}

/** The sum behind a promise. */
export function sum(sheet: Sheet, format: Formats): string {
  return `${format.minutes(sheet.drawingMinutes)} of drawing and ${format.minutes(sheet.overheadMinutes)} of setting up, warming up and choosing references, against ${format.minutes(sheet.availableMinutes)} on ${plural(sheet.drawingDays, 'drawing day')}.`
}

/** What other promises take of a day, and whether what is asked fits beside it. */
export function promisedAlready(day: Sheet['day'], asked: number, format: Formats): string {
  const begin = `Of the day’s ${format.minutes(day.available)} other promises take about ${format.minutes(day.promised)}`
  return day.over ? `${begin}; these ${format.minutes(asked)} do not fit beside them.` : `${begin}.`
}

/** What a promise leaves of a day for the course. */
export function leftForCourse(left: number, of: number, format: Formats): string {
  return left === 0
    ? `Of the day’s ${format.minutes(of)} the course keeps nothing meanwhile.`
    : `Of the day’s ${format.minutes(of)} the course keeps about ${format.minutes(left)} meanwhile.`
}

/** Where the minutes each come from. */
export function paceOrigin(sheet: Sheet, terms: Terms, format: Formats): string {
  if (terms.insists) {
    return `${format.each(sheet.secondsEach)} each, as you insist${sheet.ownEntries > 0 ? `; the median of ${plural(sheet.ownEntries, 'own entry', 'own entries')} is ${format.each(sheet.ownSeconds)}` : ''}.`
  }
  if (sheet.ownEntries === 0) {
    return `${format.each(sheet.secondsEach)} each, as you expect; there is no own entry yet.`
  }
  return `${format.each(sheet.secondsEach)} each, from ${plural(sheet.ownEntries, 'own entry', 'own entries')} (median ${format.each(sheet.ownSeconds)})${sheet.leansOnExpected ? ' and what you expect' : ''}.`
}

/** What would make it fit; `take` is what it writes into the form, where the form has a place for it. */
export interface Remedy {
  text: string
  take?: { minutesADay: string } | { due: string } | { count: string } | { count: string; due: string }
}

/** Each remedy alone, and exact. */
export function remedies(sheet: Sheet, terms: Terms, format: Formats): Remedy[] {
  const lines: Remedy[] = []
  const dated = terms.due != null
  if (sheet.minutesADay != null) {
    lines.push({
      text: `${format.minutes(sheet.minutesADay)} a day`,
      take: { minutesADay: format.writeNumber(sheet.minutesADay) },
    })
  }
  if (sheet.extraDays != null && sheet.extraUntil) {
    lines.push({
      text: `${plural(sheet.extraDays, 'more drawing day')}, to ${format.dayMonth(sheet.extraUntil)}`,
      take: dated ? { due: sheet.extraUntil } : undefined,
    })
  }
  if (sheet.drop != null && sheet.drop < sheet.count) {
    const count = sheet.count - sheet.drop
    lines.push({
      text: `${units(count, unitOf(terms), format)} instead of ${format.number(sheet.count)}`,
      take: dated ? { count: format.writeNumber(count) } : undefined,
    })
  }
  if (sheet.paceSeconds != null && sheet.paceSeconds < sheet.secondsEach) {
    lines.push({ text: `${format.each(sheet.paceSeconds)} each` })
  }
  return lines
}

/** Smaller promises to begin with, where the count is one. */
export function trials(sheet: Sheet, terms: Terms, format: Formats): Remedy[] {
  const counted = terms.kind === 'SPRINT' || terms.kind === 'PROMPT_LIST' || terms.kind === 'OWN_TIME'
  return counted && terms.unit !== 'MINUTES'
    ? sheet.trials.map((trial) => ({
        text: `${units(trial.count, unitOf(terms), format)} to ${format.dayMonth(trial.until)}: about ${format.minutes(trial.minutes)} on ${plural(trial.days, 'day')}`,
        take: {
          count: format.writeNumber(trial.count),
          ...(terms.due == null ? {} : { due: trial.until }),
        },
      }))
    : []
}

/** How time and marks went from entry to entry, as far as it can be said. */
export function went(record: Schemas['QuotaRecord'], format: Formats): string {
  const said = (name: string, goes: Schemas['MannKendall'], up: string, down: string) =>
    goes.trend
      ? `${name} ${goes.s > 0 ? up : down} from entry to entry (tau ${format.number(Math.round(goes.tau * 100) / 100)}, ${plural(goes.of, 'entry', 'entries')}).`
      : ''
  const of = Math.max(record.paceGoes.of, record.marksGo.of)
  const told = [
    said('The time each took', record.paceGoes, 'grew', 'fell'),
    said('Marks', record.marksGo, 'rose', 'fell'),
  ].filter(Boolean)
  if (told.length > 0 || of === 0) {
    return told.join(' ')
  }
  return `No trend in time or marks that ${plural(of, 'entry', 'entries')} can show.`
}
