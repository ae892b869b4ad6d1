import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { RULES } from '../../shared/promise/quota-words'
import { Button } from '../../ui/Button'
import { Fan } from '../../ui/Fan'
import { noun, plural } from '../../ui/plural'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { BookSheet } from './BookSheet'
import { ClosingSheet } from './ClosingSheet'
import { MoveSheet } from './MoveSheet'
import { BINDINGS, fullWhen, pageList, pagesOf, TAKES, type Book } from './text'

/** What is known of a book, and what can be done with it. */
export function Facts({ book }: { book: Book }) {
  const format = useFormats()
  const [changing, setChanging] = useState(false)
  const [closing, setClosing] = useState(false)
  const [next, setNext] = useState(false)
  const [moving, setMoving] = useState(false)
  const { remove } = useRemoving()
  const today = useQuery(queries.today()).data?.day
  const { fields: f } = book
  const stands = f.paper.filter((p) => p.takes === 'STANDS').map((p) => p.medium)
  const kept = (Object.entries(book.kept) as [keyof typeof RULES, { kept: number; broken: number }][]).map(
    ([rule, k]) =>
      `${RULES[rule].name}${k.kept + k.broken > 0 ? ` (${k.kept} of ${k.kept + k.broken} kept)` : ''}`,
  )
  return (
    <article aria-labelledby="book" className="mt-5">
      <div className="border-hairline flex flex-wrap items-baseline justify-between gap-x-4 border-b">
        <h2 id="book">{f.name}</h2>
        <span className="text-faded">
          {f.closed
            ? `closed ${format.dayMonthYear(f.closed)}`
            : book.from
              ? `open since ${format.dayMonthYear(book.from)}`
              : 'not begun'}
        </span>
      </div>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-6 gap-y-0.5">
        <Row name="Pages">{pagesOf(book)}</Row>
        {book.full && <Row name="Full">{fullWhen(book.full, format)}</Row>}
        {today && book.full && book.full.fan.length > 1 && (
          <Row name="Pages to come">
            <div className="max-w-md">
              {' '}
              <Fan
                from={today}
                today={today}
                due={undefined}
                asked={book.full.left}
                curve={[]}
                reach={book.full.fan}
                text={`Pages to come: ${book.full.fan.map((p) => `by ${format.dayMonthYear(p.date)} ${p.low} to ${p.high}, most likely ${p.middle}`).join('; ')}. ${book.full.left} ${noun(book.full.left, 'is', 'are')} left.`}
                label={format.dayMonth}
              />
            </div>
          </Row>
        )}
        {book.full?.early && (
          <Row name="The next one">should be there by {format.dayMonthYear(book.full.early)}</Row>
        )}
        <Row name="Paper">
          {[
            f.format || 'format not told',
            f.grams && `${f.grams} g/m²`,
            f.leaves
              ? `${plural(f.leaves, 'leaf', 'leaves')}, ${f.bothSides ? 'both sides' : 'one side'}`
              : 'leaves not counted',
            BINDINGS[f.binding],
          ]
            .filter(Boolean)
            .join(', ')}
          {stands.length > 0 && `: ${stands.join(', ')}`}
          {book.remarks.map((r) => (
            <span key={r.medium} className="text-sanguine block">
              {r.medium} on {r.pages.length > 0 ? pageList(r.pages) : 'it'}: it {TAKES[r.takes]}.
            </span>
          ))}
        </Row>
        {f.rules.length > 0 && <Row name="Rules">{kept.join(', ')}</Row>}
        {book.cost && f.price != null && (
          <Row name="Cost">
            {format.money(f.price, f.currency)}
            {book.cost.perPage != null && `, so far ${format.money(book.cost.perPage)} a page`}
            {book.cost.perHour != null && `, ${format.money(book.cost.perHour)} an hour`}
          </Row>
        )}
        {f.colours && <Row name="Colours">{f.colours}</Row>}
        {f.goal && (
          <Row name="On its first page">
            <span className="font-serif italic">{f.goal}</span>
            {f.keptShare != null && ` (${f.keptShare} % kept, by your own word)`}
          </Row>
        )}
        {(f.keptPrivate || f.notShown || f.notJudged) && (
          <Row name="Kept">
            {[f.keptPrivate && 'private', f.notJudged && 'not judged', f.notShown && 'not shown']
              .filter(Boolean)
              .join(', ')}
          </Row>
        )}
      </dl>
      <div className="mt-4 flex flex-wrap gap-x-6 gap-y-1">
        <Button onClick={() => setChanging(true)}>Tell more of it</Button>
        <Button onClick={() => setMoving(true)}>Put page numbers right</Button>
        {f.closed ? (
          <Button onClick={() => setNext(true)}>Open the next, like this one</Button>
        ) : (
          <Button onClick={() => setClosing(true)}>Close it</Button>
        )}
        <Button look="quiet" onClick={() => remove.mutate(book)}>
          Take it off
        </Button>
      </div>
      {changing && <BookSheet book={book} onClose={() => setChanging(false)} />}
      {closing && (
        <ClosingSheet
          book={book}
          onClose={() => setClosing(false)}
          onNext={() => {
            setClosing(false)
            setNext(true)
          }}
        />
      )}
      {moving && <MoveSheet book={book} onClose={() => setMoving(false)} />}
      {next && <BookSheet like={book.id} onClose={() => setNext(false)} />}
    </article>
  )
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <dt className="text-faded">{name}</dt>
      <dd>{children}</dd>
    </>
  )
}

function useRemoving() {
  const client = useQueryClient()
  const say = useNotice()
  const onError = (error: Error) => say(`Not kept: ${error.message}`)
  const back = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/books/{id}/back', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const remove = useMutation({
    mutationFn: (book: Book) => answer(api.DELETE('/api/books/{id}', { params: { path: { id: book.id } } })),
    onSuccess: (_, book) => {
      say(`${book.fields.name} is taken off; its ${book.drawnOn} drawn pages and all entries stay.`, {
        label: 'Undo',
        run: () => back.mutate(book.id),
      })
      return refreshAll(client)
    },
    onError,
  })
  return { remove }
}
