import { daysBetween } from './days'
import { scale } from './scale'

/** What may be reached by a date: with 90 %, 50 % and 10 %. */
type Reach = { date: string; low: number; middle: number; high: number }

const WIDTH = 560
const HEIGHT = 190
const LEFT = 34
const TOP = 14
const FOOT = 22

/**
 * A count on its way to a promise: ink is what is drawn, the fan what will be, the pencil line the promise.
 * Places are read off dates and counts; nothing is worked out here.
 */
export function Fan({
  from,
  today,
  due,
  asked,
  curve,
  before,
  reach,
  text,
  label,
  small = false,
}: {
  /** First day of the span. */
  from: string
  today: string
  /** The last day; nothing where there is none. */
  due: string | undefined
  asked: number
  /** Units so far by the end of each date from the first on; the end of a date is drawn where the next begins. */
  curve: number[]
  /** The same of an earlier run of the promise, drawn in pencil. */
  before?: number[] | undefined
  reach: Reach[]
  /** All of it in words. */
  text: string
  label: (date: string) => string
  /** Without dates and figures, to stand in a list beside its words. */
  small?: boolean
}) {
  const last = reach.at(-1)
  const end = last && (!due || last.date > due) ? last.date : (due ?? today)
  const dueAt = due && daysBetween(from, due) + 1
  const span = Math.max(1, daysBetween(from, end) + 1, curve.length, before?.length ?? 0)
  const most = Math.max(asked, 1, ...curve, ...(before ?? []), last?.high ?? 0)
  const x = scale(0, span, LEFT, WIDTH - 8)
  const y = scale(0, most, HEIGHT - FOOT, TOP)
  const line = (counts: number[]) =>
    `M${x(0)} ${y(0)}` + counts.map((count, i) => `L${x(i + 1)} ${y(count)}`).join('')
  const drawn = curve.at(-1) ?? 0
  const now = x(curve.length)
  const start = `${now} ${y(drawn)}`
  const point = (r: Reach, key: 'low' | 'middle' | 'high') =>
    `${x(daysBetween(from, r.date) + 1)} ${y(r[key])}`
  const area = (key: 'low' | 'high') => reach.map((r) => `L${point(r, key)}`)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      {...(small ? { 'aria-hidden': true } : { role: 'img', 'aria-label': text })}
      className={small ? 'w-36 shrink-0 [&_*]:[vector-effect:non-scaling-stroke]' : 'w-full max-w-2xl'}
    >
      <line x1={LEFT} x2={WIDTH - 8} y1={y(0)} y2={y(0)} className="stroke-hairline" />
      <line
        x1={LEFT}
        x2={WIDTH - 8}
        y1={y(asked)}
        y2={y(asked)}
        className="stroke-pencil"
        strokeDasharray="5 4"
      />
      {!small && (
        <text x={LEFT - 6} y={y(asked) + 4} textAnchor="end" className="fill-ink text-[13px]">
          {asked}
        </text>
      )}
      {dueAt && (
        <>
          <line x1={x(dueAt)} x2={x(dueAt)} y1={TOP - 6} y2={y(0)} className="stroke-pencil" />
          <path d={`M${x(0)} ${y(0)}L${x(dueAt)} ${y(asked)}`} className="stroke-pencil" fill="none" />
        </>
      )}
      {reach.length > 0 && (
        <>
          <path
            d={`M${start}${area('high').join('')}${[...area('low')].reverse().join('')}Z`}
            className="fill-ink"
            opacity={0.16}
          />
          <path
            d={`M${start}${reach.map((r) => `L${point(r, 'middle')}`).join('')}`}
            className="stroke-ink"
            fill="none"
            strokeWidth={1.4}
          />
        </>
      )}
      {before && <path d={line(before)} className="stroke-pencil" fill="none" strokeWidth={2.5} />}
      <path d={line(curve)} className="stroke-ink" fill="none" strokeWidth={3.2} strokeLinejoin="round" />
      {today >= from && today <= end && reach.length > 0 && (
        <circle cx={now} cy={y(drawn)} r={4} className="fill-ink" />
      )}
      {!small && (
        <>
          <text x={LEFT} y={HEIGHT - 5} className="fill-faded text-[13px]">
            {label(from)}
          </text>
          {due && dueAt && (
            <text x={x(dueAt)} y={HEIGHT - 5} textAnchor="end" className="fill-ink text-[13px]">
              {label(due)}
            </text>
          )}
          {(!due || (end > due && daysBetween(due, end) * 6 > span)) && (
            <text x={WIDTH - 8} y={HEIGHT - 5} textAnchor="end" className="fill-faded text-[13px]">
              {label(end)}
            </text>
          )}
        </>
      )}
    </svg>
  )
}
