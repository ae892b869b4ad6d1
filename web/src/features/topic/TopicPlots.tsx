import type { Schemas } from '../../api/client'
import { Plot } from '../../ui/Plot'
import { useFormats } from '../../ui/locale'
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
        name={wording.howFreshItWasBeforeEach()}
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
          label: `${format.dayMonthYear(p.day)}: ${format.percent(p.value)}${p.spacedReturn ? wording.aReturn() : ''}${p.practised ? '' : wording.today2()}`,
        }))}
      />
      <Plot
        name={wording.minutesAWeek()}
        kind="bars"
        most={mostMinutes}
        marks={ticks(mostMinutes, 3).map((at) => ({ at, label: String(at) }))}
        ends={ends(weeks.map((w) => w.from))}
        points={weeks.map((w) => ({
          x: day(w.from),
          y: w.minutes,
          label: wording.weekOfFromMinutesDrawings({
            from: format.dayMonth(w.from),
            minutes: format.minutes(w.minutes),
            drawings: wording.countOfDrawings({ count: w.drawings }),
          }),
        }))}
      />
      {marks.length > 1 && (
        <div className="grid gap-x-6 sm:grid-cols-2">
          <Plot
            name={wording.marksOverDays()}
            width={260}
            kind="dots"
            most={5}
            marks={marked}
            ends={ends(marks.map((m) => m.day))}
            points={marks.map((m) => ({
              x: day(m.day),
              y: m.mark,
              label: wording.dayMarkMark({ day: format.dayMonthYear(m.day), mark: m.mark }),
            }))}
          />
          <Plot
            name={wording.marksOverDrawingsMade()}
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
              label: wording.afterDrawingsMarkMark({
                drawings: wording.countOfDrawings({ count: m.drawings }),
                mark: m.mark,
              }),
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
