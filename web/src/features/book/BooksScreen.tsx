import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { noun } from '../../ui/plural'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { BookSheet } from './BookSheet'
import { Facts } from './Facts'
import { PageMap } from './PageMap'
import { PutIn } from '../../shared/picture/PutIn'
import { Spines } from './Spines'
import type { BookLine } from './text'

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
            <Leaf second aria-label="Pages">
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
        <h1 id="books">Books</h1>
        <span className="flex flex-wrap gap-x-6">
          <Button onClick={() => setAdding(true)}>New book</Button>
          <Button onClick={() => setPutting(!putting)} aria-expanded={putting}>
            Put pictures in
          </Button>
        </span>
      </div>
      {putting && (
        <div className="mt-2">
          <PutIn label="Choose pictures">
            <p className="text-faded">
              Pictures of pages from a phone or a scanner. They wait in the tray, each with the page it most
              likely belongs to; the originals stay as they are.
            </p>
          </PutIn>
        </div>
      )}
      {waiting > 0 && (
        <p className="mt-2">
          {waiting} {noun(waiting, 'picture waits', 'pictures wait')} to be put on{' '}
          {noun(waiting, 'its page', 'their pages')}.{' '}
          <Link to="/tray" className={LINE_LINK}>
            Look
          </Link>
        </p>
      )}
      {here.length === 0 ? (
        <p className="text-faded py-4">
          No book yet. A name and a format are enough: <i>Harbour book, A4</i>. Books that you name when you
          log appear here by themselves.
        </p>
      ) : (
        <Spines books={here} shown={shown} />
      )}
      {shown && <One key={shown} id={shown} />}
      <p className="mt-6">
        <Link to="/pieces" className={LINE_LINK}>
          Staged pieces
        </Link>{' '}
        <span className="text-faded">one drawing over several days, stage by stage</span>
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
  const say = useNotice()
  const back = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/books/{id}/back', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError: (error: Error) => say(`Not kept: ${error.message}`),
  })
  if (books.length === 0) {
    return null
  }
  return (
    <div className="mt-8">
      <h2>Taken off</h2>
      <p className="text-faded">Their entries and pages are all there.</p>
      <ul>
        {books.map((book) => (
          <li
            key={book.id}
            className="border-hairline flex items-baseline justify-between gap-4 border-t py-1"
          >
            {book.name}
            <Button look="quiet" onClick={() => back.mutate(book.id)} aria-label={`Put ${book.name} back`}>
              Put it back
            </Button>
          </li>
        ))}
      </ul>
    </div>
  )
}
