import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import QuotasScreen from './QuotasScreen'

const terms = (more: object = {}) => ({
  title: 'Mooring posts',
  kind: 'SPRINT',
  count: 90,
  start: '2026-03-05',
  due: '2026-03-14',
  unit: 'DRAWINGS',
  topic: 'mooring posts',
  rest: [],
  policy: 'SPREAD',
  rules: ['NO_ERASER'],
  secondsEach: 300,
  beside: true,
  ...more,
})

const progress = {
  from: '2026-03-05',
  due: '2026-03-14',
  asked: 90,
  done: 12,
  left: 78,
  daysLeft: 8,
  today: 10,
  doneToday: 0,
  served: 3,
  bonusToday: 0,
  minutesToday: 35,
  neededPerDay: 10,
  minutesNeeded: 60,
  pace: 6,
  planned: 18,
  missed: 1,
  number: null,
  total: 12,
  weeks: [],
  curve: [9, 12],
}

const record = (done: number) => ({
  done,
  asked: 90,
  days: 7,
  span: 9,
  minutes: 283,
  pace: [318, 282, 234],
  marks: [2, 2.5, 0],
  paceGoes: { s: -21, p: 0.03, tau: -0.75, of: 8, trend: true },
  marksGo: { s: 1, p: 0.9, tau: 0.1, of: 5, trend: false },
  curve: [9, done],
})

const quota = (more: object = {}) => ({
  id: 'q',
  version: 2,
  terms: terms(),
  outcome: 'RUNNING',
  progress,
  forecast: {
    verdict: 'SLIPPING',
    basis: 'OWN_DAYS',
    inTime: 0.24,
    plan: 9.75,
    ownDays: 2,
    early: '2026-03-15',
    middle: '2026-03-18',
    late: '2026-03-21',
    reachable: 71,
    moreDays: 4,
    enough: { cases: 1, of: 2, low: 0.0945, high: 0.9055 },
    fan: [{ date: '2026-03-14', low: 60, middle: 71, high: 85 }],
  },
  secondsEach: 290,
  ownEntries: 2,
  record: record(12),
  before: null,
  againOf: null,
  endedOn: null,
  learned: '',
  best: [],
  entries: [{ id: 'e', day: '2026-03-05', name: 'mooring posts', units: 9, minutes: 40, mark: 4 }],
  prompts: [],
  kept: { NO_ERASER: { kept: 2, broken: 1 } },
  ...more,
})

const ended = (more: object = {}) =>
  quota({ outcome: 'STOPPED', endedOn: '2026-03-14', forecast: null, record: record(63), ...more })

const page = (quotas: object[], at = '/quotas', held: object = { weeks: 3, inside: 3, tells: false }) =>
  show(
    <Routes>
      <Route path="/quotas" element={<QuotasScreen />} />
      <Route path="/quotas/:id" element={<QuotasScreen />} />
    </Routes>,
    {
      'GET /api/quotas': () => ({ body: quotas }),
      ...Object.fromEntries(
        (quotas as { id: string }[]).map((q) => [`GET /api/quotas/${q.id}`, () => ({ body: q })]),
      ),
      'GET /api/quotas/forecasts': () => ({ body: held }),
      'GET /api/today': () => ({ body: { day: '2026-03-07' } }),
      'POST /api/quotas/q/end': () => ({ body: ended() }),
      'POST /api/quotas/q/go-on': () => ({ body: quota() }),
      'POST /api/quotas/q/again': () => ({ status: 201, body: quota({ id: 'r' }) }),
      'PUT /api/quotas/q/result': () => ({ body: ended() }),
      'DELETE /api/quotas/q': () => ({ status: 204 }),
    },
    at,
  )

test('nothing promised shows what a first promise could be', async () => {
  page([])
  expect(await screen.findByText(/30 coils of rope in two weeks/)).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Make a promise' })).toBeInTheDocument()
})

test('a running quota tells its chance, what would change it, and what today asks', async () => {
  page([quota()])
  await screen.findByRole('article')
  expect(screen.getAllByText(/^Slipping: 24 % for all 90/)).toHaveLength(2)
  expect(screen.getByText(/^10 drawings on each of 8 days left, about 1 h a day/)).toBeInTheDocument()
  expect(screen.getByText(/4 more drawing days at your pace/)).toBeInTheDocument()
  expect(screen.getByText('71 instead of 90')).toBeInTheDocument()
  expect(screen.getByText('Needs 10 drawings a day.')).toBeInTheDocument()
  expect(screen.getByText('10 drawings, 0 done, 3 come with the course')).toBeInTheDocument()
  expect(screen.getByText(/1 of 2 own days brought 10 drawings or more \(9–91 %/)).toBeInTheDocument()
  expect(screen.getByText('no eraser: 2 of 3 entries')).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Begin' })).toHaveAttribute(
    'href',
    expect.stringContaining('count=10'),
  )
})

test('a daily run knows its drawing day and a ramp its weeks', async () => {
  page([
    quota({
      terms: terms({ kind: 'RAMP', step: 5, weeks: 8, due: null }),
      progress: {
        ...progress,
        number: 17,
        weeks: [{ from: '2026-02-26', target: 20, done: 24, met: true }],
      },
    }),
  ])
  expect(await screen.findByText('number 17')).toBeInTheDocument()
  expect(screen.getByText(/24 of 20/)).toHaveTextContent('met')
})

test('how forecasts held is told once weeks enough are over', async () => {
  page([quota()], '/quotas', { weeks: 14, inside: 11, tells: true })
  expect(await screen.findByText(/Of 14 weeks that are over, 11 ended within/)).toBeInTheDocument()
})

test('ending asks first, and can be gone on with', async () => {
  const asked = page([quota()])
  await userEvent.click(await screen.findByRole('button', { name: 'End it' }))
  expect(screen.getByText(/stopped is a result as well/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'End it today' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Go on with it' }))
  await waitFor(() => expect(sent(asked, 'POST', '/api/quotas/q/go-on')).toHaveLength(1))
})

test('what it came to lies beside the time before', async () => {
  page([ended({ before: record(40), againOf: 'p' })])
  const table = await screen.findByRole('table')
  expect(within(table).getByRole('columnheader', { name: 'the time before' })).toBeInTheDocument()
  const counts = within(within(table).getByRole('row', { name: /^count/ })).getAllByRole('cell')
  expect(counts.map((cell) => cell.textContent)).toEqual(['63 drawings', '40 drawings'])
  expect(within(table).getAllByText(/5.3 min first third, 4.7 min second third/)).toHaveLength(2)
  expect(screen.getByText(/63 of 90 drawings on 7 days, 4 h 43 min/)).toBeInTheDocument()
  expect(screen.getByText(/The time each took fell from entry to entry/)).toBeInTheDocument()
})

test('best pages and one sentence are kept', async () => {
  const asked = page([ended()])
  await userEvent.click(await screen.findByRole('checkbox', { name: /mooring posts/ }))
  await userEvent.type(screen.getByLabelText('One sentence: what was learned'), 'Choose early.')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/quotas/q/result')[0]?.body).toEqual({
      version: 2,
      learned: 'Choose early.',
      best: ['e'],
    }),
  )
})

test('it is taken again from today on', async () => {
  const asked = page([ended()])
  const again = await screen.findByRole('button', { name: 'Take it again' })
  await userEvent.click(again)
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/quotas/q/again')[0]?.body).toMatchObject({ start: '2026-03-07' }),
  )
})

test('a quota that is gone is said so', async () => {
  page([quota()], '/quotas/elsewhere')
  expect(await screen.findByText('This quota is not there any more.')).toBeInTheDocument()
})
