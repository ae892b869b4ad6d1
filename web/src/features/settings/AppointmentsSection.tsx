import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { useFormats } from '../../app/locale'
import { Button } from '../../ui/Button'
import { Field, SelectField } from '../../ui/Field'
import { useNotice } from '../../ui/Notices'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import { Waiting } from '../../ui/Waiting'
import { clash } from '../plan-text'
import { WEEKDAY_NAMES } from './text'

type Appointment = Schemas['AppointmentView']

/** Fixed appointments: a life group, a class. They take their minutes and satisfy work. */
export function AppointmentsSection() {
  const query = useQuery(queries.appointments())
  const today = useQuery(queries.today()).data?.day
  const client = useQueryClient()
  const say = useNotice()
  const [open, setOpen] = useState<Appointment>()
  const write = useMutation({
    mutationFn: (appointments: Appointment[]) =>
      answer(api.PUT('/api/appointments', { body: { appointments } })),
    onSuccess: () => {
      say('Appointments kept. The plan has moved around them.')
      setOpen(undefined)
      return refreshAll(client)
    },
  })
  return (
    <section aria-labelledby="appointments">
      <h2 id="appointments" className="border-ink mt-8 border-t pt-4">
        Fixed appointments
      </h2>
      <p className="text-faded mb-2">
        A life group on Thursdays, a class. They take their minutes from the day, and the poses usually given
        there count towards exercises of about that length.
      </p>
      <Waiting query={query}>
        {({ appointments }) => (
          <>
            {appointments.map((a) => (
              <p key={a.id} className="border-hairline flex flex-wrap items-baseline gap-x-5 border-t py-1">
                <AppointmentLine appointment={a} />
                <Button look="quiet" onClick={() => setOpen(a)} aria-label={`Change ${a.title}`}>
                  Change
                </Button>
              </p>
            ))}
            {appointments.length > 0 && <ClashList appointments={appointments} />}
            <Button disabled={!today} onClick={() => today && setOpen(newAppointment(today))}>
              Add an appointment
            </Button>
            {open && (
              <AppointmentSheet
                begin={open}
                others={appointments.filter((o) => o.id !== open.id)}
                error={write.error?.message}
                onClose={() => {
                  write.reset()
                  setOpen(undefined)
                }}
                onSave={(a) => write.mutate([...appointments.filter((o) => o.id !== a.id), a])}
                onRemove={
                  appointments.some((a) => a.id === open.id)
                    ? () => write.mutate(appointments.filter((o) => o.id !== open.id))
                    : undefined
                }
              />
            )}
          </>
        )}
      </Waiting>
    </section>
  )
}

/** What is in the way of appointments in the weeks to come, each obstacle once. */
function ClashList({ appointments, of }: { appointments: Appointment[]; of?: string }) {
  const format = useFormats()
  const found = useQuery(queries.appointmentClashes(appointments)).data?.clashes ?? []
  const shown = found.filter((c) => of === undefined || c.first.title === of || c.first.other === of)
  return (
    <ul aria-label="Clashes" className="text-sanguine col-span-full">
      {shown.map((c) => (
        <li key={`${c.first.title} ${c.first.obstacle} ${c.first.other}`}>
          {clash(c.first, format)}
          {c.times > 1 &&
            ` The same on ${c.times - 1} later ${c.times === 2 ? 'day' : 'days'} of eight weeks.`}
        </li>
      ))}
    </ul>
  )
}

function AppointmentLine({ appointment: a }: { appointment: Appointment }) {
  const format = useFormats()
  const poses = a.poses.map((p) => `${p.count} × ${format.each(p.secondsEach)}`).join(', ')
  return (
    <span>
      <b>{a.title}</b>{' '}
      <span className="text-faded">
        ·{' '}
        {a.weekday ? `${WEEKDAY_NAMES[a.weekday]}s from ${format.dayMonth(a.from)}` : format.fullDay(a.from)}
        {a.to && ` to ${format.dayMonth(a.to)}`} · {a.start.slice(0, 5)} · {format.minutes(a.minutes)}
        {poses && ` · ${poses}`}
      </span>
    </span>
  )
}

