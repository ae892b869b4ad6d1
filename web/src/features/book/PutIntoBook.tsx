import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { PageChoice } from '../../shared/picture/PageChoice'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { readWithin } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { wording } from './wording'

/** A loose sheet is put into a book: it has one leaf more, and the pages after it are later. */
export function PutIntoBook({ page }: { page: Schemas['PageView'] }) {
  const format = useFormats()
  const client = useQueryClient()
  const navigate = useNavigate()
  const say = useNotice()
  const books = useQuery(queries.books()).data ?? []
  const [open, setOpen] = useState(false)
  const [said, setSaid] = useState<{ book: string; number: string }>()
  const book = said?.book ?? books.find((b) => b.inUse)?.id ?? ''
  const number = readWithin(said?.number ?? '', BOUNDS.SheetInBook.page, format)
  const place = { loose: page.bookId, sheet: page.number, book, page: number ?? 1 }
  const back = useMutation({
    mutationFn: (sheet: Schemas['SheetInBook']) =>
      answer(api.POST('/api/books/sheets/take-out', { body: sheet })),
    onSuccess: () => {
      void navigate(`/books/${page.bookId}/${page.number}`)
      return refreshAll(client)
    },
    onError: (error: Error) => say(wording.notTakenOutMessage({ message: error.message })),
  })
  const put = useMutation({
    mutationFn: () => answer(api.POST('/api/books/sheets/put-in', { body: place })),
    onSuccess: () => {
      const name = books.find((b) => b.id === book)?.name
      say(wording.itIsPPageOfName({ page: place.page, name: name ?? '' }), {
        label: wording.undo(),
        run: () => back.mutate(place),
      })
      void navigate(`/books/${book}/${place.page}`)
      return refreshAll(client)
    },
  })
  if (!open) {
    return (
      <Button look="quiet" onClick={() => setOpen(true)}>
        {wording.putThisSheetIntoABook()}
      </Button>
    )
  }
  return (
    <form
      className="mt-2"
      onSubmit={(event) => {
        event.preventDefault()
        put.mutate()
      }}
    >
      <PageChoice
        label={wording.intoBeforeThePageThatHas()}
        book={book}
        number={said?.number ?? ''}
        onChange={(chosen, typed) => setSaid({ book: chosen, number: typed })}
      />
      <Refused error={put.error} />
      <Button type="submit" disabled={!book || number === undefined || put.isPending}>
        {wording.putItIn()}
      </Button>{' '}
      <Button look="quiet" onClick={() => setOpen(false)}>
        {wording.leaveIt()}
      </Button>
    </form>
  )
}
