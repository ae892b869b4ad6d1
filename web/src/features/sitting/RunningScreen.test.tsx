import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { beforeEach, expect, test, vi } from 'vitest'
import { sent, show } from '../../test-page'
import RunningScreen from './RunningScreen'

const FAR = 10_000_000

const step = (kind: string, drawing: number, more: object = {}) => ({
  kind,
  seconds: 60,
  drawing,
  part: '',
  shows: kind !== 'HOLD' && kind !== 'RECALL' && kind !== 'BREAK',
  draws: kind === 'POSE',
  ...more,
})

/** A sitting that stays in one step for hours. */
const sitting = (more: object = {}) => ({
  id: 's',
  day: '2026-03-05',
  title: 'Gulls',
  aim: 'one line for the back',
  drill: 'NONE',
  now: Date.now(),
  steps: [step('POSE', 0), step('POSE', 1)],
  step: 0,
  leftMillis: FAR,
  left: [
    { step: 0, ends: Date.now() + FAR, picture: '/first' },
    { step: 1, ends: Date.now() + 2 * FAR, picture: '/second' },
  ],
  paused: false,
  over: false,
  drawings: 2,
  drawn: 0,
  skipped: 0,
  events: 4,
  felt: {},
  little: false,
  minutesDrawn: 0,
  poses: '',
  entryId: null,
  sound: false,
  flash: false,
  ...more,
})

const entry = {
  id: 's',
  version: 3,
  minutesOrEstimate: 45,
  fields: {
    day: '2026-03-05',
    topic: 'gulls',
    drawings: 9,
    minutes: 45,
    wentWrong: '',
    nextTime: '',
    note: 'Aim: one line for the back',
    poses: [{ count: 9, secondsEach: 300 }],
  },
}

const page = (first: object, pressed: object = first, logged: object = entry) =>
  show(
    <Routes>
      <Route path="/sitting/:id" element={<RunningScreen />} />
      <Route path="/today" element={<p>today</p>} />
    </Routes>,
    {
      'GET /api/sittings/s': () => ({ body: first }),
      'POST /api/sittings/s/press': () => ({ body: pressed }),
      'GET /api/entries/s': () => ({ body: logged }),
      'PUT /api/entries/s': () => ({ body: entry }),
      'DELETE /api/entries/s': () => ({ status: 204 }),
    },
    '/sitting/s',
  )

beforeEach(() => {
  vi.stubGlobal('matchMedia', () => ({ matches: true }))
})

test('a sitting that is not there is said, with a way back', async () => {
  show(
    <Routes>
      <Route path="/sitting/:id" element={<RunningScreen />} />
    </Routes>,
    {},
    '/sitting/s',
  )
  expect(await screen.findByRole('alert')).toHaveTextContent('nothing at /api/sittings/s')
  expect(screen.queryByRole('button', { name: 'Try again' })).not.toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'To today' })).toHaveAttribute('href', '/')
})

test('shows the reference, the number of the drawing and the aim', async () => {
  page(sitting())
  expect(await screen.findByText('1 of 2')).toBeInTheDocument()
  expect(screen.getByAltText('The reference')).toHaveAttribute('src', '/first')
  expect(screen.getByText('one line for the back')).toBeInTheDocument()
  expect(screen.getByRole('timer')).toHaveTextContent(/^\d+:\d\d$/)
})

test('a press tells how many are known, and its answer is shown', async () => {
  const asked = page(sitting(), sitting({ paused: true, leftMillis: 12_000, events: 5 }))
  await userEvent.click(await screen.findByRole('button', { name: 'Pause' }))
  expect(sent(asked, 'POST', '/api/sittings/s/press')[0]?.body).toEqual({ press: 'PAUSE', known: 4 })
  expect(await screen.findByText('Paused')).toBeInTheDocument()
  expect(screen.getByRole('timer')).toHaveTextContent('0:12')
  expect(screen.getByRole('button', { name: 'Go on' })).toBeInTheDocument()
})

test.each([
  [' ', 'PAUSE'],
  ['{ArrowRight}', 'SKIP'],
  ['{ArrowLeft}', 'BACK'],
])('the key %j presses %s', async (key, press) => {
  const asked = page(sitting())
  await screen.findByText('1 of 2')
  await userEvent.keyboard(key)
  await waitFor(() => expect(sent(asked, 'POST', '/api/sittings/s/press')[0]?.body).toMatchObject({ press }))
})

