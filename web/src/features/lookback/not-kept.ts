import { Problem } from '../../api/client'

/** Why words about a time were not kept, as it is said to who wrote them. */
export const notKept = (time: 'week' | 'month', error: Error) =>
  error instanceof Problem && error.current !== undefined
    ? `Not kept: this ${time} was changed in another window. What you typed is still here; press once more.`
    : `Not kept: ${error.message}`
