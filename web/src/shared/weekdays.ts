import type { Schemas } from '../api/client'

/** The weekdays by name, Monday first. */
export const WEEKDAYS: Record<Schemas['Weekday']['day'], string> = {
  MONDAY: 'Monday',
  TUESDAY: 'Tuesday',
  WEDNESDAY: 'Wednesday',
  THURSDAY: 'Thursday',
  FRIDAY: 'Friday',
  SATURDAY: 'Saturday',
  SUNDAY: 'Sunday',
}
