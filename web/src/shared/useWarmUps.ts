import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../api/client'
import { refreshAll } from '../api/queries'
import { useNotKept, useNotice } from '../ui/Notices'
import { wording } from './wording'

/** Puts a warm-up into today, and takes it out again. */
export function useWarmUps() {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const onError = notKept
  const remove = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/warm-ups/{id}', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const put = useMutation({
    mutationFn: async ({ topic, imagined = false }: { topic: string; imagined?: boolean }) => {
      const id = crypto.randomUUID()
      await answer(api.PUT('/api/warm-ups/{id}', { params: { path: { id } }, body: { topic, imagined } }))
      return id
    },
    onSuccess: (id, { topic }) => {
      say(wording.topicIsAWarmUpOf({ topic }), { label: wording.undo(), run: () => remove.mutate(id) })
      return refreshAll(client)
    },
    onError,
  })
  return { put, remove }
}
