import { createContext, useContext, useMemo } from 'react'

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

function formats(locale: string) {
  const with_ = (options: Intl.DateTimeFormatOptions) => {
    const format = new Intl.DateTimeFormat(locale, { ...options, timeZone: 'UTC' })
    return (day: Day) => format.format(toDate(day))
  }
  const number = new Intl.NumberFormat(locale, { maximumFractionDigits: 2 })
  return {
    longDay: with_({ weekday: 'long', day: 'numeric', month: 'long' }),
    fullDay: with_({ weekday: 'short', day: 'numeric', month: 'long', year: 'numeric' }),
    shortDay: with_({ weekday: 'short', day: 'numeric' }),
    dayMonth: with_({ day: 'numeric', month: 'short' }),
    dayMonthYear: with_({ day: 'numeric', month: 'long', year: 'numeric' }),
    weekday: with_({ weekday: 'long' }),
    weekdayDate: with_({ weekday: 'long', day: 'numeric', month: 'short' }),
    number: (value: number) => number.format(value),
    minutes: (total: number) => duration(total, number),
    each: (seconds: number) =>
      seconds % 60 === 0 || seconds > 120
        ? `${number.format(Math.round(seconds / 6) / 10)} min`
        : `${seconds} s`,
    range: (from: Day, to: Day) =>
      new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'long', timeZone: 'UTC' }).formatRange(
        toDate(from),
        toDate(to),
      ),
  }
}

function duration(total: number, number: Intl.NumberFormat): string {
  const hours = Math.floor(total / 60)
  const minutes = total % 60
  if (hours === 0) {
    return `${number.format(minutes)} min`
  }
  return minutes === 0 ? `${number.format(hours)} h` : `${number.format(hours)} h ${minutes} min`
}

/** The formats of one learner. */
export type Formats = ReturnType<typeof formats>
