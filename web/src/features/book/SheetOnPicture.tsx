import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import type { Schemas } from '../../api/client'
import { Glass } from '../../ui/Glass'
import { useFormats } from '../../ui/locale'
import { roomFor } from '../../shared/picture/room'
import { wording } from './wording'

export type Spot = Schemas['Spot']

/** A point on the picture that can be moved, by what it is called. */
export type Handle = { name: string; at: Spot }

const STEP = 0.001
const LONG_STEP = 0.01

/** How far beyond the picture a corner may lie. */
const BEYOND = 0.2

const within = (share: number) => Math.min(1 + BEYOND, Math.max(-BEYOND, share))

/** A picture with points to be moved by mouse, touch or arrow keys; the one being moved is seen through a glass. */
export function SheetOnPicture({
  src,
  width,
  height,
  handles,
  lines,
  onMove,
}: {
  src: string
  width: number
  height: number
  handles: Handle[]
  /** Which points are joined by a line. */
  lines: [Spot, Spot][]
  onMove: (index: number, to: Spot) => void
}) {
  const format = useFormats()
  const frame = useRef<HTMLDivElement>(null)
  const [active, setActive] = useState<{ index: number; box: DOMRect }>()
  const take = (index: number) => {
    const box = frame.current?.getBoundingClientRect()
    setActive(box && { index, box })
  }
  const percent = (share: number) => format.number(Math.round(share * 1000) / 10)

  const move = (event: PointerEvent, index: number) => {
    const box = frame.current?.getBoundingClientRect()
    if (box && event.currentTarget.hasPointerCapture(event.pointerId)) {
      onMove(index, {
        x: within((event.clientX - box.left) / box.width),
        y: within((event.clientY - box.top) / box.height),
      })
    }
  }
  const press = (event: KeyboardEvent, index: number, at: Spot) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key]
    if (way) {
      event.preventDefault()
      const step = event.shiftKey ? LONG_STEP : STEP
      onMove(index, {
        x: within(at.x + (way[0] ?? 0) * step),
        y: within(at.y + ((way[1] ?? 0) * step * width) / height),
      })
    }
  }
  const seen = active && handles[active.index]
  return (
    <div className="border-hairline border p-5">
      <div ref={frame} className="relative mx-auto w-fit select-none">
        <img
          src={src}
          width={width}
          height={height}
          alt={wording.asItCame()}
          className="plate max-w-full"
          style={roomFor({ width, height }, '68dvh')}
        />
        <svg
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          className="pointer-events-none absolute inset-0 size-full overflow-visible"
          aria-hidden
        >
          {lines.map(([a, b]) => (
            <g key={`${a.x} ${a.y} ${b.x} ${b.y}`} className="[&_*]:[vector-effect:non-scaling-stroke]">
              <line
                x1={a.x}
                y1={a.y}
                x2={b.x}
                y2={b.y}
                className="stroke-paper"
                strokeWidth={4}
                opacity={0.7}
              />
              <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} className="stroke-ink" strokeWidth={1.5} />
            </g>
          ))}
        </svg>
        {handles.map(({ name, at }, index) => (
          <button
            key={name}
            type="button"
            aria-label={wording.nameXFromTheLeftY({ name, x: percent(at.x), y: percent(at.y) })}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId)
              event.currentTarget.focus()
              take(index)
            }}
            onPointerMove={(event) => move(event, index)}
            onKeyDown={(event) => press(event, index, at)}
            onFocus={() => take(index)}
            onBlur={() => setActive(undefined)}
            style={{ left: `${at.x * 100}%`, top: `${at.y * 100}%` }}
            className="absolute grid size-11 -translate-x-1/2 -translate-y-1/2 cursor-move touch-none place-items-center"
          >
            <span className="border-ink bg-paper/70 size-4 rotate-45 border-2" />
          </button>
        ))}
        {seen && <Glass src={src} at={seen.at} frame={active.box} />}
      </div>
    </div>
  )
}
