import { useEffect, useRef, type KeyboardEvent } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../app/locale'

/** All weeks in a row at their true lengths; ink is done, the needle is today. */
export function Ruler({
  weeks,
  shown,
  onWeek,
}: {
  weeks: Schemas['RulerWeek'][]
  shown: number
  onWeek: (week: number) => void
}) {
  const format = useFormats()
  const current = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    // In braces, since newer browsers return a promise from scrolling, which is no clean-up.
    current.current?.scrollIntoView({ block: 'nearest', inline: 'center' })
  }, [shown])

  const move = (event: KeyboardEvent) => {
    const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
    const next = step && shown + step
    if (next && next >= 1 && next <= weeks.length) {
      event.preventDefault()
      onWeek(next)
      requestAnimationFrame(() => current.current?.focus())
    }
  }

  return (
    <div className="overflow-x-auto">
      <div role="tablist" aria-label="Weeks of the course" className="flex min-w-[760px] gap-0.5 pt-3">
        {weeks.map((week) => {
          const now = week.passed > 0 && week.passed < 1
          return (
            <button
              key={week.number}
              ref={week.number === shown ? current : undefined}
              type="button"
              role="tab"
              aria-selected={week.number === shown}
              tabIndex={week.number === shown ? 0 : -1}
              onClick={() => onWeek(week.number)}
              onKeyDown={move}
              style={{ flexGrow: week.days }}
              className="relative min-h-11 basis-0 text-left"
              title={`${week.title}, ${format.range(week.from, week.to)}`}
              aria-label={`Week ${week.number}, ${week.title}, ${Math.round(week.doneShare * 100)} % done${week.checkpoint ? ', with drawings to compare' : ''}`}
            >
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
              <span className="border-pencil block h-2.5 border">
                <span className="bg-ink block h-full" style={{ width: `${week.doneShare * 100}%` }} />
              </span>
              <span
                className={`block pt-1 text-sm leading-none ${week.number === shown ? 'font-bold underline underline-offset-4' : 'text-faded'}`}
              >
                {week.number}
              </span>
            </button>
          )
        })}
      </div>
    </div>
  )
}
