import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { refreshAll } from '../../api/queries'
import { PageChoice } from '../../shared/picture/PageChoice'
import { pictureAt } from '../../shared/pictures'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotKept } from '../../ui/Notices'
import { readWithin } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { wording } from './wording'

type Page = Schemas['PageView']

/** What the page came out of and grew into, as small pictures joined by one line of ink. */
export function LineageChain({ page }: { page: Page }) {
  const [adding, setAdding] = useState(false)
  const { forget } = useLineage(page)
  return (
    <section aria-label={wording.whatGrewIntoWhat()} className="mt-5">
      {page.family.length > 0 && (
        <ol className="flex items-center overflow-x-auto py-1">
          {page.family.map((relative, i) => {
            const here = relative.bookId === page.bookId && relative.number === page.number
            return (
              <li key={`${relative.bookId} ${relative.number}`} className="flex shrink-0 items-center">
                {i > 0 && <span aria-hidden className="bg-ink h-0.5 w-5" />}
                <Link
                  to={`/books/${relative.bookId}/${relative.number}`}
                  aria-current={here ? 'page' : undefined}
                  className={`block w-20 border p-0.5 text-center text-sm ${here ? 'border-ink' : 'border-hairline'}`}
                >
                  {relative.picture ? (
                    <img
                      src={pictureAt(relative.picture, 'SMALL')}
                      alt=""
                      className="plate h-20 w-full object-cover"
                    />
                  ) : (
                    <span className="grid h-20 place-items-center font-serif italic">
                      {wording.noPicture()}
                    </span>
                  )}
                  {wording.pNumber({ number: relative.number })}
                  <span className="text-faded block truncate">{relative.book}</span>
                </Link>
              </li>
            )
          })}
        </ol>
      )}
      {page.family
        .filter((r) => r.bookId === page.bookId && r.number === page.number)
        .flatMap((r) => r.outOf)
        .map((step) => (
          <p key={step.id} className="text-faded flex flex-wrap items-baseline gap-x-3">
            {wording.grewOutOfPNumberOf({
              number: step.number,
              book: step.book,
              words: step.words && `: ${step.words}`,
            })}
            <Button look="quiet" onClick={() => forget.mutate(step.id)}>
              {wording.notSo()}
            </Button>
          </p>
        ))}
      {adding ? (
        <Adding page={page} onDone={() => setAdding(false)} />
      ) : (
        <Button look="quiet" onClick={() => setAdding(true)}>
          {wording.itGrewOutOfAnotherPage()}
        </Button>
      )}
    </section>
  )
}

function useLineage(page: Page) {
  const client = useQueryClient()
  const notKept = useNotKept()
  const grew = useMutation({
    mutationFn: (from: { book: string; number: number; words: string }) =>
      answer(
        api.POST('/api/lineage', {
          body: {
            id: crypto.randomUUID(),
            fromBook: from.book,
            from: from.number,
            intoBook: page.bookId,
            into: page.number,
            words: from.words,
          },
        }),
      ),
    onSuccess: () => refreshAll(client),
  })
  const forget = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/lineage/{id}', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError: notKept,
  })
  return { grew, forget }
}

function Adding({ page, onDone }: { page: Page; onDone: () => void }) {
  const format = useFormats()
  const [book, setBook] = useState(page.bookId)
  const [number, setNumber] = useState('')
  const [words, setWords] = useState('')
  const { grew } = useLineage(page)
  const from = readWithin(number, BOUNDS.Grew.from, format)
  return (
    <form
      className="grid gap-y-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (from !== undefined) {
          grew.mutate({ book, number: from, words }, { onSuccess: onDone })
        }
      }}
    >
      <PageChoice
        label={wording.itGrewOutOfAPage()}
        book={book}
        number={number}
        onChange={(chosen, typed) => {
          setBook(chosen)
          setNumber(typed)
        }}
      />
      <div>
        <Field
          label={wording.howDrawnAgainTakenFurtherGlued()}
          maxLength={BOUNDS.Grew.words.maxLength}
          value={words}
          onChange={(e) => setWords(e.target.value)}
        />
      </div>
      <Refused error={grew.error} />
      <div className="flex gap-5">
        <Button type="submit" look="ink" disabled={from === undefined || grew.isPending}>
          {wording.keepIt()}
        </Button>
        <Button onClick={onDone}>{wording.cancel()}</Button>
      </div>
    </form>
  )
}
