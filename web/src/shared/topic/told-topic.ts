import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotKept } from '../../ui/Notices'

/** Tells how deep a topic is reached. */
export function useDepth(topic: string) {
  const client = useQueryClient()
  const notKept = useNotKept()
  return useMutation({
    mutationFn: (depth: Schemas['ReachedDepth']['depth']) =>
      answer(api.PUT('/api/coverage/{topic}/depth', { params: { path: { topic } }, body: { depth } })),
    onSuccess: () => refreshAll(client),
    onError: notKept,
  })
}

/** Tells that a topic feels weak, with so many more drawings wished for; or, with null, that it does no longer. */
export function useWeak(topic: string) {
  const client = useQueryClient()
  const notKept = useNotKept()
  return useMutation({
    mutationFn: (weak: Schemas['FeelsWeak'] | null) => {
      const params = { path: { topic } }
      return answer(
        weak
          ? api.PUT('/api/coverage/{topic}/weak', { params, body: weak })
          : api.DELETE('/api/coverage/{topic}/weak', { params }),
      )
    },
    onSuccess: () => refreshAll(client),
    onError: notKept,
  })
}
