import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'

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
    mutationFn: async (main: number) => {
      for (const plan of followed) {
        await answer(
          api.PUT('/api/course/{placement}/weight', {
            params: { path: { placement: plan.placement } },
            body: { weight: plan.side ? 100 - main : main },
          }),
        )
      }
    },
    onSuccess: () => refreshAll(client),
  })
  if (followed.length < 2) {
    return null
  }
  const all = followed.reduce((sum, plan) => sum + plan.weight, 0)
  const main = followed.find((plan) => !plan.side)
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
          The room goes {Math.round((main.weight / all) * 100)} % to {main.title}
          <input
            type="range"
            min={10}
            max={90}
            step={5}
            defaultValue={Math.round((main.weight / all) * 100)}
            onPointerUp={(event) => weigh.mutate(Number(event.currentTarget.value))}
            onKeyUp={(event) => weigh.mutate(Number(event.currentTarget.value))}
          />
        </label>
      )}
    </div>
  )
}
