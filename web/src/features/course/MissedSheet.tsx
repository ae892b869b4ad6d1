import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { Sheet } from '../../ui/Sheet'
import { Waiting } from '../../ui/Waiting'
import { dropped, Fit } from '../../shared/plan/Effect'
import { Reason } from '../../shared/plan/Reason'
import { POLICIES } from './text'
import { usePlanChanges, type Change } from '../../shared/plan/usePlanChanges'
import { wording } from './wording'

type Policy = Schemas['PolicyView']

/** Missed work: what each way would do, side by side, before one of them is taken. */
export function MissedSheet({
  placement,
  policy,
  onClose,
}: {
  placement: string
  policy: Schemas['Placed']['policy']
  onClose: () => void
}) {
  return (
    <Sheet
      open
      onClose={onClose}
      title={wording.missedWork()}
      description={wording.nothingMovesBeforeYouHaveSeen()}
      wide
    >
      <Waiting query={useQuery(queries.policies(placement))}>
        {(ways) =>
          ways.length === 0 ? (
            <p>{wording.theCourseDoesNotRunToday()}</p>
          ) : (
            <Ways ways={ways} placement={placement} policy={policy} onClose={onClose} />
          )
        }
      </Waiting>
    </Sheet>
  )
}

function Ways({
  ways,
  placement,
  policy,
  onClose,
}: {
  ways: Policy[]
  placement: string
  policy: Policy['policy']
  onClose: () => void
}) {
  const format = useFormats()
  const { change } = usePlanChanges(placement)
  const [reason, setReason] = useState('')
  const make = (changes: Change[]) => change.mutate({ changes, reason }, { onSuccess: onClose })
  const missed = ways[0]?.missed ?? []
  return (
    <>
      <p className="mb-3">
        {missed.length === 0
          ? wording.noDayOfThisWeekWas()
          : wording.joinWereMissed({
              join: missed.map(format.weekdayDate).join(', '),
              missed: missed.length,
            })}
      </p>
      <div className="grid gap-6 sm:grid-cols-3">
        {ways.map((way) => (
          <section
            key={way.policy}
            aria-label={POLICIES[way.policy].name}
            className="border-ink border-t pt-2"
          >
            <h3>{POLICIES[way.policy].name}</h3>
            {POLICIES[way.policy].reasons.map((line) => (
              <p key={line} className="text-faded leading-snug">
                {line}
              </p>
            ))}
            <dl className="my-2 grid grid-cols-[auto_1fr] gap-x-3">
              <dt className="text-faded">{wording.ends()}</dt>
              <dd className="font-bold">{format.dayMonthYear(way.figures.end)}</dd>
              <dt className="text-faded">{wording.dropped()}</dt>
              <dd className="font-bold">{dropped(way.figures)}</dd>
              {way.figures.days.map((day) => (
                <div key={day.date} className="contents">
                  <dt className="text-faded">{format.shortDay(day.date)}</dt>
                  <dd>
                    {day.minutes}{' '}
                    <span className="text-faded">
                      {wording.ofRoomMinutesMin({ roomMinutes: day.roomMinutes })}
                    </span>
                  </dd>
                </div>
              ))}
            </dl>
            <Fit figures={way.figures} />
            <WayButtons way={way} own={policy} disabled={change.isPending} onMake={make} />
          </section>
        ))}
      </div>
      <Reason value={reason} onChange={setReason} error={change.error} />
    </>
  )
}

/** What a way would do to the plan; nothing where it changes nothing. */
function changeOf({ policy, week, missed, units }: Policy): Change | undefined {
  if (missed.length === 0 || policy === 'SPREAD') {
    return undefined
  }
  return policy === 'SLIDE'
    ? { kind: 'SLIDE', week, dates: missed }
    : { kind: 'LET_GO', week, dates: missed, units }
}

function WayButtons({
  way,
  own,
  disabled,
  onMake,
}: {
  way: Policy
  own: Policy['policy']
  disabled: boolean
  onMake: (changes: Change[]) => void
}) {
  const { name } = POLICIES[way.policy]
  const once = changeOf(way)
  return (
    <div className="mt-2 flex flex-wrap gap-x-5">
      {once && (
        <Button
          look="ink"
          disabled={disabled}
          onClick={() => onMake([once])}
          aria-label={wording.nameThisTime({ name })}
        >
          {wording.thisTime()}
        </Button>
      )}
      {way.policy === own ? (
        <p className="text-faded py-1">{wording.yourWayForThisCourse()}</p>
      ) : (
        <Button
          disabled={disabled}
          aria-label={wording.nameAlways({ name })}
          onClick={() => onMake([...(once ? [once] : []), { kind: 'POLICY', policy: way.policy }])}
        >
          {wording.always()}
        </Button>
      )}
    </div>
  )
}
