import { Problem } from '../../api/client'
import { wording } from './wording'

/** Why words about a time were not kept, as it is said to who wrote them. */
export const timeNotKept = (time: 'week' | 'month', error: Error) =>
  error instanceof Problem && error.current !== undefined
    ? wording.notKeptThisTimeWasChanged({ time })
    : wording.notKeptMessage({ message: error.message })
