import { Popover } from 'radix-ui'
import { useState, type FormEvent } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../app/locale'
import { Button } from '../../ui/Button'
import { FIELD_NAMES, PROBLEMS } from './text'

type Part = Schemas['Part']

/** What was understood, word by word; each can be put right, and putting right rewrites the line. */
export function Parts({
  reading,
  line,
  onChange,
}: {
  reading: Schemas['LineReading']
  line: string
  onChange: (line: string) => void
}) {
  if (reading.parts.length === 0) {
    return null
  }
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1">
      {reading.parts.map((part) => (
        <li
          key={`${part.field}${part.start}`}
          {...(isOpen(part) ? { 'data-open': true, className: 'w-full' } : {})}
        >
          {part.state === 'QUESTION' ? (
            <Question part={part} line={line} onChange={onChange} />
          ) : part.state === 'PROBLEM' ? (
            <Trouble part={part} line={line} onChange={onChange} />
          ) : (
            <Understood part={part} line={line} onChange={onChange} />
          )}
        </li>
      ))}
    </ul>
  )
}

const isOpen = (part: Part) => part.state === 'QUESTION' || part.state === 'PROBLEM'

const without = (line: string, part: Part) =>
  `${line.slice(0, part.start)}${line.slice(part.end)}`
    .replace(/\s*,(\s*,)+/g, ',')
    .replace(/^[\s,]+|[\s,]+$/g, '')
    .replace(/ {2,}/g, ' ')

type Piece = { part: Part; line: string; onChange: (line: string) => void }

function Question({ part, line, onChange }: Piece) {
  return (
    <p>
      <span className="text-sanguine">
        Which {FIELD_NAMES[part.field]} is “{line.slice(part.start, part.end)}”?
      </span>{' '}
      {part.choices.map((choice) => (
        <Button key={choice.line} className="mr-4" onClick={() => onChange(choice.line)}>
          <DayOrText part={part} text={choice.label} />
        </Button>
      ))}
    </p>
  )
}

function Trouble({ part, line, onChange }: Piece) {
  return (
    <p className="text-sanguine">
      {FIELD_NAMES[part.field]} “{part.value}” {part.problem !== 'NONE' && PROBLEMS[part.problem]}.{' '}
      <Button className="text-ink" onClick={() => onChange(without(line, part))}>
        Leave it out
      </Button>
    </p>
  )
}

function DayOrText({ part, text }: { part: Part; text: string }) {
  const format = useFormats()
  return part.field === 'DAY' && /^\d{4}-/.test(text) ? format.fullDay(text) : text
}

function Understood({ part, line, onChange }: Piece) {
  const [open, setOpen] = useState(false)
  const name = FIELD_NAMES[part.field]
  const apply = (next: string) => {
    setOpen(false)
    onChange(next)
  }
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <span className="text-faded">{name} </span>
      <Popover.Trigger className="decoration-faded min-h-8 font-medium underline decoration-dotted underline-offset-4 pointer-coarse:min-h-11">
        {part.value === '' ? 'none' : <DayOrText part={part} text={part.value} />}
      </Popover.Trigger>
      {part.state === 'AS_LAST_TIME' && <span className="text-faded text-sm"> (as last time)</span>}
      {part.state === 'AS_PLANNED' && <span className="text-faded text-sm"> (as the course says)</span>}
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          className="floats bg-paper text-ink border-hairline rounded-paper z-50 max-h-72 w-72 overflow-y-auto border p-3"
          onCloseAutoFocus={(event) => event.preventDefault()}
          aria-label={`Put ${name} right`}
        >
          {part.start >= 0 && <Rewrite part={part} line={line} onChange={apply} />}
          <ul>
            {part.choices.map((choice) => (
              <li key={choice.line}>
                <button
                  type="button"
                  className="hover:bg-deeper min-h-8 w-full px-1 text-left pointer-coarse:min-h-11"
                  onClick={() => apply(choice.line)}
                >
                  {choice.label}
                </button>
              </li>
            ))}
          </ul>
          {part.start >= 0 && part.field !== 'NOTE' && (
            <Button look="quiet" onClick={() => apply(without(line, part))}>
              Leave it out
            </Button>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

function Rewrite({ part, line, onChange }: Piece) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    event.stopPropagation()
    const text = String(new FormData(event.currentTarget).get('text'))
    onChange(`${line.slice(0, part.start)}${text}${line.slice(part.end)}`)
  }
  return (
    <form onSubmit={submit} className="mb-1 flex items-center gap-2">
      <input
        name="text"
        aria-label={`${FIELD_NAMES[part.field]} as written`}
        defaultValue={line.slice(part.start, part.end)}
        className="border-faded min-h-8 min-w-0 flex-1 border-b bg-transparent px-1 font-serif"
        autoComplete="off"
      />
      <Button type="submit">Change</Button>
    </form>
  )
}
