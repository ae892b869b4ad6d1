import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import type { UnderWay } from '../../shared/cabinet'
import { recallAt, WAYS } from '../../shared/recall'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'

type View = Schemas['RecallView']

const fold = (name: string) => name.trim().toLowerCase()

/** What can be recalled of topics, those due first; besides them, what is due at all. */
function ofTopics({ things, due }: View, topics: string[]) {
  const wanted = topics.map(fold)
  const orders = things.filter((t) => t.kind === 'ORDER' && t.topics.some((o) => wanted.includes(fold(o))))
  const mine = due.filter((d) => {
    const thing = things.find((t) => t.kind === d.kind && t.id === d.id)
    return thing?.topics.some((o) => wanted.includes(fold(o)))
  })
  return { orders, due: [...mine, ...due.filter((d) => !mine.includes(d))] }
}

/** Before a sitting: what is still there of what it needs, and the steps of its topic. */
export function StepsOfTopic({ subject }: { subject: string }) {
  const format = useFormats()
  const [params] = useSearchParams()
  const recall = useQuery(queries.recall()).data
  if (!recall) {
    return null
  }
  const topics = [subject, ...(params.get('of') ?? params.get('topic') ?? '').split(',')].filter(Boolean)
  const { orders, due } = ofTopics(recall, topics)
  const [first] = due
  const state = { search: params.toString() } satisfies UnderWay
  return (
    <>
      {first && (
        <p className="mt-3">
          <span className="text-faded">To warm up, still there?</span>{' '}
          <Link to={recallAt(first)} state={state} className={LINE_LINK}>
            {first.title}
          </Link>
          <span className="text-faded">
            , {WAYS[first.way]}, {format.minutes(Math.max(1, Math.round(first.seconds / 60)))}
          </span>
        </p>
      )}
      {orders.map((o) => (
        <Steps
          key={o.id}
          id={o.id}
          title={o.title}
          open={first?.id !== o.id && due.some((d) => d.id === o.id)}
          state={state}
        />
      ))}
    </>
  )
}

function Steps({ id, title, open, state }: { id: string; title: string; open: boolean; state: UnderWay }) {
  const order = useQuery(queries.stepOrder(id)).data
  return (
    <details className="mt-3">
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        {title}
        {open && <span className="text-faded">, asked for today</span>}
      </summary>
      {open && (
        <p>
          <Link to={recallAt({ kind: 'ORDER', id })} state={state} className={LINE_LINK}>
            Put it in order first
          </Link>
        </p>
      )}
      <ol className="list-decimal pl-6">
        {order?.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
    </details>
  )
}
