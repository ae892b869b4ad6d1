import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotice } from '../../ui/Notices'

/** A change as it is asked for; fields that its kind does not need are left out. */
export type Change = Schemas['ChangeToMake']

/** Changing a plan and taking a change back; whatever is written, all pages are read anew. */
export function usePlanChanges(placement: string) {
  const client = useQueryClient()
  const say = useNotice()
  const [id, setId] = useState(() => crypto.randomUUID())

  const undo = useMutation({
    mutationFn: (change: string) =>
      answer(api.DELETE('/api/course/changes/{id}', { params: { path: { id: change } } })),
    onSuccess: () => {
      say('Taken back. The plan is as it was before that change.')
      return refreshAll(client)
    },
    onError: (error) => say(error.message),
  })

  const change = useMutation({
    mutationFn: ({ changes, reason }: { changes: Change[]; reason: string }) =>
      answer(
        api.POST('/api/course/{placement}/changes', {
          params: { path: { placement } },
          body: { id, changes, reason },
        }),
      ),
    onSuccess: () => {
      const made = id
      setId(crypto.randomUUID())
      say('The plan is changed.', { label: 'Undo', run: () => undo.mutate(made) })
      return refreshAll(client)
    },
  })
  return { change, undo }
}
