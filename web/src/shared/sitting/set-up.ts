import type { Schemas } from '../../api/client'
import { wording } from './wording'

/** What sittings tell about setting up, and how much that rests on. */
export function setUpText({ minutes, sittings, days, ownMinutes, learned }: Schemas['SetUp']): string {
  if (learned) {
    return wording.learnedMinutesMinFromSittingsOn({ minutes, sittings, days, ownMinutes })
  }
  return sittings === 0
    ? wording.yourGuessUntilTenSittingsHave()
    : wording.yourGuessUntilTenSittingsHave2({ sittings })
}
