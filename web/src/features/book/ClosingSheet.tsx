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
import { noun, plural } from '../../ui/plural'

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
      title={`Close ${book.fields.name}`}
      description={`${book.drawnOn} of ${plural(book.pages, 'page')} ${noun(book.drawnOn, 'is', 'are')} drawn on. A closed book stays as it is and can be opened again.`}
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
            <p>You wrote on its first page:</p>
            <p className="my-1 font-serif text-lg italic">{book.fields.goal}</p>
            <NumberField
              label="How much of it came true, in per cent, by your own word; or empty"
              bounds={BOUNDS.BookFields.keptShare}
              value={share}
              onChange={(e) => setShare(e.target.value)}
            />
          </div>
        )}
        <DateField label="Closed on" required value={day} onChange={setClosed} />
        <Refused error={close.error} />
        <div className="mt-2 flex flex-wrap gap-6">
          <Button type="submit" look="ink" disabled={!good || close.isPending}>
            Close it
          </Button>
          <Button disabled={!good || close.isPending} onClick={() => send(onNext)}>
            Close it and open the next
          </Button>
          <Cancel />
        </div>
      </form>
    </Sheet>
  )
}
