import { createContext, useContext, useMemo } from 'react'
import { existing, isDay } from './days'
import { wording } from './wording'

/** The learner's language tag, for dates and numbers. */
export const Locale = createContext('en')

/** A calendar date as the API writes it, yyyy-mm-dd. */
export type Day = string

const toDate = (day: Day) => new Date(`${day}T12:00:00Z`)

/** Formats dates and numbers the learner's way. */
export function useFormats() {
  const locale = useContext(Locale)
  return useMemo(() => formats(locale), [locale])
}

/**
 * A tag that the browser cannot use would break every page; English is better than none. Days are typed by the
 * calendar and in the figures that weeks and courses are planned by, so they are shown by the same.
 */
function usable(tag: string): string {
  try {
    return new Intl.Locale(tag, { calendar: 'gregory', numberingSystem: 'latn' }).toString()
  } catch {
    return 'en'
  }
}

/** Without the mark that some languages put after a short month: a sentence may end here, and has its own. */
const unmarked = (date: string) => date.replace(/\.$/, '')

/** An amount of money; the currency stands as it was written. */
function money(locale: string, value: number, currency: string): string {
  const digits = { minimumFractionDigits: 2, maximumFractionDigits: 2 }
  const amount = new Intl.NumberFormat(locale, digits).format(value)
  return currency === '' ? amount : `${amount} ${currency}`
}

/** Formats dates and numbers in a language. */
export function formats(tag: string) {
  const locale = usable(tag)
  const with_ = (options: Intl.DateTimeFormatOptions) => {
    const format = new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' })
    return (day: Day) => unmarked(format.format(toDate(day)))
  }
  const number = new Intl.NumberFormat(locale, { maximumFractionDigits: 2 })
  const days = dayFormat(locale)
  const dayMonthYear = with_({ day: 'numeric', month: 'long', year: 'numeric' })
  const span = new Intl.DateTimeFormat(locale, {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone: 'UTC',
  })
  const marks = numberMarks(number)
  return {
    /** How a day is typed: "dd.mm.yyyy". */
    dayPattern: days.pattern,
    /** A day as it is typed. */
    writeDay: days.write,
    /** The day that was typed; nothing where it cannot be read as one. */
    readDay: days.read,
    /** A sentence with its days, yyyy-mm-dd, as they are typed; what it quotes stays as it was written. */
    sentence: (text: string) =>
      text.replace(QUOTED_OR_DAY, (part) => (isDay(part) ? days.write(part) : part)),
    /** The number that was typed; nothing where it cannot be read as one. */
    readNumber: (text: string) => readNumber(text, marks),
    /** A number as it is typed. */
    writeNumber: (value: number) => String(value).replace('.', marks.decimal),
    longDay: with_({ weekday: 'long', day: 'numeric', month: 'long' }),
    fullDay: with_({ weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }),
    shortDay: with_({ weekday: 'short', day: 'numeric' }),
    dayMonth: with_({ day: 'numeric', month: 'short' }),
    month: with_({ month: 'short' }),
    /** A month with its year. */
    monthYear: with_({ month: 'long', year: 'numeric' }),
    dayMonthYear,
    /** A stretch of days with their years; a single day by itself. */
    fromTo: (from: Day, to: Day) =>
      from === to
        ? dayMonthYear(from)
        : wording.daysFromTo({ from: dayMonthYear(from), to: dayMonthYear(to) }),
    /** A stretch of days in short months, with its year, or both. */
    span: (from: Day, to: Day) => unmarked(span.formatRange(toDate(from), toDate(to))),
    weekday: with_({ weekday: 'long' }),
    weekdayDate: with_({ weekday: 'long', day: 'numeric', month: 'short' }),
    number: (value: number) => number.format(value),
    /** A share of 1 in whole hundredths; none and all are said only where it is none or all. */
    percent: (share: number) =>
      share > 0 && share < 0.01
        ? wording.belowOnePercent()
        : share < 1 && share > 0.99
          ? wording.overNinetyNinePercent()
          : wording.percent({ number: number.format(Math.round(share * 100)) }),
    /** With one decimal. */
    decimal: (value: number) => number.format(Math.round(value * 10) / 10),
    /** An amount of money, with its currency where it is told. */
    money: (value: number, currency = '') => money(locale, value, currency),
    minutes: (total: number) => duration(total, number),
    each: (seconds: number) =>
      seconds % 60 === 0 || seconds > 120
        ? wording.minutesShort({ minutes: number.format(Math.round(seconds / 6) / 10) })
        : wording.secondsShort({ seconds }),
    range: (from: Day, to: Day) =>
      new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).formatRange(
        toDate(from),
        toDate(to),
      ),
  }
}

type Part = 'day' | 'month' | 'year'

/** Days in figures, in the order and with the marks of a language. */
function dayFormat(locale: string) {
  const format = new Intl.DateTimeFormat(locale, {
    day: '2-digit',
    month: '2-digit',
    year: 'numeric',
    timeZone: 'UTC',
  })
  const parts = format.formatToParts(0)
  const order = parts.map((part) => part.type).filter((type) => type in LETTERS) as Part[]
  return {
    pattern: parts.map(({ type, value }) => LETTERS[type as Part] ?? value).join(''),
    write: (day: Day) => format.format(toDate(day)),
    read(text: string): Day | undefined {
      const figures = text.match(/\d+/g) ?? []
      const iso = /^\s*\d{4}\D/.test(text)
      const names: Part[] = iso ? ['year', 'month', 'day'] : order
      const given = figures.length === 2 ? names.filter((name) => name !== 'year') : names
      if (figures.length !== given.length) {
        return undefined
      }
      const at = (name: Part) => Number(figures[given.indexOf(name)])
      const year = given.includes('year') ? at('year') : new Date().getFullYear()
      return existing(year < 100 ? 2000 + year : year, at('month'), at('day'))
    },
  }
}

const QUOTED_OR_DAY = /"[^"]*"|(?<![\w/-])\d{4}-\d{2}-\d{2}(?![\w/-])/g

const LETTERS: Record<Part, string> = { day: 'dd', month: 'mm', year: 'yyyy' }

type Marks = { decimal: string; group: string }

function numberMarks(format: Intl.NumberFormat): Marks {
  const mark = (type: string) => format.formatToParts(12_345.6).find((part) => part.type === type)?.value
  return { decimal: mark('decimal') ?? '.', group: mark('group') ?? ',' }
}

function readNumber(text: string, { decimal, group }: Marks): number | undefined {
  const plain = text.trim().replace(/[\s\u00a0\u202f’']/g, '')
  // Three figures after a language's own grouping mark are thousands; any other mark is a decimal one.
  const grouped = new RegExp(`^-?\\d{1,3}(\\${group}\\d{3})+(\\${decimal}\\d+)?$`)
  const figures = grouped.test(plain) ? plain.replaceAll(group, '') : plain
  return /^-?\d+([.,]\d+)?$/.test(figures) ? Number(figures.replace(',', '.')) : undefined
}

function duration(total: number, number: Intl.NumberFormat): string {
  const hours = Math.floor(total / 60)
  const minutes = total % 60
  if (hours === 0) {
    return wording.minutesShort({ minutes: number.format(minutes) })
  }
  return minutes === 0
    ? wording.hoursShort({ hours: number.format(hours) })
    : wording.hoursAndMinutesShort({ hours: number.format(hours), minutes })
}

/** The formats of one learner. */
export type Formats = ReturnType<typeof formats>
