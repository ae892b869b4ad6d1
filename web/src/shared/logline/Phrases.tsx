import { lazy, Suspense, useRef, type KeyboardEvent } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { choiceLabel, FIELD_NAMES, trouble } from './text'
import { useOpening } from '../../ui/opening'
import { wording } from './wording'

const PutRight = lazy(() => import('./PutRight'))

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
      {toldOnce && <span className="text-faded text-sm">{wording.theMinutesAreSharedBetweenThem()}</span>}
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
    return wording.wordsIsFarMoreThanEver({ words })
  }
  return phrase.field === 'UNKNOWN'
    ? wording.whatIsWords({ words })
    : wording.whichFieldIsWords({ field: FIELD_NAMES[phrase.field], words })
}

function Trouble({ phrase, line, onChange }: Piece) {
  const format = useFormats()
  return (
    <p className="text-sanguine">
      {FIELD_NAMES[phrase.field]} “{phrase.value}” {trouble(phrase, format)}.{' '}
      <Button className="text-ink" onClick={() => onChange(without(line, phrase))}>
        {wording.leaveItOut()}
      </Button>
    </p>
  )
}

function DayOrText({ day, text }: { day: boolean; text: string }) {
  const format = useFormats()
  return day && /^\d{4}-/.test(text) ? format.fullDay(text) : text
}

function Understood({ phrase, line, onChange }: Piece) {
  const [open, setOpen] = useOpening(false)
  const word = useRef<HTMLButtonElement>(null)
  const name = FIELD_NAMES[phrase.field]
  const apply = (next: string) => {
    setOpen(false)
    onChange(next)
  }
  return (
    <>
      <span className="text-faded">{name} </span>
      <button
        ref={word}
        type="button"
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="decoration-faded min-h-8 font-medium underline decoration-dotted underline-offset-4 pointer-coarse:min-h-11"
      >
        {phrase.value === '' ? (
          wording.none()
        ) : (
          <DayOrText day={phrase.field === 'DAY'} text={phrase.value} />
        )}
      </button>
      {phrase.state === 'ABOUT' && <span className="text-faded text-sm"> {wording.theMiddle()}</span>}
      {phrase.state === 'AS_LAST_TIME' && <span className="text-faded text-sm"> {wording.asLastTime()}</span>}
      {phrase.state === 'AS_PLANNED' && (
        <span className="text-faded text-sm"> {wording.asTheCourseSays()}</span>
      )}
      <Suspense>
        {open && (
          <PutRight
            phrase={phrase}
            line={line}
            without={without(line, phrase)}
            word={word}
            onChange={apply}
            onClose={() => setOpen(false)}
          />
        )}
      </Suspense>
    </>
  )
}
