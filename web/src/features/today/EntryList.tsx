import { lazy, Suspense, useState } from 'react'
import { LINE_KEPT } from '../../shared/log-line'
import type { Schemas } from '../../api/client'
import { EntryLine } from '../../shared/entry/EntryLine'

const EntryForm = lazy(() => import('../../shared/entry/EntryForm'))

type View = Schemas['EntryView']

/** Today's entries; each opens to be put right. */
export function EntryList({
  entries,
  filling,
  onFilled,
}: {
  entries: View[]
  /** Fields to begin a new entry by form with, or nothing. */
  filling: Schemas['EntryFields'] | undefined
  onFilled: () => void
}) {
  const [editing, setEditing] = useState<View>()
  return (
    <>
      <h2 className="mt-6 mb-1">Today’s entries</h2>
      {entries.length === 0 && (
        <p className="text-faded border-hairline border-t py-3">
          Nothing yet. Write a line such as <i>3 boats, 12 min, pen</i>, or <i>yesterday, half an hour</i>.
        </p>
      )}
      <ul>
        {entries.map((entry) => (
          <li key={entry.id} className="border-hairline border-t">
            <EntryLine entry={entry} onOpen={() => setEditing(entry)} />
          </li>
        ))}
      </ul>
      <Suspense>
        {editing && <EntryForm entry={editing} onClose={() => setEditing(undefined)} />}
        {filling && (
          <EntryForm
            begin={filling}
            onClose={onFilled}
            onSaved={() => window.dispatchEvent(new Event(LINE_KEPT))}
          />
        )}
      </Suspense>
    </>
  )
}
