import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import type { Schemas } from '../../api/client'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { EntryLine } from '../../shared/entry/EntryLine'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useOpening } from '../../ui/opening'
import { wording } from './wording'

const sheet = (topic: string, facet: string | undefined) =>
  new URLSearchParams(facet ? { topic, text: facet, title: `${topic}, ${facet}` } : { topic, title: topic })

const EntryForm = lazy(() => import('../../shared/entry/EntryForm'))

/**
 * The newest entries of a topic with the pictures of their pages, and the way to all its pages on one sheet.
 *
 * @param facet only what shows it
 */
export function TopicEntries({
  topic,
  facet,
  entries,
  total,
}: {
  topic: string
  facet: string | undefined
  entries: Schemas['EntryView'][]
  total: number
}) {
  const format = useFormats()
  const [editing, setEditing] = useOpening<Schemas['EntryView'] | undefined>(undefined)
  const paged = entries.filter((e) => e.fields.pageFrom != null).map((e) => e.id)
  const pictures = useQuery(queries.entryPictures(paged)).data
  if (entries.length === 0) {
    return null
  }
  return (
    <section aria-labelledby="entries" className="mt-5">
      <h2 id="entries">
        {wording.entries()}{' '}
        {total > entries.length && (
          <span className="text-faded font-sans text-base">
            {wording.theNewestEntriesOfTotal({ entries: entries.length, total: format.number(total) })}
          </span>
        )}
      </h2>
      {paged.length > 0 && (
        <p>
          <Link to={`/sheet?${sheet(topic, facet).toString()}`} className={LINE_LINK}>
            {wording.itsPagesOnOneSheet()}
          </Link>
        </p>
      )}
      <ul>
        {entries.map((entry) => (
          <li key={entry.id} className="border-hairline border-t">
            <EntryLine
              entry={entry}
              day={format.dayMonth(entry.fields.day)}
              picture={pictures?.[entry.id]}
              onOpen={() => setEditing(entry)}
            />
          </li>
        ))}
      </ul>
      <Suspense>{editing && <EntryForm entry={editing} onClose={() => setEditing(undefined)} />}</Suspense>
    </section>
  )
}
