import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { WEEKDAYS } from '../../shared/weekdays'
import { Button, LINE_LINK } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotKept } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Facts, Written } from './Letter'
import { Parts } from './Parts'
import { TakenAway } from './TakenAway'
import { markdown, type Review } from './text'
import { wording } from './wording'

type List = Schemas['ReviewList']

const STATES: Record<Schemas['ReviewLine']['state'], string> = {
  OPEN: '',
  CLOSED: wording.closed(),
  SKIPPED: wording.passedOver(),
}

/** All weeks, and several of them as one document. */
export default function WeeksScreen() {
  return <Waiting query={useQuery(queries.reviews())}>{(list) => <Weeks list={list} />}</Waiting>
}

function Weeks({ list }: { list: List }) {
  const format = useFormats()
  const [count, setCount] = useState(4)
  const chosen = list.weeks.slice(0, count)
  const letters = useQuery({
    queryKey: ['reviews', 'letters', chosen.map((w) => w.from)],
    queryFn: () =>
      Promise.all(
        chosen.map((w) => answer(api.GET('/api/reviews/{from}', { params: { path: { from: w.from } } }))),
      ),
    enabled: false,
  })
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="weeks">
        <Parts />
        <h1 id="weeks">{wording.weeksLookedBackOn()}</h1>
        {list.due ? (
          <p className="mt-2">
            <Link to={`/look-back/weeks/${list.due}`} className={LINE_LINK}>
              {wording.theWeekOfDueWaitsTo({ due: format.dayMonth(list.due) })}
            </Link>
          </p>
        ) : (
          <p className="text-faded mt-2">{wording.nothingWaitsToBeLookedBack()}</p>
        )}
        <ul className="mt-3">
          {list.weeks.map((w) => (
            <li
              key={w.from}
              className="border-hairline flex flex-wrap items-baseline gap-x-3 border-b py-1.5"
            >
              <Link
                to={`/look-back/weeks/${w.from}`}
                className="font-serif text-lg underline underline-offset-4"
              >
                {format.span(w.from, w.to)}
              </Link>
              <span className="text-faded">
                {format.minutes(w.minutes)}, {wording.drawings({ drawings: w.drawings })}
                {w.taken > 0 && wording.changesTaken({ taken: w.taken })}
              </span>
              <span className="text-faded ml-auto">{STATES[w.state]}</span>
              {w.words && <p className="w-full truncate font-serif italic">{w.words}</p>}
            </li>
          ))}
        </ul>
      </Leaf>
      <Leaf second aria-label={wording.severalWeeksAsOneDocument()}>
        <div className="no-print">
          <h2>{wording.whichDayIsForIt()}</h2>
          <DayChoice list={list} />
          <h2 className="mt-5">{wording.severalWeeksAsOneDocument()}</h2>
          <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
            <SelectField
              label={wording.howManyFromTheNewestBack()}
              value={String(count)}
              onChange={(e) => setCount(Number(e.target.value))}
            >
              {[4, 8, 13, 26, 52].map((n) => (
                <option key={n} value={n}>
                  {n}
                </option>
              ))}
            </SelectField>
            <Button onClick={() => void letters.refetch()} disabled={letters.isFetching}>
              {letters.isFetching ? wording.reading() : wording.putThemTogether()}
            </Button>
          </div>
        </div>
        {letters.data && <Together letters={letters.data} />}
      </Leaf>
    </TwoLeaves>
  )
}

function Together({ letters }: { letters: Review[] }) {
  const format = useFormats()
  const inOrder = [...letters].reverse()
  return (
    <section aria-label={wording.lettersTheOldestFirst()}>
      <p className="no-print mt-3 flex gap-x-6">
        <TakenAway
          file={`weeks ${inOrder[0]?.from ?? ''}`}
          markdown={() => inOrder.map((r) => markdown(r, format)).join('\n')}
        />
      </p>
      {inOrder.map((r) => (
        <article key={r.from} className="border-ink mt-6 border-t pt-3">
          <Facts review={r} />
          <div className="mt-3">
            <Written review={r} />
          </div>
        </article>
      ))}
    </section>
  )
}

function DayChoice({ list }: { list: List }) {
  const client = useQueryClient()
  const notKept = useNotKept()
  const choose = useMutation({
    mutationFn: (day: List['day']) => answer(api.PUT('/api/reviews/day', { body: { day } })),
    onSuccess: () => refreshAll(client),
    onError: notKept,
  })
  return (
    <SelectField
      label={wording.theWeekIsLookedBackOn()}
      value={list.day}
      onChange={(e) => choose.mutate(e.target.value as List['day'])}
    >
      <Options of={WEEKDAYS} />
    </SelectField>
  )
}
