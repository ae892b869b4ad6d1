import type { ReactNode } from 'react'
import { scale, ticks } from './scale'

const GATE = 27
const STEP = 5
const HEIGHT = 20
const MOST_GATES = 50
const MOST_TICKS = 26

/** A small, steady unevenness, so that drawn marks do not look printed. */
const wobble = (i: number) => Math.sin(i * 12.9898) * 1.1

/**
 * A count as five-bar gates: done in ink, planned in pencil. Above fifty it condenses to a ruler with the same two.
 * Purely drawn; the words beside it and the hidden text carry the numbers.
 */
export function Tally({ done, planned, text }: { done: number; planned: number; text: string }) {
  const total = Math.max(done, planned)
  return (
    <span role="img" aria-label={text} className="block">
      {total > MOST_GATES ? <RulerMark done={done} total={total} /> : <Gates done={done} total={total} />}
    </span>
  )
}

function Gates({ done, total }: { done: number; total: number }) {
  const groups = Math.ceil(total / STEP)
  const strokes: ReactNode[] = []
  for (let i = 0; i < total; i++) {
    const group = Math.floor(i / STEP)
    const place = i % STEP
    const x = group * GATE + 2 + place * 5
    const line =
      place === STEP - 1
        ? `M${group * GATE - 1} ${16 + wobble(i)} L${group * GATE + 21} ${3 - wobble(i)}`
        : `M${x + wobble(i) * 0.6} 2 L${x + wobble(i + 7) * 0.6} 18`
    strokes.push(
      <path
        key={i}
        d={line}
        className={i < done ? 'stroke-ink' : 'stroke-pencil'}
        strokeWidth={i < done ? 2 : 1.3}
      />,
    )
  }
  return (
    <svg
      width={groups * GATE + 4}
      height={HEIGHT}
      viewBox={`-2 0 ${groups * GATE + 4} ${HEIGHT}`}
      fill="none"
      strokeLinecap="round"
      className="max-w-full"
      aria-hidden
    >
      {strokes}
    </svg>
  )
}

function RulerMark({ done, total }: { done: number; total: number }) {
  const width = 260
  const at = scale(0, total, 0, width)
  const marks = ticks(total, Math.min(MOST_TICKS, total / 10))
  return (
    <svg width={width} height={HEIGHT} viewBox={`0 0 ${width} ${HEIGHT}`} className="max-w-full" aria-hidden>
      <line x1={0} x2={width} y1={12} y2={12} className="stroke-pencil" strokeWidth={1.3} />
      <line x1={0} x2={at(done)} y1={12} y2={12} className="stroke-ink" strokeWidth={5} />
      {marks.map((tick) => (
        <line
          key={tick}
          x1={at(tick)}
          x2={at(tick)}
          y1={tick % 50 === 0 ? 2 : 6}
          y2={12}
          className={tick <= done ? 'stroke-ink' : 'stroke-pencil'}
          strokeWidth={1.3}
        />
      ))}
    </svg>
  )
}
