import type { Schemas } from '../../api/client'

type Settings = Schemas['Settings']

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
> & {
  week: { day: Settings['weekStart']; minutes: string; rest: boolean }[]
  dayMinutes: { day: string; minutes: string }[]
  restDays: { day: string }[]
  rolloverHour: string
  streakDaysPerWeek: string
  streakFloorMinutes: string
  overheadMinutes: string
  freePercent: string
}

const ORDER = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY']

export function toForm(s: Settings): SettingsForm {
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
    week: s.week
      .map((d) => ({ day: d.day, minutes: String(d.minutes), rest: d.rest }))
      .sort((a, b) => place(a.day) - place(b.day)),
    dayMinutes: s.dayMinutes.map((d) => ({ day: d.day, minutes: String(d.minutes) })),
    restDays: s.restDays.map((day) => ({ day })),
    rolloverHour: String(s.rolloverHour),
    streakDaysPerWeek: String(s.streakDaysPerWeek),
    streakFloorMinutes: String(s.streakFloorMinutes),
    overheadMinutes: String(s.overheadMinutes),
    freePercent: String(s.freePercent),
  }
}

export function toSettings(f: SettingsForm, version: number): Settings {
  return {
    ...f,
    version,
    started: true,
    week: f.week.map((d) => ({ ...d, minutes: Number(d.minutes) })),
    dayMinutes: f.dayMinutes.map((d) => ({ ...d, minutes: Number(d.minutes) })),
    restDays: f.restDays.map((d) => d.day),
    rolloverHour: Number(f.rolloverHour),
    streakDaysPerWeek: Number(f.streakDaysPerWeek),
    streakFloorMinutes: Number(f.streakFloorMinutes),
    overheadMinutes: Number(f.overheadMinutes),
    freePercent: Number(f.freePercent),
  }
}

/** Rules for a whole number between two bounds, whose error names the value. */
export const whole = (min: number, max: number) => ({
  validate: (value: string) =>
    (/^\d+$/.test(value) && Number(value) >= min && Number(value) <= max) ||
    `A whole number from ${min} to ${max}, not “${value}”.`,
})
