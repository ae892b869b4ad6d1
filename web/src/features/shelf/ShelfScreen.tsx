import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { ReferenceSets } from './ReferenceSets'
import { ReadRuler } from './ReadRuler'
import { ResourceLeaf } from './ResourceLeaf'
import { useShelf } from './useShelf'
import { finish, PLACES, progress, remark, waits, type Resource } from './text'
import { useOpening } from '../../ui/opening'
import { wording } from './wording'

const ResourceSheet = lazy(() => import('./ResourceSheet'))

/** What is learned from: what is being worked through, what waits, what is wanted; on the right one of them. */
export default function ShelfScreen() {
  return <Waiting query={useQuery(queries.shelf())}>{(shelf) => <Shelf shelf={shelf} />}</Waiting>
}

function Shelf({ shelf }: { shelf: Schemas['ShelfView'] }) {
  const format = useFormats()
  const { id } = useParams()
  const [params, setParams] = useSearchParams()
  const topic = params.get('topic')
  const [making, setMaking] = useOpening<string | undefined>(undefined)
  const resources = topic
    ? shelf.resources.filter((r) => [...r.fields.topics, ...r.entryTopics].includes(topic))
    : shelf.resources
  const chosen = shelf.resources.find((r) => r.id === id) ?? resources[0]
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="shelf">
        <div className="flex flex-wrap items-baseline justify-between gap-x-5">
          <h1 id="shelf">{wording.shelf()}</h1>
          <Button onClick={() => setMaking('')}>{wording.putSomethingOnIt()}</Button>
        </div>
        {topic && (
          <p>
            {wording.whatIsAbout()} <b>{topic}</b>.{' '}
            <Button look="quiet" onClick={() => setParams({}, { replace: true })}>
              {wording.showAll()}
            </Button>
          </p>
        )}
        {shelf.remarks.map((r) => (
          <p key={r.kind + r.resource} className="text-sanguine">
            <Link to={`/shelf/${r.resource}`} className="underline underline-offset-4">
              {remark(r, format)}
            </Link>
          </p>
        ))}
        {shelf.resources.length === 0 && (
          <p className="text-faded py-3">
            {wording.nothingHereYetPutOnIt()} <i>{wording.pp6478OfBoatsBy()}</i>.
          </p>
        )}
        {topic && resources.length === 0 && (
          <p className="text-faded py-3">{wording.nothingOnTheShelfIsAbout()}</p>
        )}
        {(Object.keys(PLACES) as Resource['place'][]).map((place) => (
          <Row key={place} place={place} resources={resources.filter((r) => r.place === place)} />
        ))}
        {!topic && <Off resources={shelf.off} />}
        {!topic && <ReferenceSets />}
        {shelf.weeks.length > 0 && !topic && (
          <section aria-labelledby="untaught" className="mt-5">
            <h2 id="untaught">{wording.weeksThatNothingHereTeaches()}</h2>
            {shelf.weeks.map((w) => (
              <p key={w.placement + w.week} className="text-faded">
                <Link
                  to={`/course?plan=${w.placement}&week=${w.week}`}
                  className="underline underline-offset-4"
                >
                  {w.number == null ? w.title : wording.weekNumberTitle({ number: w.number, title: w.title })}
                </Link>
                : {w.topics.join(', ')}
              </p>
            ))}
          </section>
        )}
        {shelf.named.length > 0 && !topic && (
          <section aria-labelledby="named" className="mt-5">
            <h2 id="named">{wording.namedByYourCourses()}</h2>
            <ul>
              {shelf.named.map((name) => (
                <li key={name}>
                  {name}{' '}
                  <Button
                    look="quiet"
                    onClick={() => setMaking(name)}
                    aria-label={wording.putItOnTheShelfName({ name })}
                  >
                    {wording.putItOnTheShelf()}
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </Leaf>
      <Leaf second aria-label={wording.oneResource()}>
        {chosen ? (
          <ResourceLeaf key={chosen.id} resource={chosen} all={shelf.resources} />
        ) : (
          <p className="text-faded">{wording.whatIsChosenOnTheLeft()}</p>
        )}
      </Leaf>
      <Suspense>
        {making !== undefined && (
          <ResourceSheet name={making} all={shelf.resources} onClose={() => setMaking(undefined)} />
        )}
      </Suspense>
    </TwoLeaves>
  )
}

function Row({ place, resources }: { place: Resource['place']; resources: Resource[] }) {
  const format = useFormats()
  if (resources.length === 0) {
    return null
  }
  const pencil = place === 'WANTED'
  return (
    <section aria-labelledby={place} className="mt-5">
      <h2 id={place}>{PLACES[place]}</h2>
      <ul>
        {resources.map((r) => {
          const { spans } = r.used
          const facts = [
            progress(r),
            waits(r, format),
            pencil && r.fields.price != null ? format.money(r.fields.price, r.fields.currency) : undefined,
            pencil && r.fields.wanted.length > 1
              ? wording.wantedWantedTimes({ wanted: r.fields.wanted.length })
              : undefined,
            r.fields.ownership === 'BORROWED' && r.fields.dueBack != null
              ? wording.backOnDueBack2({ dueBack: format.dayMonth(r.fields.dueBack) })
              : undefined,
          ].filter(Boolean)
          return (
            <li key={r.id} className="border-hairline border-t py-1">
              <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <Link
                  to={`/shelf/${r.id}`}
                  className={`hover:decoration-ink decoration-hairline inline-flex min-h-8 items-center font-serif text-lg underline underline-offset-4 pointer-coarse:min-h-11 ${pencil ? 'text-faded italic' : ''}`}
                >
                  {r.fields.name}
                </Link>
                <span className="text-faded text-sm">{facts.join(' · ')}</span>
              </div>
              {(place === 'READING' || place === 'LEFT_OFF') && r.fields.total != null && (
                <>
                  <ReadRuler spans={spans} total={r.fields.total} />
                  <p className="text-faded text-sm">{finish(r, format)}</p>
                </>
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** What was taken off the shelf; it can come back at any time. */
function Off({ resources }: { resources: Resource[] }) {
  const { back } = useShelf()
  return resources.length === 0 ? null : (
    <details className="mt-5">
      <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
        {wording.resourcesOffTheShelf({ resources: resources.length })}
      </summary>
      <ul>
        {resources.map((r) => (
          <li key={r.id}>
            {r.fields.name}{' '}
            <Button
              look="quiet"
              onClick={() => back.mutate(r.id)}
              aria-label={wording.putItBackName({ name: r.fields.name })}
            >
              {wording.putItBack()}
            </Button>
          </li>
        ))}
      </ul>
    </details>
  )
}
