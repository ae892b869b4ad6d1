import type { Schemas } from '../../api/client'
import { Plot } from '../../ui/Plot'
import { useFormats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import { ticks } from '../../ui/scale'
import { marksGone, marksHowSure } from './text'
import { wording } from './wording'

const day = (date: string) => Date.parse(date) / 86_400_000

/** Freshness, minutes and marks of a topic. */
export function TopicPlots({ topic: { record } }: { topic: Schemas['TopicView'] }) {
  const format = useFormats()
  const { freshness, weeks, marks, levels } = record
  const ends = (days: string[]): [string, string] => [
    days[0] ? format.dayMonth(days[0]) : '',
    days.at(-1) ? format.dayMonth(days.at(-1) ?? '') : '',
  ]
  const mostMinutes = Math.max(1, ...weeks.map((w) => w.minutes))
  const marked = [1, 2, 3, 4, 5].map((at) => ({ at, label: String(at) }))
  return (
    <>
      <Plot
        name="How fresh it was before each time it was drawn; larger dots are returns after three days or more"
        kind="line"
        most={1}
        marks={[
          { at: 0.5, label: '50 %' },
          { at: 1, label: '100 %' },
        ]}
        ends={ends(freshness.map((p) => p.day))}
        points={freshness.map((p) => ({
          x: day(p.day),
          y: p.value,
          strong: p.spacedReturn,
          label: `${format.dayMonthYear(p.day)}: ${format.percent(p.value)}${p.spacedReturn ? ', a return' : ''}${p.practised ? '' : ', today'}`,
        }))}
      />
      <Plot
        name="Minutes a week"
        kind="bars"
        most={mostMinutes}
        marks={ticks(mostMinutes, 3).map((at) => ({ at, label: String(at) }))}
        ends={ends(weeks.map((w) => w.from))}
        points={weeks.map((w) => ({
          x: day(w.from),
          y: w.minutes,
          label: `Week of ${format.dayMonth(w.from)}: ${format.minutes(w.minutes)}, ${plural(w.drawings, 'drawing')}`,
        }))}
      />
      {marks.length > 1 && (
        <div className="grid gap-x-6 sm:grid-cols-2">
          <Plot
            name="Marks over days"
            width={260}
            kind="dots"
            most={5}
            marks={marked}
            ends={ends(marks.map((m) => m.day))}
            points={marks.map((m) => ({
              x: day(m.day),
              y: m.mark,
              label: `${format.dayMonthYear(m.day)}: mark ${m.mark}`,
            }))}
          />
          <Plot
            name="Marks over drawings made"
            width={260}
            kind="dots"
            most={5}
            marks={marked}
            ends={[
              format.number(marks[0]?.drawings ?? 0),
              wording.drawings({ drawings: marks.at(-1)?.drawings ?? 0 }),
            ]}
            points={marks.map((m) => ({
              x: m.drawings,
              y: m.mark,
              label: `After ${plural(m.drawings, 'drawing')}: mark ${m.mark}`,
            }))}
          />
          <div className="sm:col-span-2">
            <p>{marksGone(levels, format)}</p>
            <details className="text-faded text-sm">
              <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
                {wording.howSure()}
              </summary>
              {marksHowSure(levels, format)}
            </details>
          </div>
        </div>
      )}
    </>
  )
}
