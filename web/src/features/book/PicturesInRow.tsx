import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { useNotice } from '../../ui/Notices'
import { wording } from './wording'

type Placed = Schemas['PlacedInRow']

/** Many pictures that wait, put on pages that follow each other; it can be stopped and taken back. */
export function PicturesInRow({
  from,
  book,
  bookName,
  first,
}: {
  /** The picture with which the row begins. */
  from: string
  book: string
  bookName: string
  /** The page with which it begins; undefined while none was told. */
  first: number | undefined
}) {
  const [two, setTwo] = useState(false)
  const look = useQuery({
    ...queries.trayRow({ book, first: first ?? 1, two, from }),
    enabled: first !== undefined && book !== '',
  })
  const { done, place, stop } = usePlacing(book, bookName)
  const { row = [], without = 0, taken = [] } = look.data ?? {}
  const last = row.at(-1)
  return (
    <details className="mt-6">
      <summary className="min-h-8 cursor-pointer font-medium pointer-coarse:min-h-11">
        {wording.severalInARowFromThis()}
      </summary>
      <Check checked={two} onChange={(e) => setTwo(e.target.checked)}>
        {wording.twoPagesInEachPictureParted()}
      </Check>
      <div aria-live="polite">
        {done ? (
          <p>
            {wording.atOfOfAreOnTheir({ at: done.at, of: done.of })}{' '}
            <Button onClick={stop}>{wording.stop()}</Button>
          </p>
        ) : first === undefined ? (
          <p>{wording.sayAboveWithWhichPageThey()}</p>
        ) : last ? (
          <p>
            {wording.picturesInTheOrderInWhich({
              row: row.length,
              from:
                row[0]?.from === last.to
                  ? wording.pTo({ to: last.to })
                  : wording.pagesFromToTo({ from: row[0]?.from ?? '', to: last.to }),
              bookName,
            })}
            {without > 0 && wording.withoutMoreFindNoPageThe({ without })}
            {taken.length > 0 && wording.taken({ taken: taken.length === 1, join: taken.join(', ') })}
          </p>
        ) : (
          look.data && <p>{wording.theBookEndsBeforePFirst({ first })}</p>
        )}
      </div>
      {!done && last && (
        <Button look="ink" className="mt-2" onClick={() => void place(row)}>
          {wording.putAllRowThere({ row: row.length })}
        </Button>
      )}
    </details>
  )
}

type PicturePages = Schemas['PicturePages']

/** Places the pictures of a row one after another, each kept before the next is begun. */
function usePlacing(book: string, bookName: string) {
  const [done, setDone] = useState<{ at: number; of: number }>()
  const stopped = useRef(false)
  const client = useQueryClient()
  const say = useNotice()

  const takeBack = async (placed: Placed[]) => {
    for (const { left, right } of placed) {
      await answer(api.DELETE('/api/pictures/{id}/page', { params: { path: { id: left.id } } }))
      if (right) {
        await answer(api.DELETE('/api/pictures/{id}', { params: { path: { id: right.id } } }))
        await answer(api.DELETE('/api/pictures/{id}/paper', { params: { path: { id: left.id } } }))
      }
    }
    await refreshAll(client)
  }

  const place = async (row: PicturePages[]) => {
    stopped.current = false
    const placed: Placed[] = []
    let refused = ''
    try {
      for (const { picture, from, to } of row) {
        if (stopped.current) {
          break
        }
        setDone({ at: placed.length, of: row.length })
        placed.push(
          await answer(
            api.PUT('/api/tray/row/{id}', {
              params: { path: { id: picture } },
              body: { part: crypto.randomUUID(), book, from, two: to > from },
            }),
          ),
        )
      }
    } catch (error) {
      refused = wording.thenMessage({ message: (error as Error).message })
    }
    setDone(undefined)
    const whole = placed.filter((p) => !p.parted).map((p) => p.left.originalName)
    say(
      wording.picturesAreOnPagesOfBookName({
        placed: placed.length,
        bookName,
        whole: whole.length > 0 ? wording.noEdgeOfPaperStandsOut({ join: whole.join(', ') }) : '',
        refused,
      }),
      { label: wording.undo(), run: () => void takeBack(placed) },
    )
    await refreshAll(client)
  }

  return { done, place, stop: () => (stopped.current = true) }
}
