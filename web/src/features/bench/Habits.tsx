import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { DateField, dayFault } from '../../ui/DateField'
import { isDay } from '../../ui/days'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { plural } from '../../ui/plural'
import { habit, RESULT, STANDING, type Habit } from './text'

const FEW = 3
const MANY = 6

/** What can be said something of; what is an aim stands first. */
const known = (t: Schemas['TemplateTendencies']) => {
  const shown = t.tendencies.filter((h) => h.standing !== 'TOO_FEW')
  const isAim = (h: Habit) => h.aim != null && !h.aim.ended
  return [...shown.filter(isAim), ...shown.filter((h) => !isAim(h))]
}

/** Differences that come back from drawing to drawing, each with its interval and how sure it is. */
export function Habits({ template, few = false }: { template?: string; few?: boolean }) {
  const format = useFormats()
  const [typed, setTyped] = useState('')
  const parted = isDay(typed) ? typed : undefined
  const all = useQuery(queries.tendencies(parted)).data ?? []
  const shown = all.filter((t) => template === undefined || t.template === template)
  if (shown.length === 0) {
    return few ? null : (
      <p className="text-faded">
        Habits show after a few references of one kind, by the first unaided try of each.
      </p>
    )
  }
  return (
    <section aria-labelledby="habits" className="mt-6">
      <h2 id="habits">{few ? 'Your habit' : 'Your habits'}</h2>
      {shown.map((t) => (
        <div key={t.template} className="mb-4">
          <p className="text-faded text-sm">
            {!few && <strong className="text-ink">{t.template}: </strong>}
            over {plural(t.comparisons, 'reference')}, first unaided tries only
            {!few &&
              known(t).length > 0 &&
              `; of so many things looked at ${format.number(Math.round(t.byChance * 10) / 10)} would stand out by chance alone`}
          </p>
          {known(t).length === 0 && (
            <p className="text-faded">Nothing is said before {plural(t.missing, 'more reference')}.</p>
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
                {plural(known(t).length - MANY, 'more was', 'more were')} looked at
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
          label="Before and after which day"
          value={typed}
          error={dayFault(typed, format)}
          onChange={setTyped}
        />
      )}
    </section>
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
  const { what, figures } = habit(h, format)
  const holds = h.standing === 'HOLDS'
  const done = (words: string) => ({
    onSuccess: () => {
      say(words)
      return refreshAll(client)
    },
    onError: (error: Error) => say(`Not kept: ${error.message}`),
  })
  const take = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/bench/aims/{id}', {
          params: { path: { id: crypto.randomUUID() } },
          body: { template, kind: h.kind, part: h.part },
        }),
      ),
    ...done('Taken as the aim for the next five.'),
  })
  const end = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/bench/aims/{id}', { params: { path: { id } } })),
    ...done('No aim any more.'),
  })
  const part = (value: number | null | undefined) =>
    value == null
      ? 'nothing'
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
          before {part(h.before)}, after {part(h.after)}
        </span>
      )}
      {h.aim && !h.aim.ended ? (
        <span className="w-full text-sm">
          Your aim since {format.fullDay(h.aim.takenOn)}:{' '}
          {h.aim.result
            ? RESULT[h.aim.result]
            : `${plural(h.aim.left, 'comparison')} more and it can be judged`}
          .{' '}
          <Button look="quiet" onClick={() => end.mutate(h.aim?.id ?? '')}>
            Let it go
          </Button>
        </span>
      ) : (
        holds && (
          <Button
            look={few ? 'line' : 'quiet'}
            onClick={() => take.mutate()}
            aria-label={`Aim for the next five: ${what}`}
          >
            Aim for the next five
          </Button>
        )
      )}
    </li>
  )
}
