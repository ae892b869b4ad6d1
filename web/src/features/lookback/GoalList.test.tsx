import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import { GoalList } from './GoalList'

const goal = (more: object = {}) => ({
  kind: 'PROMISE',
  about: 'q',
  version: 2,
  title: 'Mooring posts',
  over: true,
  asks: true,
  from: '2026-01-01',
  to: '2026-01-10',
  said: 'To stop being afraid of so many.',
  became: '',
  becameOn: null,
  days: 7,
  minutes: 283,
  drawings: 63,
  meanMark: 3.1,
  pictures: [],
  ...more,
})

const running = goal({
  kind: 'COURSE',
  about: 'c',
  title: 'Harbour Year',
  over: false,
  asks: false,
  to: null,
})

const list = () =>
  show(<GoalList />, {
    'GET /api/what-for/goals': () => ({ body: [goal(), running, goal({ about: 'n', said: '' })] }),
    'GET /api/what-for/goals/PROMISE/q': () => ({ body: goal() }),
    'GET /api/what-for/goals/COURSE/c': () => ({ body: running }),
    'PUT /api/what-for/goals/PROMISE/q': () => ({ body: goal({ became: 'They hold still.', asks: false }) }),
  })

test('what is over is asked again beside what was drawn', async () => {
  const asked = list()
  expect(await screen.findByText('4 h 43 min, 63 drawings on 7 days, mean mark 3.1')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('It is over. What became of it?'), 'They hold still.')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/what-for/goals/PROMISE/q')[0]?.body).toEqual({
      version: 2,
      said: 'To stop being afraid of so many.',
      became: 'They hold still.',
    }),
  )
})

test('what runs is not asked, and what nobody said is not listed', async () => {
  list()
  expect(await screen.findByText('Harbour Year')).toBeInTheDocument()
  expect(screen.getAllByRole('listitem')).toHaveLength(2)
  expect(await screen.findAllByLabelText('It is over. What became of it?')).toHaveLength(1)
})
