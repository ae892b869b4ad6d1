import { Link } from 'react-router'
import { LINE_LINK } from '../../ui/Button'
import { RULES } from '../../shared/promise/quota-words'
import type { Quota } from './text'
import { wording } from './wording'

/** How the rules were kept: counted, never held against anybody. */
export function Kept({ quota }: { quota: Quota }) {
  const rules = Object.entries(quota.kept) as [keyof typeof RULES, { kept: number; broken: number }][]
  const known = rules.filter(([, k]) => k.kept + k.broken > 0)
  if (known.length === 0) {
    return null
  }
  return (
    <p className="text-faded mt-2">
      {known
        .map(([rule, k]) =>
          wording.nameKeptOfEntries({ name: RULES[rule].name, kept: k.kept, of: k.kept + k.broken }),
        )
        .join(' · ')}
    </p>
  )
}

/** The pages of a promise as one document, to be sent to whoever waits for it. */
export function AsOneSheet({ quota }: { quota: Quota }) {
  const { terms, progress } = quota
  const asked = {
    title: terms.title,
    from: progress.from,
    ...(terms.exercise ? { exercise: terms.exercise } : terms.topic ? { topic: terms.topic } : {}),
  }
  return (
    <Link to={`/sheet?${new URLSearchParams(asked).toString()}`} className={LINE_LINK}>
      {wording.itsPagesAsOnePdf()}
    </Link>
  )
}
