import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../../api/client'
import { refreshAll } from '../../../api/queries'
import { useNotice } from '../../../ui/Notices'
import type { Name } from './text'
import { wording } from '../wording'

/** Changing names; each change can be taken back, and whatever is written, all pages are read anew. */
export function useNameChanges() {
  const client = useQueryClient()
  const say = useNotice()
  const refresh = () => refreshAll(client)

  const undo = useMutation({
    mutationFn: (change: string) =>
      answer(api.POST('/api/names/changes/{change}/undo', { params: { path: { change } } })),
    onSuccess: () => {
      say(wording.takenBack())
      return refresh()
    },
    onError: (error) => say(error.message),
  })
  const changed =
    (said: string) =>
    (_: unknown, { change }: { change: string }) => {
      say(said, { label: wording.undo(), run: () => undo.mutate(change) })
      return refresh()
    }

  const create = useMutation({
    mutationFn: (name: Schemas['NewName']) => answer(api.POST('/api/names', { body: name })),
    onSuccess: refresh,
  })
  const rename = useMutation({
    mutationFn: ({ name, change, text }: { name: Name; change: string; text: string }) =>
      answer(api.PUT('/api/names/{id}/text', { params: { path: { id: name.id } }, body: { change, text } })),
    onSuccess: (_, made) =>
      changed(wording.textIsText2EverywhereNow({ before: made.name.text, after: made.text }))(_, made),
  })
  const describe = useMutation({
    mutationFn: ({ name, ...body }: { name: Name } & Schemas['Description']) =>
      answer(api.PUT('/api/names/{id}/description', { params: { path: { id: name.id } }, body })),
    onSuccess: changed(wording.kept()),
  })
  const merge = useMutation({
    mutationFn: ({ name, change, into }: { name: Name; change: string; into: Name }) =>
      answer(
        api.POST('/api/names/{id}/merge', {
          params: { path: { id: name.id } },
          body: { change, into: into.id },
        }),
      ),
    onSuccess: (_, made) =>
      changed(wording.textMeansText2Now({ spelling: made.name.text, name: made.into.text }))(_, made),
  })
  const part = useMutation({
    mutationFn: ({ id, change }: { id: string; change: string }) =>
      answer(api.POST('/api/names/{id}/part', { params: { path: { id } }, body: { change } })),
    onSuccess: changed(wording.itStandsByItselfAgain()),
  })
  const remove = useMutation({
    mutationFn: ({ name, change }: { name: Name; change: string }) =>
      answer(api.DELETE('/api/names/{id}', { params: { path: { id: name.id }, query: { change } } })),
    onSuccess: (_, made) => changed(wording.removedText({ text: made.name.text }))(_, made),
  })
  return { create, rename, describe, merge, part, remove }
}
