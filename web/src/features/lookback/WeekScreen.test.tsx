import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import WeekScreen from './WeekScreen'

const review = (more: object = {}) => ({
  from: '2026-02-23',
  to: '2026-03-01',
  isoWeek: 9,
  over: true,
  state: 'OPEN',
  version: 4,
  course: { title: 'Harbour Year', week: 16, weekTitle: 'Quay, steps and perspective' },
  facts: { minutes: 312, told: true, drawings: 96, days: 6, before: 280, weeksBefore: 4 },
  pauses: [],
  planned: [],
  run: { length: 29, unit: 'DAYS' },
  newTopics: [],
  rusty: [],
  weak: [],
  read: [],
  recalled: [{ title: 'Parts of a small boat', asked: 30, right: 28, due: '2026-03-17' }],
  remarks: [],
  aims: [],
  habits: [],
  expected: 'The steps will be quick.',
  words: 'They were not.',
  expects: '',
  offers: [
    {
      key: 'more:stairs',
      offer: {
        kind: 'MORE_OF',
        topic: 'stairs',
        exercise: 'Steps by eye level',
        drawings: 3,
        drawn: 7,
        planned: 10,
      },
      effect: null,
    },
  ],
  aside: [],
  taken: [],
  became: [],
  ...more,
})

const address = '/api/reviews/2026-02-23'

/** A server that answers with what was last written. */
const page = (first: object, writes: Record<string, () => { status?: number; body?: object }> = {}) => {
  let kept = first
  const more = Object.fromEntries(
    Object.entries(writes).map(([route, write]) => [
      route,
      () => {
        const answer = write()
        kept = answer.status === undefined ? (answer.body ?? kept) : kept
        return answer
      },
    ]),
  )
  return show(
    <Routes>
      <Route path="/look-back/weeks/:from" element={<WeekScreen />} />
    </Routes>,
    { [`GET ${address}`]: () => ({ body: kept }), ...more },
    '/look-back/weeks/2026-02-23',
  )
}

test('a topic that felt weak is asked about again, and taken back by a press', async () => {
  const weak = {
    topic: 't',
    name: 'rope and nets',
    since: '2026-02-18',
    wished: 20,
    felt: { drawn: 12, before: { entries: 5, mean: 2.4 }, since: { entries: 4, mean: 3.25 } },
  }
  const asked = page(review({ weak: [weak] }), {
    'DELETE /api/coverage/t/weak': () => ({ body: review() }),
    'PUT /api/coverage/t/weak': () => ({ body: review({ weak: [weak] }) }),
  })
  expect(
    await screen.findByText('rope and nets, since Feb 18: 12 of 20 more drawings made'),
  ).toBeInTheDocument()
  expect(
    screen.getByText('marked 2.4 in 5 entries of four weeks before, 3.3 in 4 entries since'),
  ).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'No longer weak: rope and nets' }))
  await waitFor(() => expect(screen.queryByText('Does it still feel weak?')).not.toBeInTheDocument())
  await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
  expect(await screen.findByText('Does it still feel weak?')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/coverage/t/weak')[0]?.body).toEqual({ drawings: 20, since: '2026-02-18' })
})

test('what is not wanted now is put aside, and can be offered again', async () => {
  const { key, offer } = review().offers[0] as { key: string; offer: object }
  const put = { offers: [], aside: [{ key, offer }] }
  let aside = false
  const asked = page(review(), {
    'PUT /api/reviews/2026-02-23/aside': () => {
      aside = !aside
      return { body: review(aside ? put : {}) }
    },
  })
  await userEvent.click(
    await screen.findByRole('button', { name: 'Not now: 3 drawings more of stairs next week' }),
  )
  const again = await screen.findByRole('button', {
    name: 'Offer it again: 3 drawings more of stairs next week',
  })
  expect(again.closest('li')).toHaveTextContent('offered again in four weeks if it still follows')
  await userEvent.click(again)
  await screen.findByRole('button', { name: 'Not now: 3 drawings more of stairs next week' })
  expect(sent(asked, 'PUT', '/api/reviews/2026-02-23/aside').map((a) => a.body)).toEqual([
    { key, aside: true },
    { key, aside: false },
  ])
})

test('a letter tells what was recalled, and when it is asked for next', async () => {
  page(review())
  expect(await screen.findByText(/Parts of a small boat, 28 of 30/)).toBeInTheDocument()
  expect(screen.getByText(/next on .*17/)).toBeInTheDocument()
  expect(screen.getByText('“The steps will be quick.”')).toBeInTheDocument()
})

test('a week is closed with its words, on top of what was read', async () => {
  const asked = page(review(), {
    [`PUT ${address}`]: () => ({ body: review({ state: 'CLOSED', version: 5, expects: 'One crane.' }) }),
  })
  await userEvent.type(await screen.findByLabelText(/Next week I expect/), 'One crane.')
  await userEvent.click(screen.getByRole('button', { name: 'Close the week' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', address)[0]?.body).toEqual({
      version: 4,
      words: 'They were not.',
      expects: 'One crane.',
      state: 'CLOSED',
    }),
  )
  expect(await screen.findByRole('button', { name: 'Open it again' })).toBeInTheDocument()
})

test('what another window wrote meanwhile is said, and nothing typed is lost', async () => {
  page(review(), {
    [`PUT ${address}`]: () => ({
      status: 409,
      body: { detail: 'This week was changed.', current: review({ version: 5 }) },
    }),
  })
  const words = await screen.findByLabelText('What I think of it')
  await userEvent.type(words, ' Still.')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it, still open' }))
  expect(await screen.findByText(/changed in another window/)).toBeInTheDocument()
  expect(screen.getByLabelText('What I think of it')).toHaveValue('They were not. Still.')
})

test('an offered change is taken by its key, and only by a press', async () => {
  const asked = page(review(), {
    [`POST ${address}/taken`]: () => ({ body: review({ offers: [], version: 5 }) }),
  })
  await userEvent.click(await screen.findByRole('button', { name: /^Take it: 3 drawings more of stairs/ }))
  await waitFor(() => expect(sent(asked, 'POST', `${address}/taken`)).toHaveLength(1))
  expect(sent(asked, 'POST', `${address}/taken`)[0]?.body).toMatchObject({ key: 'more:stairs' })
  expect(await screen.findByText('The plan holds it now; its history says why.')).toBeInTheDocument()
  expect(await screen.findByText('Nothing is offered from what this week shows.')).toBeInTheDocument()
})

test('a week passed over can be written all the same', async () => {
  page(review({ state: 'SKIPPED', offers: [] }))
  expect(await screen.findByText(/Passed over; it can be written all the same/)).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'Pass this week over' })).not.toBeInTheDocument()
})
