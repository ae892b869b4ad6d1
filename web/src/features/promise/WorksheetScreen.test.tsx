import { cleanup, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { beforeEach, expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import WorksheetScreen from './WorksheetScreen'

const sheet = {
  count: 90,
  due: '2026-03-18',
  drawingDays: 10,
  secondsEach: 300,
  ownEntries: 0,
  ownSeconds: 0,
  drawingMinutes: 450,
  overheadMinutes: 100,
  availableMinutes: 300,
  load: 550 / 300,
  answer: 'TOO_MUCH',
  leansOnExpected: false,
  perDay: 4,
  minutesADay: 55,
  extraDays: 13,
  extraUntil: '2026-03-31',
  drop: 50,
  paceSeconds: 133,
  day: { available: 70, promised: 45, over: false, courseKeeps: 0 },
  usualWeekMinutes: 200,
  weekMinutes: 385,
  sudden: true,
  trials: [{ count: 10, until: '2026-03-07', days: 3, minutes: 80 }],
  days: [],
}

type Answers = () => { status?: number; body: unknown }

const page = (post: Answers, worksheet: Answers = () => ({ body: sheet })) =>
  show(
    <Routes>
      <Route path="/quotas/new" element={<WorksheetScreen />} />
      <Route path="/quotas/:id" element={<p>promised</p>} />
    </Routes>,
    {
      'GET /api/today': () => ({ body: { day: '2026-03-05' } }),
      'GET /api/names': () => ({ body: { names: [] } }),
      'GET /api/course': () => ({ body: { exercises: [] } }),
      'POST /api/quotas/worksheet': worksheet,
      'POST /api/quotas': post,
    },
    '/quotas/new',
  )

beforeEach(() => sessionStorage.clear())

test('what was typed is there again after another page, until it is given up', async () => {
  page(() => ({ status: 201, body: { id: 'q' } }))
  await userEvent.type(await screen.findByLabelText('Title'), 'Mooring posts')
  expect(screen.queryByText(/what you had typed/)).not.toBeInTheDocument()
  cleanup()
  page(() => ({ status: 201, body: { id: 'q' } }))
  expect(await screen.findByLabelText('Title')).toHaveValue('Mooring posts')
  await userEvent.click(screen.getByRole('button', { name: 'Start over' }))
  expect(screen.getByLabelText('Title')).toHaveValue('')
  cleanup()
  page(() => ({ status: 201, body: { id: 'q' } }))
  expect(await screen.findByLabelText('Title')).toHaveValue('')
})

test('the answer stands there before the promise, with each remedy', async () => {
  const asked = page(() => ({ status: 201, body: { id: 'q' } }))
  await userEvent.type(await screen.findByLabelText('Title'), 'Mooring posts')
  await userEvent.type(screen.getByLabelText('How many'), '90')
  const answer = await screen.findAllByText('Not like this: it takes 183 % of the time.')
  expect(answer, 'on its leaf, and at the foot of a narrow page').toHaveLength(2)
  expect(screen.getByText('55 min a day')).toBeInTheDocument()
  expect(screen.getByText(/other promises take about 45 min/)).toBeInTheDocument()
  expect(screen.getByText(/the course keeps nothing meanwhile/)).toBeInTheDocument()
  expect(screen.getByText('40 drawings instead of 90')).toBeInTheDocument()
  expect(screen.getByText(/Hands like slow increases/)).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/quotas')).toHaveLength(0)
  await userEvent.click(screen.getByRole('button', { name: '55 min a day' }))
  expect(screen.getByLabelText('Minutes a day for it')).toHaveValue('55')
  expect(screen.getByLabelText('Minutes a day for it')).toHaveFocus()
  await userEvent.click(screen.getByRole('button', { name: 'Promise it all the same' }))
  expect(await screen.findByText('promised')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/quotas')[0]?.body).toMatchObject({
    terms: { title: 'Mooring posts', count: 90 },
  })
})

test('what the server refuses keeps everything typed', async () => {
  const asked = page(() => ({
    status: 400,
    body: { code: 'bad-value', field: 'due', detail: 'Not kept: due is too late.' },
  }))
  await userEvent.type(await screen.findByLabelText('Title'), 'Posts')
  await userEvent.type(screen.getByLabelText('How many'), '9')
  await userEvent.click(screen.getByRole('button', { name: /^Promise it/ }))
  await waitFor(() => expect(sent(asked, 'POST', '/api/quotas')).toHaveLength(1))
  expect((await screen.findAllByText('Not kept: due is too late.')).length).toBeGreaterThan(0)
  expect(screen.getByLabelText('Title')).toHaveValue('Posts')
})

test('what cannot be worked out is told at its field before anything is promised', async () => {
  page(
    () => ({ status: 201, body: { id: 'q' } }),
    () => ({ status: 400, body: { code: 'bad-value', field: 'due', detail: 'That is too late.' } }),
  )
  await userEvent.type(await screen.findByLabelText('How many'), '9')
  expect(await screen.findByText('That is too late.')).toBeInTheDocument()
  expect(screen.getByLabelText('To')).toHaveAccessibleDescription(/That is too late/)
})

test('a smaller promise is offered first and written in by one press', async () => {
  page(() => ({ status: 201, body: { id: 'q' } }))
  await userEvent.type(await screen.findByLabelText('How many'), '90')
  await userEvent.click(
    await screen.findByRole('button', { name: /^10 drawings to .*about 1 h 20 min on 3 days/ }),
  )
  expect(screen.getByLabelText('How many')).toHaveValue('10')
  expect(screen.getByLabelText('To')).toHaveValue('03/07/2026')
})

test('another kind clears what no longer fits', async () => {
  page(() => ({ status: 201, body: { id: 'q' } }))
  await userEvent.type(await screen.findByLabelText('How many'), '90')
  await userEvent.click(screen.getByRole('radio', { name: /So many in my own time/ }))
  expect(screen.getByLabelText('How many')).toHaveValue('90')
  expect(screen.queryByLabelText('To')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('radio', { name: /One every day/ }))
  expect(screen.getByLabelText('How many a day')).toHaveValue('')
})
