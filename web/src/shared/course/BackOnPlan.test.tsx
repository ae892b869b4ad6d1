import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { BackOnPlan } from './BackOnPlan'

const figures = (more: object = {}) => ({
  end: '2026-05-10',
  days: [],
  droppedDrawings: 0,
  droppedMinutes: 0,
  shortfalls: [],
  ...more,
})
const effect = (after: object) => ({ before: figures(), after: figures(after), refused: null })

const ways = [
  {
    way: 'MORE_MINUTES',
    amount: 50,
    change: { kind: 'MINUTES_A_DAY', week: 'w', minutes: 39 },
    effect: effect({}),
  },
  {
    way: 'DROP',
    amount: 350,
    change: { kind: 'DROP', week: 'w', units: [{ exerciseId: 'd', count: 12 }] },
    effect: effect({ droppedDrawings: 12 }),
  },
  {
    way: 'STRETCH',
    amount: 14,
    change: { kind: 'STRETCH', week: 'w', days: 14 },
    effect: effect({ end: '2026-05-17' }),
  },
]

test('each way back is told, and shows what it does before anything is changed', async () => {
  show(<BackOnPlan />, {
    'GET /api/look-back/course-end/back': () => ({ body: { placement: 'p', week: 'w', ways } }),
    'POST /api/course/p/preview': () => ({ body: effect({ end: '2026-05-17' }) }),
  })
  await userEvent.click(await screen.findByText('What would make the end true again'))
  expect(
    screen.getByText(/50 min a week more than your weeks brought.* 39 min on its days/),
  ).toBeInTheDocument()
  expect(screen.getByText(/5 h 50 min less .* next week 12 drawings can go/)).toBeInTheDocument()
  const look = screen.getAllByRole('button', { name: /^Look at it/ })
  expect(look).toHaveLength(3)
  await userEvent.click(look[2] as HTMLElement)
  expect(await screen.findByRole('button', { name: 'Change the plan' })).toBeInTheDocument()
})

test('a course that is not behind says nothing', async () => {
  const asked = show(<BackOnPlan />, {
    'GET /api/look-back/course-end/back': () => ({ body: { placement: null, week: null, ways: [] } }),
  })
  await expect.poll(() => asked.length).toBe(1)
  expect(screen.queryByText('What would make the end true again')).not.toBeInTheDocument()
})
