import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, Problem } from '../../api/client'
import { queries } from '../../api/queries'
import { useNotKept } from '../../ui/Notices'
import type { Comparison, Told } from './text'

/** What changes, from what was told so far. */
export type Change = (change: (was: Told) => Partial<Told>) => void

const AGAIN = 3

/**
 * Writes to a comparison. What is changed shows at once; writes go one after the other, each on top of what is
 * kept then, so that what was set in another window stays.
 */
export function useComparison(comparison: Comparison) {
  const client = useQueryClient()
  const notKept = useNotKept()
  const [before, setBefore] = useState<Told[]>([])
  const key = queries.comparison(comparison.id).queryKey
  const mutationKey = ['comparison', comparison.id]
  const path = { params: { path: { id: comparison.id } } }
  const now = () => client.getQueryData(key) ?? comparison
  const write = useMutation({
    mutationKey,
    scope: { id: `comparison ${comparison.id}` },
    mutationFn: async ({ change, fit }: { change: (was: Told) => Partial<Told>; fit: boolean }) => {
      for (let tried = 1; ; tried++) {
        const kept = await answer(api.GET('/api/bench/comparisons/{id}', path))
        const fields = { ...kept.fields, ...change(kept.fields) }
        try {
          return await answer(
            api.PUT('/api/bench/comparisons/{id}', {
              ...path,
              body: { version: kept.version, day: null, fields, fit },
            }),
          )
        } catch (error) {
          if (!(error instanceof Problem) || error.current === undefined || tried === AGAIN) {
            throw error
          }
        }
      }
    },
    onSuccess: (kept) => {
      const more = client.isMutating({ mutationKey }) > 1
      client.setQueryData(key, more ? { ...kept, fields: now().fields } : kept)
      if (!more) {
        void client.invalidateQueries({ queryKey: ['bench'] })
      }
    },
    onError: (error) => {
      notKept(error)
      void client.invalidateQueries({ queryKey: key })
    },
  })
  const put = (change: (was: Told) => Partial<Told>, fit = false) => {
    const shown = now()
    client.setQueryData(key, { ...shown, fields: { ...shown.fields, ...change(shown.fields) } })
    write.mutate({ change, fit })
  }
  const change: Change = (change) => {
    setBefore([...before, now().fields])
    put(change)
  }
  const undo = () => {
    const last = before.at(-1)
    if (last) {
      setBefore(before.slice(0, -1))
      put(() => last)
    }
  }
  /** Tells that the landmarks fit the pictures as they are now. */
  const fit = () => put(() => ({}), true)
  return { change, undo, undoable: before.length > 0, fit }
}
