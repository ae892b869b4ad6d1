import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { DEPTHS } from '../../shared/entry/study'
import { resourceKind } from '../../shared/shelf/resource-kinds'
import { useDepth, useWeak } from '../../shared/topic/told-topic'
import { useWarmUps } from '../../shared/useWarmUps'
import { RecallOf } from './RecallOf'
import { Button, LINE_LINK } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { STATES, STEPS } from './text'
import { TopicEntries } from './TopicEntries'
import { TopicHabits } from './TopicHabits'
import { TopicPlots } from './TopicPlots'
import { useOpening } from '../../ui/opening'
import { wording } from './wording'

const MoreOfIt = lazy(() => import('./MoreOfIt'))

type Topic = Schemas['TopicView']

/** One topic: how it went on the left, what can be done about it on the right. */
export default function TopicScreen() {
  const { id = '' } = useParams()
  const [params, setParams] = useSearchParams()
  const facet = params.get('facet') ?? undefined
  return (
    <Waiting query={useQuery(queries.topic(id, facet))}>
      {(topic) => (
        <TwoLeaves>
          <Leaf aria-labelledby="topic">
            <Standing topic={topic} />
            {topic.facets.length > 0 && (
              <SelectField
                label={wording.onlyWhatShows()}
                value={facet ?? ''}
                onChange={(e) =>
                  setParams(e.target.value ? { facet: e.target.value } : {}, { replace: true })
                }
              >
                <option value="">{wording.everything()}</option>
                <Options of={Object.fromEntries(topic.facets.map((f) => [f, f]))} />
              </SelectField>
            )}
            {topic.entries === 0 ? (
              <p className="py-4">
                {wording.nothingDrawnOfItYetFacet({ facet: facet ? wording.thatShowsFacet({ facet }) : '' })}
              </p>
            ) : (
              <TopicPlots topic={topic} />
            )}
            <TopicEntries topic={topic.name} facet={facet} entries={topic.newest} total={topic.entries} />
          </Leaf>
          <Leaf second aria-label={wording.whatToDoAboutIt()}>
            <Actions topic={topic} />
            <Neighbours topic={topic} />
            <Chain topic={topic} />
            <Groups topic={topic} />
            <Resources topic={topic} />
            <Wrong topic={topic} />
            <TopicHabits topic={topic.name} />
            <RecallOf topic={topic} />
          </Leaf>
        </TwoLeaves>
      )}
    </Waiting>
  )
}

function Standing({ topic }: { topic: Topic }) {
  const format = useFormats()
  return (
    <>
      <p>
        <Link to="/topics" className={LINE_LINK}>
          {wording.allTopics()}
        </Link>
      </p>
      <h1 id="topic">{topic.name}</h1>
      <p className="text-faded">{topic.area}</p>
      <p>
        <b>{STATES[topic.state]}</b>
        {topic.freshness != null && topic.last != null && (
          <>
            {wording.freshnessLastDrawnOnLastHalf({
              freshness: format.percent(topic.freshness),
              last: format.dayMonthYear(topic.last),
              halfLifeDays: format.number(Math.round(topic.halfLifeDays)),
              returns: topic.returns,
              minutesEver: format.minutes(topic.minutesEver),
            })}
          </>
        )}
      </p>
      {topic.planned[0] && (
        <p className="text-faded">
          {wording.inThePlanJoin({
            join: topic.planned
              .slice(0, 3)
              .map((p) =>
                wording.titleFrom({
                  title:
                    p.number == null
                      ? p.title
                      : wording.weekNumberTitle2({ number: p.number, title: p.title }),
                  from: format.dayMonth(p.from),
                  minutes: p.minutes > 0 ? ` (${format.minutes(p.minutes)})` : '',
                }),
              )
              .join('; '),
          })}
        </p>
      )}
    </>
  )
}

function Actions({ topic }: { topic: Topic }) {
  const format = useFormats()
  const { put } = useWarmUps()
  const [more, setMore] = useOpening(false)
  const reach = useDepth(topic.id)
  const feels = useWeak(topic.id)
  const { weak, depth } = topic
  return (
    <section aria-label={wording.toDo()}>
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <Button look="ink" disabled={put.isPending} onClick={() => put.mutate({ topic: topic.name })}>
          {wording.asAWarmUpToday()}
        </Button>
        {topic.more && <Button onClick={() => setMore(true)}>{wording.thisFeelsWeak()}</Button>}
        <Link
          to={`/sitting?topic=${encodeURIComponent(topic.name)}&title=${encodeURIComponent(topic.name)}`}
          className={LINE_LINK}
        >
          {wording.aSitting()}
        </Link>
      </div>
      {weak && (
        <p className="mt-2">
          {wording.itFeelsWeakSinceSinceDrawn({
            since: format.dayMonth(weak.since),
            drawn: weak.drawn,
            drawings: weak.drawings,
          })}{' '}
          <Button look="quiet" onClick={() => feels.mutate(null)}>
            {wording.noLonger()}
          </Button>
        </p>
      )}
      <div className="mt-3 max-w-xs">
        <SelectField
          label={wording.depthReached()}
          value={depth ?? ''}
          onChange={(e) => reach.mutate((e.target.value || null) as Topic['depth'] & string)}
        >
          <option value="">{wording.noneYet()}</option>
          <Options of={DEPTHS} />
        </SelectField>
      </div>
      {topic.depths.length > 0 && (
        <p className="text-faded text-sm">
          {Object.values(DEPTHS)
            .map((name, i) => topic.depths[i] && `${name}: ${topic.depths[i]}`)
            .filter(Boolean)
            .join(' · ')}
        </p>
      )}
      <Suspense>
        {more && topic.more && (
          <MoreOfIt
            topic={topic.name}
            of={topic.more}
            onClose={() => setMore(false)}
            onMade={(drawings) => feels.mutate({ drawings })}
          />
        )}
      </Suspense>
    </section>
  )
}

