import { lazy, Suspense, type ReactNode } from 'react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { LINE_KEPT } from '../logline/events'
import type { Schemas } from '../../api/client'
import { EntryLine } from './EntryLine'
import { useOpening } from '../../ui/opening'

const EntryForm = lazy(() => import('./EntryForm'))

type View = Schemas['EntryView']

/** Entries of one day; each opens to be put right. */
export function EntryList({
  title,
  entries,
  empty,
  filling,
  onFilled,
}: {
  title: string
  entries: View[]
  /** Said while there are none. */
  empty: ReactNode
  /** Fields to begin a new entry by form with, or nothing. */
  filling: Schemas['EntryFields'] | undefined
  onFilled: () => void
}) {
  const [editing, setEditing] = useOpening<View | undefined>(undefined)
  const paged = entries.filter((e) => e.fields.pageFrom != null).map((e) => e.id)
  const pictures = useQuery(queries.entryPictures(paged)).data
  return (
    <>
      <h2 className="mt-6 mb-1">{title}</h2>
      {entries.length === 0 && <p className="text-faded border-hairline border-t py-3">{empty}</p>}
      <ul>
        {entries.map((entry) => (
          <li key={entry.id} className="border-hairline border-t">
            <EntryLine entry={entry} picture={pictures?.[entry.id]} onOpen={() => setEditing(entry)} />
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
