import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/days'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { Cancel, Sheet } from '../../ui/Sheet'
import type { Book } from './text'
import { wording } from './wording'

/** A book is put away: its goal is asked about again, and the next one can be opened like it. */
export function ClosingSheet({
  book,
  onClose,
  onNext,
}: {
  book: Book
  onClose: () => void
  onNext: () => void
}) {
  const format = useFormats()
  const client = useQueryClient()
  const today = useQuery(queries.today()).data?.day ?? ''
  const [closed, setClosed] = useState<string>()
  const [share, setShare] = useState('')
  const day = closed ?? today
  const kept = readWithin(share, BOUNDS.BookFields.keptShare, format)
  const close = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/books/{id}', {
          params: { path: { id: book.id } },
          body: {
            version: book.version,
            change: crypto.randomUUID(),
            fields: { ...book.fields, closed: day, keptShare: kept ?? null },
          },
        }),
      ),
    onSuccess: () => refreshAll(client),
  })
  const send = (then: () => void) => close.mutate(undefined, { onSuccess: then })
  const good = isDay(day) && (share.trim() === '' || kept !== undefined)
  return (
    <Sheet
      open
      onClose={onClose}
      title={wording.closeName({ name: book.fields.name })}
      description={wording.drawnOnOfPagesAreDrawnOn({ drawnOn: book.drawnOn, pages: book.pages })}
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          send(onClose)
        }}
      >
        {book.fields.goal && (
          <div>
            <p>{wording.youWroteOnItsFirstPage()}</p>
            <p className="my-1 font-serif text-lg italic">{book.fields.goal}</p>
            <NumberField
              label={wording.howMuchOfItCameTrue()}
              bounds={BOUNDS.BookFields.keptShare}
              value={share}
              onChange={(e) => setShare(e.target.value)}
            />
          </div>
        )}
        <DateField label={wording.closedOn()} required value={day} onChange={setClosed} />
        <Refused error={close.error} />
        <div className="mt-2 flex flex-wrap gap-6">
          <Button type="submit" look="ink" disabled={!good || close.isPending}>
            {wording.closeIt()}
          </Button>
          <Button disabled={!good || close.isPending} onClick={() => send(onNext)}>
            {wording.closeItAndOpenTheNext()}
          </Button>
          <Cancel />
        </div>
      </form>
    </Sheet>
  )
}