test('what is to be drawn from memory is hidden', async () => {
  page(sitting({ steps: [step('RECALL', 0), step('REVEAL', 0)], drawings: 1 }))
  expect(await screen.findAllByText(/Draw what you saw/)).toHaveLength(2)
  expect(screen.queryByAltText('The reference')).not.toBeInTheDocument()
})

test('a break shows no reference and can be cut short', async () => {
  page(sitting({ steps: [step('BREAK', -1), step('POSE', 0)], drawings: 1 }))
  expect(await screen.findByText(/Put the pen down/)).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'No more rest' })).toBeInTheDocument()
})

test('upside down turns the reference', async () => {
  page(sitting({ drill: 'UPSIDE_DOWN' }))
  expect(await screen.findByAltText('The reference')).toHaveClass('rotate-180')
  expect(screen.getByText(/stands on its head/)).toBeInTheDocument()
})

test('at the end the entry is there; a mark and a line are added to it', async () => {
  const asked = page(sitting({ over: true, entryId: 's' }))
  expect(await screen.findByText(/Logged: 9 drawings in 45 min, 9 × 5 min/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Next time'), 'the beak last')
  await userEvent.click(screen.getByLabelText('4'))
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(await screen.findByText('today')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/entries/s')[0]?.body).toMatchObject({
    version: 3,
    fields: { drawings: 9, mark: 4, nextTime: 'the beak last', poses: [{ count: 9, secondsEach: 300 }] },
  })
})

test('a count that cannot be is named and nothing is sent', async () => {
  const asked = page(sitting({ over: true, entryId: 's' }))
  const count = await screen.findByLabelText('Drawings, if it were more or fewer')
  await userEvent.clear(count)
  await userEvent.type(count, 'nine')
  expect(screen.getByText('A whole number from 1 to 9,999, not “nine”.')).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Keep it' })).toBeDisabled()
  expect(sent(asked, 'PUT', '/api/entries/s')).toHaveLength(0)
})

test('pages that were filled are told, and their last one can be mended', async () => {
  const pages = { ...entry, fields: { ...entry.fields, book: 'Quay book', pageFrom: 41, pageTo: 49 } }
  const asked = page(sitting({ over: true, entryId: 's' }), undefined, pages)
  expect(await screen.findByText(/9 × 5 min, in Quay book, pages 41–49\./)).toBeInTheDocument()
  const last = screen.getByLabelText('Last page, if they filled more or fewer')
  await userEvent.clear(last)
  await userEvent.type(last, '40')
  expect(screen.getByText('A whole number from 41 to 9,999, not “40”.')).toBeInTheDocument()
  await userEvent.clear(last)
  await userEvent.type(last, '45')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/entries/s')[0]?.body).toMatchObject({
      fields: { book: 'Quay book', pageFrom: 41, pageTo: 45 },
    }),
  )
})

test('energy is told in one press, and how hard it was where it seemed hard', async () => {
  const asked = page(sitting({ over: true, entryId: 's', felt: { energyBefore: 2, dread: 4 } }))
  await userEvent.click(await screen.findByLabelText('good'))
  expect(screen.getByText('It seemed hard beforehand. How hard was it?')).toBeInTheDocument()
  await userEvent.click(screen.getByLabelText('a little'))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/sittings/s/felt').map((a) => a.body)).toEqual([
      { energy: 4, was: null },
      { energy: 4, was: 2 },
    ]),
  )
})

test('after the smallest page no mark and no remark are asked', async () => {
  page(sitting({ over: true, entryId: 's', little: true }))
  expect(await screen.findByText(/It counts, and that is all/)).toBeInTheDocument()
  expect(screen.queryByLabelText('Went wrong')).not.toBeInTheDocument()
  expect(screen.queryByText('Mark')).not.toBeInTheDocument()
})

test('nothing drawn is nothing logged, and said kindly', async () => {
  page(sitting({ over: true }))
  expect(await screen.findByText(/nothing is logged. That is fine/)).toBeInTheDocument()
})
