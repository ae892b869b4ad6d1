const DAY_MS = 86_400_000
const ISO = /^\d{4}-\d{2}-\d{2}$/

/** Whether a value is a day, and not something typed that cannot be read as one. */
export const isDay = (value: string) => ISO.test(value)

/** The day that lies so many days later. */
export const later = (day: string, days: number) =>
  new Date(Date.parse(`${day}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)

/** Days from one day to another; below 0 if it lies before. */
export const daysBetween = (from: string, to: string) =>
  Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS)
