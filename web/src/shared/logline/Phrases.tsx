import { Popover } from 'radix-ui'
import { useState, type FormEvent, type KeyboardEvent } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { choiceLabel, FIELD_NAMES, trouble } from './text'

type Phrase = Schemas['Phrase']

/** What was understood, word by word; each can be put right, and putting right rewrites the line. */
export function Phrases({
  reading,
  line,
  onChange,
}: {
  reading: Schemas['LineReading']
  line: string
  onChange: (line: string) => void
}) {
  if (reading.phrases.length === 0) {
    return null
  }
  return (
    <ul className="flex flex-wrap gap-x-5 gap-y-1">
      {reading.phrases.map((phrase) => (
        <li
          key={`${phrase.field}${phrase.start}`}
          {...(isOpen(phrase) ? { 'data-open': true, className: 'w-full' } : {})}
        >
          {phrase.state === 'QUESTION' ? (
            <Question phrase={phrase} line={line} onChange={onChange} />
          ) : phrase.state === 'PROBLEM' ? (
            <Trouble phrase={phrase} line={line} onChange={onChange} />
          ) : (
            <Understood phrase={phrase} line={line} onChange={onChange} />
          )}
        </li>
      ))}
      {reading.entries.length > 1 && <Several reading={reading} />}
    </ul>
  )
}

/** What each of several entries will say, before it is saved. */
function Several({ reading }: { reading: Schemas['LineReading'] }) {
  const format = useFormats()
  const subjects = reading.phrases
    .filter((p) => p.field === 'EXERCISE' || p.field === 'TOPIC')
    .sort((a, b) => a.start - b.start)
  const toldOnce = reading.phrases.filter((p) => p.field === 'MINUTES').length === 1
  return (
    <li className="w-full">
      {reading.entries.map((entry, i) => (
        <span key={i} className="block">
          {i + 1}. {entry.drawings} {subjects[i]?.value}
          {entry.minutes != null && `, ${format.minutes(entry.minutes)}`}
        </span>
      ))}
      {toldOnce && <span className="text-faded text-sm">The minutes are shared between them.</span>}
    </li>
  )
}

const isOpen = (phrase: Phrase) => phrase.state === 'QUESTION' || phrase.state === 'PROBLEM'

const without = (line: string, phrase: Phrase) =>
  `${line.slice(0, phrase.start)}${line.slice(phrase.end)}`
    .replace(/\s*,(\s*,)+/g, ',')
    .replace(/^[\s,]+|[\s,]+$/g, '')
    .replace(/ {2,}/g, ' ')

type Piece = { phrase: Phrase; line: string; onChange: (line: string) => void }

function Question({ phrase, line, onChange }: Piece) {
  const words = line.slice(phrase.start, phrase.end)
  // A digit answers, so that no hand has to leave the keys.
  const onKeyDown = (event: KeyboardEvent) => {
    const choice = /^[1-9]$/.test(event.key) && phrase.choices[Number(event.key) - 1]
    if (choice) {
      event.preventDefault()
      event.stopPropagation()
      onChange(choice.line)
    }
  }
  return (
    <p>
      <span className="text-sanguine">{asked(phrase, words)}</span>{' '}
      {phrase.choices.map((choice, i) => (
        <span key={choice.line} className="mr-4 whitespace-nowrap">
          <span className="text-faded mr-1.5 text-sm" aria-hidden="true">
            {i + 1}
          </span>
          <Button
            onClick={() => onChange(choice.line)}
            onKeyDown={onKeyDown}
            aria-keyshortcuts={String(i + 1)}
          >
            <DayOrText
              day={choice.as === 'DAY' || phrase.field === 'DAY'}
              text={choiceLabel(choice, words)}
            />
          </Button>
        </span>
      ))}
    </p>
  )
}

function asked(phrase: Phrase, words: string): string {
  if (phrase.problem === 'UNUSUAL') {
    return `“${words}” is far more than ever before. Is it right?`
  }
  return phrase.field === 'UNKNOWN'
    ? `What is “${words}”?`
    : `Which ${FIELD_NAMES[phrase.field]} is “${words}”?`
}

function Trouble({ phrase, line, onChange }: Piece) {
  const format = useFormats()
  return (
    <p className="text-sanguine">
      {FIELD_NAMES[phrase.field]} “{phrase.value}” {trouble(phrase, format)}.{' '}
      <Button className="text-ink" onClick={() => onChange(without(line, phrase))}>
        Leave it out
      </Button>
    </p>
  )
}

function DayOrText({ day, text }: { day: boolean; text: string }) {
  const format = useFormats()
  return day && /^\d{4}-/.test(text) ? format.fullDay(text) : text
}

function Understood({ phrase, line, onChange }: Piece) {
  const [open, setOpen] = useState(false)
  const name = FIELD_NAMES[phrase.field]
  const apply = (next: string) => {
    setOpen(false)
    onChange(next)
  }
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <span className="text-faded">{name} </span>
      <Popover.Trigger className="decoration-faded min-h-8 font-medium underline decoration-dotted underline-offset-4 pointer-coarse:min-h-11">
        {phrase.value === '' ? 'none' : <DayOrText day={phrase.field === 'DAY'} text={phrase.value} />}
      </Popover.Trigger>
      {phrase.state === 'ABOUT' && <span className="text-faded text-sm"> (the middle)</span>}
      {phrase.state === 'AS_LAST_TIME' && <span className="text-faded text-sm"> (as last time)</span>}
      {phrase.state === 'AS_PLANNED' && <span className="text-faded text-sm"> (as the course says)</span>}
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          className="floats bg-paper text-ink border-hairline rounded-paper z-50 max-h-72 w-72 overflow-y-auto border p-3"
          onCloseAutoFocus={(event) => event.preventDefault()}
          aria-label={`Put ${name} right`}
        >
          {phrase.start >= 0 && <Rewrite phrase={phrase} line={line} onChange={apply} />}
          <ul>
            {phrase.choices.map((choice) => (
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
          {phrase.start >= 0 && phrase.field !== 'NOTE' && (
            <Button look="quiet" onClick={() => apply(without(line, phrase))}>
              Leave it out
            </Button>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

function Rewrite({ phrase, line, onChange }: Piece) {
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    event.stopPropagation()
    const text = String(new FormData(event.currentTarget).get('text'))
    onChange(`${line.slice(0, phrase.start)}${text}${line.slice(phrase.end)}`)
  }
  return (
    <form onSubmit={submit} className="mb-1 flex items-center gap-2">
      <input
        name="text"
        aria-label={`${FIELD_NAMES[phrase.field]} as written`}
        defaultValue={line.slice(phrase.start, phrase.end)}
        className="border-faded min-h-8 min-w-0 flex-1 border-b bg-transparent px-1 font-serif"
        autoComplete="off"
      />
      <Button type="submit">Change</Button>
    </form>
  )
}
