import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotice } from '../../ui/Notices'
import type { Resource } from './text'

/** Writes of the shelf; whatever is written, all pages are read anew. */
export function useShelf() {
  const client = useQueryClient()
  const say = useNotice()
  const onError = (error: Error) => say(`Not kept: ${error.message}`)
  const create = useMutation({
    mutationFn: (resource: Schemas['NewResource']) => answer(api.POST('/api/shelf', { body: resource })),
    onSuccess: (made) => {
      say(`${made.fields.name} is on the shelf.`)
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
      say('Kept.')
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
        `${fields.name} is off the shelf.${used.entries > 0 ? ` ${used.entries === 1 ? 'One entry still names' : `${used.entries} entries still name`} it.` : ''}`,
        { label: 'Undo', run: () => back.mutate(id) },
      )
      return refreshAll(client)
    },
    onError,
  })
  return { create, change, remove, back }
}
