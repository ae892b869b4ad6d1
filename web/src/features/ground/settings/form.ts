import type { Schemas } from '../../../api/client'
import type { FieldPath } from 'react-hook-form'
import { WEEKDAYS } from '../../../shared/weekdays'
import { dayFault } from '../../../ui/DateField'
import type { Formats } from '../../../ui/locale'
import { numberFault, type Bounds } from '../../../ui/NumberField'
import { wording } from '../wording'

type Settings = Schemas['Settings']
type Sittings = Schemas['SittingSettings']

/** All that the settings page keeps with one button. */
export type Kept = { settings: Settings; sittings: Sittings }

/** Numbers as they are typed. */
type Typed<T> = { [K in keyof T]: T[K] extends number ? string : T[K] }

/** Settings as the form holds them: numbers as they are typed. */
export type SettingsForm = Pick<Settings, 'whatFor' | 'look'> & {
  time: Omit<Settings['time'], 'week' | 'dayMinutes' | 'restDays' | 'rolloverHour'> & {
    week: Typed<Schemas['Weekday']>[]
    dayMinutes: Typed<Schemas['DayMinutes']>[]
    restDays: { day: string }[]
    rolloverHour: string
  }
  counting: Typed<Settings['counting']>
  work: Typed<Settings['work']>
  topics: Typed<Settings['topics']>
  sittings: Typed<Sittings>
}

const ORDER = Object.keys(WEEKDAYS)

/** A value with its numbers written as one types them. */
const write = <T extends object>(value: T, { writeNumber }: Formats) =>
  Object.fromEntries(
    Object.entries(value).map(([key, v]) => [key, typeof v === 'number' ? writeNumber(v) : v]),
  ) as Typed<T>

export function toForm({ settings: s, sittings }: Kept, format: Formats): SettingsForm {
  const first = ORDER.indexOf(s.time.weekStart)
  const place = (day: string) => (ORDER.indexOf(day) - first + 7) % 7
  return {
    whatFor: s.whatFor,
    look: s.look,
    time: {
      ...s.time,
      week: s.time.week.map((d) => write(d, format)).sort((a, b) => place(a.day) - place(b.day)),
      dayMinutes: s.time.dayMinutes.map((d) => write(d, format)),
      restDays: s.time.restDays.map((day) => ({ day })),
      rolloverHour: format.writeNumber(s.time.rolloverHour),
    },
    counting: write(s.counting, format),
    work: write(s.work, format),
    topics: write(s.topics, format),
    sittings: write(sittings, format),
  }
}

export function fromForm(f: SettingsForm, version: number, format: Formats): Kept {
  const number = (typed: string) => format.readNumber(typed) ?? 0
  return {
    settings: {
      version,
      started: true,
      whatFor: f.whatFor,
      look: f.look,
      time: {
        ...f.time,
        week: f.time.week.map((d) => ({ ...d, minutes: number(d.minutes) })),
        dayMinutes: f.time.dayMinutes.map((d) => ({ ...d, minutes: number(d.minutes) })),
        restDays: f.time.restDays.map((d) => d.day),
        rolloverHour: number(f.time.rolloverHour),
      },
      counting: {
        ...f.counting,
        daysPerWeek: number(f.counting.daysPerWeek),
        floorMinutes: number(f.counting.floorMinutes),
      },
      work: {
        ...f.work,
        overheadMinutes: number(f.work.overheadMinutes),
        freePercent: number(f.work.freePercent),
      },
      topics: {
        ...f.topics,
        halfLifeDays: number(f.topics.halfLifeDays),
        fadingPercent: number(f.topics.fadingPercent),
        rustyPercent: number(f.topics.rustyPercent),
      },
    },
    sittings: {
      ...f.sittings,
      breakEveryMinutes: number(f.sittings.breakEveryMinutes),
      breakMinutes: number(f.sittings.breakMinutes),
    },
  }
}

/** The fields of the form by the names that a refusal gives them. */
export function refusedPlaces({ look, time, counting, work, topics, sittings }: SettingsForm) {
  const places = new Map<string, FieldPath<SettingsForm>>([['whatFor', 'whatFor']])
  for (const [part, fields] of Object.entries({ look, time, counting, work, topics })) {
    for (const field of Object.keys(fields)) {
      places.set(`${part}.${field}`, `${part}.${field}` as FieldPath<SettingsForm>)
    }
  }
  for (const field of Object.keys(sittings)) {
    places.set(field, `sittings.${field}` as FieldPath<SettingsForm>)
  }
  return places
}

const needed = (fault: (typed: string) => string | undefined) => ({
  validate: (typed: string) => (typed.trim() === '' ? wording.thisIsEmpty() : (fault(typed) ?? true)),
})

/** Asks for a whole number within bounds. */
export const whole = (bounds: Bounds, format: Formats) =>
  needed((typed) => numberFault(typed, bounds, format))

/** Asks for a day. */
export const day = (format: Formats) => needed((typed) => dayFault(typed, format))
