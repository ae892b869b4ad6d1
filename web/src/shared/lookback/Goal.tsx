import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { TextField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { Refused } from '../../ui/Refused'
import { pictureAt } from '../pictures'
import { wording } from './wording'

type View = Schemas['GoalView']

/** What a course, a promise or a book is for; once it is over, what became of it. */
export function Goal({ kind, about, ask = true }: Pick<View, 'kind' | 'about'> & { ask?: boolean }) {
  const goal = useQuery(queries.goal(kind, about)).data
  return goal ? <Told key={`${goal.version}`} goal={goal} ask={ask} /> : null
}

function Told({ goal, ask }: { goal: View; ask: boolean }) {
  const format = useFormats()
  const client = useQueryClient()
  const [open, setOpen] = useState(false)
  const [said, setSaid] = useState(goal.said)
  const [became, setBecame] = useState(goal.became)
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/what-for/goals/{kind}/{about}', {
          params: { path: { kind: goal.kind, about: goal.about } },
          body: { version: goal.version ?? null, said, became },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: ['what-for', 'goals'] }),
  })
  const asks = ask && goal.asks
  if (!open && !asks) {
    return (
      <p className="mt-1">
        {goal.said && <span className="font-serif italic">“{goal.said}” </span>}
        {goal.became && (
          <span>
            {goal.became}
            {goal.becameOn && (
              <span className="text-faded"> ({format.dayMonthYear(goal.becameOn)})</span>
            )}{' '}
          </span>
        )}
        <Button look="quiet" className="no-print" onClick={() => setOpen(true)}>
          {goal.said === ''
            ? wording.sayWhatShouldComeOfIt()
            : goal.over
              ? goal.became
                ? wording.sayItAnew()
                : wording.sayWhatBecameOfIt()
              : wording.change()}
        </Button>
      </p>
    )
  }
  return (
    <form
      className="mt-1 grid gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate(undefined, { onSuccess: () => setOpen(false) })
      }}
    >
      {goal.over && goal.days > 0 && (
        <p className="text-faded">
          {wording.minutesDrawingsOnDays({
            minutes: format.minutes(goal.minutes),
            drawings: goal.drawings,
            days: goal.days,
          })}
          {goal.meanMark != null &&
            wording.meanMarkMeanMark({ meanMark: format.number(Math.round(goal.meanMark * 10) / 10) })}
        </p>
      )}
      {goal.pictures.length > 0 && (
        <div className="flex flex-wrap gap-2">
          {goal.pictures.map((picture) => (
            <img
              key={picture}
              src={pictureAt(picture, 'SMALL')}
              alt={wording.aPageOfIt()}
              loading="lazy"
              className="plate border-hairline h-20 w-15 border object-contain"
            />
          ))}
        </div>
      )}
      {goal.kind === 'BOOK' || asks ? (
        <p className="font-serif italic">“{goal.said}”</p>
      ) : (
        <TextField
          label={wording.whatShouldComeOfIt()}
          value={said}
          maxLength={BOUNDS.GoalInWords.said.maxLength}
          onChange={(e) => setSaid(e.target.value)}
        />
      )}
      {goal.over && (
        <TextField
          label={wording.itIsOverWhatBecameOf()}
          value={became}
          maxLength={BOUNDS.GoalInWords.became.maxLength}
          onChange={(e) => setBecame(e.target.value)}
        />
      )}
      <Refused error={keep.error} />
      <p className="flex gap-5">
        <Button type="submit" disabled={keep.isPending || (said === goal.said && became === goal.became)}>
          {wording.keepIt()}
        </Button>
        {!asks && (
          <Button look="quiet" onClick={() => setOpen(false)}>
            {wording.notNow()}
          </Button>
        )}
      </p>
    </form>
  )
}
