import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'

/** How often the folder is looked at while the tray is open, in milliseconds. */
const LOOK_MS = 15_000

/** How far the look at the inbox folder is. */
export type Looking = {
  inbox: Schemas['InboxView'] | undefined
  taken: number
  busy: boolean
  stop: () => void
}

/** Looks at the folder again and again, a few pictures at a time, until it is empty or stopped. */
export function useLooking(): Looking {
  const client = useQueryClient()
  const inbox = useQuery(queries.inbox()).data
  const [taken, setTaken] = useState(0)
  const [stopped, setStopped] = useState(false)
  const { mutate, isPending } = useMutation({
    mutationFn: () => answer(api.POST('/api/inbox/look')),
    onSuccess: (seen) => {
      client.setQueryData(queries.inbox().queryKey, seen)
      setTaken((before) => before + seen.taken)
      return seen.taken > 0 ? refreshAll(client) : undefined
    },
  })
  const path = inbox?.path
  const left = inbox?.left ?? 0
  useEffect(() => {
    if (!path || stopped || isPending) {
      return
    }
    const timer = setTimeout(mutate, left > 0 ? 0 : LOOK_MS)
    return () => clearTimeout(timer)
  }, [path, left, taken, stopped, isPending, mutate])
  return { inbox, taken, busy: !stopped, stop: () => setStopped(true) }
}
