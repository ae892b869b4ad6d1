import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../../api/client'
import { queries } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { useNotice } from '../../../ui/Notices'

/** The address at which a calendar program on this machine finds the plan. */
export function FeedSection() {
  const client = useQueryClient()
  const say = useNotice()
  const feed = useQuery(queries.feed()).data
  const renew = useMutation({
    mutationFn: () => answer(api.POST('/api/feed')),
    onSuccess: (renewed) => {
      client.setQueryData(queries.feed().queryKey, renewed)
      say('The old address answers no more.')
    },
  })
  return (
    <section aria-labelledby="feed">
      <h2 id="feed" className="border-ink mt-8 border-t pt-4">
        Calendar
      </h2>
      <p className="text-faded">
        A calendar program on this machine can subscribe to the plan at this address while Humble Quill runs.
        Whoever knows the address can read the plan.
      </p>
      <div className="max-w-2xl">
        <Field label="Address" readOnly value={feed?.address ?? ''} onFocus={(e) => e.target.select()} />
      </div>
      <p className="mt-2 flex flex-wrap gap-x-6">
        <a href="/api/plan.ics" className={LINE_LINK}>
          Download plan.ics
        </a>
        <Button disabled={renew.isPending} onClick={() => renew.mutate()}>
          Make a new address
        </Button>
      </p>
    </section>
  )
}
