import { lazy, Suspense, useState } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../app/locale'
import { entryFacts, entryName, entryTime } from '../entry/text'

const EntryForm = lazy(() => import('../entry/EntryForm'))

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
        {filling && <EntryForm begin={filling} onClose={onFilled} />}
      </Suspense>
    </>
  )
}

/** One entry in two lines. */
export function EntryLine({ entry, onOpen, day }: { entry: View; onOpen: () => void; day?: string }) {
  const format = useFormats()
  return (
    <button
      type="button"
      onClick={onOpen}
      className="hover:bg-deeper grid w-full grid-cols-[3.5rem_1fr_auto] gap-x-2 py-2.5 text-left"
    >
      <span className="text-faded">{day ?? entryTime(entry)}</span>
      <span>
        <span className="font-medium">
          <span className="sr-only">Change </span>
          {entryName(entry)}
        </span>
        <span className="text-faded">{entryFacts(entry)}</span>
        {(entry.wentWrong || entry.nextTime || entry.note) && (
          <span className="block font-serif italic">
            {[entry.wentWrong, entry.nextTime && `Next time: ${entry.nextTime}`, entry.note]
              .filter(Boolean)
              .join(' ')}
          </span>
        )}
      </span>
      <span className="text-faded">
        {entry.minutes == null && entry.minutesOrEstimate > 0 && 'about '}
        {entry.minutesOrEstimate > 0 && format.minutes(entry.minutesOrEstimate)}
      </span>
    </button>
  )
}
