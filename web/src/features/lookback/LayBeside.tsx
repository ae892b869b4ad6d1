import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { Refused } from '../../ui/Refused'
import { wording } from './wording'

const SHOWN = 40

/** Lays drawings of one subject side by side, where no course planned that. */
export function LayBeside() {
  const format = useFormats()
  const client = useQueryClient()
  const [title, setTitle] = useState('')
  const [sought, setSought] = useState('')
  const [chosen, setChosen] = useState<string[]>([])
  const pictured = useQuery(queries.pictured()).data ?? []
  const lay = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/look-back/subjects/{id}', {
          params: { path: { id: crypto.randomUUID() } },
          body: { title: title.trim(), entries: chosen },
        }),
      ),
    onSuccess: () => {
      setTitle('')
      setChosen([])
      return client.invalidateQueries({ queryKey: ['look-back'] })
    },
  })
  const words = sought.trim().toLowerCase()
  const found = pictured.filter((p) => p.called.toLowerCase().includes(words) || chosen.includes(p.entry))
  if (pictured.length < 2) {
    return null
  }
  return (
    <details className="no-print border-hairline mt-6 border-t pt-3">
      <summary className="min-h-8 cursor-pointer font-serif text-lg pointer-coarse:min-h-11">
        {wording.layDrawingsOfASubjectSide()}
      </summary>
      <form
        className="max-w-4xl"
        onSubmit={(event) => {
          event.preventDefault()
          if (title.trim() !== '' && chosen.length > 1) {
            lay.mutate()
          }
        }}
      >
        <div className="grid grid-cols-2 gap-x-6 gap-y-2 max-sm:grid-cols-1">
          <Field
            label={wording.whichSubjectItIs()}
            value={title}
            maxLength={BOUNDS.LaidSubject.title.maxLength}
            placeholder={wording.theStairsByTheSlip()}
            onChange={(e) => setTitle(e.target.value)}
          />
          <Field
            label={wording.showDrawingsOf()}
            value={sought}
            placeholder={wording.hulls()}
            onChange={(e) => setSought(e.target.value)}
          />
        </div>
        <ul
          aria-label={wording.drawingsWithAPicture()}
          className="mt-3 grid max-h-[50dvh] grid-cols-6 gap-3 overflow-y-auto max-sm:grid-cols-3"
        >
          {found.slice(0, SHOWN).map((p) => (
            <li key={p.entry}>
              <button
                type="button"
                aria-pressed={chosen.includes(p.entry)}
                className={`w-full border text-left ${chosen.includes(p.entry) ? 'border-ink' : 'border-hairline'}`}
                onClick={() =>
                  setChosen(
                    chosen.includes(p.entry) ? chosen.filter((c) => c !== p.entry) : [...chosen, p.entry],
                  )
                }
              >
                <img
                  src={`/api/pictures/${p.picture}/SMALL`}
                  alt=""
                  loading="lazy"
                  className="plate aspect-[3/4] w-full object-contain"
                />
                <span className="block truncate px-1 text-sm">
                  {chosen.includes(p.entry) && '✓ '}
                  {p.called}
                </span>
                <span className="text-faded block px-1 text-sm">{format.dayMonthYear(p.day)}</span>
              </button>
            </li>
          ))}
        </ul>
        {found.length > SHOWN && (
          <p className="text-faded text-sm">
            {wording.andFoundMoreAWordAbove({ found: found.length - SHOWN })}
          </p>
        )}
        <Refused error={lay.error} className="mt-2" />
        <Button
          type="submit"
          className="mt-2"
          disabled={title.trim() === '' || chosen.length < 2 || lay.isPending}
        >
          {wording.layChosenSideBySide({
            chosen: chosen.length > 1 ? wording.theseChosen({ chosen: chosen.length }) : '',
          })}
        </Button>
        {(title.trim() === '' || chosen.length < 2) && (
          <span className="text-faded ml-3">{wording.aNameAndTwoDrawingsAre()}</span>
        )}
      </form>
    </details>
  )
}

/** Takes apart what was laid by hand; the drawings stay. */
export function TakeApart({ id, title }: { id: string; title: string }) {
  const client = useQueryClient()
  const say = useNotice()
  const path = { params: { path: { id } } }
  const refresh = () => client.invalidateQueries({ queryKey: ['look-back'] })
  const back = useMutation({
    mutationFn: () => answer(api.POST('/api/look-back/subjects/{id}/back', path)),
    onSuccess: refresh,
  })
  const apart = useMutation({
    mutationFn: () => answer(api.DELETE('/api/look-back/subjects/{id}', path)),
    onSuccess: () => {
      say(wording.titleIsTakenApart({ title }), { label: wording.undo(), run: () => back.mutate() })
      return refresh()
    },
    onError: (error) => say(wording.notTakenApartMessage({ message: error.message })),
  })
  return (
    <Button look="quiet" className="no-print" disabled={apart.isPending} onClick={() => apart.mutate()}>
      {wording.takeApart()}
    </Button>
  )
}
