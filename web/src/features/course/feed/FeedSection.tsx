import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../../api/client'
import { queries } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { useNotice } from '../../../ui/Notices'
import { wording } from '../wording'

/** The address at which a calendar program on this machine finds the plan. */
export function FeedSection() {
  const client = useQueryClient()
  const say = useNotice()
  const feed = useQuery(queries.feed()).data
  const renew = useMutation({
    mutationFn: () => answer(api.POST('/api/feed')),
    onSuccess: (renewed) => {
      client.setQueryData(queries.feed().queryKey, renewed)
      say(wording.theOldAddressAnswersNoMore())
    },
  })
  return (
    <section aria-labelledby="feed">
      <h2 id="feed" className="border-ink mt-8 border-t pt-4">
        {wording.calendar()}
      </h2>
      <p className="text-faded">{wording.aCalendarProgramOnThisMachine()}</p>
      <div className="max-w-2xl">
        <Field
          label={wording.address()}
          readOnly
          value={feed?.address ?? ''}
          onFocus={(e) => e.target.select()}
        />
      </div>
      <p className="mt-2 flex flex-wrap gap-x-6">
        <a href="/api/plan.ics" className={LINE_LINK}>
          {wording.downloadPlanIcs()}
        </a>
        <Button disabled={renew.isPending} onClick={() => renew.mutate()}>
          {wording.makeANewAddress()}
        </Button>
      </p>
    </section>
  )
}
