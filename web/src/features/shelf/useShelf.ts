import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotKept, useNotice } from '../../ui/Notices'
import type { Resource } from './text'
import { wording } from './wording'

/** Writes of the shelf; whatever is written, all pages are read anew. */
export function useShelf() {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const onError = notKept
  const create = useMutation({
    mutationFn: (resource: Schemas['NewResource']) => answer(api.POST('/api/shelf', { body: resource })),
    onSuccess: (made) => {
      say(wording.nameIsOnTheShelf({ name: made.fields.name }))
      return refreshAll(client)
    },
  })
  const change = useMutation({
    mutationFn: ({ resource, fields }: { resource: Resource; fields: Schemas['ResourceFields'] }) =>
      answer(
        api.PUT('/api/shelf/{id}', {
          params: { path: { id: resource.id } },
          body: { version: resource.version, change: crypto.randomUUID(), fields },
        }),
      ),
    onSuccess: () => {
      say(wording.kept())
      return refreshAll(client)
    },
  })
  const back = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/shelf/{id}/back', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const remove = useMutation({
    mutationFn: ({ id }: Resource) => answer(api.DELETE('/api/shelf/{id}', { params: { path: { id } } })),
    onSuccess: (_, { id, fields, used }) => {
      say(
        wording.nameIsOffTheShelfEntries({
          name: fields.name,
          entries:
            used.entries > 0
              ? wording.entriesIt({
                  entries:
                    used.entries === 1
                      ? wording.oneEntryStillNames()
                      : wording.entriesEntriesStillName({ entries: used.entries }),
                })
              : '',
        }),
        { label: wording.undo(), run: () => back.mutate(id) },
      )
      return refreshAll(client)
    },
    onError,
  })
  return { create, change, remove, back }
}
