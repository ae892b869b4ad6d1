import { Popover } from 'radix-ui'
import type { FormEvent, RefObject } from 'react'
import type { Schemas } from '../../api/client'
import { Button } from '../../ui/Button'
import { FIELD_NAMES } from './text'
import { wording } from './wording'

type Phrase = Schemas['Phrase']
type Rewriting = { phrase: Phrase; line: string; onChange: (line: string) => void }

/** Beside a word that was understood: other meanings of it, other words for it, or leaving it out. */
export default function PutRight({
  phrase,
  line,
  without,
  word,
  onChange,
  onClose,
}: Rewriting & {
  /** The line without the phrase. */
  without: string
  /** The word it stands beside. */
  word: RefObject<HTMLButtonElement | null>
  onClose: () => void
}) {
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={word as RefObject<HTMLButtonElement>} />
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          className="floats bg-paper text-ink border-hairline rounded-paper z-50 max-h-72 w-72 overflow-y-auto border p-3"
          onCloseAutoFocus={(event) => event.preventDefault()}
          onEscapeKeyDown={() => word.current?.focus()}
          onInteractOutside={(event) => {
            // A press on the word itself closes it there.
            if (event.target instanceof Node && word.current?.contains(event.target)) {
              event.preventDefault()
            }
          }}
          aria-label={wording.putFieldRight({ field: FIELD_NAMES[phrase.field] })}
        >
          {phrase.start >= 0 && <Rewrite phrase={phrase} line={line} onChange={onChange} />}
          <ul>
            {phrase.choices.map((choice) => (
              <li key={choice.line}>
                <button
                  type="button"
                  className="hover:bg-deeper min-h-8 w-full px-1 text-left pointer-coarse:min-h-11"
                  onClick={() => onChange(choice.line)}
                >
                  {choice.label}
                </button>
              </li>
            ))}
          </ul>
          {phrase.start >= 0 && phrase.field !== 'NOTE' && (
            <Button look="quiet" onClick={() => onChange(without)}>
              {wording.leaveItOut()}
            </Button>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

function Rewrite({ phrase, line, onChange }: Rewriting) {
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
        aria-label={wording.fieldAsWritten({ field: FIELD_NAMES[phrase.field] })}
        defaultValue={line.slice(phrase.start, phrase.end)}
        className="border-faded min-h-8 min-w-0 flex-1 border-b bg-transparent px-1 font-serif"
        autoComplete="off"
      />
      <Button type="submit">{wording.change()}</Button>
    </form>
  )
}
