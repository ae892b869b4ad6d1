import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { PageChoice } from '../../shared/picture/PageChoice'
import { pictureAt } from '../../shared/pictures'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { readWithin } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { wording } from './wording'

/** The drawing that a prompt was worked on further in: its page, or a way to say which it is. */
export function PromptPage({ prompt }: { prompt: string }) {
  const client = useQueryClient()
  const page = useQuery(queries.promptPages()).data?.find((p) => p.prompt === prompt)
  const [saying, setSaying] = useState(false)
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE('/api/prompt-pages/{prompt}', { params: { path: { prompt } } })),
    onSuccess: () => refreshAll(client),
  })
  if (page) {
    return (
      <p className="flex basis-full items-center gap-4">
        <Link
          to={`/books/${page.bookId}/${page.number}`}
          className="inline-flex min-h-8 items-center gap-3 underline underline-offset-4"
        >
          {page.picture && (
            <img
              src={pictureAt(page.picture, 'SMALL')}
              alt=""
              className="plate border-hairline h-12 border object-contain"
            />
          )}
          {wording.pNumberOfBook({ number: page.number, book: page.book })}
        </Link>
        <Button look="quiet" onClick={() => remove.mutate()}>
          {wording.notThatOne()}
        </Button>
      </p>
    )
  }
  return saying ? (
    <Saying prompt={prompt} onDone={() => setSaying(false)} />
  ) : (
    <Button look="quiet" onClick={() => setSaying(true)}>
      {wording.onWhichPage()}
    </Button>
  )
}

function Saying({ prompt, onDone }: { prompt: string; onDone: () => void }) {
  const format = useFormats()
  const client = useQueryClient()
  const books = useQuery(queries.books()).data ?? []
  const [said, setSaid] = useState<{ book: string; number: string }>()
  const book = said?.book ?? books.find((b) => b.inUse)?.id ?? books[0]?.id ?? ''
  const number = readWithin(said?.number ?? '', BOUNDS.PlaceOnPage.number, format)
  const put = useMutation({
    mutationFn: (page: number) =>
      answer(
        api.PUT('/api/prompt-pages/{prompt}', {
          params: { path: { prompt } },
          body: { book, number: page, beside: false },
        }),
      ),
    onSuccess: () => {
      onDone()
      return refreshAll(client)
    },
  })
  const keep = () => number !== undefined && book && put.mutate(number)
  return (
    <div className="basis-full">
      <PageChoice
        book={book}
        number={said?.number ?? ''}
        onChange={(chosen, typed) => setSaid({ book: chosen, number: typed })}
        onEnter={keep}
      />
      <Refused error={put.error} />
      <Button disabled={number === undefined || !book || put.isPending} onClick={keep}>
        {wording.itIsThere()}
      </Button>{' '}
      <Button look="quiet" onClick={onDone}>
        {wording.leaveIt()}
      </Button>
    </div>
  )
}
