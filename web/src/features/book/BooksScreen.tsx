import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useNotKept } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { BookSheet } from './BookSheet'
import { Facts } from './Facts'
import { PageMap } from './PageMap'
import { PutIn } from '../../shared/picture/PutIn'
import { Spines } from './Spines'
import type { BookLine } from './text'
import { wording } from './wording'

/** Books: all of them and what is known of one on the left leaf, its pages on the right. */
export default function BooksScreen() {
  const { id } = useParams()
  return (
    <Waiting query={useQuery(queries.books())}>
      {(books) => {
        const here = books.filter((b) => !b.removed)
        const shown = id ?? (here.find((b) => b.inUse) ?? here.at(-1))?.id
        return (
          <TwoLeaves>
            <List books={books} here={here} shown={shown} />
            <Leaf second aria-label={wording.pages2()}>
              {shown && <Pages key={shown} id={shown} />}
            </Leaf>
          </TwoLeaves>
        )
      }}
    </Waiting>
  )
}

function Pages({ id }: { id: string }) {
  return <Waiting query={useQuery(queries.book(id))}>{(book) => <PageMap book={book} />}</Waiting>
}

function List({ books, here, shown }: { books: BookLine[]; here: BookLine[]; shown: string | undefined }) {
  const [adding, setAdding] = useState(false)
  const [putting, setPutting] = useState(false)
  const waiting = useQuery(queries.tray()).data?.waiting.length ?? 0
  return (
    <Leaf aria-labelledby="books">
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 id="books">{wording.books()}</h1>
        <span className="flex flex-wrap gap-x-6">
          <Button onClick={() => setAdding(true)}>{wording.newBook()}</Button>
          <Button onClick={() => setPutting(!putting)} aria-expanded={putting}>
            {wording.putPicturesIn()}
          </Button>
        </span>
      </div>
      {putting && (
        <div className="mt-2">
          <PutIn label={wording.choosePictures()}>
            <p className="text-faded">{wording.picturesOfPagesFromAPhone()}</p>
          </PutIn>
        </div>
      )}
      {waiting > 0 && (
        <p className="mt-2">
          {wording.waitingPicturesWaitToBePut({ waiting })}{' '}
          <Link to="/tray" className={LINE_LINK}>
            {wording.look()}
          </Link>
        </p>
      )}
      {here.length === 0 ? (
        <p className="text-faded py-4">
          {wording.noBookYetANameAnd()} <i>{wording.harbourBookA4()}</i>
          {wording.booksThatYouNameWhenYou()}
        </p>
      ) : (
        <Spines books={here} shown={shown} />
      )}
      {shown && <One key={shown} id={shown} />}
      <p className="mt-6">
        <Link to="/pieces" className={LINE_LINK}>
          {wording.stagedPieces()}
        </Link>{' '}
        <span className="text-faded">{wording.oneDrawingOverSeveralDaysStage()}</span>
      </p>
      <TakenOff books={books.filter((b) => b.removed)} />
      {adding && <BookSheet like={here.at(-1)?.id} onClose={() => setAdding(false)} />}
    </Leaf>
  )
}

function One({ id }: { id: string }) {
  return <Waiting query={useQuery(queries.book(id))}>{(book) => <Facts book={book} />}</Waiting>
}

function TakenOff({ books }: { books: BookLine[] }) {
  const client = useQueryClient()
  const notKept = useNotKept()
  const back = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/books/{id}/back', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError: notKept,
  })
  if (books.length === 0) {
    return null
  }
  return (
    <div className="mt-8">
      <h2>{wording.takenOff()}</h2>
      <p className="text-faded">{wording.theirEntriesAndPagesAreAll()}</p>
      <ul>
        {books.map((book) => (
          <li
            key={book.id}
            className="border-hairline flex items-baseline justify-between gap-4 border-t py-1"
          >
            {book.name}
            <Button
              look="quiet"
              onClick={() => back.mutate(book.id)}
              aria-label={wording.putNameBack({ name: book.name })}
            >
              {wording.putItBack()}
            </Button>
          </li>
        ))}
      </ul>
    </div>
  )
}
