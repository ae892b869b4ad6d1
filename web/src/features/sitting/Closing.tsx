import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { useFormats } from '../../app/locale'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Waiting } from '../../ui/Waiting'
import { fieldsOf, useEntryWrites } from '../entry/useEntryWrites'
import { drawingsOf } from '../plan-text'
import type { Sitting } from './text'

/** After a sitting: its entry is there already; one line of words and the mark may be added. */
export function Closing({ sitting }: { sitting: Sitting }) {
  const { entryId } = sitting
  const entry = useQuery({
    queryKey: ['entries', entryId],
    queryFn: () => answer(api.GET('/api/entries/{id}', { params: { path: { id: entryId ?? '' } } })),
    enabled: entryId != null,
  })
  return (
    <main className="bg-paper text-ink grid min-h-dvh place-items-center px-5 py-8">
      <div className="w-full max-w-xl">
        <h1>{sitting.title}</h1>
        {entryId == null ? <Nothing /> : <Waiting query={entry}>{(e) => <Logged entry={e} />}</Waiting>}
      </div>
    </main>
  )
}

function useLeave() {
  const navigate = useNavigate()
  const client = useQueryClient()
  return async () => {
    await refreshAll(client)
    navigate('/today')
  }
}

function Nothing() {
  const leave = useLeave()
  return (
    <>
      <p className="my-4">Nothing was drawn long enough to count, so nothing is logged. That is fine.</p>
      <Button look="ink" onClick={leave}>
        To today
      </Button>
    </>
  )
}

const WHOLE = /^[1-9]\d{0,3}$/

const pagesOf = (from: number, to: number) => (from === to ? `page ${from}` : `pages ${from}–${to}`)

function Logged({ entry }: { entry: Schemas['EntryView'] }) {
  const format = useFormats()
  const leave = useLeave()
  const { change, remove } = useEntryWrites()
  const [drawings, setDrawings] = useState(entry.drawings == null ? '' : String(entry.drawings))
  const [lastPage, setLastPage] = useState(entry.pageTo == null ? '' : String(entry.pageTo))
  const [mark, setMark] = useState(entry.mark ?? 0)
  const [wentWrong, setWentWrong] = useState(entry.wentWrong)
  const [nextTime, setNextTime] = useState(entry.nextTime)
  const badCount = drawings !== '' && !WHOLE.test(drawings)
  const first = entry.pageFrom ?? 0
  const badPage = first > 0 && (!WHOLE.test(lastPage) || Number(lastPage) < first)
  const bad = badCount || badPage
  const save = () =>
    change.mutate(
      {
        id: entry.id,
        version: entry.version,
        fields: {
          ...fieldsOf(entry),
          drawings: drawings === '' ? null : Number(drawings),
          pageTo: first > 0 ? Number(lastPage) : null,
          mark: mark === 0 ? null : mark,
          wentWrong,
          nextTime,
        },
      },
      { onSuccess: leave },
    )
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (!bad) {
          save()
        }
      }}
    >
      <p className="my-4 font-serif text-xl">
        Logged: {entry.drawings != null && `${drawingsOf(entry.drawings)} in `}
        {format.minutes(entry.minutesOrEstimate)}
        {entry.poses && `, ${entry.poses}`}
        {entry.book && `, in ${entry.book}`}
        {first > 0 && `, ${pagesOf(first, entry.pageTo ?? first)}`}.
      </p>
      <div className="grid gap-3">
        {entry.drawings != null && (
          <Field
            label="Drawings, if it were more or fewer"
            inputMode="numeric"
            value={drawings}
            onChange={(e) => setDrawings(e.target.value)}
            error={badCount ? `A whole number from 1 to 9999, not “${drawings}”.` : undefined}
          />
        )}
        {first > 0 && (
          <Field
            label="Last page, if they filled more or fewer"
            inputMode="numeric"
            value={lastPage}
            onChange={(e) => setLastPage(e.target.value)}
            error={badPage ? `A page from ${first} to 9999, not “${lastPage}”.` : undefined}
          />
        )}
        <Field
          label="Went wrong"
          maxLength={2000}
          value={wentWrong}
          onChange={(e) => setWentWrong(e.target.value)}
        />
        <Field
          label="Next time"
          maxLength={2000}
          value={nextTime}
          onChange={(e) => setNextTime(e.target.value)}
        />
        <fieldset>
          <legend>Mark</legend>
          <div className="flex gap-5">
            {[1, 2, 3, 4, 5].map((m) => (
              <label key={m} className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
                <input
                  type="radio"
                  name="mark"
                  className="size-4"
                  checked={mark === m}
                  onChange={() => setMark(m)}
                />
                {m}
              </label>
            ))}
          </div>
        </fieldset>
      </div>
      {change.isError && (
        <p role="alert" className="text-sanguine mt-2">
          {change.error.message}
        </p>
      )}
      <div className="mt-5 flex gap-6">
        <Button type="submit" look="ink" disabled={bad || change.isPending}>
          Keep it
        </Button>
        <Button onClick={leave}>To today</Button>
        <Button
          className="text-sanguine ml-auto"
          onClick={() => remove.mutate({ entry }, { onSuccess: leave })}
        >
          Remove the entry
        </Button>
      </div>
    </form>
  )
}
