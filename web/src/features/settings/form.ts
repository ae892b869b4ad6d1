import type { Schemas } from '../../api/client'
import { WEEKDAYS } from '../../shared/weekdays'
import { dayFault } from '../../ui/DateField'
import type { Formats } from '../../ui/locale'
import { numberFault, type Bounds } from '../../ui/NumberField'

type Settings = Schemas['Settings']
type Sittings = Schemas['SittingSettings']

/** All that the settings page keeps with one button. */
export type Kept = { settings: Settings; sittings: Sittings }

/** Settings as the form holds them: numbers as they are typed. */
export type SettingsForm = Omit<
  Settings,
  | 'version'
  | 'started'
  | 'week'
  | 'dayMinutes'
  | 'restDays'
  | 'rolloverHour'
  | 'streakDaysPerWeek'
  | 'streakFloorMinutes'
  | 'overheadMinutes'
  | 'freePercent'
  | 'halfLifeDays'
  | 'fadingPercent'
  | 'rustyPercent'
> & {
  week: { day: Settings['weekStart']; minutes: string; rest: boolean }[]
  dayMinutes: { day: string; minutes: string }[]
  restDays: { day: string }[]
  rolloverHour: string
  streakDaysPerWeek: string
  streakFloorMinutes: string
  overheadMinutes: string
  freePercent: string
  halfLifeDays: string
  fadingPercent: string
  rustyPercent: string
  breakEveryMinutes: string
  breakMinutes: string
  sound: boolean
  flash: boolean
}

const ORDER = Object.keys(WEEKDAYS)

export function toForm({ settings: s, sittings }: Kept, { writeNumber }: Formats): SettingsForm {
  const first = ORDER.indexOf(s.weekStart)
  const place = (day: string) => (ORDER.indexOf(day) - first + 7) % 7
  return {
    zone: s.zone,
    locale: s.locale,
    weekStart: s.weekStart,
    streakRule: s.streakRule,
    dayOrder: s.dayOrder,
    theme: s.theme,
    pauses: s.pauses,
    overheadByHand: s.overheadByHand,
    whatFor: s.whatFor,
    sound: sittings.sound,
    flash: sittings.flash,
    breakEveryMinutes: writeNumber(sittings.breakEveryMinutes),
    breakMinutes: writeNumber(sittings.breakMinutes),
    week: s.week
      .map((d) => ({ day: d.day, minutes: writeNumber(d.minutes), rest: d.rest }))
      .sort((a, b) => place(a.day) - place(b.day)),
    dayMinutes: s.dayMinutes.map((d) => ({ day: d.day, minutes: writeNumber(d.minutes) })),
    restDays: s.restDays.map((day) => ({ day })),
    rolloverHour: writeNumber(s.rolloverHour),
    streakDaysPerWeek: writeNumber(s.streakDaysPerWeek),
    streakFloorMinutes: writeNumber(s.streakFloorMinutes),
    overheadMinutes: writeNumber(s.overheadMinutes),
    freePercent: writeNumber(s.freePercent),
    halfLifeDays: writeNumber(s.halfLifeDays),
    fadingPercent: writeNumber(s.fadingPercent),
    rustyPercent: writeNumber(s.rustyPercent),
    rustSaid: s.rustSaid,
    ownFigure: s.ownFigure,
  }
}

export function fromForm(
  { breakEveryMinutes, breakMinutes, sound, flash, ...f }: SettingsForm,
  version: number,
  format: Formats,
): Kept {
  const number = (typed: string) => format.readNumber(typed) ?? 0
  const sittings = {
    breakEveryMinutes: number(breakEveryMinutes),
    breakMinutes: number(breakMinutes),
    sound,
    flash,
  }
  const settings = {
    ...f,
    version,
    started: true,
    week: f.week.map((d) => ({ ...d, minutes: number(d.minutes) })),
    dayMinutes: f.dayMinutes.map((d) => ({ ...d, minutes: number(d.minutes) })),
    restDays: f.restDays.map((d) => d.day),
    rolloverHour: number(f.rolloverHour),
    streakDaysPerWeek: number(f.streakDaysPerWeek),
    streakFloorMinutes: number(f.streakFloorMinutes),
    overheadMinutes: number(f.overheadMinutes),
    freePercent: number(f.freePercent),
    halfLifeDays: number(f.halfLifeDays),
    fadingPercent: number(f.fadingPercent),
    rustyPercent: number(f.rustyPercent),
  }
  return { settings, sittings }
}

const needed = (fault: (typed: string) => string | undefined) => ({
  validate: (typed: string) => (typed.trim() === '' ? 'This is empty.' : (fault(typed) ?? true)),
})

/** Asks for a whole number within bounds. */
export const whole = (bounds: Bounds, format: Formats) =>
  needed((typed) => numberFault(typed, bounds, format))

/** Asks for a day. */
export const day = (format: Formats) => needed((typed) => dayFault(typed, format))
