import { useMutation, useQuery } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { boardHeight, hungAt } from '../../shared/lookback/Hung'
import { sendPicture } from '../../shared/pictures'
import { Button } from '../../ui/Button'
import { FileButton } from '../../ui/FileButton'
import { useNotice } from '../../ui/Notices'
import { arrange, beside, inOwnOrder, LEAST, move, resize, type Hung } from './board-places'
import { useHanging } from './useHanging'
import { wording } from './wording'

const SHOWN = 40

/** Pictures one wants to be able to draw, arranged by dragging or by keys; each change is kept at once. */
export function Board({ hanging }: { hanging: Schemas['Hanging'] }) {
  const { pictures, move: moved, keep } = useHanging(hanging)
  const [chosen, setChosen] = useState<string>()
  const picture = pictures.find((p) => p.picture === chosen)
  return (
    <section aria-labelledby="board" className="mt-4">
      <h2 id="board">{wording.whatYouWantToBeAble()}</h2>
      {pictures.length === 0 ? (
        <p className="text-faded">{wording.aBoardOfPicturesPagesOf()}</p>
      ) : (
        <Hanging pictures={pictures} chosen={chosen} onChoose={setChosen} onMove={moved} onDone={keep} />
      )}
      {picture && (
        <p className="no-print mt-1 flex flex-wrap gap-x-5">
          <Button onClick={() => keep(arrange(pictures, resize(picture, 1.15)))}>{wording.larger()}</Button>
          <Button onClick={() => keep(arrange(pictures, resize(picture, 1 / 1.15)))}>
            {wording.smaller()}
          </Button>
          <Button
            onClick={() => {
              setChosen(undefined)
              keep(pictures.filter((p) => p !== picture))
            }}
          >
            {wording.takeItDown()}
          </Button>
        </p>
      )}
      <Add taken={pictures.map((p) => p.picture)} onAdd={(p) => keep([...pictures, beside(pictures, p)])} />
    </section>
  )
}

function Hanging({
  pictures,
  chosen,
  onChoose,
  onMove,
  onDone,
}: {
  pictures: Hung[]
  chosen: string | undefined
  onChoose: (picture: string) => void
  onMove: (pictures: Hung[]) => void
  onDone: (pictures: Hung[]) => void
}) {
  const board = useRef<HTMLDivElement>(null)
  const from = useRef<{ x: number; y: number; picture: Hung }>(undefined)
  const height = boardHeight(pictures)
  const moved = (event: PointerEvent) => {
    const width = board.current?.clientWidth ?? 1
    const start = from.current
    return start
      ? arrange(
          pictures,
          move(start.picture, (event.clientX - start.x) / width, (event.clientY - start.y) / width),
        )
      : pictures
  }
  const press = (event: KeyboardEvent, picture: Hung) => {
    const step = event.shiftKey ? 0.1 : 0.02
    const by: Record<string, [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }
    const way = by[event.key]
    if (way) {
      event.preventDefault()
      onDone(arrange(pictures, move(picture, ...way)))
    } else if (event.key === '+' || event.key === '-') {
      onDone(arrange(pictures, resize(picture, event.key === '+' ? 1.15 : 1 / 1.15)))
    }
  }
  return (
    <div
      ref={board}
      className="border-hairline relative mt-2 w-full touch-pan-y overflow-hidden border"
      style={{ aspectRatio: `1 / ${height}` }}
    >
      {inOwnOrder(pictures).map((p, i) => (
        <button
          key={p.picture}
          type="button"
          aria-label={wording.pictureIArrowKeysMoveIt({ i: i + 1 })}
          aria-pressed={p.picture === chosen}
          className={`absolute cursor-move touch-none ${p.picture === chosen ? 'outline-ink outline-2' : ''}`}
          style={{
            left: `${p.across * 100}%`,
            top: `${(p.down / height) * 100}%`,
            width: `${Math.max(LEAST, p.breadth) * 100}%`,
            // What was moved last lies in front; its place in the page stays, so that it keeps the focus.
            zIndex: pictures.indexOf(p),
          }}
          onFocus={() => onChoose(p.picture)}
          onKeyDown={(event) => press(event, p)}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId)
            from.current = { x: event.clientX, y: event.clientY, picture: p }
            onChoose(p.picture)
          }}
          onPointerMove={(event) => {
            if (from.current) {
              onMove(moved(event))
            }
          }}
          onPointerUp={(event) => {
            const start = from.current
            const next = moved(event)
            from.current = undefined
            if (start && (event.clientX !== start.x || event.clientY !== start.y)) {
              onDone(next)
            }
          }}
          onPointerCancel={() => {
            from.current = undefined
          }}
        >
          <img src={hungAt(p)} alt="" draggable={false} className="plate border-hairline w-full border" />
        </button>
      ))}
    </div>
  )
}

function Add({
  taken,
  onAdd,
}: {
  taken: string[]
  onAdd: (picture: Pick<Hung, 'picture' | 'from' | 'ratio'>) => void
}) {
  const say = useNotice()
  const pages = useQuery(queries.pictured()).data ?? []
  const folder = useQuery(queries.folderPictures()).data ?? []
  const send = useMutation({
    mutationFn: (file: File) => sendPicture(file),
    onSuccess: ({ picture }) =>
      onAdd({ picture: picture.id, from: 'PAGES', ratio: picture.width / picture.height }),
    onError: (error) => say(wording.notHungMessage({ message: error.message })),
  })
  const offered: (Pick<Hung, 'picture' | 'from'> & { name: string })[] = [
    ...pages.map((p) => ({ picture: p.picture, from: 'PAGES' as const, name: p.called })),
    ...folder.map((p) => ({ picture: p.id, from: 'FOLDER' as const, name: p.path })),
  ].filter((p) => !taken.includes(p.picture))
  return (
    <details className="no-print mt-3">
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        {wording.hangAnotherPicture()}
      </summary>
      <FileButton
        accept="image/*"
        label={wording.aPictureToHang()}
        disabled={send.isPending}
        onFiles={([file]) => send.mutate(file)}
      >
        {wording.fromAFile()}
      </FileButton>
      {offered.length > 0 && (
        <ul
          aria-label={wording.pagesAndOwnReferences()}
          className="mt-2 grid max-h-72 grid-cols-6 gap-2 overflow-y-auto max-sm:grid-cols-4"
        >
          {offered.slice(0, SHOWN).map((p) => (
            <li key={p.picture}>
              <button
                type="button"
                aria-label={wording.hangName({ name: p.name })}
                className="border-hairline hover:border-ink w-full border"
                onClick={(event) => {
                  const seen = event.currentTarget.querySelector('img')
                  onAdd({ ...p, ratio: seen?.naturalHeight ? seen.naturalWidth / seen.naturalHeight : 1 })
                }}
              >
                <img
                  src={p.from === 'PAGES' ? `/api/pictures/${p.picture}/SMALL` : hungAt(p)}
                  alt=""
                  loading="lazy"
                  className="plate aspect-square w-full object-contain"
                />
              </button>
            </li>
          ))}
        </ul>
      )}
    </details>
  )
}
