import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type ReactNode } from 'react'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { RULES } from '../../shared/promise/quota-words'
import { Button } from '../../ui/Button'
import { Fan } from '../../ui/Fan'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { BookSheet } from './BookSheet'
import { ClosingSheet } from './ClosingSheet'
import { MoveSheet } from './MoveSheet'
import { BINDINGS, fullWhen, pageList, pagesOf, TAKES, type Book } from './text'
import { wording } from './wording'

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
      `${RULES[rule].name}${k.kept + k.broken > 0 ? wording.keptOfKept2Kept({ kept: k.kept, of: k.kept + k.broken }) : ''}`,
  )
  return (
    <article aria-labelledby="book" className="mt-5">
      <div className="border-hairline flex flex-wrap items-baseline justify-between gap-x-4 border-b">
        <h2 id="book">{f.name}</h2>
        <span className="text-faded">
          {f.closed
            ? wording.closedClosed({ closed: format.dayMonthYear(f.closed) })
            : book.from
              ? wording.openSinceFrom({ from: format.dayMonthYear(book.from) })
              : wording.notBegun()}
        </span>
      </div>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-6 gap-y-0.5">
        <Row name={wording.pages2()}>{pagesOf(book)}</Row>
        {book.full && <Row name={wording.full()}>{fullWhen(book.full, format)}</Row>}
        {today && book.full && book.full.fan.length > 1 && (
          <Row name={wording.pagesToCome()}>
            <div className="max-w-md">
              {' '}
              <Fan
                from={today}
                today={today}
                due={undefined}
                asked={book.full.left}
                curve={[]}
                reach={book.full.fan}
                text={wording.pagesToComeJoinLeftAre({
                  join: book.full.fan
                    .map((p) =>
                      wording.byDateLowToHighMost({
                        date: format.dayMonthYear(p.date),
                        low: p.low,
                        high: p.high,
                        middle: p.middle,
                      }),
                    )
                    .join('; '),
                  left: book.full.left,
                })}
                label={format.dayMonth}
              />
            </div>
          </Row>
        )}
        {book.full?.early && (
          <Row name={wording.theNextOne()}>
            {wording.shouldBeThereByEarly({ early: format.dayMonthYear(book.full.early) })}
          </Row>
        )}
        <Row name={wording.paper()}>
          {[
            f.format || wording.formatNotTold(),
            f.grams && `${f.grams} g/m²`,
            f.leaves
              ? wording.leavesBothSides({ leaves: f.leaves, bothSides: f.bothSides })
              : wording.leavesNotCounted(),
            BINDINGS[f.binding],
          ]
            .filter(Boolean)
            .join(', ')}
          {stands.length > 0 && `: ${stands.join(', ')}`}
          {book.remarks.map((r) => (
            <span key={r.medium} className="text-sanguine block">
              {wording.mediumOnPagesItTakes({
                medium: r.medium,
                pages: r.pages.length > 0 ? pageList(r.pages) : wording.it(),
                takes: TAKES[r.takes],
              })}
            </span>
          ))}
        </Row>
        {f.rules.length > 0 && <Row name={wording.rules()}>{kept.join(', ')}</Row>}
        {book.cost && f.price != null && (
          <Row name={wording.cost()}>
            {format.money(f.price, f.currency)}
            {book.cost.perPage != null &&
              wording.soFarPerPageAPage({ perPage: format.money(book.cost.perPage) })}
            {book.cost.perHour != null && wording.perHourAnHour({ perHour: format.money(book.cost.perHour) })}
          </Row>
        )}
        {f.colours && <Row name={wording.colours()}>{f.colours}</Row>}
        {f.goal && (
          <Row name={wording.onItsFirstPage()}>
            <span className="font-serif italic">{f.goal}</span>
            {f.keptShare != null && wording.keptShareKeptByYourOwnWord({ keptShare: f.keptShare })}
          </Row>
        )}
        {(f.keptPrivate || f.notShown || f.notJudged) && (
          <Row name={wording.kept()}>
            {[
              f.keptPrivate && 'private',
              f.notJudged && wording.notJudged(),
              f.notShown && wording.notShown(),
            ]
              .filter(Boolean)
              .join(', ')}
          </Row>
        )}
      </dl>
      <div className="mt-4 flex flex-wrap gap-x-6 gap-y-1">
        <Button onClick={() => setChanging(true)}>{wording.tellMoreOfIt()}</Button>
        <Button onClick={() => setMoving(true)}>{wording.putPageNumbersRight()}</Button>
        {f.closed ? (
          <Button onClick={() => setNext(true)}>{wording.openTheNextLikeThisOne()}</Button>
        ) : (
          <Button onClick={() => setClosing(true)}>{wording.closeIt()}</Button>
        )}
        <Button look="quiet" onClick={() => remove.mutate(book)}>
          {wording.takeItOff()}
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
  const notKept = useNotKept()
  const onError = notKept
  const back = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/books/{id}/back', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const remove = useMutation({
    mutationFn: (book: Book) => answer(api.DELETE('/api/books/{id}', { params: { path: { id: book.id } } })),
    onSuccess: (_, book) => {
      say(wording.nameIsTakenOffItsDrawnOn({ name: book.fields.name, drawnOn: book.drawnOn }), {
        label: wording.undo(),
        run: () => back.mutate(book.id),
      })
      return refreshAll(client)
    },
    onError,
  })
  return { remove }
}