const newAppointment = (today: string): Appointment => ({
  id: crypto.randomUUID(),
  title: '',
  weekday: 'THURSDAY',
  from: today,
  start: '19:00',
  minutes: 120,
  poses: [{ count: 10, secondsEach: 120 }],
})

/** Poses as they are written: "10 x 2, 4 x 0.5" in minutes; nothing where it cannot be read. */
export function readPoses(text: string): Appointment['poses'] | undefined {
  const parts = text
    .split(',')
    .map((p) => p.trim())
    .filter(Boolean)
  const poses = parts.map((part) => {
    const found = /^(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)$/.exec(part)
    return found && { count: Number(found[1]), secondsEach: Math.round(Number(found[2]) * 60) }
  })
  return poses.every((p) => p !== null) ? poses : undefined
}

function AppointmentSheet({
  begin,
  others,
  error,
  onClose,
  onSave,
  onRemove,
}: {
  begin: Appointment
  /** Appointments it could clash with. */
  others: Appointment[]
  error: string | undefined
  onClose: () => void
  onSave: (appointment: Appointment) => void
  onRemove: (() => void) | undefined
}) {
  const [a, setA] = useState(begin)
  const [minutes, setMinutes] = useState(String(begin.minutes))
  const [poses, setPoses] = useState(begin.poses.map((p) => `${p.count} x ${p.secondsEach / 60}`).join(', '))
  const read = readPoses(poses)
  const length =
    /^\d+$/.test(minutes) && Number(minutes) >= 5 && Number(minutes) <= 720 ? Number(minutes) : undefined
  const typed =
    read && length !== undefined && a.title.trim() && a.from && a.start
      ? { ...a, minutes: length, poses: read }
      : undefined
  return (
    <Sheet open onClose={onClose} title={begin.title || 'A fixed appointment'}>
      <form
        className="grid grid-cols-2 gap-x-6 gap-y-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (typed) {
            onSave(typed)
          }
        }}
      >
        <div className="col-span-2">
          <Field
            label="Title"
            required
            maxLength={120}
            value={a.title}
            onChange={(e) => setA({ ...a, title: e.target.value })}
          />
        </div>
        <SelectField
          label="When"
          value={a.weekday ?? ''}
          onChange={(e) => setA({ ...a, weekday: (e.target.value || null) as Appointment['weekday'] })}
        >
          <option value="">once</option>
          {Object.entries(WEEKDAY_NAMES).map(([day, name]) => (
            <option key={day} value={day}>
              every {name}
            </option>
          ))}
        </SelectField>
        <Field
          label="Begins at"
          type="time"
          required
          value={a.start.slice(0, 5)}
          onChange={(e) => setA({ ...a, start: e.target.value })}
        />
        <Field
          label={a.weekday ? 'From' : 'Date'}
          type="date"
          required
          value={a.from}
          onChange={(e) => setA({ ...a, from: e.target.value })}
        />
        {a.weekday && (
          <Field
            label="Until, or empty"
            type="date"
            value={a.to ?? ''}
            onChange={(e) => setA({ ...a, to: e.target.value || null })}
          />
        )}
        <Field
          label="Minutes"
          inputMode="numeric"
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
          error={length === undefined ? `A whole number from 5 to 720, not “${minutes}”.` : undefined}
        />
        <Field
          label="Poses usually given, count x minutes"
          hint="10 x 2, 2 x 20"
          value={poses}
          onChange={(e) => setPoses(e.target.value)}
          error={read ? undefined : `“${poses}” is not a list such as 10 x 2, 2 x 20.`}
        />
        {typed && <ClashList appointments={[...others, typed]} of={typed.title} />}
        <SheetEnd error={error} onClose={onClose} onRemove={onRemove} />
      </form>
    </Sheet>
  )
}
