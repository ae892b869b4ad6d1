import type { Schemas } from '../../api/client'

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
    source: share.source,
    ...(share.unit === 'MINUTES'
      ? { each: Math.max(1, share.left) * 60, count: 1, plain: 1 }
      : { each: share.secondsEach, count: share.left }),
  })

/** A sitting for what is left of a quota today. */
export const beginPromised = (q: Schemas['QuotaToday']) =>
  ofQuota(q, { secondsEach: q.secondsEach, left: q.left })

/** A sitting for what a quota asks of today. */
export const beginQuota = ({ terms, progress, secondsEach }: Schemas['QuotaView']) =>
  ofQuota(terms, { secondsEach, left: progress.today - progress.doneToday })

function ofQuota(
  terms: Pick<Schemas['QuotaTerms'], 'title' | 'unit' | 'exercise' | 'topic' | 'source' | 'medium'>,
  { secondsEach, left: open }: { secondsEach: number; left: number },
) {
  const left = Math.max(1, open)
  return address({
    title: terms.title,
    exercise: terms.exercise,
    topic: terms.exercise ? null : (terms.topic ?? terms.title),
    source: terms.source,
    medium: terms.medium,
    ...(terms.unit === 'MINUTES'
      ? { each: left * 60, count: 1, plain: 1 }
      : { each: secondsEach, count: left }),
  })
}