function Neighbours({ topic }: { topic: Topic }) {
  const format = useFormats()
  const list = (name: string, others: Schemas['Neighbour'][]) =>
    others.length > 0 && (
      <p>
        <span className="text-faded">{name}</span>{' '}
        {others.map((other, i) => (
          <span key={other.name}>
            {i > 0 && ', '}
            {other.id ? (
              <Link to={`/topics/${other.id}`} className="underline underline-offset-4">
                {other.name}
              </Link>
            ) : (
              other.name
            )}{' '}
            <span className={other.state === 'RUSTY' ? 'text-sanguine' : 'text-faded'}>
              ({STATES[other.state]}
              {other.freshness != null && ` ${format.percent(other.freshness)}`})
            </span>
          </span>
        ))}
      </p>
    )
  return (
    <section aria-label={wording.aroundIt()} className="mt-5">
      {list(wording.needs(), topic.needs)}
      {list(wording.neededBy(), topic.neededBy)}
    </section>
  )
}

function Chain({ topic }: { topic: Topic }) {
  const format = useFormats()
  const { chain } = topic.record
  if (topic.entries === 0) {
    return null
  }
  const next = chain.find((link) => link.entries === 0)
  return (
    <section aria-labelledby="chain" className="mt-5">
      <h2 id="chain">{wording.fromLookingToKnowing()}</h2>
      <ol className="flex flex-wrap gap-x-2">
        {chain.map((link, i) => (
          <li key={link.step} className={link.entries === 0 ? 'text-faded' : ''}>
            {i > 0 && <span aria-hidden>→ </span>}
            {STEPS[link.step]}{' '}
            <span className="text-faded">
              {link.entries === 0
                ? wording.notYet()
                : `${format.number(link.entries)}×${link.last ? wording.lastLast({ last: format.dayMonth(link.last) }) : ''}`}
            </span>
          </li>
        ))}
      </ol>
      {topic.missing && (
        <p>
          {wording.missingWithoutReferenceOnDay({ day: format.dayMonth(topic.missing.day) })}{' '}
          <span className="font-serif italic">{topic.missing.text}</span> {wording.thatIsWhatToStudyNext()}
        </p>
      )}
      {next && !topic.missing && (
        <p className="text-faded">{wording.nextWouldBeStep({ step: STEPS[next.step] })}</p>
      )}
    </section>
  )
}

const GROUPS: Record<string, string> = { WITH: wording.withReference(), WITHOUT: wording.withoutReference() }

function Groups({ topic }: { topic: Topic }) {
  const format = useFormats()
  const groups = [...topic.record.groups, ...topic.record.facets].filter((g) => g.entries > 0)
  if (groups.length === 0) {
    return null
  }
  return (
    <section aria-labelledby="groups" className="mt-5">
      <h2 id="groups">{wording.sideBySide()}</h2>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <thead>
            <tr className="text-faded text-sm">
              <th scope="col" className="font-normal">
                {wording.drawn()}
              </th>
              <th scope="col" className="font-normal">
                {wording.entries2()}
              </th>
              <th scope="col" className="font-normal">
                {wording.meanMark()}
              </th>
              <th scope="col" className="font-normal">
                {wording.wentWrong()}
              </th>
            </tr>
          </thead>
          <tbody>
            {groups.map((g) => (
              <tr key={g.name} className="border-hairline border-t">
                <th scope="row" className="font-normal">
                  {GROUPS[g.name] ?? g.name}
                </th>
                <td>{g.entries}</td>
                <td>
                  {g.marked === 0 ? (
                    <span className="text-faded">{wording.noMarks()}</span>
                  ) : (
                    <>
                      {format.decimal(g.meanMark)}{' '}
                      <span className="text-faded">{wording.ofMarked({ marked: g.marked })}</span>
                    </>
                  )}
                </td>
                <td>{g.wentWrong}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

function Resources({ topic }: { topic: Topic }) {
  const format = useFormats()
  const named = topic.record.resources.filter((r) => r.resource !== '')
  const kinds = topic.record.kinds.filter((k) => k.resource !== '')
  return named.length === 0 ? null : (
    <section aria-labelledby="resources" className="mt-5">
      <h2 id="resources">{wording.learnedFrom()}</h2>
      <ul>
        {topic.record.resources.map((r) => (
          <li key={r.resource}>
            {r.resource || <span className="text-faded">{wording.nothingNamed()}</span>}{' '}
            <span className="text-faded">
              {format.minutes(r.minutes)}, {format.percent(r.share)}
            </span>
          </li>
        ))}
      </ul>
      {kinds.length > 0 && (
        <p className="text-faded">
          {wording.byKindJoin({
            join: kinds.map((k) => `${resourceKind(k.resource)} ${format.percent(k.share)}`).join(' · '),
          })}
        </p>
      )}
    </section>
  )
}

function Wrong({ topic }: { topic: Topic }) {
  const format = useFormats()
  return topic.wentWrong.length === 0 ? null : (
    <section aria-labelledby="wrong" className="mt-5">
      <h2 id="wrong">{wording.whatWentWrong()}</h2>
      <ul>
        {topic.wentWrong.map((w) => (
          <li key={w.entry}>
            <Link to={`/day/${w.day}`} className="text-faded underline underline-offset-4">
              {format.dayMonth(w.day)}
            </Link>{' '}
            <span className="font-serif italic">{w.text}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
