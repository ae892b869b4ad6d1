import { expect, test } from 'vitest'
import type { Schemas } from '../../../api/client'
import { formats } from '../../../ui/locale'
import { fromForm, toForm, whole } from './form'

const format = formats('en-GB')
const bounds = { min: 0, max: 960 }

const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const

const settings: Schemas['Settings'] = {
  version: 3,
  started: true,
  whatFor: 'the harbour in ink',
  time: {
    zone: 'UTC',
    weekStart: 'SUNDAY',
    rolloverHour: 3,
    week: DAYS.map((day, i) => ({ day, minutes: i * 10, rest: day === 'SUNDAY' })),
    dayMinutes: [{ day: '2026-03-07', minutes: 110 }],
    restDays: ['2026-03-08'],
    pauses: [{ from: '2026-02-01', to: '2026-02-03', reason: 'away' }],
  },
  counting: { school: 'NEVER_TWICE', daysPerWeek: 5, floorMinutes: 0, ownFigure: '' },
  work: { overheadMinutes: 10, overheadByHand: true, freePercent: 20, dayOrder: 'LESSON_FIRST' },
  topics: { halfLifeDays: 45, fadingPercent: 70, rustyPercent: 50, rustSaid: true },
  look: { locale: 'en-GB', theme: 'SYSTEM' },
}

const sittings = { breakEveryMinutes: 45, breakMinutes: 5, sound: true, flash: false }

test('settings go through the form unchanged, apart from the order of the days', () => {
  const { settings: back, sittings: own } = fromForm(toForm({ settings, sittings }, format), 3, format)
  expect(own).toEqual(sittings)
  const { week } = back.time
  expect({ ...back, time: { ...back.time, week: [] } }).toEqual({
    ...settings,
    time: { ...settings.time, week: [] },
  })
  expect(week).toHaveLength(7)
  expect(week).toEqual(expect.arrayContaining(settings.time.week))
})

test('the week is laid out from the learner’s first day', () => {
  expect(toForm({ settings, sittings }, format).time.week[0]?.day).toBe('SUNDAY')
})

test.each(['lots', '-1', '961', '1.5', '5 h'])('refuses %j and names it', (value) => {
  expect(whole(bounds, format).validate(value)).toContain(`“${value}”`)
})

test('an empty number is asked for', () => {
  expect(whole(bounds, format).validate(' ')).toBe('This is empty.')
})

test.each(['0', '960', '35', ' 5'])('accepts %j', (value) => {
  expect(whole(bounds, format).validate(value)).toBe(true)
})
