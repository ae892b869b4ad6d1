import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { AwaySheet } from '../away/AwaySheet'
import { wording } from './wording'

/** After a line that says that nothing was drawn: the day can be rest, or the first of a pause. */
export default function DayOff({
  day,
  today,
  reason,
  onDone,
}: {
  day: string
  today: string
  /** What the line said. */
  reason: string
  onDone: () => void
}) {
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const [away, setAway] = useState(false)
  const settings = useQuery(queries.settings()).data
  const rest = useMutation({
    mutationFn: async () => {
      const now = await client.fetchQuery({ ...queries.settings(), staleTime: 0 })
      const time = { ...now.time, restDays: [...now.time.restDays, day] }
      return answer(api.PUT('/api/settings', { body: { ...now, time } }))
    },
    onSuccess: () => {
      say(wording.aRestDayNowTheRun())
      onDone()
      return refreshAll(client)
    },
    onError: notKept,
  })
  if (!settings) {
    return null
  }
  const name = day === today ? 'today' : format.weekdayDate(day)
  return (
    <div role="status" className="mt-2">
      <p>{wording.keptAsANoteDaysYou()}</p>
      <p className="flex flex-wrap gap-x-5">
        {day >= today && !settings.time.restDays.includes(day) && (
          <Button onClick={() => rest.mutate()} disabled={rest.isPending}>
            {wording.makeNameARestDay({ name })}
          </Button>
        )}
        <Button onClick={() => setAway(true)}>{wording.pauseFromNameOn({ name })}</Button>
        <Button look="quiet" onClick={onDone}>
          {wording.neither()}
        </Button>
      </p>
      {away && <AwaySheet first={day} reason={reason.slice(0, 200)} onClose={onDone} />}
    </div>
  )
}
