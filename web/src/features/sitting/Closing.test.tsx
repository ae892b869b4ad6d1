import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { NO_STUDY } from '../../shared/entry/study'
import { sent, show } from '../../test-page'
import { Closing } from './Closing'
import type { Sitting } from './text'

const sitting = (more: object = {}) =>
  ({
    id: 's',
    title: '26 hulls',
    entryId: 'e',
    little: false,
    known: null,
    setUpMinutes: null,
    felt: {},
    ...more,
  }) as unknown as Sitting

const entry = (fields: object = {}) => ({
  id: 'e',
  version: 3,
  minutesOrEstimate: 39,
  fields: {
    day: '2026-03-05',
    topic: 'hulls',
    drawings: 26,
    minutes: 39,
    wentWrong: '',
    nextTime: '',
    note: '',
    poses: [],
    ...fields,
  },
})

const page = (of: Sitting, kept = entry(), more: object = {}) =>
  show(
    <Routes>
      <Route path="/sitting" element={<Closing sitting={of} />} />
      <Route path="/today" element={<p>today</p>} />
    </Routes>,
    {
      'GET /api/entries/e': () => ({ body: kept }),
      'GET /api/books': () => ({ body: [] }),
      'GET /api/cabinet/kinds': () => ({ body: [] }),
      'GET /api/sittings/told': () => ({ body: { cues: [], places: [] } }),
      'PUT /api/entries/e': () => ({ body: kept }),
      'PUT /api/sittings/s/set-up': () => ({ status: 204 }),
      ...more,
    },
    '/sitting',
  )

test('a sitting is logged already, and words and numbers are put on top of it', async () => {
  const asked = page(sitting())
  expect(await screen.findByText(/Logged: 26 drawings in 39 min/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Went wrong'), 'sheer too flat')
  const drawn = screen.getByLabelText('Drawings, if it were more or fewer')
  await userEvent.clear(drawn)
  await userEvent.type(drawn, '24')
  await userEvent.type(screen.getByLabelText(/Setting up and choosing took/), '6')
  await userEvent.keyboard('{Enter}')
  expect(await screen.findByText('today')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/sittings/s/set-up')[0]?.body).toEqual({ minutes: 6 })
  expect(sent(asked, 'PUT', '/api/entries/e')[0]?.body).toMatchObject({
    version: 3,
    fields: { wentWrong: 'sheer too flat', drawings: 24, minutes: 39 },
  })
})

test('what the learner counts is asked at the end and put on top of what was learned', async () => {
  const asked = page(sitting(), entry({ study: { ...NO_STUDY, how: 'ATTEMPTED_FIRST' } }), {
    'GET /api/settings': () => ({ body: { counting: { ownFigure: 'erasures' } } }),
  })
  await userEvent.type(await screen.findByLabelText('Erasures in all'), '0{Enter}')
  expect(await screen.findByText('today')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/entries/e')[0]?.body).toMatchObject({
    fields: { study: { how: 'ATTEMPTED_FIRST', ownFigure: 'erasures', ownCount: 0 } },
  })
})

test('what was counted before stands there and can be taken away', async () => {
  const asked = page(sitting(), entry({ study: { ...NO_STUDY, ownFigure: 'erasures', ownCount: 3 } }))
  const count = await screen.findByLabelText('Erasures in all')
  expect(count).toHaveValue('3')
  await userEvent.clear(count)
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(await screen.findByText('today')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/entries/e')[0]?.body).toMatchObject({
    fields: { study: { ownFigure: null, ownCount: null } },
  })
})

test('a number that cannot be is said at its field, and nothing is sent', async () => {
  const asked = page(sitting())
  const drawn = await screen.findByLabelText('Drawings, if it were more or fewer')
  await userEvent.clear(drawn)
  await userEvent.type(drawn, 'many{Enter}')
  expect(drawn).toBeInvalid()
  expect(sent(asked, 'PUT', '/api/entries/e')).toHaveLength(0)
})

test('nothing drawn long enough is no failure', async () => {
  page(sitting({ entryId: null }))
  expect(await screen.findByText(/nothing is logged. That is fine/)).toBeInTheDocument()
})

test('after the smallest page nothing is asked', async () => {
  const asked = page(sitting({ little: true }))
  expect(await screen.findByText(/It counts, and that is all there is to do today/)).toBeInTheDocument()
  expect(screen.queryByLabelText('Went wrong')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'To today' }))
  expect(await screen.findByText('today')).toBeInTheDocument()
  await waitFor(() => expect(sent(asked, 'PUT', '/api/entries/e')).toHaveLength(0))
})
