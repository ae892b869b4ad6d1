import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { habit, POSE_LENGTHS, practiceSitting, RESULT, STANDING, type Habit } from '../../shared/bench/habit'
import { Button } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { DateField, dayFault } from '../../ui/DateField'
import { SelectField } from '../../ui/Field'
import { isDay } from '../../ui/days'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { wording } from './wording'

const FEW = 3
const MANY = 6

/** What can be said something of; what is an aim stands first. */
const known = (t: Schemas['TemplateTendencies']) => {
  const shown = t.tendencies.filter((h) => h.standing !== 'TOO_FEW')
  const isAim = (h: Habit) => h.aim != null && !h.aim.ended
  return [...shown.filter(isAim), ...shown.filter((h) => !isAim(h))]
}

type Asked = { source: string; medium: string; length: string; facet: string }
const ANYTHING: Asked = { source: '', medium: '', length: '', facet: '' }

/** Differences that come back from drawing to drawing, each with its interval and how sure it is. */
export function Habits({ template, few = false }: { template?: string; few?: boolean }) {
  const format = useFormats()
  const [params] = useSearchParams()
  const [typed, setTyped] = useState(few ? '' : (params.get('parted') ?? ''))
  const [asked, setAsked] = useState(ANYTHING)
  const parted = isDay(typed) ? typed : undefined
  const told = Object.fromEntries(Object.entries(asked).filter(([, value]) => value !== ''))
  const read = useQuery(queries.tendencies({ ...(parted ? { parted } : {}), ...told })).data
  const all = read?.templates ?? []
  const shown = all.filter((t) => template === undefined || t.template === template)
  if (shown.length === 0 && Object.keys(told).length === 0) {
    return few ? null : <p className="text-faded">{wording.habitsShowAfterAFewReferences()}</p>
  }
  return (
    <section aria-labelledby="habits" className="mt-6">
      <h2 id="habits">{few ? wording.yourHabit() : wording.yourHabits()}</h2>
      {!few && read && <Asking read={read} asked={asked} onAsk={setAsked} />}
      {shown.length === 0 && <p className="text-faded">{wording.nothingWasComparedOfTheseDrawings()}</p>}
      {shown.map((t) => (
        <div key={t.template} className="mb-4">
          <p className="text-faded text-sm">
            {!few && <strong className="text-ink">{t.template}: </strong>}
            {wording.overReferencesFirstUnaidedTriesOnly({ comparisons: t.comparisons })}
            {!few &&
              known(t).length > 0 &&
              wording.ofSoManyThingsLookedAt({ byChance: format.number(Math.round(t.byChance * 10) / 10) })}
          </p>
          {known(t).length === 0 && (
            <p className="text-faded">{wording.nothingIsSaidBeforeMoreReferences({ missing: t.missing })}</p>
          )}
          <ul>
            {known(t)
              .slice(0, few ? FEW : MANY)
              .map((h) => (
                <Line key={`${h.kind} ${h.part}`} template={t.template} habit={h} parted={parted} few={few} />
              ))}
          </ul>
          {!few && known(t).length > MANY && (
            <details>
              <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
                {wording.moreWereLookedAt({ t: known(t).length - MANY })}
              </summary>
              <ul>
                {known(t)
                  .slice(MANY)
                  .map((h) => (
                    <Line
                      key={`${h.kind} ${h.part}`}
                      template={t.template}
                      habit={h}
                      parted={parted}
                      few={few}
                    />
                  ))}
              </ul>
            </details>
          )}
        </div>
      ))}
      {!few && (
        <DateField
          label={wording.beforeAndAfterWhichDay()}
          value={typed}
          error={dayFault(typed, format)}
          onChange={setTyped}
        />
      )}
    </section>
  )
}

/** Which drawings are looked at, where more than one kind was compared. */
function Asking({
  read: { sources, media, lengths, facets },
  asked,
  onAsk,
}: {
  read: Schemas['HabitsView']
  asked: Asked
  onAsk: (asked: Asked) => void
}) {
  const own = (words: string[]) => Object.fromEntries(words.map((w) => [w, w]))
  const choices: [keyof Asked, string, string, Record<string, string>][] = [
    ['source', wording.drawnFrom(), 'anything', own(sources)],
    ['medium', wording.drawnWith(), 'anything', own(media)],
    [
      'length',
      wording.oneDrawingTook(),
      wording.anyTime(),
      Object.fromEntries(lengths.map((l) => [l, POSE_LENGTHS[l]])),
    ],
    ['facet', wording.shows(), 'anything', own(facets)],
  ]
  return (
    <div className="no-print my-2 flex flex-wrap gap-x-6 gap-y-2">
      {choices
        .filter(([, , , of]) => Object.keys(of).length > 0)
        .map(([key, label, any, of]) => (
          <SelectField
            key={key}
            label={label}
            value={asked[key]}
            onChange={(e) => onAsk({ ...asked, [key]: e.target.value })}
          >
            <option value="">{any}</option>
            <Options of={of} />
          </SelectField>
        ))}
    </div>
  )
}

function Line({
  template,
  habit: h,
  parted,
  few,
}: {
  template: string
  habit: Habit
  parted: string | undefined
  few: boolean
}) {
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const { what, figures } = habit(h, format)
  const holds = h.standing === 'HOLDS'
  const done = (words: string) => ({
    onSuccess: () => {
      say(words)
      return refreshAll(client)
    },
    onError: notKept,
  })
  const take = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/bench/aims/{id}', {
          params: { path: { id: crypto.randomUUID() } },
          body: { template, kind: h.kind, part: h.part },
        }),
      ),
    ...done(wording.takenAsTheAimForThe()),
  })
  const end = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/bench/aims/{id}', { params: { path: { id } } })),
    ...done(wording.noAimAnyMore()),
  })
  const part = (value: number | null | undefined) =>
    value == null
      ? wording.nothing()
      : habit({ ...h, mean: value, low: null, high: null }, format).figures.split(',')[0]
  return (
    <li
      className={`border-hairline flex flex-wrap items-baseline gap-x-2 border-b py-1 ${holds ? '' : 'text-faded'}`}
    >
      <span className={holds ? 'font-medium' : ''}>{what}</span>
      <span>{figures}</span>
      <span className="text-faded ml-auto">{STANDING[h.standing]}</span>
      {parted && (
        <span className="w-full text-sm">
          {wording.before()} {part(h.before)}
          {wording.after()} {part(h.after)}
        </span>
      )}
      {h.aim && !h.aim.ended ? (
        <span className="w-full text-sm">
          {wording.yourAimSinceTakenOnResult({
            takenOn: format.fullDay(h.aim.takenOn),
            result: h.aim.result
              ? RESULT[h.aim.result]
              : wording.comparisonsMoreAndItCanBe({ left: h.aim.left }),
          })}{' '}
          <Button look="quiet" onClick={() => end.mutate(h.aim?.id ?? '')}>
            {wording.letItGo()}
          </Button>
        </span>
      ) : (
        holds && (
          <Button
            look={few ? 'line' : 'quiet'}
            onClick={() => take.mutate()}
            aria-label={wording.aimForTheNextFiveWhat({ what })}
          >
            {wording.aimForTheNextFive()}
          </Button>
        )
      )}
      {(holds || (h.aim && !h.aim.ended)) && h.practice && (
        <Link
          to={practiceSitting(h.practice, what)}
          className="text-faded no-print font-medium underline underline-offset-4"
          aria-label={wording.practiseItWhat({ what })}
        >
          {wording.practiseIt()}
        </Link>
      )}
    </li>
  )
}
