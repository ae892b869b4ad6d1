import { useMutation, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { queries } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { Refused } from '../../../ui/Refused'
import { Waiting } from '../../../ui/Waiting'
import { Files } from './Files'
import { mixed } from './mixed'
import { Next } from './Next'
import { OneByOne } from './OneByOne'
import { useAsked } from './useAsked'
import { WayBack } from './WayBack'
import { wording } from '../wording'

type Order = Schemas['OrderView']

/** An order of steps, mixed and to be put right. */
export default function OrderScreen() {
  const { id = '' } = useParams()
  return (
    <Waiting query={useQuery(queries.stepOrder(id))}>
      {(order) => <PutRight key={id} order={order} />}
    </Waiting>
  )
}

function PutRight({ order }: { order: Order }) {
  const asked = useAsked()
  const [left, setLeft] = useState(() => mixed(order.steps))
  const [said, setSaid] = useState<string[]>([])
  const [reading, setReading] = useState(false)
  const [oneByOne, setOneByOne] = useState(false)
  const keep = useMutation({
    mutationFn: (steps: string[]) =>
      answer(
        api.POST('/api/recall/orders/{id}/ordered', {
          params: { path: { id: order.id } },
          body: { steps },
        }),
      ),
    onSuccess: asked,
  })
  const result = keep.data
  return (
    <div className="wide:px-8 max-w-3xl px-4 py-6">
      <p className="text-right">
        <WayBack>{wording.allPlatesAndOrders()}</WayBack>
      </p>
      <h1>{order.title}</h1>
      {result || reading ? (
        <>
          {result && (
            <p className="mt-2 font-serif text-xl">
              {wording.rightOfStepsOneByOne({ right: result.right, steps: order.steps.length, oneByOne })}
            </p>
          )}
          <ol className="mt-3 list-decimal pl-6">
            {order.steps.map((step, i) => (
              <li key={step} className="py-0.5">
                {step}
                {result && !oneByOne && said[i] !== step && (
                  <span className="text-faded"> {wording.youHadI({ i: said[i] ?? wording.nothing() })}</span>
                )}
              </li>
            ))}
          </ol>
          {result && <Next after={order.id} />}
        </>
      ) : oneByOne ? (
        <>
          <OneByOne steps={order.steps} onDone={(had) => keep.mutate(had)} />
          <Refused error={keep.error} />
        </>
      ) : (
        <>
          <p className="text-faded">{wording.pressTheStepsInTheOrder()}</p>
          <ol className="mt-3 list-decimal pl-6" aria-label={wording.yourOrder()}>
            {said.map((step) => (
              <li key={step} className="py-0.5">
                {step}
              </li>
            ))}
          </ol>
          {said.length > 0 && (
            <Button
              look="quiet"
              onClick={() => {
                setLeft([...left, said.at(-1) ?? ''])
                setSaid(said.slice(0, -1))
              }}
            >
              {wording.takeTheLastOneBack()}
            </Button>
          )}
          <ul className="mt-3" aria-label={wording.stepsThatAreLeft()}>
            {left.map((step) => (
              <li key={step}>
                <Button
                  onClick={() => {
                    setSaid([...said, step])
                    setLeft(left.filter((s) => s !== step))
                  }}
                >
                  {step}
                </Button>
              </li>
            ))}
          </ul>
          <Refused error={keep.error} />
          <p className="mt-4 flex gap-5">
            <Button look="ink" disabled={left.length > 0 || keep.isPending} onClick={() => keep.mutate(said)}>
              {wording.thatIsTheOrder()}
            </Button>
            {said.length === 0 && (
              <Button look="quiet" onClick={() => setOneByOne(true)}>
                {wording.oneByOneInstead()}
              </Button>
            )}
            <Button look="quiet" onClick={() => setReading(true)}>
              {wording.onlyReadIt()}
            </Button>
          </p>
        </>
      )}
      <Files id={order.id} kind="orders" own={order.version != null} />
    </div>
  )
}
