import type { Schemas } from '../../api/client'

const WIDTH = 9
const HEIGHT = 26
const FULL = 16

/** The load of each week as a pencil stroke against a line that stands for the learner's own room. */
export function LoadStrip({ loads }: { loads: Schemas['WeekLoad'][] }) {
  const width = loads.length * WIDTH + 2
  const over = loads.filter((w) => !w.fits).length
  const text = `${loads.length} weeks; ${over === 0 ? 'each fits your own room' : `${over} do not fit your own room`}`
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      style={{ width: Math.min(width * 1.6, 520) }}
      className="my-1 block h-auto max-w-full"
      role="img"
      aria-label={text}
    >
      {loads.map((week, i) => {
        const height = Math.max(1, Math.min(HEIGHT - 2, (week.load ?? 1.5) * FULL))
        return (
          <line
            key={i}
            x1={i * WIDTH + 5}
            x2={i * WIDTH + 5}
            y1={HEIGHT - 1}
            y2={HEIGHT - 1 - height}
            strokeWidth={5}
            className={week.fits ? 'stroke-pencil' : 'stroke-sanguine'}
          >
            <title>{`${i + 1}: ${week.title}, ${week.minutes} min`}</title>
          </line>
        )
      })}
      <line
        x1={0}
        x2={width}
        y1={HEIGHT - 1 - FULL}
        y2={HEIGHT - 1 - FULL}
        className="stroke-ink"
        strokeWidth={0.8}
      />
    </svg>
  )
}
