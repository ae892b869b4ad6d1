import { Link } from 'react-router'
import type { BookLine } from './text'
import { wording } from './wording'

const TALLEST = 170
/** Millimetres of the tallest page that stands to scale. */
const SCALE_MM = 420
const USUAL_MM = 210
const USUAL_LEAVES = 40
const WIDTH = { least: 26, most: 72, none: 18, aLeaf: 0.45 }

const heightOf = (book: BookLine) =>
  Math.max(64, Math.min(TALLEST, ((book.heightMm ?? USUAL_MM) / SCALE_MM) * TALLEST * 1.35))

const widthOf = (book: BookLine) =>
  Math.max(WIDTH.least, Math.min(WIDTH.most, WIDTH.none + (book.leaves ?? USUAL_LEAVES) * WIDTH.aLeaf))

/**
 * The books side by side: ink stands as high as each is filled, where its leaves are counted; bands tie up what is
 * private.
 */
export function Spines({ books, shown }: { books: BookLine[]; shown: string | undefined }) {
  const bound = books.filter((b) => b.binding !== 'LOOSE')
  const loose = books.filter((b) => b.binding === 'LOOSE')
  return (
    <ul
      className="border-ink flex items-end gap-1.5 overflow-x-auto border-b pt-2 pl-1"
      aria-label={wording.books()}
    >
      {bound.map((book) => (
        <li key={book.id} className="shrink-0">
          <Spine book={book} shown={book.id === shown} />
        </li>
      ))}
      {loose.map((book) => (
        <li key={book.id} className="ml-4 shrink-0">
          <Portfolio book={book} shown={book.id === shown} />
        </li>
      ))}
    </ul>
  )
}

const label = (book: BookLine) =>
  `${book.name}, ${filled(book)}${book.keptPrivate ? wording.privateWord() : ''}${book.closed ? wording.closed() : ''}`

function filled(book: BookLine) {
  if (book.filledShare != null) {
    return wording.filledShareFilled({ filledShare: Math.round(book.filledShare * 100) })
  }
  return book.binding === 'LOOSE' ? wording.looseSheets() : wording.leavesNotCounted()
}

function Spine({ book, shown }: { book: BookLine; shown: boolean }) {
  const width = widthOf(book)
  const height = heightOf(book)
  const ink = (book.filledShare ?? 0) * (height - 3)
  const top = height - ink
  return (
    <Link
      to={`/books/${book.id}`}
      aria-current={shown ? 'true' : undefined}
      className="block"
      title={label(book)}
    >
      <span className="sr-only">{label(book)}</span>
      <svg width={width} height={height + 12} viewBox={`0 -2 ${width} ${height + 12}`} aria-hidden>
        <rect
          x={0.75}
          y={0}
          width={width - 1.5}
          height={height}
          className="fill-paper stroke-pencil"
          strokeDasharray={book.heightMm ? undefined : '4 3'}
        />
        {ink > 1 && (
          <path
            d={`M1.5 ${height}V${top}q${width / 6} -3 ${width / 3} 0t${width / 3} 0t${width / 3 - 3} 0V${height}Z`}
            className="fill-ink"
            opacity={0.9}
          />
        )}
        <SpineTitle text={book.name} width={width} height={height} top={top} />
        {book.keptPrivate &&
          [0.78, 0.82].map((at) => (
            <line
              key={at}
              x1={0}
              x2={width}
              y1={height * at}
              y2={height * at}
              className="stroke-ochre"
              strokeWidth={2}
            />
          ))}
        {shown && <path d={`M${width / 2 - 5} ${height + 9}l5 -7l5 7Z`} className="fill-sanguine" />}
      </svg>
    </Link>
  )
}

/** The title runs down the spine: ink above the filled part, paper upon it. */
function SpineTitle({
  text,
  width,
  height,
  top,
}: {
  text: string
  width: number
  height: number
  top: number
}) {
  const most = Math.max(4, Math.floor((height - 16) / 7))
  const short = text.length > most ? `${text.slice(0, most - 1)}…` : text
  const place = {
    transform: `translate(${width / 2 - 4} 8) rotate(90)`,
    className: 'font-serif text-[14px]',
  }
  const clip = `spine-${text}-${width}`.replace(/[^\w-]/g, '_')
  return (
    <>
      <clipPath id={`${clip}-a`}>
        <rect x={0} y={-2} width={width} height={Math.max(0, top + 1)} />
      </clipPath>
      <clipPath id={`${clip}-b`}>
        <rect x={0} y={top} width={width} height={Math.max(0, height - top)} />
      </clipPath>
      <g clipPath={`url(#${clip}-a)`}>
        <text {...place} fill="var(--ink)">
          {short}
        </text>
      </g>
      <g clipPath={`url(#${clip}-b)`}>
        <text {...place} fill="var(--paper)">
          {short}
        </text>
      </g>
    </>
  )
}

/** Loose sheets lie flat. */
function Portfolio({ book, shown }: { book: BookLine; shown: boolean }) {
  const width = 130
  return (
    <Link
      to={`/books/${book.id}`}
      aria-current={shown ? 'true' : undefined}
      title={label(book)}
      className="block"
    >
      <span className="sr-only">{label(book)}</span>
      <svg width={width + 12} height={50} viewBox={`0 0 ${width + 12} 50`} aria-hidden>
        <path d={`M6 16l6 -5h${width - 12}l6 5`} className="stroke-pencil" fill="none" />
        <rect x={0.75} y={16} width={width} height={22} className="fill-paper stroke-pencil" />
        <text x={8} y={32} className="fill-ink font-serif text-[14px]">
          {book.name.length > 18 ? `${book.name.slice(0, 17)}…` : book.name}
        </text>
        {shown && <path d={`M${width / 2 - 5} 47l5 -7l5 7Z`} className="fill-sanguine" />}
      </svg>
    </Link>
  )
}
