import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries, refreshAll } from '../../../api/queries'
import { clash } from '../../../shared/plan/words'
import { WEEKDAYS } from '../../../shared/weekdays'
import { Button } from '../../../ui/Button'
import { DateField } from '../../../ui/DateField'
import { isDay } from '../../../ui/days'
import { Field, SelectField } from '../../../ui/Field'
import { useFormats, type Formats } from '../../../ui/locale'
import { useNotice } from '../../../ui/Notices'
import { NumberField, readWithin } from '../../../ui/NumberField'
import { Sheet } from '../../../ui/Sheet'
import { SheetEnd } from '../../../ui/SheetEnd'
import { Waiting } from '../../../ui/Waiting'
import { wording } from '../wording'

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
      say(wording.appointmentsKeptThePlanHasMoved())
      setOpen(undefined)
      return refreshAll(client)
    },
  })
  return (
    <section aria-labelledby="appointments">
      <h2 id="appointments" className="border-ink mt-8 border-t pt-4">
        {wording.fixedAppointments()}
      </h2>
      <p className="text-faded mb-2">{wording.aLifeGroupOnThursdaysA()}</p>
      <Waiting query={query}>
        {({ appointments }) => (
          <>
            {appointments.map((a) => (
              <p key={a.id} className="border-hairline flex flex-wrap items-baseline gap-x-5 border-t py-1">
                <AppointmentLine appointment={a} />
                <Button
                  look="quiet"
                  onClick={() => setOpen(a)}
                  aria-label={wording.changeTitle({ title: a.title })}
                >
                  {wording.change()}
                </Button>
              </p>
            ))}
            {appointments.length > 0 && <ClashList appointments={appointments} />}
            <Button disabled={!today} onClick={() => today && setOpen(newAppointment(today))}>
              {wording.addAnAppointment()}
            </Button>
            {open && (
              <AppointmentSheet
                begin={open}
                others={appointments.filter((o) => o.id !== open.id)}
                error={write.error}
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
    <ul aria-label={wording.clashes()} className="text-sanguine col-span-full">
      {shown.map((c) => (
        <li key={`${c.first.title} ${c.first.obstacle} ${c.first.other}`}>
          {clash(c.first, format)}
          {c.times > 1 && wording.theSameOnLaterDaysOf({ times: c.times - 1 })}
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
        {a.weekday
          ? wording.weekdaySFromFrom({ weekday: WEEKDAYS[a.weekday], from: format.dayMonth(a.from) })
          : format.fullDay(a.from)}
        {a.to && wording.toTo({ to: format.dayMonth(a.to) })} · {a.start.slice(0, 5)} ·{' '}
        {format.minutes(a.minutes)}
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

const ONE_POSE = /^(\d+)\s*[x×]\s*(\S+)$/
const MINUTES_EACH = {
  min: BOUNDS.PosesView.secondsEach.min / 60,
  max: BOUNDS.PosesView.secondsEach.max / 60,
  decimals: true,
}

/** Poses as they are written: "10 x 2; 4 x 0.5" in minutes; nothing where it cannot be read. */
export function readPoses(text: string, format: Formats): Appointment['poses'] | undefined {
  // A comma may stand inside a number: it parts poses only where a blank follows or another pose begins.
  const pieces = text.split(/;|,(?=\s|\d+\s*[x×])/).map((piece) => piece.trim())
  const poses = pieces.filter(Boolean).map((piece) => {
    const found = ONE_POSE.exec(piece)
    const count = readWithin(found?.[1] ?? '', BOUNDS.PosesView.count, format)
    const each = readWithin(found?.[2] ?? '', MINUTES_EACH, format)
    return count === undefined || each === undefined
      ? undefined
      : { count, secondsEach: Math.round(each * 60) }
  })
  return poses.every((p) => p !== undefined) ? poses : undefined
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
  error: Error | null
  onClose: () => void
  onSave: (appointment: Appointment) => void
  onRemove: (() => void) | undefined
}) {
  const format = useFormats()
  const [a, setA] = useState(begin)
  const [minutes, setMinutes] = useState(format.writeNumber(begin.minutes))
  const [poses, setPoses] = useState(
    begin.poses.map((p) => `${p.count} x ${format.writeNumber(p.secondsEach / 60)}`).join(', '),
  )
  const read = readPoses(poses, format)
  const length = readWithin(minutes, BOUNDS.AppointmentView.minutes, format)
  const typed =
    read && length !== undefined && a.title.trim() && isDay(a.from) && (!a.to || isDay(a.to)) && a.start
      ? { ...a, minutes: length, poses: read }
      : undefined
  return (
    <Sheet open onClose={onClose} title={begin.title || wording.aFixedAppointment()}>
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
            label={wording.title()}
            required
            maxLength={BOUNDS.AppointmentView.title.maxLength}
            value={a.title}
            onChange={(e) => setA({ ...a, title: e.target.value })}
          />
        </div>
        <SelectField
          label={wording.when()}
          value={a.weekday ?? ''}
          onChange={(e) => setA({ ...a, weekday: (e.target.value || null) as Appointment['weekday'] })}
        >
          <option value="">{wording.once()}</option>
          {Object.entries(WEEKDAYS).map(([day, name]) => (
            <option key={day} value={day}>
              {wording.everyName({ name })}
            </option>
          ))}
        </SelectField>
        <Field
          label={wording.beginsAt()}
          type="time"
          required
          value={a.start.slice(0, 5)}
          onChange={(e) => setA({ ...a, start: e.target.value })}
        />
        <DateField
          label={a.weekday ? wording.from() : wording.date()}
          required
          value={a.from}
          onChange={(from) => setA({ ...a, from })}
        />
        {a.weekday && (
          <DateField
            label={wording.untilOrEmpty()}
            value={a.to ?? ''}
            onChange={(to) => setA({ ...a, to: to || null })}
          />
        )}
        <NumberField
          needed
          label={wording.minutes2()}
          bounds={BOUNDS.AppointmentView.minutes}
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
        />
        <Field
          label={wording.posesUsuallyGivenCountXMinutes()}
          hint={wording.n10X22X20()}
          value={poses}
          onChange={(e) => setPoses(e.target.value)}
          error={read ? undefined : wording.posesIsNotAListSuch({ poses })}
        />
        {typed && <ClashList appointments={[...others, typed]} of={typed.title} />}
        <SheetEnd error={error} onRemove={onRemove} />
      </form>
    </Sheet>
  )
}
