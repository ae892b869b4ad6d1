import type { Schemas } from '../api/client'
import { wording } from './wording'

/** A weekday. */
export type Weekday = Schemas['Weekday']['day']

/** The weekdays by name, Monday first. */
export const WEEKDAYS: Record<Weekday, string> = {
  MONDAY: wording.monday(),
  TUESDAY: wording.tuesday(),
  WEDNESDAY: wording.wednesday(),
  THURSDAY: wording.thursday(),
  FRIDAY: wording.friday(),
  SATURDAY: wording.saturday(),
  SUNDAY: wording.sunday(),
}
