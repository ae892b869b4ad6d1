import { useState } from 'react'
import { BOUNDS } from '../../api/generated/bounds'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import type { Told } from './text'
import type { Change } from './useComparison'
import { wording } from './wording'

/** The learner's own words on the pair. */
export function Notes({ fields, change }: { fields: Told; change: Change }) {
  const [text, setText] = useState('')
  return (
    <section aria-labelledby="notes" className="mt-6">
      <h2 id="notes">{wording.yourNotes()}</h2>
      {fields.notes.length > 0 && fields.attempt && (
        <p className="text-faded text-sm">{wording.eachIsPinnedToYourDrawing()}</p>
      )}
      <ol className="list-inside list-decimal">
        {fields.notes.map((n, i) => (
          <li key={i}>
            <span className="font-serif text-lg italic">{n.text}</span>{' '}
            <Button
              look="quiet"
              aria-label={wording.takeOffText({ text: n.text })}
              onClick={() => change((was) => ({ notes: was.notes.filter((_, j) => j !== i) }))}
            >
              {wording.takeOff()}
            </Button>
          </li>
        ))}
      </ol>
      <form
        className="flex items-end gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (text.trim() !== '') {
            const note = { x: 0.5, y: 0.1, text: text.trim() }
            change((was) => ({ notes: [...was.notes, note] }))
            setText('')
          }
        }}
      >
        <Field
          label={wording.whatYouSawYourself()}
          value={text}
          maxLength={BOUNDS.PinnedNote.text.maxLength}
          onChange={(e) => setText(e.target.value)}
        />
        <Button type="submit" disabled={text.trim() === ''}>
          {wording.noteIt()}
        </Button>
      </form>
    </section>
  )
}
