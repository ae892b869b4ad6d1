import { useEffect, useRef, type KeyboardEvent } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { weekTitle, weekName } from './text'
import { wording } from './wording'

type Week = Schemas['RulerWeek']

const LEAST_DAYS_SHOWN = 3

/** All weeks in a row at their true lengths; ink is done, pencil is planned, the needle is today. */
export function Ruler({
  weeks,
  shown,
  onWeek,
}: {
  weeks: Week[]
  shown: string
  onWeek: (key: string) => void
}) {
  const current = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    // In braces, since newer browsers return a promise from scrolling, which is no clean-up.
    current.current?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [shown])

  const place = weeks.findIndex((w) => w.key === shown)
  const move = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
    const next = step && weeks[place + step]
    if (next) {
      event.preventDefault()
      onWeek(next.key)
      requestAnimationFrame(() => current.current?.focus())
    }
  }

  return (
    <div className="overflow-x-auto">
      <div
        role="tablist"
        aria-label={wording.weeksOfTheCourse()}
        className="flex min-w-[760px] gap-0.5 pt-6"
        style={{ minWidth: Math.max(760, weeks.length * 24) }}
      >
        {weeks.map((week) => (
          <RulerTab
            key={week.key}
            week={week}
            selected={week.key === shown}
            tabRef={week.key === shown ? current : undefined}
            onOpen={() => onWeek(week.key)}
            onMove={move}
          />
        ))}
      </div>
    </div>
  )
}

function RulerTab({
  week,
  selected,
  tabRef,
  onOpen,
  onMove,
}: {
  week: Week
  selected: boolean
  tabRef: React.RefObject<HTMLButtonElement | null> | undefined
  onOpen: () => void
  onMove: (event: KeyboardEvent) => void
}) {
  const format = useFormats()
  const now = week.passed > 0 && week.passed < 1
  const elastic = week.days !== 7 || week.untilDone
  const length = week.untilDone ? wording.untilDone() : wording.days2({ days: week.days })
  return (
    <button
      ref={tabRef}
      type="button"
      role="tab"
      aria-selected={selected}
      tabIndex={selected ? 0 : -1}
      onClick={onOpen}
      onKeyDown={onMove}
      style={{ flexGrow: Math.max(LEAST_DAYS_SHOWN, week.days) }}
      className="relative min-h-11 min-w-0 basis-0 text-left"
      title={`${weekTitle(week)}, ${format.range(week.from, week.to)}`}
      aria-label={wording.weekTitleDoneShareDoneElasticCheckpoint({
        week: weekName(week),
        title: week.title,
        doneShare: Math.round(week.doneShare * 100),
        elastic: elastic ? `, ${length}` : '',
        checkpoint: week.checkpoint,
      })}
    >
      {/* Drawn by the style, so that what is read aloud is the label alone. */}
      {elastic && (
        <span
          data-length={length}
          className="text-faded absolute -top-5 left-0 text-xs whitespace-nowrap before:content-[attr(data-length)]"
          aria-hidden
        />
      )}
      {week.checkpoint && (
        <svg
          viewBox="0 0 10 8"
          className="stroke-verdigris absolute -top-2.5 left-1/2 h-2 w-2.5 -translate-x-1/2"
          fill="none"
          strokeWidth={2}
          aria-hidden
        >
          <path d="M1 7 L5 1 L9 7" />
        </svg>
      )}
      {now && (
        <svg
          viewBox="0 0 8 6"
          style={{ left: `${week.passed * 100}%` }}
          className="fill-sanguine absolute -top-2.5 h-2 w-2.5 -translate-x-1/2"
          aria-hidden
        >
          <path d="M0 0 h8 l-4 6 z" />
        </svg>
      )}
      <span className={`border-pencil block h-2.5 border ${week.role === 'COURSE' ? '' : 'border-dashed'}`}>
        <span className="bg-ink block h-full" style={{ width: `${week.doneShare * 100}%` }} />
      </span>
      <span
        className={`block truncate pt-1 text-sm leading-none ${selected ? 'font-bold underline underline-offset-4' : 'text-faded'}`}
      >
        {week.number ??
          { COURSE: '', REPEAT: wording.again(), DETOUR: wording.detour2(), EMPTY: wording.free() }[
            week.role
          ]}
      </span>
    </button>
  )
}
