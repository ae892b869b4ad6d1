import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotice } from '../../ui/Notices'
import { wording } from './wording'

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
      say(wording.takenBackThePlanIsAs())
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
      say(wording.thePlanIsChanged(), { label: wording.undo(), run: () => undo.mutate(made) })
      return refreshAll(client)
    },
  })
  return { change, undo }
}
