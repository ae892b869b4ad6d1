import { RULES } from '../../shared/quota-words'
import type { Quota } from './text'

/** How the rules were kept: counted, never held against anybody. */
export function Kept({ quota }: { quota: Quota }) {
  const rules = Object.entries(quota.kept) as [keyof typeof RULES, { kept: number; broken: number }][]
  const known = rules.filter(([, k]) => k.kept + k.broken > 0)
  if (known.length === 0) {
    return null
  }
  return (
    <p className="text-faded mt-2">
      {known.map(([rule, k]) => `${RULES[rule].name}: ${k.kept} of ${k.kept + k.broken} entries`).join(' · ')}
    </p>
  )
}
