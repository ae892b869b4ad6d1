import { useLayoutEffect, useRef, type ReactNode } from 'react'
import type { Schemas } from '../api/client'

type Stroke = Schemas['Stroke']

const DAY = 14
const HEIGHT = 32
const LABELS = 12
const MIDDLE = 18
const FULL_MINUTES = 90

const halfThickness = (minutes: number) => 1.2 + (Math.min(minutes, FULL_MINUTES) / FULL_MINUTES) * 9
const sway = (i: number) => Math.sin(i * 0.9) * 1.6 + Math.sin(i * 2.3) * 0.7

/** Days as one pen stroke from left to right: thickness is minutes, dots are rest, a hairline is a single miss. */
export function PenLine({
  strokes,
  today,
  label,
  name,
  text,
  onDay,
  pencil = false,
  places = strokes.length,
}: {
  strokes: Stroke[]
  today: string
  /** Label under a day, or nothing. */
  label: (stroke: Stroke, i: number) => string | undefined
  /** What a day is called where the pointer rests on it. */
  name: (stroke: Stroke) => string
  /** The line in words. */
  text: string
  /** Whether it is only drawn ahead, to show what will stand there. */
  pencil?: boolean
  /** Days that there is room for, so that lines of fewer days stand under each other day by day. */
  places?: number
  /** A day was pressed. The keyboard has the day's page for that. */
  onDay: (day: string) => void
}) {
  const box = useRef<HTMLDivElement>(null)
  const width = places * DAY
  const labels = strokes.map(label)
  const height = labels.some(Boolean) ? HEIGHT + LABELS : HEIGHT
  const now = strokes.findIndex((s) => s.date === today)
  useLayoutEffect(() => {
    // On a narrow screen the line is longer than the page; what counts is its end.
    if (box.current) {
      box.current.scrollLeft = box.current.scrollWidth
    }
  }, [width])
  return (
    <div ref={box} className="overflow-hidden">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        preserveAspectRatio="xMinYMid"
        className="block w-full min-w-[1040px]"
        role="img"
        aria-label={text}
      >
        {runs(strokes).map(([from, to]) => (
          <path
            key={from}
            d={outline(strokes, from, to)}
            className={pencil ? 'fill-pencil opacity-50' : 'fill-ink'}
          />
        ))}
        {strokes.map((stroke, i) => quietMark(stroke, i))}
        {strokes.map((stroke, i) => (
          <rect
            key={stroke.date}
            x={i * DAY}
            width={DAY}
            height={HEIGHT}
            className="hover:stroke-hairline cursor-pointer fill-transparent"
            onClick={() => onDay(stroke.date)}
          >
            <title>{name(stroke)}</title>
          </rect>
        ))}
        {now >= 0 && <path d={`M${now * DAY + 3} 1 h8 l-4 5 z`} className="fill-sanguine" />}
        {labels.map(
          (words, i) =>
            words && (
              <text key={i} x={i * DAY} y={height - 2} className="fill-faded text-[10.5px]">
                {words}
              </text>
            ),
        )}
      </svg>
    </div>
  )
}

function quietMark(stroke: Stroke, i: number): ReactNode {
  const from = i * DAY
  const to = from + DAY
  switch (stroke.mark) {
    case 'REST':
      return (
        <line
          key={i}
          x1={from + 2}
          x2={to - 1}
          y1={MIDDLE}
          y2={MIDDLE}
          className="stroke-faded"
          strokeDasharray="1 3"
        />
      )
    case 'FORGIVEN':
      return (
        <line
          key={i}
          x1={from - 1}
          x2={to + 1}
          y1={MIDDLE}
          y2={MIDDLE}
          className="stroke-faded"
          strokeWidth={0.9}
        />
      )
    case 'OPEN':
    case 'AHEAD':
      return (
        <line
          key={i}
          x1={from + 3}
          x2={to - 3}
          y1={MIDDLE}
          y2={MIDDLE}
          className="stroke-pencil"
          strokeWidth={0.8}
          strokeDasharray="4 3"
        />
      )
    case 'INK':
    case 'GAP':
      return null
  }
}

/** Unbroken stretches of ink as pairs of first and last day. */
function runs(strokes: Stroke[]): [number, number][] {
  const found: [number, number][] = []
  strokes.forEach((stroke, i) => {
    if (stroke.mark !== 'INK') {
      return
    }
    const last = found.at(-1)
    if (last && last[1] === i - 1) {
      last[1] = i
    } else {
      found.push([i, i])
    }
  })
  return found
}

function outline(strokes: Stroke[], from: number, to: number): string {
  const points: [number, number, number][] = [[from * DAY + 0.5, MIDDLE + sway(from), 0.9]]
  for (let i = from; i <= to; i++) {
    points.push([i * DAY + DAY / 2, MIDDLE + sway(i), halfThickness(strokes[i]?.minutes ?? 0)])
  }
  points.push([to * DAY + DAY - 0.5, MIDDLE + sway(to + 1), 0.9])
  const above = points.map(([x, y, h]): [number, number] => [x, y - h])
  const below = points.map(([x, y, h]): [number, number] => [x, y + h * 0.85]).reverse()
  return `M${pair(above[0])} ${curve(above)} L${pair(below[0])} ${curve(below)} Z`
}

const pair = (point: [number, number] | undefined) =>
  point ? `${point[0].toFixed(1)} ${point[1].toFixed(1)}` : ''

/** A smooth line through points: each middle is met, each point bends. */
function curve(points: [number, number][]): string {
  return points
    .slice(1)
    .map(([x, y], i) => {
      const [x0, y0] = points[i] ?? [x, y]
      const half = (x - x0) / 2
      return `C${(x0 + half).toFixed(1)} ${y0.toFixed(1)} ${(x - half).toFixed(1)} ${y.toFixed(1)} ${x.toFixed(1)} ${y.toFixed(1)}`
    })
    .join(' ')
}
