import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answer, api } from '../../api/client'
import { useFormats } from '../../app/locale'
import { Button } from '../../ui/Button'
import {
  canBeDone,
  fitsIn,
  leftForCourse,
  overTheDay,
  paceOrigin,
  promisedAlready,
  remedies,
  sum,
  weekly,
  type Remedy,
  type Sheet,
  type Terms,
} from './text'

const PAUSE_MS = 150

/** The worksheet's answer to what is typed, a moment after the last key; `changed` is the quota that changes. */
export function useSheet(terms: Terms | undefined, changed: string | undefined) {
  const wanted = JSON.stringify(terms)
  const [settled, setSettled] = useState(wanted)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(wanted), PAUSE_MS)
    return () => clearTimeout(timer)
  }, [wanted])
  const query = useQuery({
    queryKey: ['quotas', 'worksheet', changed, settled],
    queryFn: () =>
      answer(
        api.POST('/api/quotas/worksheet', {
          params: { query: changed ? { changed } : {} },
          body: JSON.parse(settled ?? '{}') as Terms,
        }),
      ),
    enabled: settled !== undefined,
    placeholderData: (last) => last,
    retry: false,
  })
  return {
    sheet: terms && !query.isError ? query.data : undefined,
    refused: terms && query.isError ? query.error.message : undefined,
  }
}

/** Whether it can be done: the sum, the load, and each remedy exactly. */
export function Answer({
  terms,
  sheet,
  refused,
  keep,
  error,
  pending,
  onTake,
  onLeave,
}: {
  /** Nothing while the form cannot be read. */
  terms: Terms | undefined
  sheet: Sheet | undefined
  /** Why there is no answer. */
  refused: string | undefined
  keep: string
  error: string | undefined
  pending: boolean
  onTake: (remedy: NonNullable<Remedy['take']>) => void
  onLeave: () => void
}) {
  return (
    <div aria-live="polite">
      {!terms && <p className="text-faded">Say how many and by when; the answer stands here at once.</p>}
      {refused && (
        <p role="alert" className="text-sanguine">
          {refused}
        </p>
      )}
      {sheet && terms && <Sum sheet={sheet} terms={terms} onTake={onTake} />}
      {error && (
        <p role="alert" className="text-sanguine mt-3">
          {error}
        </p>
      )}
      <div className="mt-6 flex gap-6">
        <Button type="submit" look="ink" disabled={!terms || pending}>
          {sheet && terms && !fitsIn(sheet, terms) ? `${keep} all the same` : keep}
        </Button>
        <Button onClick={onLeave}>Leave it</Button>
      </div>
    </div>
  )
}

function Sum({
  sheet,
  terms,
  onTake,
}: {
  sheet: Sheet
  terms: Terms
  onTake: (remedy: NonNullable<Remedy['take']>) => void
}) {
  const format = useFormats()
  const lines = remedies(sheet, terms, format)
  return (
    <>
      <p className={`font-serif text-2xl ${fitsIn(sheet, terms) ? '' : 'text-sanguine'}`}>
        {canBeDone(sheet, terms, format)}
      </p>
      <Load load={sheet.load ?? 0} />
      <p className="mt-2">
        {weekly(terms) && 'In the first week: '}
        {sum(sheet, format)}
      </p>
      {terms.unit !== 'MINUTES' && <p className="text-faded">{paceOrigin(sheet, format)}</p>}
      <Day sheet={sheet} terms={terms} />
      {sheet.fits && sheet.minutesADay != null && (
        <p>{format.minutes(sheet.minutesADay)} on each drawing day would do.</p>
      )}
      {!sheet.fits && lines.length > 0 && (
        <>
          <p className="mt-3">It would fit, each alone, with (a press writes it into the promise)</p>
          <ul className="list-[square] pl-5">
            {lines.map(({ text, take }) => (
              <li key={text}>{take ? <Button onClick={() => onTake(take)}>{text}</Button> : text}</li>
            ))}
          </ul>
        </>
      )}
      {sheet.sudden && (
        <p className="text-ochre mt-3">
          About {format.minutes(sheet.weekMinutes)} a week for it, where{' '}
          {format.minutes(sheet.usualWeekMinutes)} were usual in all. Hands like slow increases; rest is
          allowed. Pain that stays belongs to a doctor.
        </p>
      )}
    </>
  )
}

/** What becomes of the day's minutes; nothing where the promise comes on top of them. */
function Day({ sheet, terms }: { sheet: Sheet; terms: Terms }) {
  const format = useFormats()
  const { available, promised, courseKeeps } = sheet.day
  const over = overTheDay(sheet, terms)
  return (
    !terms.beside && (
      <>
        {promised > 0 && (
          <p className={over ? 'text-sanguine' : 'text-faded'}>
            {promisedAlready(promised, available, terms.minutesADay ?? 0, format)}
          </p>
        )}
        {courseKeeps != null && <p className="text-faded">{leftForCourse(courseKeeps, available, format)}</p>}
      </>
    )
  )
}

/** The time there is in pencil, the time it takes in ink over it. */
function Load({ load }: { load: number }) {
  const width = 420
  const scale = Math.max(1, load)
  const has = width / scale
  const takes = (Math.min(load, scale) * width) / scale
  return (
    <svg viewBox={`0 0 ${width} 18`} className="mt-1 w-full max-w-md" aria-hidden>
      <line x1={1} x2={has} y1={9} y2={9} className="stroke-pencil" strokeWidth={9} opacity={0.5} />
      <line x1={1} x2={Math.min(takes, has)} y1={9} y2={9} className="stroke-ink" strokeWidth={4} />
      {takes > has && <line x1={has} x2={takes} y1={9} y2={9} className="stroke-sanguine" strokeWidth={4} />}
      <line x1={has} x2={has} y1={1} y2={17} className="stroke-ink" strokeWidth={1.5} />
    </svg>
  )
}
