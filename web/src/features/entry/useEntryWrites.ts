import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useNotice } from '../../ui/Notices'
import { entryName } from './text'

type View = Schemas['EntryView']
type Fields = Schemas['EntryFields']

/** The fields of a stored entry, ready to be written again. */
export function fieldsOf(entry: View): Fields {
  return {
    day: entry.day,
    time: entry.time,
    exerciseId: entry.exerciseId,
    topic: entry.topic,
    drawings: entry.drawings,
    minutes: entry.minutes,
    source: entry.source,
    medium: entry.medium,
    resource: entry.resource,
    book: entry.book,
    pageFrom: entry.pageFrom,
    pageTo: entry.pageTo,
    mark: entry.mark,
    wentWrong: entry.wentWrong,
    nextTime: entry.nextTime,
    note: entry.note,
    poses: entry.poses || null,
  }
}

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
    mutationFn: ({ entry }: { entry: View; silent?: boolean }) =>
      answer(
        api.DELETE('/api/entries/{id}', {
          params: { path: { id: entry.id }, query: { version: entry.version } },
        }),
      ),
    onSuccess: (_, { entry, silent }) => {
      if (silent) {
        say('Taken back.')
      } else {
        say(`Removed: ${entryName(entry)}.`, {
          label: 'Undo',
          run: () => create.mutate({ id: entry.id, fields: fieldsOf(entry) }),
        })
      }
      return refresh()
    },
    onError: (error) => say(`Not removed: ${error.message}`),
  })
  return { create, change, remove }
}
