import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../../api/client'
import { sent, show } from '../../../test-page'
import FirstStart from './FirstStart'

const settings = {
  look: { locale: 'en' },
  time: {
    zone: 'UTC',
    weekStart: 'MONDAY',
    week: [
      { day: 'MONDAY', minutes: 30, rest: false },
      { day: 'TUESDAY', minutes: 30, rest: false },
    ],
  },
} as unknown as Schemas['Settings']

const offer = {
  id: 'harbour-year',
  title: 'Harbour Year',
  summary: 'Boats and sheds.',
  weeks: 24,
  totalMinutes: 6000,
  minutesADay: 45,
  roomMinutes: 60,
  load: 1.5,
  pace: 0.66,
  weekLoads: [{ title: 'Lines', minutes: 90, load: 1.5, fits: false }],
}

const page = (put: () => { status?: number; body?: unknown }) =>
  show(<FirstStart settings={settings} />, {
    'GET /api/courses': () => ({ body: { courses: [offer], broken: [] } }),
    'PUT /api/settings': put,
    'GET /api/today': () => ({ body: { day: '2026-03-05' } }),
    'PUT /api/course': () => ({ body: {} }),
  })

test('a course is begun today with the minutes there are, or those it needs', async () => {
  const asked = page(() => ({ body: settings }))
  expect(screen.getByRole('button', { name: 'Choose a course to begin' })).toBeDisabled()
  await userEvent.click(await screen.findByRole('radio', { name: /Harbour Year/ }))
  expect(screen.getByText(/No week fits your/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Give every day 45 min' }))
  await userEvent.click(screen.getByRole('button', { name: 'Begin Harbour Year today' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/course')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/course')[0]?.body).toEqual({
    courseId: 'harbour-year',
    start: '2026-03-05',
  })
  expect(sent(asked, 'PUT', '/api/settings')[0]?.body).toMatchObject({
    look: { locale: navigator.language },
    time: { week: [{ minutes: 45 }, { minutes: 45 }] },
  })
})

test('a daily habit keeps the minutes and follows no course', async () => {
  const asked = page(() => ({ body: settings }))
  await screen.findByText('Harbour Year')
  await userEvent.click(screen.getByRole('button', { name: 'Begin with a daily habit' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/settings')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/settings')[0]?.body).toMatchObject({
    time: { week: [{ minutes: 30 }, { minutes: 30 }] },
  })
  expect(sent(asked, 'PUT', '/api/course')).toHaveLength(0)
})

test('what is refused is said, and nothing is begun', async () => {
  const asked = page(() => ({ status: 400, body: { detail: 'Not kept: zone is unknown.' } }))
  await screen.findByText('Harbour Year')
  await userEvent.click(screen.getByRole('button', { name: 'Begin with a daily habit' }))
  expect(await screen.findByRole('alert')).toHaveTextContent('Not kept: zone is unknown.')
  expect(sent(asked, 'PUT', '/api/course')).toHaveLength(0)
})

test('what it is for may be said or skipped with one key, and minutes are taken as typed', async () => {
  const asked = page(() => ({ body: settings }))
  await userEvent.type(screen.getByLabelText(/One sentence/), 'boats in ink{Enter}')
  expect(screen.getByLabelText('Monday, minutes')).toHaveFocus()
  await userEvent.clear(screen.getByLabelText('Tuesday, minutes'))
  expect(screen.getByRole('button', { name: 'Begin with a daily habit' })).toBeDisabled()
  await userEvent.type(screen.getByLabelText('Tuesday, minutes'), '0')
  await userEvent.click(screen.getByRole('button', { name: 'Begin with a daily habit' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/settings')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/settings')[0]?.body).toMatchObject({
    whatFor: 'boats in ink',
    time: {
      week: [
        { minutes: 30, rest: false },
        { minutes: 0, rest: true },
      ],
    },
  })
})
