import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import type { UnderWay } from '../../shared/sitting/cabinet'
import { DueRecall } from '../../shared/topic/DueRecall'
import { recallAt } from '../../shared/topic/recall'
import { LINE_LINK } from '../../ui/Button'
import { useSettled } from '../../ui/useSettled'
import { wording } from './wording'

/** Milliseconds that a typed subject rests before the server is asked what belongs to it. */
const PAUSE = 300

/** Before a sitting: what is still there of what it needs, and the steps of its topic. */
export function StepsOfTopic({ subject }: { subject: string }) {
  const [params] = useSearchParams()
  const settled = useSettled(subject, PAUSE)
  const topics = [settled, ...(params.get('of') ?? '').split(','), params.get('topic') ?? ''].filter(Boolean)
  const before = useQuery(queries.recallBefore([...new Set(topics)])).data
  if (!before) {
    return null
  }
  const state = { search: params.toString() } satisfies UnderWay
  return (
    <>
      {before.first && (
        <p className="mt-3">
          <span className="text-faded">{wording.toWarmUpStillThere()}</span>{' '}
          <DueRecall due={before.first} state={state} />
        </p>
      )}
      {before.orders.map((order) => (
        <Steps key={order.id} order={order} state={state} />
      ))}
    </>
  )
}

function Steps({ order, state }: { order: Schemas['OrderBefore']; state: UnderWay }) {
  return (
    <details className="mt-3">
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        {order.title}
        {order.due && <span className="text-faded">{wording.askedForToday()}</span>}
      </summary>
      {order.due && (
        <Link to={recallAt({ kind: 'ORDER', id: order.id })} state={state} className={LINE_LINK}>
          {wording.putItInOrderFirst()}
        </Link>
      )}
      <ol className="list-decimal pl-6">
        {order.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </details>
  )
}
