import type { Schemas } from '../api/client'
import { wording } from './wording'

/** Where a sitting is built, with what is known already in the address. */
function address(known: Record<string, string | number | null | undefined>): string {
  const query = new URLSearchParams()
  for (const [key, value] of Object.entries(known)) {
    if (value != null && value !== '') {
      query.set(key, String(value))
    }
  }
  return `/sitting?${query}`
}

/** A sitting for what is left of a share: "26 hulls, 39 min". */
export const beginShare = (share: Schemas['ShareView']) =>
  address({
    title: share.title,
    exercise: share.exerciseId,
    of: share.topics.join(','),
    source: share.source,
    resource: share.resource,
    ...(share.unit === 'MINUTES'
      ? { each: Math.max(1, share.left) * 60, count: 1, plain: 1 }
      : { each: share.secondsEach, count: share.left }),
  })

/** A sitting for what is left of a quota today. */
export const beginPromised = (q: Schemas['QuotaToday']) =>
  address({ ...known(q), page: q.nextPage, ...length(q.unit, q.secondsEach, q.left) })

/** A sitting for what a quota asks of today. */
export const beginQuota = ({ terms, progress, secondsEach, nextPage }: Schemas['QuotaView']) =>
  address({
    ...known(terms),
    page: nextPage,
    ...length(terms.unit, secondsEach, progress.today - progress.doneToday),
  })

/** A sitting for one prompt of a list, which ticks it. */
export const beginPrompt = (
  terms: Filters,
  secondsEach: number,
  prompt: Pick<Schemas['PromptView'], 'id' | 'words'>,
) =>
  address({
    ...known(terms),
    title: prompt.words,
    prompt: prompt.id,
    ...length('PROMPTS', secondsEach, 1),
  })

/** A sitting for a warm-up of today. */
export const beginWarmUp = ({ topic, minutes, imagined }: Schemas['WarmUpToday']) =>
  address({
    title: wording.warmUpTopic({ topic }),
    topic,
    source: imagined ? 'imagination' : null,
    each: minutes * 60,
    count: 1,
    plain: 1,
  })

type Filters = Pick<Schemas['QuotaTerms'], 'title' | 'exercise' | 'topic' | 'source' | 'medium' | 'book'>

/** What an entry must say to count. */
const known = ({ title, exercise, topic, source, medium, book }: Filters) => ({
  title,
  exercise,
  topic: exercise ? null : (topic ?? title),
  source,
  medium,
  book,
})

function length(unit: Schemas['QuotaTerms']['unit'], secondsEach: number, open: number) {
  const left = Math.max(1, open)
  return unit === 'MINUTES' ? { each: left * 60, count: 1, plain: 1 } : { each: secondsEach, count: left }
}
