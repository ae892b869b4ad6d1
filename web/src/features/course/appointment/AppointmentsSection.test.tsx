import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import { formats } from '../../../ui/locale'
import { AppointmentsSection, readPoses } from './AppointmentsSection'

const format = formats('en-GB')

test.each([
  ['10 x 2', [{ count: 10, secondsEach: 120 }]],
  [
    '4 × 0.5, 2x20',
    [
      { count: 4, secondsEach: 30 },
      { count: 2, secondsEach: 1200 },
    ],
  ],
  [
    '10 x 2; 3 x 1,5',
    [
      { count: 10, secondsEach: 120 },
      { count: 3, secondsEach: 90 },
    ],
  ],
  ['', []],
])('%j is read', (text, poses) => {
  expect(readPoses(text, format)).toEqual(poses)
})

test.each(['ten', '10', '10 x', 'x 2', '10 x two', '0 x 2', '10 x 0'])('%j is refused', (text) => {
  expect(readPoses(text, format)).toBeUndefined()
})

test('an appointment is kept with the others', async () => {
  const other = {
    id: 'o',
    title: 'Print room',
    weekday: null,
    from: '2026-03-05',
    to: null,
    start: '10:00:00',
    minutes: 60,
    poses: [],
  }
  const asked = show(<AppointmentsSection />, {
    'GET /api/appointments': () => ({ body: { appointments: [other] } }),
    'GET /api/today': () => ({ body: { day: '2026-03-05' } }),
    'POST /api/appointments/check': () => ({
      body: {
        clashes: [
          {
            first: {
              date: '2026-03-08',
              title: 'Quay group',
              obstacle: 'REST',
              minutes: 30,
              available: 0,
              other: '',
            },
            times: 3,
          },
        ],
      },
    }),
    'PUT /api/appointments': (body) => ({ body }),
  })
  await userEvent.click(await screen.findByRole('button', { name: 'Add an appointment' }))
  await userEvent.type(screen.getByLabelText('Title'), 'Quay group')
  await userEvent.clear(screen.getByLabelText('Minutes'))
  await userEvent.type(screen.getByLabelText('Minutes'), '3')
  expect(screen.getByText('A whole number from 5 to 720, not “3”.')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(sent(asked, 'PUT', '/api/appointments')).toHaveLength(0)
  await userEvent.type(screen.getByLabelText('Minutes'), '0')
  expect(
    await within(screen.getByRole('dialog')).findByText(
      /Quay group on .* rest day\. The same on 2 later days/,
    ),
  ).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/appointments')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/appointments')[0]?.body).toMatchObject({
    appointments: [
      { id: 'o' },
      { title: 'Quay group', from: '2026-03-05', minutes: 30, poses: [{ count: 10, secondsEach: 120 }] },
    ],
  })
})
