import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../api/client'
import { BOUNDS } from '../api/generated/bounds'
import { useNotKept, useNotice } from '../ui/Notices'
import { wording } from './wording'

type End = Schemas['OpenEndView']

/** Where an open end is gone on with. */
export const endAt = (end: End) =>
  end.kind === 'PIECE'
    ? `/pieces/${end.id}`
    : end.kind === 'RESOURCE'
      ? `/shelf/${end.id}`
      : `/sitting?${new URLSearchParams({ topic: end.text.slice(0, BOUNDS.BegunSitting.topic.maxLength) }).toString()}`

/** Writes to open ends. */
export function useOpenEnds() {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const onSuccess = () => client.invalidateQueries({ queryKey: ['what-for', 'open-ends'] })
  const onError = notKept
  const settle = useMutation({
    mutationFn: ({ id, state }: Pick<End, 'id' | 'state'>) =>
      answer(api.PUT('/api/what-for/open-ends/{id}/state', { params: { path: { id } }, body: { state } })),
    onSuccess,
    onError,
  })
  const note = useMutation({
    mutationFn: (text: string) =>
      answer(
        api.PUT('/api/what-for/open-ends/{id}', {
          params: { path: { id: crypto.randomUUID() } },
          body: { text },
        }),
      ),
    onSuccess,
    onError,
  })
  /** Settles one and offers to take that back. */
  const settleWithUndo = (end: End, state: End['state']) =>
    settle.mutate(
      { id: end.id, state },
      {
        onSuccess: () =>
          say(state === 'LET_GO' ? wording.letGo() : wording.done(), {
            label: wording.undo(),
            run: () => settle.mutate({ id: end.id, state: 'OPEN' }),
          }),
      },
    )
  return { settle: settleWithUndo, note }
}
