import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotice } from '../../ui/Notices'
import { entryName, type Entry, type Fields } from './fields'
import { wording } from './wording'

/** Creating, changing and removing entries; whatever is written, all pages are read anew. */
export function useEntryWrites() {
  const client = useQueryClient()
  const say = useNotice()
  const refresh = () => refreshAll(client)

  const create = useMutation({
    mutationFn: ({ id, fields }: { id: string; fields: Fields }) =>
      answer(api.POST('/api/entries', { body: { id, fields } })),
    onSuccess: refresh,
  })
  const change = useMutation({
    mutationFn: ({ id, version, fields }: { id: string; version: number; fields: Fields }) =>
      answer(api.PUT('/api/entries/{id}', { params: { path: { id } }, body: { version, fields } })),
    onSuccess: refresh,
  })
  const remove = useMutation({
    mutationFn: ({ entry }: { entry: Entry; silent?: boolean }) =>
      answer(
        api.DELETE('/api/entries/{id}', {
          params: { path: { id: entry.id }, query: { version: entry.version } },
        }),
      ),
    onSuccess: (_, { entry, silent }) => {
      if (silent) {
        say(wording.takenBack())
      } else {
        say(wording.removedEntry({ entry: entryName(entry) }), {
          label: wording.undo(),
          run: () => create.mutate({ id: entry.id, fields: entry.fields }),
        })
      }
      return refresh()
    },
    onError: (error) => say(wording.notRemovedMessage({ message: error.message })),
  })
  return { create, change, remove }
}
