const DAY_MS = 86_400_000

/** The day of these figures as yyyy-mm-dd; nothing where the calendar has none. */
export function existing(year: number, month: number, day: number): string | undefined {
  const date = new Date(Date.UTC(year, month - 1, day))
  const real = year > 999 && year < 10_000 && date.getUTCMonth() === month - 1 && date.getUTCDate() === day
  return real ? date.toISOString().slice(0, 10) : undefined
}

/** Whether a value is a day of the calendar, and not something typed that cannot be read as one. */
export function isDay(value: string): boolean {
  const [year = 0, month = 0, day = 0] = value.split('-').map(Number)
  return existing(year, month, day) === value
}

/** The day that lies so many days later. */
export const later = (day: string, days: number) =>
  new Date(Date.parse(`${day}T12:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)

/** Days from one day to another; below 0 if it lies before. */
export const daysBetween = (from: string, to: string) =>
  Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS)
