import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { ReadRuler } from './ReadRuler'
import { ENDED, finish, howUsed, OWNERSHIP, progress, ROLES, units, waits, type Resource } from './text'
import { RESOURCE_KINDS } from '../../shared/shelf/resource-kinds'
import { useShelf } from './useShelf'
import { useOpening } from '../../ui/opening'
import { wording } from './wording'

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
          wording.backOnDueBack({ dueBack: format.dayMonthYear(fields.dueBack) })}
        {fields.price != null && ` · ${format.money(fields.price, fields.currency)}`}
        {resource.pricePerHour != null &&
          wording.pricePerHourAnHourSoFar({
            pricePerHour: format.money(resource.pricePerHour, fields.currency),
          })}
      </p>
      {fields.ended != null && (
        <p>
          <b>{ENDED[fields.ended]}</b>
          {fields.endedOn != null && wording.onEndedOn({ endedOn: format.dayMonthYear(fields.endedOn) })}
          {fields.goodFor && wording.goodForGoodFor({ goodFor: fields.goodFor })}
          {fields.bewareOf && wording.bewareOfBewareOf({ bewareOf: fields.bewareOf })}
        </p>
      )}
      {fields.note && <p className="font-serif italic">{fields.note}</p>}
      {progress(resource) && (
        <section aria-label={wording.progress()} className="mt-3">
          <p>
            {progress(resource)}
            {fields.unit != null &&
              fields.total !== used.read &&
              wording.nextIsUnitsNext({ units: units(1, fields.unit), next: used.next })}
          </p>
          {fields.total != null && <ReadRuler spans={used.spans} total={fields.total} />}
          {gaps.length > 0 && fields.unit != null && (
            <p className="text-faded text-sm">
              {wording.leftOutJoin({
                join: gaps.map((g) => (g.from === g.to ? g.from : `${g.from}–${g.to}`)).join(', '),
              })}
            </p>
          )}
          <p>{finish(resource, format)}</p>
          {used.unitsAWeek != null && fields.unit != null && (
            <p className="text-faded">
              {wording.unitsAWeekUnitsAWeek2InAWeekWith({
                unitsAWeek: format.decimal(used.unitsAWeek),
                units: units(Math.round(used.unitsAWeek * 10) / 10, fields.unit),
                activeWeeks:
                  used.activeWeeks === 1
                    ? wording.one()
                    : wording.activeWeeksOfThem({ activeWeeks: used.activeWeeks }),
              })}
            </p>
          )}
        </section>
      )}
      {waits(resource, format) && (
        <p>
          {wording.comes()} {waits(resource, format)}.
        </p>
      )}
      <section aria-label={wording.use()} className="mt-3">
        {used.entries === 0 ? (
          <p className="text-faded">{wording.noEntryNamesItYet()}</p>
        ) : (
          <p>
            {wording.entries({ entries: used.entries })}, {format.minutes(used.minutes)}
            {used.drawings > 0 && wording.drawings({ drawings: used.drawings })}
            {used.last != null && wording.lastOnLast({ last: format.dayMonth(used.last) })}
            {howUsed(resource) && `: ${howUsed(resource)}`}.
          </p>
        )}
        {used.attemptedFirst > 0 && fields.unit != null && (
          <p>
            {wording.attemptedFirstInAttemptedFirstOfRead({
              attemptedFirst: used.attemptedFirst,
              read: used.read,
              units: units(used.read, fields.unit),
            })}
          </p>
        )}
        {fields.unit != null && (used.withAttempt != null || used.without != null) && (
          <p className="text-faded">
            {wording.oneUnitsCostsJoin({
              units: units(1, fields.unit),
              join: [
                used.without != null && `${format.minutes(Math.round(used.without))}`,
                used.withAttempt != null &&
                  wording.withAttemptWithAnOwnTryBefore({
                    withAttempt: format.minutes(Math.round(used.withAttempt)),
                  }),
              ]
                .filter(Boolean)
                .join(', '),
            })}
          </p>
        )}
      </section>
      {[...fields.topics, ...resource.entryTopics].length > 0 && (
        <p className="mt-2">
          <span className="text-faded">{wording.about()}</span> {fields.topics.join(', ')}
          {resource.entryTopics.length > 0 && (
            <span className="text-faded">
              {fields.topics.length > 0 && '; '}
              {wording.byItsEntriesJoin({ join: resource.entryTopics.slice(0, 6).join(', ') })}
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
            {wording.ownTryThenLessonNext({ next: used.next })}
          </Link>
        )}
        <Button onClick={() => setEditing(true)}>{wording.tellMoreOfIt()}</Button>
        {fields.ownership === 'WANTED' && today && (
          <Button
            onClick={() =>
              change.mutate({ resource, fields: { ...fields, wanted: [...fields.wanted, today] } })
            }
          >
            {wording.wantedAgain()}
          </Button>
        )}
        <Button look="quiet" onClick={() => remove.mutate(resource)}>
          {wording.offTheShelf()}
        </Button>
      </div>
      <Suspense>
        {editing && <ResourceSheet resource={resource} all={all} onClose={() => setEditing(false)} />}
      </Suspense>
    </>
  )
}
