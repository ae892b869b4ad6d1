import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { queries } from '../../api/queries'
import { setUpText } from '../../shared/sitting/set-up'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { Refused } from '../../ui/Refused'
import { scale } from '../../ui/scale'
import { useSettled } from '../../ui/useSettled'
import {
  canBeDone,
  fitsIn,
  isDated,
  leftForCourse,
  paceOrigin,
  promisedAlready,
  remedies,
  sum,
  trials,
  weekly,
  type Remedy,
  type Sheet,
  type Terms,
} from './text'
import { wording } from './wording'

const PAUSE_MS = 150

/** The worksheet's answer to what is typed, a moment after the last key; `changed` is the quota that changes. */
export function useSheet(terms: Terms | undefined, changed: string | undefined) {
  const wanted = JSON.stringify(terms)
  const settled = useSettled(wanted, PAUSE_MS)
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
    refused: terms ? query.error : null,
  }
}

/** Whether it can be done: the sum, the load, and each remedy exactly. */
export function Answer({
  terms,
  sheet,
  refused,
  keep,
  error,
  fields,
  pending,
  onTake,
  onLeave,
}: {
  /** Nothing while the form cannot be read. */
  terms: Terms | undefined
  sheet: Sheet | undefined
  /** Why there is no answer. */
  refused: Error | null
  keep: string
  /** What the server refused of what was kept. */
  error: Error | null
  /** Fields of the form, which show what is wrong with them. */
  fields: readonly string[]
  pending: boolean
  onTake: (remedy: NonNullable<Remedy['take']>) => void
  onLeave: () => void
}) {
  return (
    <div aria-live="polite">
      {!terms && <p className="text-faded">{wording.sayHowManyAndByWhen()}</p>}
      <Refused error={error ? null : refused} fields={fields} />
      {sheet && terms && <Sum sheet={sheet} terms={terms} onTake={onTake} />}
      <Refused error={error} fields={fields} className="mt-3" />
      <div className="mt-6 flex gap-6">
        <Button type="submit" look="ink" disabled={!terms || pending}>
          {sheet && !fitsIn(sheet) ? wording.keepAllTheSame({ keep }) : keep}
        </Button>
        <Button onClick={onLeave}>{wording.notNow()}</Button>
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
  const first = trials(sheet, terms, format)
  return (
    <>
      <p className={`font-serif text-2xl ${fitsIn(sheet) ? '' : 'text-sanguine'}`}>
        {canBeDone(sheet, terms, format)}
      </p>
      {isDated(terms) && <Load load={sheet.load ?? 0} />}
      <p className="mt-2">
        {weekly(terms) && wording.inTheFirstWeek()}
        {sum(sheet, format)}
      </p>
      {terms.unit !== 'MINUTES' && <p className="text-faded">{paceOrigin(sheet, terms, format)}</p>}
      <SettingUp />
      <Day sheet={sheet} terms={terms} />
      {sheet.answer !== 'TOO_MUCH' &&
        sheet.answer !== 'NO_DAY' &&
        sheet.minutesADay != null &&
        isDated(terms) && (
          <p>
            {wording.minutesADayOnEachDrawingDayWould({ minutesADay: format.minutes(sheet.minutesADay) })}
          </p>
        )}
      {(sheet.answer === 'TOO_MUCH' || sheet.answer === 'NO_DAY') && lines.length > 0 && (
        <>
          <p className="mt-3">{wording.itWouldFitEachAloneWith()}</p>
          <ul className="list-['–_'] pl-4">
            {lines.map(({ text, take }) => (
              <li key={text}>
                {take ? (
                  <Button look="quiet" onClick={() => onTake(take)}>
                    {text}
                  </Button>
                ) : (
                  <span className="text-faded px-1">{text}</span>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
      {first.length > 0 && (
        <>
          <p className="mt-3">{wording.orASmallerOneFirstAs()}</p>
          <ul className="list-['–_'] pl-4">
            {first.map(({ text, take }) => (
              <li key={text}>
                <Button look="quiet" onClick={() => take && onTake(take)}>
                  {text}
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
      {sheet.sudden && (
        <p className="text-ochre mt-3">
          {wording.aboutWeekMinutesAWeekForIt({
            weekMinutes: format.minutes(sheet.weekMinutes),
            usualWeekMinutes: format.minutes(sheet.usualWeekMinutes),
          })}
        </p>
      )}
    </>
  )
}

/** What setting up is taken for, once sittings tell it and no figure by hand holds. */
function SettingUp() {
  const learned = useQuery(queries.setUp()).data
  const byHand = useQuery(queries.settings()).data?.work.overheadByHand
  return learned?.learned && byHand === false ? (
    <p className="text-faded">{wording.settingUpEachDrawingDayLearned({ learned: setUpText(learned) })}</p>
  ) : null
}

/** What becomes of the day nothing where the promise comes on top of them. */
function Day({ sheet, terms }: { sheet: Sheet; terms: Terms }) {
  const format = useFormats()
  const { available, promised, over, courseKeeps } = sheet.day
  return (
    !terms.beside && (
      <>
        {promised > 0 && (
          <p className={over ? 'text-sanguine' : 'text-faded'}>
            {promisedAlready(sheet.day, terms.minutesADay ?? 0, format)}
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
  const x = scale(0, Math.max(1, load), 0, width)
  const has = x(1)
  const takes = x(load)
  return (
    <svg viewBox={`0 0 ${width} 18`} className="mt-1 w-full max-w-md" aria-hidden>
      <line x1={1} x2={has} y1={9} y2={9} className="stroke-pencil" strokeWidth={9} opacity={0.5} />
      <line x1={1} x2={Math.min(takes, has)} y1={9} y2={9} className="stroke-ink" strokeWidth={4} />
      {takes > has && <line x1={has} x2={takes} y1={9} y2={9} className="stroke-sanguine" strokeWidth={4} />}
      <line x1={has} x2={has} y1={1} y2={17} className="stroke-ink" strokeWidth={1.5} />
    </svg>
  )
}
