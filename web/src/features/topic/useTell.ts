import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotice } from '../../ui/Notices'

/** Tells the depth of a topic, and whether it feels weak. */
export function useTell(topic: string) {
  const client = useQueryClient()
  const say = useNotice()
  return useMutation({
    mutationFn: (body: Schemas['ToldTopic']) =>
      answer(api.PUT('/api/coverage/{topic}', { params: { path: { topic } }, body })),
    onSuccess: () => refreshAll(client),
    onError: (error) => say(`Not kept: ${error.message}`),
  })
}
