import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { refreshAll } from '../../api/queries'
import type { Picture } from '../../shared/pictures'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useNotKept } from '../../ui/Notices'
import { wording } from './wording'

/** The words under a picture; search finds them. */
export function CaptionField({ picture, onKept }: { picture: Picture; onKept: () => void }) {
  const client = useQueryClient()
  const notKept = useNotKept()
  const [text, setText] = useState(picture.caption)
  const keep = useMutation({
    mutationFn: () =>
      answer(api.PUT('/api/pictures/{id}/caption', { params: { path: { id: picture.id } }, body: { text } })),
    onSuccess: () => {
      onKept()
      return refreshAll(client)
    },
    onError: notKept,
  })
  return (
    <form
      className="mt-1 flex items-end gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate()
      }}
    >
      <div className="flex-1">
        <Field
          label={wording.wordsUnderThisPicture()}
          maxLength={BOUNDS.Caption.text.maxLength}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
      </div>
      <Button type="submit" disabled={keep.isPending}>
        {wording.keep()}
      </Button>
    </form>
  )
}
