import { CalendarDays } from 'lucide-react'
import { useRef, useState, type KeyboardEvent } from 'react'
import { Field, type Wrong } from './Field'
import { isDay, later } from './days'
import { useFormats, type Formats } from './locale'
import { wording } from './wording'

/** What is wrong with a day; nothing while it is one or not typed yet. */
export function dayFault(value: string, format: Formats): string | undefined {
  return value === '' || isDay(value)
    ? undefined
    : wording.aDateSuchAsDayPatternNot({ dayPattern: format.dayPattern, value })
}

/**
 * A day, written and read the learner's way. Its value is the day as yyyy-mm-dd, or what was typed while that
 * cannot be read. The arrow keys go a day on or back; the button opens the calendar.
 */
export function DateField({
  label,
  hint,
  error,
  value,
  onChange,
  name,
  required,
}: {
  label: string
  hint?: string
  error?: Wrong
  value: string
  onChange: (value: string) => void
  name?: string
  required?: boolean
}) {
  const format = useFormats()
  const [typing, setTyping] = useState<string>()
  const calendar = useRef<HTMLInputElement>(null)
  const shown = typing ?? (isDay(value) ? format.writeDay(value) : value)
  const step = (event: KeyboardEvent) => {
    const days = { ArrowUp: 1, ArrowDown: -1 }[event.key]
    if (days && isDay(value)) {
      event.preventDefault()
      setTyping(undefined)
      onChange(later(value, days))
    }
  }
  return (
    <div className="relative">
      <Field
        label={label}
        hint={hint}
        error={(typing === undefined ? dayFault(value, format) : undefined) ?? error}
        holds={value}
        name={name}
        required={required}
        inputMode="numeric"
        placeholder={format.dayPattern}
        value={shown}
        onChange={(e) => {
          setTyping(e.target.value)
          onChange(format.readDay(e.target.value) ?? e.target.value.trim())
        }}
        onBlur={() => setTyping(undefined)}
        onKeyDown={step}
      />
      <button
        type="button"
        tabIndex={-1}
        aria-label={wording.calendarLabel({ label })}
        className="text-faded hover:text-ink absolute top-5 right-0 grid size-9 place-items-center pointer-coarse:size-11"
        onClick={() => calendar.current?.showPicker?.()}
      >
        <CalendarDays size={16} aria-hidden />
      </button>
      <input
        ref={calendar}
        type="date"
        tabIndex={-1}
        aria-hidden
        className="pointer-events-none absolute right-0 bottom-0 size-px opacity-0"
        value={isDay(value) ? value : ''}
        onChange={(e) => {
          setTyping(undefined)
          onChange(e.target.value)
        }}
      />
    </div>
  )
}
