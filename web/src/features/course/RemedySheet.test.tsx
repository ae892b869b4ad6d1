import { renderHook } from '@testing-library/react'
import { expect, test } from 'vitest'
import { useFormats } from '../../ui/locale'
import { remedyChoices } from './RemedySheet'

const format = renderHook(() => useFormats()).result.current
const week = { key: '4', from: '2026-03-02' }

test('each remedy is one change that says exactly what it does', () => {
  const choices = remedyChoices(
    {
      extraDays: 2,
      until: '2026-03-10',
      drops: [{ exerciseId: 'hulls', title: 'Hulls', count: 24, unit: 'DRAWINGS' }],
      paces: [{ exerciseId: 'hulls', title: 'Hulls', secondsEach: 80, plannedSecondsEach: 90 }],
      minutesADay: 52,
    },
    week,
    format,
  )
  expect(choices.map((c) => c.label)).toEqual([
    '52 min on each day that has any',
    '2 more drawing days, until Mar 10',
    '24 Hulls left out',
    '80 s each for Hulls instead of 90 s',
  ])
  expect(choices.map((c) => c.change)).toEqual([
    { kind: 'MINUTES_A_DAY', week: '4', minutes: 52 },
    { kind: 'STRETCH', week: '4', days: 9 },
    { kind: 'DROP', week: '4', units: [{ exerciseId: 'hulls', count: 24 }] },
    { kind: 'PACE', week: '4', exerciseId: 'hulls', secondsEach: 80 },
  ])
})

test('what would not help is not offered', () => {
  expect(
    remedyChoices({ extraDays: null, until: null, drops: [], paces: [], minutesADay: null }, week, format),
  ).toEqual([])
})
