import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useRef, useState } from 'react'
import { answer, api } from '../../api/client'
import type { Sitting } from './text'

const LOOK_MS = 30

export type Press = 'PAUSE' | 'RESUME' | 'SKIP' | 'BACK' | 'FINISH'

/** Where a sitting stands at this moment. */
export type Now = {
  /** Index of the step under way; the number of steps once all are over. */
  step: number
  leftMillis: number
  /** 1 at the beginning of the step, 0 at its end. */
  leftShare: number
  picture: string | null
  next: string | null
  over: boolean
}

/** Reads the step off the server's timetable: by the clock, however long the tab slept. */
export function stepAt(sitting: Sitting, serverNow: number): Now {
  const { left, steps } = sitting
  const i = sitting.paused ? 0 : left.findIndex((ahead) => ahead.ends > serverNow)
  const ahead = i < 0 ? undefined : left[i]
  if (sitting.over || !ahead) {
    return { step: steps.length, leftMillis: 0, leftShare: 0, picture: null, next: null, over: true }
  }
  const leftMillis = sitting.paused ? sitting.leftMillis : ahead.ends - serverNow
  const all = (steps[ahead.step]?.seconds ?? 1) * 1000
  const later = left.slice(i + 1).find((a) => a.picture && a.picture !== ahead.picture)
  return {
    step: ahead.step,
    leftMillis,
    leftShare: Math.min(1, leftMillis / all),
    picture: ahead.picture ?? null,
    next: later?.picture ?? null,
    over: false,
  }
}

/** A sitting with how far the server's clock is ahead of this one's, which half of the way there and back tells. */
type Timed = Sitting & { ahead: number }

async function timed(request: Promise<Sitting>): Promise<Timed> {
  const asked = Date.now()
  const sitting = await request
  return { ...sitting, ahead: sitting.now - (asked + Date.now()) / 2 }
}

/** A sitting that runs: where it stands, and what can be pressed. */
export function useSitting(id: string) {
  const client = useQueryClient()
  const key = ['sittings', id]
  const query = useQuery({
    queryKey: key,
    queryFn: () => timed(answer(api.GET('/api/sittings/{id}', { params: { path: { id } } }))),
    staleTime: Infinity,
  })
  const sitting = query.data
  const [clock, setClock] = useState(() => Date.now())
  useEffect(() => {
    const look = () => setClock(Date.now())
    const timer = setInterval(look, LOOK_MS)
    document.addEventListener('visibilitychange', look)
    return () => {
      clearInterval(timer)
      document.removeEventListener('visibilitychange', look)
    }
  }, [])
  const now = sitting && stepAt(sitting, Math.max(clock, query.dataUpdatedAt) + sitting.ahead)
  const refetch = query.refetch
  const closing = useRef(false)
  useEffect(() => {
    if (now?.over && sitting && !sitting.over && !closing.current) {
      closing.current = true
      void refetch().finally(() => {
        closing.current = false
      })
    }
  }, [now?.over, sitting, refetch])
  const press = useCallback(
    async (what: Press) => {
      const known = client.getQueryData<Sitting>(['sittings', id])?.events ?? 0
      const after = await timed(
        answer(
          api.POST('/api/sittings/{id}/press', {
            params: { path: { id } },
            body: { press: what, known },
          }),
        ),
      )
      client.setQueryData(['sittings', id], after)
    },
    [client, id],
  )
  return { query, sitting, now, press }
}
