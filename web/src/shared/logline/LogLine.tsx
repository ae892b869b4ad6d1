import { lazy, Suspense, useEffect, useRef, useState, type FormEvent } from 'react'
import { useLocation } from 'react-router'
import type { Schemas } from '../../api/client'
import { Key } from '../../ui/Key'
import { FOCUS_LOG_LINE, LINE_KEPT, TO_LOG_LINE } from './events'
import { Button } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { enumerated } from '../../ui/lists'
import { useFormats, type Formats } from '../../ui/locale'
import { useShown } from '../../ui/shown'
import { isTyping } from '../../ui/typing'
import { entryName } from '../entry/fields'
import { useEntryWrites } from '../entry/useEntryWrites'
import { Phrases } from './Phrases'
import { MOST, useLogLine } from './useLogLine'
import { wording } from './wording'

const DayOff = lazy(() => import('./DayOff'))

/** The line to write in, with what was understood beneath it. */
export function LogLine({
  day,
  today,
  example,
  onForm,
}: {
  /** The day it is written for, where it names none. */
  day: string
  today: string
  /** What stands in it while it is empty. */
  example: string
  onForm: (fields: Schemas['EntryFields']) => void
}) {
  const input = useRef<HTMLInputElement>(null)
  const shown = useShown()
  const sought = useLocation().state === TO_LOG_LINE
  const phrases = useRef<HTMLDivElement>(null)
  const say = useNotice()
  const format = useFormats()
  const { remove } = useEntryWrites()
  const [off, setOff] = useState<Schemas['EntryFields']>()
  const { line, setLine, tooLong, reading, readFor, current, read, save } = useLogLine(
    day === today ? undefined : day,
    (entries, dayOff) => {
      setOff(dayOff ? entries[0]?.fields : undefined)
      say(logged(entries, dayOff, today, format), {
        label: wording.undo(),
        run: () => {
          setOff(undefined)
          entries.forEach((entry) => remove.mutate({ entry, silent: true }))
        },
      })
    },
  )

  // Enter on a line with a question leads to its first answer, once that very line was read.
  const [answering, setAnswering] = useState(false)
  useEffect(() => {
    const answer = phrases.current?.querySelector<HTMLElement>('[data-open] button')
    if (answering && current && answer) {
      answer.focus()
    }
  }, [answering, current])

  useEffect(() => {
    const focus = () => input.current?.focus()
    // Where leaves stack, the day's work comes first and a screen keyboard would cover it.
    if (shown && !isTyping() && (sought || matchMedia('(width >= 56.25em)').matches)) {
      input.current?.focus({ preventScroll: true })
    }
    window.addEventListener(FOCUS_LOG_LINE, focus)
    return () => window.removeEventListener(FOCUS_LOG_LINE, focus)
  }, [shown, sought])

  useEffect(() => {
    const empty = () => setLine('')
    window.addEventListener(LINE_KEPT, empty)
    return () => window.removeEventListener(LINE_KEPT, empty)
  })

  // The form gets the line as it stands now, not as it was read a moment ago.
  const fillIn = async () => {
    const blank = { day, wentWrong: '', nextTime: '', note: line.trim() }
    const now = line.trim() === '' || tooLong ? undefined : await read(line).catch(() => undefined)
    onForm(now?.entries[0] ?? blank)
  }

  const submit = async (event: FormEvent) => {
    event.preventDefault()
    if (line.trim() === '' || tooLong || save.isPending) {
      return
    }
    setAnswering(false)
    const saved = await save.mutateAsync(line).catch(() => undefined)
    setAnswering(!saved)
  }

  const change = (text: string) => {
    setAnswering(false)
    setLine(text)
    input.current?.focus()
  }

  return (
    <form onSubmit={submit} className="no-print mt-4">
      {/* Where leaves stack, the line lies below the day's work; the thumb finds it here. */}
      <Button
        look="ink"
        className="wide:hidden fixed right-3 bottom-[calc(var(--tabs)+2rem)] z-20 min-h-11 shadow-lg"
        onClick={() => input.current?.focus()}
        hidden={line !== ''}
      >
        {wording.writeItDown()}
      </Button>
      <label htmlFor="log-line" className="flex items-center gap-2 font-serif text-[1.35rem] font-medium">
        {wording.writeItDown()} <Key name="L" />
      </label>
      <input
        id="log-line"
        ref={input}
        value={line}
        onChange={(event) => {
          setAnswering(false)
          setLine(event.target.value)
        }}
        autoComplete="off"
        spellCheck={false}
        enterKeyHint="done"
        aria-describedby="log-line-says"
        placeholder={example}
        className="border-ink placeholder:text-faded caret-sanguine w-full border-b-2 bg-transparent py-1.5 font-serif text-xl outline-none placeholder:italic"
      />
      <div id="log-line-says" ref={phrases} className="min-h-14 pt-1.5">
        {reading && <Phrases reading={reading} line={readFor} onChange={change} />}
        {reading?.dayOff && <p className="text-faded">{wording.nothingWasDrawnItIsKept()}</p>}
        {tooLong && (
          <p role="alert" className="text-sanguine">
            {wording.aLineHasAtMostMost({ most: format.number(MOST), line: format.number(line.length) })}
          </p>
        )}
        {save.isError && !tooLong && (
          <p role="alert" className="text-sanguine">
            {wording.notSavedMessageYourLineIs({ message: save.error.message })}
          </p>
        )}
      </div>
      <Suspense>
        {off && <DayOff day={off.day} today={today} reason={off.note} onDone={() => setOff(undefined)} />}
      </Suspense>
      <div className="flex flex-wrap gap-x-5">
        {line.trim() !== '' && (
          <Button type="submit" look="ink" disabled={save.isPending}>
            {wording.save()}
          </Button>
        )}
        <Button look="quiet" onClick={fillIn}>
          {wording.fillInTheFormInstead()}
        </Button>
      </div>
    </form>
  )
}

/** What was logged, and for which day where that is not today. */
function logged(entries: Schemas['EntryView'][], dayOff: boolean, today: string, format: Formats): string {
  const day = entries[0]?.fields.day ?? today
  const on = day === today ? '' : wording.forDay({ day: format.weekdayDate(day) })
  return dayOff
    ? wording.keptAsANoteOnNothing({ on })
    : wording.loggedOnEntryName({ on, entryName: enumerated(entries.map(entryName)) })
}
