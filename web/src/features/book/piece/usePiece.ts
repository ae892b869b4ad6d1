import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../../api/client'
import { queries, refreshAll } from '../../../api/queries'
import { useNotKept, useNotice } from '../../../ui/Notices'
import type { Piece, Stage } from './text'
import { wording } from '../wording'

type Told = Schemas['PieceFields']

/** Writes to a piece, one after the other, so that a quick second press stands on the first; each can be taken back. */
export function usePiece(piece: Piece) {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const path = { params: { path: { id: piece.id } } }
  const key = queries.piece(piece.id).queryKey
  const onError = notKept
  const put = async (version: number, fields: Told) => {
    const kept = await answer(api.PUT('/api/pieces/{id}', { ...path, body: { version, fields } }))
    client.setQueryData(key, kept)
    return kept
  }
  const change = useMutation({
    scope: { id: `piece ${piece.id}` },
    mutationFn: async ({ to }: { to: (fields: Told) => Told; words: string }) => {
      const before = client.getQueryData(key) ?? piece
      return { before, kept: await put(before.version, to(before.fields)) }
    },
    onSuccess: ({ before, kept }, { words }) => {
      say(words, {
        label: wording.undo(),
        run: () => void put(kept.version, before.fields).then(() => refreshAll(client), onError),
      })
      void refreshAll(client)
    },
    onError,
  })
  const changeStage = (id: string, some: Partial<Stage>, words: string) =>
    change.mutate({
      words,
      to: (fields) => ({
        ...fields,
        stages: fields.stages.map((s) => (s.id === id ? { ...s, ...some } : s)),
      }),
    })
  const end = (ended: boolean, words: string) =>
    change.mutate({ words, to: (fields) => ({ ...fields, ended }) })
  const log = useMutation({
    mutationFn: ({ stage, fields }: { stage: string; fields: Schemas['EntryFields'] }) =>
      answer(
        api.POST('/api/pieces/{id}/entries', {
          ...path,
          body: { stage, entry: crypto.randomUUID(), fields },
        }),
      ),
    onSuccess: (kept) => {
      client.setQueryData(key, kept)
      say(wording.logged())
      return refreshAll(client)
    },
    onError,
  })
  return { end, changeStage, log }
}
