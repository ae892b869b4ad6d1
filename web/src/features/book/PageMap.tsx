import type { KeyboardEvent } from 'react'
import { Link, useSearchParams } from 'react-router'
import { pictureAt } from '../../shared/pictures'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { tileWords, type Book, type Tile } from './text'
import { wording } from './wording'

/** Openings shown at first: what was drawn lately, and where it goes on. */
const LATELY = 12

const USUAL = { width: 148, height: 210 }

/** The pages as they lie open, two and two; the arrow keys go from page to page. */
export function PageMap({ book }: { book: Book }) {
  const [params, setParams] = useSearchParams()
  const all = params.has('all') || book.openings.length <= LATELY + 6
  const last = book.openings.findLastIndex((o) =>
    [o.left, o.right].some((t) => t && t.state !== 'UNTOUCHED' && t.state !== 'KEPT_FREE'),
  )
  const end = all ? book.openings.length : Math.min(book.openings.length, Math.max(LATELY, last + 2))
  const begin = all ? 0 : Math.max(0, end - LATELY)
  const shown = book.openings.slice(begin, end)
  const tiles = shown.flatMap((o) => [o.left, o.right]).filter((t) => t != null)
  const format = useFormats()
  if (book.pages === 0) {
    return (
      <p className="text-faded mt-3">
        {wording.noPageIsKnownYetSay()} <i>{wording.n3Cranes20MinP1()}</i>.
      </p>
    )
  }
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2>
          {wording.pagesNumberToNumber2({
            first: format.number(tiles[0]?.number ?? 1),
            last: format.number(tiles.at(-1)?.number ?? 1),
          })}
        </h2>
        <span className="flex gap-x-6">
          {book.openings.length > LATELY + 6 && (
            <Button onClick={() => setParams(all ? {} : { all: '' }, { replace: true })}>
              {all ? wording.latelyDrawnOn() : wording.allPages()}
            </Button>
          )}
          {!book.fields.keptPrivate && (
            <Link
              to={`/sheet?${new URLSearchParams({ book: book.id, title: book.fields.name }).toString()}`}
              className={LINE_LINK}
            >
              {wording.asOneSheetPdf()}
            </Link>
          )}
        </span>
      </div>
      <p className="text-faded mb-2 text-sm">{wording.aFoldedCornerIsAPage()}</p>
      <div
        role="group"
        aria-label={wording.pages2()}
        className={`grid gap-x-4 gap-y-3 ${single(book) ? 'grid-cols-[repeat(auto-fill,minmax(6rem,1fr))]' : 'grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))]'}`}
      >
        {shown.map((opening) => (
          <div
            key={opening.left?.number ?? `r${opening.right?.number}`}
            className={single(book) ? '' : 'grid grid-cols-2'}
            style={{ contentVisibility: 'auto', containIntrinsicSize: 'auto 130px' }}
          >
            {!single(book) && <Side tile={opening.left} book={book} side="left" first={tiles[0]} />}
            <Side tile={opening.right} book={book} side="right" first={tiles[0]} />
          </div>
        ))}
      </div>
    </>
  )
}

const single = (book: Book) => book.fields.binding === 'LOOSE' || !book.fields.bothSides

/** The arrow keys move among pages: left and right to the next, up and down by a row. */
function walk(event: KeyboardEvent<HTMLElement>) {
  const way = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 0, ArrowUp: 0 }[event.key]
  const grid = event.currentTarget.closest('[role=group]')
  if (way === undefined || !grid) {
    return
  }
  const links = [...grid.querySelectorAll<HTMLElement>('a')]
  const at = links.indexOf(event.currentTarget)
  const from = links[at]
  if (!from) {
    return
  }
  event.preventDefault()
  if (way !== 0) {
    links[at + way]?.focus()
    return
  }
  const box = from.getBoundingClientRect()
  const down = event.key === 'ArrowDown'
  const rows = links.filter((link) => {
    const other = link.getBoundingClientRect()
    return Math.abs(other.left - box.left) < 4 && (down ? other.top > box.top : other.top < box.top)
  })
  ;(down ? rows[0] : rows.at(-1))?.focus()
}

function Side({
  tile,
  book,
  side,
  first,
}: {
  tile: Tile | null | undefined
  book: Book
  side: 'left' | 'right'
  first: Tile | undefined
}) {
  const format = useFormats()
  if (!tile) {
    return <span aria-hidden />
  }
  const words = tileWords(tile, format)
  return (
    <Link
      to={`/books/${book.id}/${tile.number}`}
      title={words}
      tabIndex={tile === first ? 0 : -1}
      className="group block"
      onKeyDown={walk}
    >
      <span className="sr-only">{words}</span>
      <TilePicture tile={tile} book={book} />
      <span
        className={`text-faded block text-sm tabular-nums ${side === 'right' ? 'text-right' : ''}`}
        aria-hidden
      >
        {tile.number}
      </span>
    </Link>
  )
}

function TilePicture({ tile, book }: { tile: Tile; book: Book }) {
  const ratio = `${book.widthMm ?? USUAL.width} / ${book.heightMm ?? USUAL.height}`
  return (
    <span
      aria-hidden
      style={{ aspectRatio: ratio }}
      className={`relative block w-full overflow-hidden border group-focus-visible:outline-2 ${
        tile.state === 'KEPT_FREE'
          ? 'border-faded border-dashed'
          : tile.state === 'UNTOUCHED'
            ? 'border-hairline'
            : 'border-pencil'
      } ${tile.state === 'TORN_OUT' ? 'bg-deeper' : ''}`}
    >
      {tile.picture ? (
        <img
          src={pictureAt(tile.picture, 'SMALL')}
          alt=""
          loading="lazy"
          decoding="async"
          className={`plate size-full object-cover ${tile.state === 'TORN_OUT' ? 'opacity-40' : ''}`}
        />
      ) : (
        <span className="grid size-full place-items-center p-1 text-center font-serif text-[11px] leading-tight italic">
          {tile.state === 'KEPT_FREE'
            ? wording.keptFreeWords({ words: tile.words && `: ${tile.words}` })
            : tile.state === 'DRAWN'
              ? tile.about
              : ''}
        </span>
      )}
      {tile.state === 'TORN_OUT' && (
        <>
          <svg viewBox="0 0 80 10" preserveAspectRatio="none" className="absolute inset-x-0 top-0 h-2 w-full">
            <path
              d="M0 0h80v6l-7 -3l-9 4l-8 -3l-10 4l-9 -4l-8 3l-10 -4l-9 4l-10 -3l-8 3Z"
              className="fill-paper stroke-pencil"
            />
          </svg>
          <span className="absolute inset-0 grid place-items-center p-1 text-center font-serif text-[11px] leading-tight italic">
            {wording.tornOutWords({ words: tile.words && `, ${tile.words}` })}
          </span>
        </>
      )}
      {tile.state === 'GLUED_IN' && (
        <span className="bg-deeper border-pencil absolute top-1 left-1/4 h-1.5 w-1/2 border" />
      )}
      {tile.favourite && (
        <svg viewBox="0 0 16 16" className="absolute top-0 right-0 size-4">
          <path d="M0 0L16 16V0Z" className="fill-paper" />
          <path d="M0 0L16 16H0Z" className="fill-deeper stroke-faded" />
        </svg>
      )}
    </span>
  )
}
