import { wording } from './wording'

/** Days or weeks with their number: "1 day", "3 weeks". */
export const timeOf = (count: number, unit: 'DAYS' | 'WEEKS') =>
  unit === 'DAYS' ? wording.countOfDays({ count }) : wording.countOfWeeks({ count })
