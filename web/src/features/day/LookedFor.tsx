import type { Schemas } from '../../api/client'
import { LOOKED_FOR, NO_STUDY } from '../../shared/entry/study'
import { useEntryWrites } from '../../shared/entry/useEntryWrites'
import { Button } from '../../ui/Button'
import { wording } from './wording'

type Today = Schemas['TodayView']
type Answer = keyof typeof LOOKED_FOR

/** What today's exercises ask to look for, to be answered in one press each. */
export function LookedFor({ today }: { today: Today }) {
  const { change } = useEntryWrites()
  const open = today.lookFor.flatMap(({ entry: id, ...asked }) => {
    const entry = today.entries.find((e) => e.id === id)
    return entry ? [{ entry, ...asked }] : []
  })
  const answer = (entry: Schemas['EntryView'], lookedFor: Answer) =>
    change.mutate({
      id: entry.id,
      version: entry.version,
      fields: { ...entry.fields, study: { ...(entry.fields.study ?? NO_STUDY), lookedFor } },
    })
  return open.length === 0 ? null : (
    <section aria-label={wording.whatToLookFor()} className="no-print mt-3">
      {open.map(({ entry, title, lookFor }) => (
        <p key={entry.id}>
          {title}: <span className="font-serif italic">{lookFor}</span> {wording.asItShouldBe()}{' '}
          {(Object.keys(LOOKED_FOR) as Answer[]).map((value) => (
            <Button
              key={value}
              look="quiet"
              disabled={change.isPending}
              aria-label={`${title}: ${LOOKED_FOR[value]}`}
              onClick={() => answer(entry, value)}
            >
              {LOOKED_FOR[value]}
            </Button>
          ))}
        </p>
      ))}
    </section>
  )
}
