import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Refused } from '../../ui/Refused'
import { useSettled } from '../../ui/useSettled'
import { wording } from './wording'

const RESTS_MS = 600

/** The courses that share the room: which one is shown, and how the room is parted. */
export function Followed({
  followed,
  shown,
  onPlan,
}: {
  followed: Schemas['Followed'][]
  shown: string
  onPlan: (placement: string) => void
}) {
  const client = useQueryClient()
  const weigh = useMutation({
    mutationFn: (main: number) =>
      answer(
        api.PUT('/api/course/weights', {
          body: {
            weights: Object.fromEntries(
              followed.map((plan) => [plan.placement, plan.side ? 100 - main : main]),
            ),
          },
        }),
      ),
    onSuccess: () => refreshAll(client),
  })
  const all = followed.reduce((sum, plan) => sum + plan.weight, 0)
  const main = followed.find((plan) => !plan.side)
  const kept = main ? Math.round((main.weight / all) * 100) : 0
  // Moved by mouse or keys, it is written once it rests.
  const [moved, setMoved] = useState<number>()
  const settled = useSettled(moved, RESTS_MS)
  const part = moved ?? kept
  const { mutate } = weigh
  useEffect(() => {
    if (settled !== undefined) {
      mutate(settled, { onSettled: () => setMoved((now) => (now === settled ? undefined : now)) })
    }
  }, [settled, mutate])
  if (followed.length < 2) {
    return null
  }
  return (
    <div className="mb-3 flex flex-wrap items-baseline gap-x-6 gap-y-1">
      {followed.map((plan) =>
        plan.placement === shown ? (
          <b key={plan.placement} className="py-1">
            {plan.title}
          </b>
        ) : (
          <Button key={plan.placement} onClick={() => onPlan(plan.placement)}>
            {plan.title}
          </Button>
        ),
      )}
      {main && (
        <label className="text-faded flex items-center gap-2">
          {wording.theRoomGoesPartToTitle({ part, title: main.title })}
          <input
            type="range"
            min={10}
            max={90}
            step={5}
            value={part}
            onChange={(event) => setMoved(Number(event.currentTarget.value))}
          />
        </label>
      )}
      <Refused error={weigh.error} fields={[]} className="w-full" />
    </div>
  )
}
