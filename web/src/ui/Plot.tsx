import { useId, useState } from 'react'
import { scale } from './scale'
import { wording } from './wording'

/** A value at its place, with what it is in words. */
type Point = { x: number; y: number; label: string; strong?: boolean }

const LEFT = 30
const TOP = 10
const FOOT = 20

/**
 * Values over something that runs on. Each can be reached by mouse, touch and arrow keys and is then said; all
 * of them stand in a table behind it. Places are read off the values; nothing is worked out here.
 */
export function Plot({
  name,
  points,
  most,
  marks,
  ends,
  kind,
  height = 120,
  width = 520,
}: {
  /** What is plotted, for the caption. */
  name: string
  points: Point[]
  /** The highest value of the upright axis; it begins at 0. */
  most: number
  /** Values of the upright axis that are named. */
  marks: { at: number; label: string }[]
  /** What the first and the last place are called. */
  ends: [string, string]
  kind: 'line' | 'bars' | 'dots'
  height?: number
  /** Of the drawing; a smaller one has larger letters. */
  width?: number
}) {
  const [at, setAt] = useState<number>()
  const id = useId()
  const first = points[0]?.x ?? 0
  const last = points.at(-1)?.x ?? 1
  const x = scale(first, last, LEFT + 6, width - 8)
  const y = scale(0, Math.max(most, 1e-9), height - FOOT, TOP)
  const chosen = at === undefined ? undefined : points[at]
  const step = (by: number) =>
    setAt(Math.min(points.length - 1, Math.max(0, (at ?? (by > 0 ? -1 : points.length)) + by)))
  const path = points.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.x)} ${y(p.y)}`).join('')
  const bar = Math.max(1.5, Math.min(14, ((width - LEFT) / Math.max(1, points.length)) * 0.6))
  return (
    <figure className="mt-2">
      <figcaption id={id} className="text-faded text-sm">
        {name}
      </figcaption>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        role="group"
        aria-labelledby={id}
        tabIndex={0}
        className="w-full max-w-2xl"
        onKeyDown={(event) => {
          if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
            event.preventDefault()
            step(event.key === 'ArrowRight' ? 1 : -1)
          }
        }}
        onPointerMove={(event) => {
          const box = event.currentTarget.getBoundingClientRect()
          const mouse = ((event.clientX - box.left) / box.width) * width
          const distances = points.map((p) => Math.abs(x(p.x) - mouse))
          setAt(points.length === 0 ? undefined : distances.indexOf(Math.min(...distances)))
        }}
        onPointerLeave={() => setAt(undefined)}
      >
        {marks.map((mark) => (
          <g key={mark.at}>
            <line x1={LEFT} x2={width} y1={y(mark.at)} y2={y(mark.at)} className="stroke-hairline" />
            <text x={LEFT - 4} y={y(mark.at) + 4} textAnchor="end" className="fill-faded text-[11px]">
              {mark.label}
            </text>
          </g>
        ))}
        <line x1={LEFT} x2={width} y1={y(0)} y2={y(0)} className="stroke-ink" />
        {kind === 'line' && <path d={path} fill="none" className="stroke-ink" strokeWidth={1.5} />}
        {kind === 'bars' &&
          points.map((p, i) => (
            <rect
              key={p.x}
              x={x(p.x) - bar / 2}
              y={y(p.y)}
              width={bar}
              height={Math.max(0, y(0) - y(p.y))}
              className={i === at ? 'fill-sanguine' : 'fill-ink'}
            />
          ))}
        {kind !== 'bars' &&
          points.map((p, i) => (
            <circle
              key={`${p.x} ${i}`}
              cx={x(p.x)}
              cy={y(p.y)}
              r={i === at ? 5 : p.strong || kind === 'dots' ? 3.2 : 1.6}
              className={i === at ? 'fill-sanguine' : 'fill-ink'}
            />
          ))}
        <text x={LEFT} y={height - 4} className="fill-faded text-[11px]">
          {ends[0]}
        </text>
        <text x={width} y={height - 4} textAnchor="end" className="fill-faded text-[11px]">
          {ends[1]}
        </text>
      </svg>
      <p className="min-h-6 text-sm" aria-live="polite">
        {chosen?.label}
      </p>
      <details className="text-sm">
        <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
          {wording.asAList()}
        </summary>
        <ol className="max-h-60 overflow-y-auto">
          {points.map((p, i) => (
            <li key={`${p.x} ${i}`}>{p.label}</li>
          ))}
        </ol>
      </details>
    </figure>
  )
}
