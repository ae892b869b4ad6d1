import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { sent, show } from '../../test-page'
import { monthFacts, monthMarkdown, weeksOf, type Month } from './month'
import MonthScreen from './MonthScreen'

const month = (more: object = {}): Month => ({
  month: '2026-02-01',
  from: '2026-02-02',
  to: '2026-03-01',
  over: true,
  version: null,
  pauses: [],
  facts: {
    minutes: 1320,
    told: true,
    drawings: 240,
    days: 22,
    weekly: 330,
    weeklyBefore: 280.4,
    marked: 20,
    meanMark: 3.25,
    markedBefore: 16,
    meanMarkBefore: 2.9,
  },
  weeks: [
    {
      from: '2026-02-02',
      to: '2026-02-08',
      minutes: 300,
      drawings: 60,
      course: { title: 'Harbour Year', week: 13, weekTitle: 'Light and shade' },
      state: 'CLOSED',
      words: 'Shade shows every wrong turn.',
      expects: '',
    },
    {
      from: '2026-02-09',
      to: '2026-02-15',
      minutes: 0,
      drawings: 0,
      state: 'SKIPPED',
      words: '',
      expects: '',
    },
  ],
  exercises: { met: 9, of: 12 },
  newTopics: ['water'],
  read: [
    {
      resource: 'Boats from keel to rail',
      unit: 'page',
      spans: [
        { from: 62, to: 78 },
        { from: 90, to: 90 },
      ],
      minutes: 96,
    },
  ],
  recalled: [],
  remarks: [{ words: 'far side too wide', times: 3, before: 5 }],
  habits: [],
  became: [],
  expected: 'Hulls that turn.',
  words: '',
  expects: '',
  ...more,
})

const address = '/api/look-back/months/2026-02-01'

const page = (write: () => { status?: number; body: object }) =>
  show(
    <Routes>
      <Route path="/look-back/months/:month" element={<MonthScreen />} />
    </Routes>,
    {
      [`GET ${address}`]: () => ({ body: month() }),
      [`PUT ${address}`]: write,
      'GET /api/look-back/months': () => ({
        body: ['2026-03-01', '2026-02-01', '2026-01-01'].map((m) => ({
          month: m,
          from: m,
          to: m,
          minutes: 0,
          drawings: 0,
          days: 0,
          words: '',
        })),
      }),
    },
    '/look-back/months/2026-02',
  )

test('a month stands beside the month before, week by week with what was written then', async () => {
  page(() => ({ body: month() }))
  expect(await screen.findByRole('heading', { name: 'February 2026' })).toBeInTheDocument()
  expect(screen.getByText('22 h, 240 drawings on 22 days')).toBeInTheDocument()
  expect(screen.getByText('5 h 30 min a week, 4 h 40 min a week in the month before')).toBeInTheDocument()
  expect(screen.getByText('9 of 12 exercises met')).toBeInTheDocument()
  expect(screen.getByText('Shade shows every wrong turn.')).toBeInTheDocument()
  expect(screen.getByText('Boats from keel to rail, page 62 to 78, 90')).toBeInTheDocument()
  expect(screen.getByText('Passed over.')).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Week 13: Light and shade' })).toHaveAttribute(
    'href',
    '/look-back/weeks/2026-02-02',
  )
  expect(await screen.findByRole('link', { name: 'The month before' })).toHaveAttribute(
    'href',
    '/look-back/months/2026-01',
  )
})

test('what is written is kept, and stays where another window was faster', async () => {
  let faster = true
  const asked = page(() =>
    faster
      ? { status: 409, body: { code: 'stale', detail: 'This month was changed elsewhere.', current: {} } }
      : { body: month({ version: 0, words: 'Grey light.' }) },
  )
  await userEvent.type(await screen.findByLabelText('What I think of it'), 'Grey light.')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(await screen.findByText(/changed in another window/)).toBeInTheDocument()
  expect(screen.getByLabelText('What I think of it')).toHaveValue('Grey light.')
  faster = false
  await waitFor(() => expect(screen.getByRole('button', { name: 'Keep it' })).toBeEnabled())
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(await screen.findByText('Kept.')).toBeInTheDocument()
  expect(sent(asked, 'PUT', address)[1]?.body).toEqual({ version: null, words: 'Grey light.', expects: '' })
})

test('a month that is not over says in which of its weeks it is', () => {
  expect(weeksOf(month())).toBe(4)
  expect(weeksOf(month({ from: '2026-11-30', to: '2027-01-03' }))).toBe(5)
})

test('the first month has nothing before it, and an empty one says so', () => {
  const facts = { ...month().facts, minutes: 0, drawings: 0, days: 0, weekly: null, weeklyBefore: null }
  const [drawn] = monthFacts(month({ facts: { ...facts, meanMark: null } }), formats('en-US'))
  expect(drawn).toMatchObject({ says: 'nothing this month', beside: '' })
})

test('as Markdown, what was written stays words', () => {
  const text = monthMarkdown(month({ words: 'Grey\n# light' }), formats('en-US'))
  expect(text).toContain('# February 2026')
  expect(text).toContain('> Grey\n> # light')
  expect(text).toContain('- Week 13: Light and shade, 5 h\n  > Shade shows every wrong turn.')
  expect(text).toContain('- **Marks**: 3.3 in 20 entries (2.9 in 16 entries the month before)')
})
