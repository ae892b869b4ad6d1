import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef } from 'react'
import { queries, refreshAll } from '../api/queries'

/** Timers stop while a machine sleeps: this long at most until a page finds out that the day has turned. */
const LONGEST_MS = 5 * 60_000
const AFTER_MS = 500

/** Lets a page that is left open turn with the practice day: all that it shows is read anew. */
export function useTurn() {
  const client = useQueryClient()
  const day = useQuery({
    ...queries.turn(),
    refetchInterval: ({ state }) => Math.min(LONGEST_MS, (state.data?.endsInMillis ?? LONGEST_MS) + AFTER_MS),
    refetchOnWindowFocus: 'always',
  }).data?.day
  const shown = useRef(day)
  useEffect(() => {
    if (day !== undefined && shown.current !== undefined && day !== shown.current) {
      void refreshAll(client)
    }
    shown.current = day ?? shown.current
  }, [day, client])
}
