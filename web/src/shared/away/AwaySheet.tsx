import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { Check } from '../../ui/Check'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/days'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { daysBetween } from '../../ui/days'
import { refusedAt } from '../../ui/Refused'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import { Waiting } from '../../ui/Waiting'
import { wording } from './wording'

const FIELDS = ['from', 'to', 'reason'] as const

/** Ill or away: the days count for nothing, and the courses wait if they should. */
export function AwaySheet({
  first,
  reason: said = '',
  onClose,
}: {
  /** The first day, as far as it is known. */
  first: string
  reason?: string
  onClose: () => void
}) {
  const client = useQueryClient()
  const say = useNotice()
  const [from, setFrom] = useState(first)
  const [to, setTo] = useState(first)
  const [reason, setReason] = useState(said)
  const [coursesWait, setCoursesWait] = useState(true)
  const [id] = useState(() => crypto.randomUUID())
  const whole = isDay(from) && isDay(to) && from <= to
  const wanted = { id, span: { from, to }, reason, coursesWait }

  const undo = useMutation({
    mutationFn: () => answer(api.POST('/api/pauses/undo', { body: wanted })),
    onSuccess: () => {
      say(wording.takenBack())
      return refreshAll(client)
    },
    onError: (error) => say(wording.notTakenBackMessage({ message: error.message })),
  })
  const pause = useMutation({
    mutationFn: () => answer(api.POST('/api/pauses', { body: wanted })),
    onSuccess: () => {
      say(wording.paused(), { label: wording.undo(), run: () => undo.mutate() })
      onClose()
      return refreshAll(client)
    },
  })

  return (
    <Sheet open onClose={onClose} title={wording.illOrAway()} description={wording.pausedDaysNeitherAddToA()}>
      <form
        noValidate
        onSubmit={(event) => {
          event.preventDefault()
          if (whole) {
            pause.mutate()
          }
        }}
      >
        <div className="grid grid-cols-2 gap-4">
          <DateField
            label={wording.from()}
            value={from}
            error={refusedAt(pause.error, 'from')}
            onChange={(day) => {
              setFrom(day)
              if (isDay(day) && to < day) {
                setTo(day)
              }
            }}
          />
          <DateField
            label={wording.to()}
            value={to}
            error={
              isDay(from) && isDay(to) && to < from
                ? wording.theLastDayIsBeforeThe()
                : refusedAt(pause.error, 'to')
            }
            onChange={setTo}
          />
        </div>
        <div className="mt-3">
          <Field
            label={wording.whyIfYouLike()}
            maxLength={BOUNDS.PauseSpan.reason.maxLength}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </div>
        <Check checked={coursesWait} onChange={(event) => setCoursesWait(event.target.checked)}>
          {wording.coursesWaitAsLong()}
        </Check>
        <section aria-label={wording.whatItDoes()} className="border-hairline mt-3 min-h-20 border-t pt-3">
          {coursesWait ? (
            whole && <Ends span={{ from, to }} />
          ) : (
            <p>{wording.coursesKeepTheirEndWhatWas()}</p>
          )}
        </section>
        <SheetEnd
          error={pause.error}
          fields={FIELDS}
          keep={wording.pause()}
          disabled={!whole || pause.isPending}
        />
      </form>
    </Sheet>
  )
}

/** When each course would end. */
function Ends({ span }: { span: Schemas['Span'] }) {
  const format = useFormats()
  const query = useQuery({ ...queries.waiting(span), placeholderData: keepPreviousData })
  return (
    <Waiting query={query}>
      {(courses) =>
        courses.length === 0 ? (
          <p className="text-faded">{wording.youFollowNoCourseThatCould()}</p>
        ) : (
          courses.map(({ course, end, then }) => {
            const days = daysBetween(end, then)
            return (
              <p key={course}>
                {wording.courseEndsOn({ course })} <b>{format.dayMonthYear(then)}</b>
                {days === 0 ? wording.asBefore() : wording.daysLater({ days })}
              </p>
            )
          })
        )
      }
    </Waiting>
  )
}
