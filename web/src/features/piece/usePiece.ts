import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { useNotice } from '../../ui/Notices'
import type { Piece, Stage } from './text'

/** Writes to a piece; each can be taken back. */
export function usePiece(piece: Piece) {
  const client = useQueryClient()
  const say = useNotice()
  const path = { params: { path: { id: piece.id } } }
  const onError = (error: Error) => say(`Not kept: ${error.message}`)
  const put = async (version: number, fields: Schemas['PieceFields']) => {
    const kept = await answer(api.PUT('/api/pieces/{id}', { ...path, body: { version, fields } }))
    client.setQueryData(queries.piece(piece.id).queryKey, kept)
    return kept
  }
  const change = useMutation({
    mutationFn: ({ fields }: { fields: Schemas['PieceFields']; words: string }) => put(piece.version, fields),
    onSuccess: (kept, { words }) => {
      say(words, {
        label: 'Undo',
        run: () => void put(kept.version, piece.fields).then(() => refreshAll(client), onError),
      })
      return refreshAll(client)
    },
    onError,
  })
  const changeStage = (id: string, some: Partial<Stage>, words: string) =>
    change.mutate({
      words,
      fields: {
        ...piece.fields,
        stages: piece.fields.stages.map((s) => (s.id === id ? { ...s, ...some } : s)),
      },
    })
  const log = useMutation({
    mutationFn: ({ stage, fields }: { stage: string; fields: Schemas['EntryFields'] }) =>
      answer(
        api.POST('/api/pieces/{id}/entries', {
          ...path,
          body: { stage, entry: crypto.randomUUID(), fields },
        }),
      ),
    onSuccess: (kept) => {
      client.setQueryData(queries.piece(piece.id).queryKey, kept)
      say('Logged.')
      return refreshAll(client)
    },
    onError,
  })
  return { change, changeStage, log }
}
