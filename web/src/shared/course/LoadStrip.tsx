import type { Schemas } from '../../api/client'
import { wording } from './wording'

const WIDTH = 9
const HEIGHT = 26
const FULL = 16

/** What the strokes say. */
export const STROKES = wording.eachStrokeIsAWeekThe()

/** Each week as a pencil stroke, against a line that stands for the learner's own room where there is one. */
export function LoadStrip({ loads, room = true }: { loads: Schemas['WeekLoad'][]; room?: boolean }) {
  const fullest = Math.max(...loads.map((w) => w.minutes))
  const width = loads.length * WIDTH + 2
  const over = loads.filter((w) => !w.fits).length
  const fit =
    over === 0 ? wording.eachFitsYourOwnRoom({ loads: loads.length }) : wording.overDoNotFitYourOwn({ over })
  const text = `${wording.weeks({ loads: loads.length })}${room ? `; ${fit}` : ''}`
  return (
    <svg
      viewBox={`0 0 ${width} ${HEIGHT}`}
      style={{ width: Math.min(width * 1.6, 520) }}
      className="my-1 block h-auto max-w-full"
      role="img"
      aria-label={text}
    >
      {loads.map((week, i) => {
        const height = Math.max(
          1,
          Math.min(HEIGHT - 2, (room ? (week.load ?? 1.5) : week.minutes / fullest) * FULL),
        )
        return (
          <line
            key={i}
            x1={i * WIDTH + 5}
            x2={i * WIDTH + 5}
            y1={HEIGHT - 1}
            y2={HEIGHT - 1 - height}
            strokeWidth={5}
            className={week.fits || !room ? 'stroke-pencil' : 'stroke-sanguine'}
          >
            <title>{wording.iTitleMinutesMin({ i: i + 1, title: week.title, minutes: week.minutes })}</title>
          </line>
        )
      })}
      {room && (
        <line
          x1={0}
          x2={width}
          y1={HEIGHT - 1 - FULL}
          y2={HEIGHT - 1 - FULL}
          className="stroke-ink"
          strokeWidth={0.8}
        />
      )}
    </svg>
  )
}
