import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../api/client'
import { BOUNDS } from '../api/generated/bounds'
import { queries } from '../api/queries'
import { Button } from '../ui/Button'
import { SelectField } from '../ui/Field'
import { useNotKept, useNotice } from '../ui/Notices'
import { wording } from './wording'

/** Keeps what was measured with a piece that is under way: it is written to what the piece is about. */
export function KeepWithPiece({ words }: { words: string }) {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const pieces = (useQuery(queries.pieces()).data ?? []).filter((p) => !p.fields.ended)
  const [chosen, setChosen] = useState('')
  const id = pieces.some((p) => p.id === chosen) ? chosen : pieces[0]?.id
  const keep = useMutation({
    mutationFn: async (piece: string) => {
      const path = { params: { path: { id: piece } } }
      const { version, fields } = await answer(api.GET('/api/pieces/{id}', path))
      const about = `${fields.about}\n${words}`.trim()
      if (about.length > (BOUNDS.PieceFields.about.maxLength ?? Infinity)) {
        throw new Error(wording.thereIsNoRoomLeftIn())
      }
      return answer(api.PUT('/api/pieces/{id}', { ...path, body: { version, fields: { ...fields, about } } }))
    },
    onSuccess: (kept) => {
      say(wording.keptWithTitle({ title: kept.fields.title }))
      return client.invalidateQueries({ queryKey: ['pieces'] })
    },
    onError: notKept,
  })
  if (id === undefined) {
    return null
  }
  return (
    <span className="no-print flex flex-wrap items-end gap-x-3">
      {pieces.length > 1 && (
        <SelectField label={wording.piece()} value={id} onChange={(e) => setChosen(e.target.value)}>
          {pieces.map((p) => (
            <option key={p.id} value={p.id}>
              {p.fields.title}
            </option>
          ))}
        </SelectField>
      )}
      <Button look="quiet" onClick={() => keep.mutate(id)} disabled={keep.isPending}>
        {wording.keepWith()} {pieces.length > 1 ? wording.thisPiece() : pieces[0]?.fields.title}
      </Button>
    </span>
  )
}
