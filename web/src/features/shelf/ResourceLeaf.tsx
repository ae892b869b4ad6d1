import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import { ReadRuler } from './ReadRuler'
import { ENDED, finish, howUsed, OWNERSHIP, progress, ROLES, units, waits, type Resource } from './text'
import { RESOURCE_KINDS } from '../../shared/shelf/resource-kinds'
import { useShelf } from './useShelf'
import { useOpening } from '../../ui/opening'

const ResourceSheet = lazy(() => import('./ResourceSheet'))

/** One resource with all that is known of it. */
export function ResourceLeaf({ resource, all }: { resource: Resource; all: Resource[] }) {
  const format = useFormats()
  const { remove, change } = useShelf()
  const [editing, setEditing] = useOpening(false)
  const { fields, used } = resource
  const gaps = used.gaps.filter((gap) => gap.to < used.next)
  const today = useQuery(queries.today()).data?.day
  return (
    <>
      <h2 className="text-2xl">{fields.name}</h2>
      <p className="text-faded">
        {RESOURCE_KINDS[fields.kind]}, {ROLES[fields.role]} · {OWNERSHIP[fields.ownership]}
        {fields.dueBack != null &&
          fields.ownership === 'BORROWED' &&
          `, back on ${format.dayMonthYear(fields.dueBack)}`}
        {fields.price != null && ` · ${format.money(fields.price, fields.currency)}`}
        {resource.pricePerHour != null &&
          ` · ${format.money(resource.pricePerHour, fields.currency)} an hour so far`}
      </p>
      {fields.ended != null && (
        <p>
          <b>{ENDED[fields.ended]}</b>
          {fields.endedOn != null && ` on ${format.dayMonthYear(fields.endedOn)}`}
          {fields.goodFor && `. Good for: ${fields.goodFor}`}
          {fields.bewareOf && ` Beware of: ${fields.bewareOf}`}
        </p>
      )}
      {fields.note && <p className="font-serif italic">{fields.note}</p>}
      {progress(resource) && (
        <section aria-label="Progress" className="mt-3">
          <p>
            {progress(resource)}
            {fields.unit != null &&
              fields.total !== used.read &&
              `, next is ${units(1, fields.unit)} ${used.next}`}
          </p>
          {fields.total != null && <ReadRuler spans={used.spans} total={fields.total} />}
          {gaps.length > 0 && fields.unit != null && (
            <p className="text-faded text-sm">
              Left out: {gaps.map((g) => (g.from === g.to ? g.from : `${g.from}–${g.to}`)).join(', ')}
            </p>
          )}
          <p>{finish(resource, format)}</p>
          {used.unitsAWeek != null && fields.unit != null && (
            <p className="text-faded">
              {format.decimal(used.unitsAWeek)} {units(Math.round(used.unitsAWeek * 10) / 10, fields.unit)} in
              a week with any, by the last {used.activeWeeks === 1 ? 'one' : `${used.activeWeeks} of them`}.
            </p>
          )}
        </section>
      )}
      {waits(resource, format) && <p>Comes {waits(resource, format)}.</p>}
      <section aria-label="Use" className="mt-3">
        {used.entries === 0 ? (
          <p className="text-faded">No entry names it yet.</p>
        ) : (
          <p>
            {plural(used.entries, 'entry', 'entries')}, {format.minutes(used.minutes)}
            {used.drawings > 0 && `, ${plural(used.drawings, 'drawing')}`}
            {used.last != null && `, last on ${format.dayMonth(used.last)}`}
            {howUsed(resource) && `: ${howUsed(resource)}`}.
          </p>
        )}
        {used.attemptedFirst > 0 && fields.unit != null && (
          <p>
            Attempted first in {used.attemptedFirst} of {used.read} {units(used.read, fields.unit)}.
          </p>
        )}
        {fields.unit != null && (used.withAttempt != null || used.without != null) && (
          <p className="text-faded">
            One {units(1, fields.unit)} costs{' '}
            {[
              used.without != null && `${format.minutes(Math.round(used.without))}`,
              used.withAttempt != null &&
                `${format.minutes(Math.round(used.withAttempt))} with an own try before`,
            ]
              .filter(Boolean)
              .join(', ')}
            .
          </p>
        )}
      </section>
      {[...fields.topics, ...resource.entryTopics].length > 0 && (
        <p className="mt-2">
          <span className="text-faded">About</span> {fields.topics.join(', ')}
          {resource.entryTopics.length > 0 && (
            <span className="text-faded">
              {fields.topics.length > 0 && '; '}by its entries {resource.entryTopics.slice(0, 6).join(', ')}
            </span>
          )}
        </p>
      )}
      <div className="mt-4 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        {fields.unit === 'LESSON' && fields.ended == null && (
          <Link
            to={`/sitting?resource=${encodeURIComponent(fields.name)}&unit=LESSON&from=${used.next}&topic=${encodeURIComponent(fields.topics[0] ?? resource.entryTopics[0] ?? '')}&attempt=1`}
            className={LINE_LINK}
          >
            Own try, then lesson {used.next}
          </Link>
        )}
        <Button onClick={() => setEditing(true)}>Tell more of it</Button>
        {fields.ownership === 'WANTED' && today && (
          <Button
            onClick={() =>
              change.mutate({ resource, fields: { ...fields, wanted: [...fields.wanted, today] } })
            }
          >
            Wanted again
          </Button>
        )}
        <Button look="quiet" onClick={() => remove.mutate(resource)}>
          Off the shelf
        </Button>
      </div>
      <Suspense>
        {editing && <ResourceSheet resource={resource} all={all} onClose={() => setEditing(false)} />}
      </Suspense>
    </>
  )
}
