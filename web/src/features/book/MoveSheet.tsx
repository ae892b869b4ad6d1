import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { NumberField, readWithin } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import type { Book } from './text'
import { wording } from './wording'

type Move = Schemas['MoveOfPages']

const KINDS: Record<Move['kind'], string> = {
  SHIFT: wording.fromAPageOnAllAre(),
  SWAP: wording.twoPagesChangePlaces(),
  MOVE: wording.aPageGoesElsewhereTheOthers(),
}

const LABELS: Record<Move['kind'], { page: string; other: string }> = {
  SHIFT: { page: wording.fromPage(), other: wording.soManyLaterWithAMinus() },
  SWAP: { page: wording.page(), other: wording.changesPlacesWithPage() },
  MOVE: { page: wording.page(), other: wording.becomesPage() },
}

const span = (pages: Schemas['PageSpan']) =>
  pages.from === pages.to ? `p ${pages.from}` : wording.pFromTo({ from: pages.from, to: pages.to })

/** Page numbers put right: what follows is shown first, and can be taken back. */
export function MoveSheet({ book, onClose }: { book: Book; onClose: () => void }) {
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const [kind, setKind] = useState<Move['kind']>('SHIFT')
  const [page, setPage] = useState('')
  const [other, setOther] = useState('1')
  const first = readWithin(page, BOUNDS.MoveOfPages.page, format)
  const bounds = kind === 'SHIFT' ? BOUNDS.MoveOfPages.other : BOUNDS.MoveOfPages.page
  const second = readWithin(other, bounds, format)
  const move: Move | undefined =
    first !== undefined && second !== undefined && (kind !== 'SHIFT' || second !== 0)
      ? { kind, page: first, other: second }
      : undefined
  const preview = useQuery({ ...queries.move(book.id, move), enabled: move !== undefined })
  const send = useMutation({
    mutationFn: (asked: Move) =>
      answer(api.POST('/api/books/{id}/pages/move', { params: { path: { id: book.id } }, body: asked })),
    onSuccess: () => refreshAll(client),
    onError: notKept,
  })
  const told = move && preview.data
  return (
    <Sheet
      open
      onClose={onClose}
      title={wording.pageNumbersOfName({ name: book.fields.name })}
      description={wording.entriesPicturesAndWhatYouTold()}
    >
      <form
        className="grid gap-x-6 gap-y-3 sm:grid-cols-2"
        onSubmit={(event) => {
          event.preventDefault()
          if (move && told) {
            send.mutate(move, {
              onSuccess: (moved) => {
                onClose()
                say(wording.pagesMoved({ pages: moved.pages.length }), {
                  label: wording.undo(),
                  run: () => send.mutate(moved.back),
                })
              },
            })
          }
        }}
      >
        <div className="sm:col-span-2">
          <SelectField
            label={wording.whatIsToBePutRight()}
            value={kind}
            onChange={(e) => setKind(e.target.value as Move['kind'])}
          >
            <Options of={KINDS} />
          </SelectField>
        </div>
        <NumberField
          label={LABELS[kind].page}
          bounds={BOUNDS.MoveOfPages.page}
          value={page}
          onChange={(e) => setPage(e.target.value)}
        />
        <NumberField
          label={LABELS[kind].other}
          bounds={bounds}
          value={other}
          onChange={(e) => setOther(e.target.value)}
        />
        <div aria-live="polite" className="sm:col-span-2">
          {told && (
            <>
              <p>
                {told.pages.length === 0
                  ? wording.nothingIsKnownOfThesePages()
                  : wording.pagesPages2({
                      pages: told.pages.length,
                      one: told.pages.length === 1,
                      entries: told.entries.length,
                      entries2: told.entries.length === 1,
                    })}
              </p>
              <ul className="text-faded max-h-48 overflow-y-auto">
                {told.entries.map((e) => (
                  <li key={e.id}>
                    {wording.dayCalledPagesBecomesAfter({
                      day: format.dayMonth(e.day),
                      called: e.called,
                      pages: span(e.pages),
                      after: span(e.after),
                    })}
                  </li>
                ))}
              </ul>
            </>
          )}
          {move && <Refused error={preview.error} />}
        </div>
        <SheetEnd
          error={send.error}
          keep={wording.moveThem()}
          disabled={!told || told.pages.length === 0 || send.isPending}
        />
      </form>
    </Sheet>
  )
}
