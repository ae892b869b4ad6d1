import type { Schemas } from '../../api/client'
import { scale } from '../../ui/scale'

const WIDTH = 560
const HEIGHT = 44

/** A ladder as strokes from left to right: as long as each pose, higher the longer; rests are dotted. */
export function LadderStrokes({ rungs }: { rungs: Schemas['Rung'][] }) {
  const all = rungs.reduce((sum, rung) => sum + rung.seconds, 0)
  const longest = Math.max(...rungs.map((rung) => rung.seconds))
  const x = scale(0, all, 0, WIDTH)
  const height = scale(0, longest, HEIGHT - 6, 8)
  const ends = rungs.reduce<number[]>((sums, rung) => [...sums, (sums.at(-1) ?? 0) + rung.seconds], [])
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="my-2 w-full max-w-2xl" aria-hidden>
      {rungs.map((rung, i) => {
        const from = x((ends[i] ?? 0) - rung.seconds)
        const to = x(ends[i] ?? 0)
        const y = height(rung.kind === 'BREAK' ? 0 : rung.seconds)
        return (
          <line
            key={i}
            x1={from + 0.8}
            x2={Math.max(from + 1.2, to - 0.8)}
            y1={y}
            y2={y}
            className={rung.kind === 'BREAK' ? 'stroke-pencil' : 'stroke-ink'}
            strokeWidth={rung.kind === 'BREAK' ? 2 : 3}
            strokeDasharray={rung.kind === 'BREAK' ? '2 4' : undefined}
          />
        )
      })}
    </svg>
  )
}
