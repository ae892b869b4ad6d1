import type { Schemas } from '../../api/client'
import { plural } from '../../ui/plural'

/** What sittings tell about setting up, and how much that rests on. */
export function setUpText({ minutes, sittings, days, ownMinutes, learned }: Schemas['SetUp']): string {
  if (learned) {
    return `Learned: ${minutes} min, from ${plural(sittings, 'sitting')} on ${plural(days, 'day')} (their median is ${ownMinutes} min, drawn a little toward your figure).`
  }
  return sittings === 0
    ? 'Your guess, until ten sittings have told what it really takes.'
    : `Your guess, until ten sittings have told what it really takes; ${plural(sittings, 'sitting has', 'sittings have')} so far.`
}
