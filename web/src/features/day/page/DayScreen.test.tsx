import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { beforeEach, expect, test } from 'vitest'
import type { Schemas } from '../../../api/client'
import { show } from '../../../test-page'
import DayScreen from './DayScreen'

beforeEach(() => sessionStorage.clear())

const view = (more: Partial<Schemas['DayView']> = {}): Schemas['DayView'] => ({
  day: '2026-03-04',
  today: '2026-03-05',
  mark: 'FORGIVEN',
  rest: false,
  pause: null,
  drawnMinutes: 0,
  drawnDrawings: 0,
  entries: [],
  weeks: [{ placement: 'p', course: 'Harbour Year', key: '3', number: 3, title: 'Ellipses' }],
  ...more,
})

const open = (day: Schemas['DayView']) =>
  show(
    <Routes>
      <Route path="/day/:day" element={<DayScreen />} />
    </Routes>,
    {
      [`GET /api/days/${day.day}`]: () => ({ body: day }),
      'GET /api/days/2026-03-03': () => ({ body: view({ day: '2026-03-03' }) }),
    },
    `/day/${day.day}`,
  )

test('a missed day says so without blame, leads to its week and takes what is missing', async () => {
  open(view())
  expect(await screen.findByText('Missed. The run went on.')).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Harbour Year, week 3: Ellipses' })).toHaveAttribute(
    'href',
    '/course?plan=p&week=3',
  )
  expect(screen.getByLabelText(/Write it down/)).toBeInTheDocument()
})

test('days follow each other, and any other is reached by its date', async () => {
  open(view())
  await userEvent.click(await screen.findByRole('link', { name: 'The day before' }))
  expect(await screen.findByText(/March 3/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Another day'), '3/4/2026')
  await userEvent.click(screen.getByRole('button', { name: 'Open' }))
  expect(await screen.findByText(/March 4/)).toBeInTheDocument()
})

test.each([
  [{ mark: 'INK', rest: true }, 'A planned rest day, and you drew all the same.'],
  [{ mark: 'REST', pause: 'a cold' }, 'Paused: a cold.'],
  [{ mark: 'GAP' }, 'Nothing was drawn.'],
] as const)('what became of a day is said: %o', async (more, words) => {
  open(view(more))
  expect(await screen.findByText(words)).toBeInTheDocument()
})

test('a day ahead takes no entry', async () => {
  open(view({ day: '2026-03-09', mark: 'AHEAD' }))
  expect(await screen.findByText(/This day lies ahead/)).toBeInTheDocument()
  expect(screen.queryByLabelText(/Write it down/)).not.toBeInTheDocument()
})
