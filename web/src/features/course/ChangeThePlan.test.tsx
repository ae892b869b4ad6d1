import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { ChangeThePlan } from './ChangeThePlan'

const week = (key: string, number: number, from: string, to: string) =>
  ({ key, number, from, to, title: key, days: 7, untilDone: false, role: 'COURSE' }) as Schemas['RulerWeek']

const ruler = [
  week('w1', 1, '2026-02-23', '2026-03-01'),
  week('w2', 2, '2026-03-02', '2026-03-08'),
  week('w3', 3, '2026-03-09', '2026-03-15'),
  week('w4', 4, '2026-03-16', '2026-03-22'),
]
const figures = { end: '2026-03-22', days: [], droppedDrawings: 0, droppedMinutes: 0, shortfalls: [] }

const open = (key: string) =>
  show(
    <ChangeThePlan
      course={{ ruler, today: '2026-03-05' } as unknown as Schemas['CourseView']}
      placed={{ placement: 'p', policy: 'SPREAD', missedDays: [] } as unknown as Schemas['Placed']}
      weekKey={key}
    />,
    {
      'POST /api/course/p/preview': () => ({ body: { before: figures, after: figures, refused: null } }),
      'POST /api/pauses/preview': () => ({
        body: [{ course: 'Harbour Year', end: '2026-03-22', then: '2026-03-23' }],
      }),
      'POST /api/pauses': () => ({ status: 204 }),
      'POST /api/pauses/undo': () => ({ status: 204 }),
    },
  )

const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }))

test('what happened leads to the changes that answer it', async () => {
  open('w3')
  await press('It needs longer')
  await press(/Make the week longer or shorter/)
  expect(screen.getByLabelText('Length in days')).toBeInTheDocument()
})

test('a week that has begun offers no change of places', async () => {
  open('w2')
  await press('Something else comes first')
  expect(screen.queryByRole('button', { name: /Change places/ })).not.toBeInTheDocument()
  expect(screen.getByRole('button', { name: /A detour/ })).toBeInTheDocument()
})

test('going without the running week says what becomes of its days', async () => {
  open('w2')
  await press('It is too much')
  await press(/Go without this week/)
  expect(screen.getByText(/It ends with yesterday/)).toBeInTheDocument()
})

test('a week that is over asks nothing', () => {
  open('w1')
  expect(screen.queryByRole('button', { name: 'It needs longer' })).not.toBeInTheDocument()
})

test('one pause does for the days and for the courses, shows the end before, and is taken back in one press', async () => {
  const asked = open('w2')
  await press('I was or will be away')
  await press(/Ill or away/)
  expect(await screen.findByText(/1 day later/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Why, if you like'), 'a cold')
  await press('Pause')
  const pause = {
    span: { from: '2026-03-05', to: '2026-03-05' },
    reason: 'a cold',
    coursesWait: true,
  }
  expect(sent(asked, 'POST', '/api/pauses')[0]?.body).toMatchObject(pause)
  await press('Undo')
  expect(sent(asked, 'POST', '/api/pauses/undo')[0]?.body).toMatchObject(pause)
})
