import type { Schemas } from '../api/client'

/** A weekday. */
export type Weekday = Schemas['Weekday']['day']

/** The weekdays by name, Monday first. */
export const WEEKDAYS: Record<Weekday, string> = {
  MONDAY: 'Monday',
  TUESDAY: 'Tuesday',
  WEDNESDAY: 'Wednesday',
  THURSDAY: 'Thursday',
  FRIDAY: 'Friday',
  SATURDAY: 'Saturday',
  SUNDAY: 'Sunday',
}
