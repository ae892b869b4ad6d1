import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { LINE_LINK } from '../../ui/Button'
import { Tally } from '../../ui/Tally'
import { Waiting } from '../../ui/Waiting'
import { Ended } from './Ended'
import { QuotaFan } from './QuotaFan'
import { Running } from './Running'
import { useSaid } from './useSaid'
import { units } from '../../shared/promise/quota-words'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { isAtRisk, isDated, needs, OUTCOMES, promise, unitOf, verdict, weekly, type QuotaLine } from './text'
import { wording } from './wording'

/** Quotas: what was promised on the left leaf, one promise with its forecast or its result on the right. */
export default function QuotasScreen() {
  const { id } = useParams()
  return (
    <Waiting query={useQuery(queries.quotas())}>
      {(quotas) => {
        const shown = id ?? quotas[0]?.id
        return (
          <TwoLeaves>
            <List quotas={quotas} shown={shown} />
            <Leaf second className={`wide:order-none ${id ? 'order-first' : ''}`}>
              {shown &&
                (quotas.some((q) => q.id === shown) ? (
                  <One key={shown} id={shown} />
                ) : (
                  <p>{wording.thisQuotaIsNotThereAny()}</p>
                ))}
            </Leaf>
          </TwoLeaves>
        )
      }}
    </Waiting>
  )
}

function One({ id }: { id: string }) {
  return (
    <Waiting query={useQuery(queries.quota(id))}>
      {(quota) => (quota.outcome === 'RUNNING' ? <Running quota={quota} /> : <Ended quota={quota} />)}
    </Waiting>
  )
}

function List({ quotas, shown }: { quotas: QuotaLine[]; shown: string | undefined }) {
  const running = quotas.filter((q) => q.outcome === 'RUNNING')
  const ended = quotas.filter((q) => q.outcome !== 'RUNNING')
  return (
    <Leaf aria-labelledby="quotas" className="no-print">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 id="quotas">{wording.quotas()}</h1>
        <Link to="/quotas/new" className={LINE_LINK}>
          {wording.makeAPromise()}
        </Link>
      </div>
      {quotas.length === 0 && (
        <p className="text-faded py-4">
          {wording.nothingIsPromisedAFirstOne()} <i>{wording.n30CoilsOfRopeInTwo()}</i>
          {wording.theWorksheetSaysWhetherItCan()}
        </p>
      )}
      <ul className="mt-3">
        {running.map((quota) => (
          <RunningLine key={quota.id} quota={quota} shown={quota.id === shown} />
        ))}
      </ul>
      <Held />
      {ended.length > 0 && (
        <>
          <h2 className="mt-8">{wording.over()}</h2>
          <ul>
            {ended.map((quota) => (
              <EndedLine key={quota.id} quota={quota} shown={quota.id === shown} />
            ))}
          </ul>
        </>
      )}
    </Leaf>
  )
}

/** How forecasts held so far, once that tells something. */
function Held() {
  const held = useQuery(queries.forecasts()).data
  return held?.tells ? (
    <p className="text-faded mt-3">
      {wording.ofWeeksWeeksThatAreOver({ weeks: held.weeks, inside: held.inside })}
    </p>
  ) : null
}

const TITLE = 'font-medium underline decoration-hairline underline-offset-4 hover:text-faded'

function RunningLine({ quota, shown }: { quota: QuotaLine; shown: boolean }) {
  const format = useFormats()
  const { progress: p, terms } = quota
  const unit = unitOf(terms)
  const said = useSaid(quota)
  const today = useQuery(queries.today()).data?.day ?? p.from
  return (
    <li
      className={`border-hairline border-t py-3 ${shown ? 'wide:border-l-ink wide:border-l-2 wide:pl-3' : ''}`}
    >
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <Link to={`/quotas/${quota.id}`} className={TITLE} aria-current={shown ? 'true' : undefined}>
          {terms.title}
        </Link>
        <span className="text-faded ml-auto">
          {wording.terms({
            terms: weekly(terms),
            done: format.number(p.done),
            asked: units(p.asked, unit, format),
          })}
        </span>
      </div>
      <div className="flex flex-wrap items-start justify-between gap-x-4">
        <div className="min-w-[min(14rem,100%)] flex-1">
          <Tally
            done={p.done}
            planned={p.asked}
            text={wording.doneOfAsked({ done: p.done, asked: units(p.asked, unit, format) })}
          />
          <p className={isAtRisk(quota) && !said ? 'text-sanguine' : 'text-faded'}>
            {verdict(quota, format)}
          </p>
          {p.left > 0 && isDated(terms) && <p className="text-faded">{needs(quota, today, format)}</p>}
        </div>
        <QuotaFan quota={quota} small />
      </div>
    </li>
  )
}

function EndedLine({ quota, shown }: { quota: QuotaLine; shown: boolean }) {
  const format = useFormats()
  const { terms, record } = quota
  return (
    <li
      className={`border-hairline flex items-baseline justify-between gap-4 border-t py-3 ${shown ? 'wide:border-l-ink wide:border-l-2 wide:pl-3' : ''}`}
    >
      <span>
        <Link to={`/quotas/${quota.id}`} className={TITLE} aria-current={shown ? 'true' : undefined}>
          {terms.title}
        </Link>{' '}
        <span className="text-faded">{promise(terms, format)}</span>
      </span>
      <span className="text-faded ml-auto">
        {quota.outcome !== 'RUNNING' && OUTCOMES[quota.outcome]} · {format.number(record.done)}
        {!weekly(terms) && wording.ofAsked({ asked: format.number(record.asked) })}
      </span>
    </li>
  )
}
