import { cleanup, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test } from 'vitest'
import type { Schemas } from '../../../api/client'
import { sent, show } from '../../../test-page'
import { OwnSettings } from './OwnSettings'

const DAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const
const settings: Schemas['Settings'] = {
  version: 3,
  started: true,
  whatFor: '',
  time: {
    zone: 'UTC',
    weekStart: 'MONDAY',
    rolloverHour: 3,
    week: DAYS.map((day) => ({ day, minutes: 30, rest: false })),
    dayMinutes: [],
    restDays: [],
    pauses: [],
  },
  counting: { school: 'NEVER_TWICE', daysPerWeek: 5, floorMinutes: 0, ownFigure: '' },
  work: { overheadMinutes: 10, overheadByHand: false, freePercent: 20, dayOrder: 'LESSON_FIRST' },
  topics: { halfLifeDays: 45, fadingPercent: 70, rustyPercent: 50, rustSaid: true },
  look: { locale: 'en-GB', theme: 'SYSTEM' },
}
const sittings = { breakEveryMinutes: 45, breakMinutes: 5, sound: true, flash: true }
const learned = { minutes: 6, sittings: 14, days: 12, ownMinutes: 4, learned: true }

const open = (put: (body: unknown) => { status?: number; body: unknown } = (body) => ({ body })) =>
  show(<OwnSettings settings={settings} sittings={sittings} />, {
    'PUT /api/settings': put,
    'PUT /api/sittings/settings': (body) => ({ body }),
    'GET /api/sittings/set-up': () => ({ body: learned }),
    'GET /api/streaks': () => ({ body: [] }),
  })

beforeEach(() => sessionStorage.clear())

const breaks = () => screen.getByLabelText('A break after so many minutes')
const retype = async (field: HTMLElement, text: string) => {
  await userEvent.clear(field)
  await userEvent.type(field, text)
}

test('one button keeps what was changed anywhere on the page', async () => {
  const asked = open()
  await retype(breaks(), '50')
  await userEvent.type(screen.getByLabelText(/In one sentence/), 'boats in ink')
  await userEvent.click(screen.getByRole('button', { name: 'Save the settings' }))
  expect(await screen.findByText('Settings saved.')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/settings')[0]?.body).toMatchObject({ version: 3, whatFor: 'boats in ink' })
  expect(sent(asked, 'PUT', '/api/sittings/settings')[0]?.body).toEqual({
    ...sittings,
    breakEveryMinutes: 50,
  })
})

test('a number that cannot be is named and nothing is kept', async () => {
  const asked = open()
  await retype(breaks(), '5')
  await userEvent.click(screen.getByRole('button', { name: 'Save the settings' }))
  expect(await screen.findByText('A whole number from 10 to 120, not “5”.')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/settings')).toHaveLength(0)
})

test('what was changed and not saved waits while another page is looked at, on top of what it was read from', async () => {
  open()
  await retype(breaks(), '50')
  cleanup()
  const asked = open()
  await waitFor(() => expect(breaks()).toHaveValue('50'))
  await userEvent.click(screen.getByRole('button', { name: 'Save the settings' }))
  await screen.findByText('Settings saved.')
  expect(sent(asked, 'PUT', '/api/settings')[0]?.body).toMatchObject({ version: 3 })
  cleanup()
  open()
  expect(breaks()).toHaveValue('45')
})

test('what setting up costs says what it rests on, until a figure by hand holds', async () => {
  open()
  expect(await screen.findByText(/Learned: 6 min, from 14 sittings on 12 days/)).toBeInTheDocument()
  await userEvent.click(screen.getByLabelText(/this figure holds/))
  expect(screen.queryByText(/Learned: 6 min/)).not.toBeInTheDocument()
})
