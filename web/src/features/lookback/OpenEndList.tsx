import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { endAt, useOpenEnds } from '../../shared/useOpenEnds'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { wording } from './wording'

const KINDS: Record<Schemas['OpenEndView']['kind'], string> = {
  IDEA: wording.noted(),
  PIECE: wording.aPieceLastWorkedOn(),
  RESOURCE: wording.leftOff(),
}

/** Ideas, pieces and resources that wait, each with its date; one is offered in free time. */
export function OpenEndList() {
  const format = useFormats()
  const ends = useQuery(queries.openEnds()).data ?? []
  const { settle, note } = useOpenEnds()
  const [idea, setIdea] = useState('')
  const open = ends.filter((e) => e.state === 'OPEN')
  const gone = ends.filter((e) => e.state === 'LET_GO')
  return (
    <section aria-labelledby="open-ends" className="mt-6">
      <h2 id="open-ends">{wording.openEnds()}</h2>
      <form
        className="no-print flex items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault()
          if (idea.trim() !== '') {
            note.mutate(idea.trim(), { onSuccess: () => setIdea('') })
          }
        }}
      >
        <div className="grow">
          <Field
            label={wording.anIdeaForLater()}
            value={idea}
            maxLength={BOUNDS.Idea.text.maxLength}
            placeholder={wording.theCraneFromBelowAtDusk()}
            onChange={(e) => setIdea(e.target.value)}
          />
        </div>
        <Button type="submit" disabled={idea.trim() === '' || note.isPending}>
          {wording.noteIt()}
        </Button>
      </form>
      {open.length === 0 ? (
        <p className="text-faded mt-2">{wording.nothingWaits()}</p>
      ) : (
        <ul className="mt-2">
          {open.map((e) => (
            <li key={e.id} className="border-hairline flex flex-wrap items-baseline gap-x-4 border-b py-1.5">
              <Link to={endAt(e)} className="font-serif text-lg underline underline-offset-4">
                {e.text}
              </Link>
              <span className="text-faded">
                {KINDS[e.kind]} {format.dayMonthYear(e.since)}
              </span>
              <span className="no-print ml-auto flex gap-x-4">
                {e.kind === 'IDEA' && (
                  <Button
                    look="quiet"
                    aria-label={wording.drawnText({ text: e.text })}
                    onClick={() => settle(e, 'DONE')}
                  >
                    {wording.drawn()}
                  </Button>
                )}
                <Button
                  look="quiet"
                  aria-label={wording.letItGoText({ text: e.text })}
                  onClick={() => settle(e, 'LET_GO')}
                >
                  {wording.letItGo()}
                </Button>
              </span>
            </li>
          ))}
        </ul>
      )}
      {gone.length > 0 && (
        <details className="text-faded mt-2">
          <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
            {wording.letGoGone({ gone: gone.length })}
          </summary>
          <ul>
            {gone.map((e) => (
              <li key={e.id} className="flex gap-4">
                {e.text}
                <Button
                  look="quiet"
                  aria-label={wording.takeItUpAgainText({ text: e.text })}
                  onClick={() => settle(e, 'OPEN')}
                >
                  {wording.takeItUpAgain()}
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  )
}
