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
import { plural } from '../../ui/plural'
import { refusedAt } from '../../ui/Refused'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import { Waiting } from '../../ui/Waiting'

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
      say('Taken back.')
      return refreshAll(client)
    },
    onError: (error) => say(`Not taken back: ${error.message}`),
  })
  const pause = useMutation({
    mutationFn: () => answer(api.POST('/api/pauses', { body: wanted })),
    onSuccess: () => {
      say('Paused.', { label: 'Undo', run: () => undo.mutate() })
      onClose()
      return refreshAll(client)
    },
  })

  return (
    <Sheet
      open
      onClose={onClose}
      title="Ill or away"
      description="Paused days neither add to a run nor break it, and nothing is planned on them. They can be entered afterwards too."
    >
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
            label="From"
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
            label="To"
            value={to}
            error={
              isDay(from) && isDay(to) && to < from
                ? 'The last day is before the first.'
                : refusedAt(pause.error, 'to')
            }
            onChange={setTo}
          />
        </div>
        <div className="mt-3">
          <Field
            label="Why, if you like"
            maxLength={BOUNDS.PauseSpan.reason.maxLength}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
          />
        </div>
        <Check checked={coursesWait} onChange={(event) => setCoursesWait(event.target.checked)}>
          courses wait as long
        </Check>
        <section aria-label="What it does" className="border-hairline mt-3 min-h-20 border-t pt-3">
          {coursesWait ? (
            whole && <Ends span={{ from, to }} />
          ) : (
            <p>Courses keep their end. What was due is spread over the days that are left.</p>
          )}
        </section>
        <SheetEnd error={pause.error} fields={FIELDS} keep="Pause" disabled={!whole || pause.isPending} />
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
          <p className="text-faded">You follow no course that could wait.</p>
        ) : (
          courses.map(({ course, end, then }) => {
            const days = daysBetween(end, then)
            return (
              <p key={course}>
                {course} ends on <b>{format.dayMonthYear(then)}</b>
                {days === 0 ? ', as before.' : `, ${plural(days, 'day')} later.`}
              </p>
            )
          })
        )
      }
    </Waiting>
  )
}
