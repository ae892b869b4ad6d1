import { cleanup, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import BuilderScreen from './BuilderScreen'

const ladder = (body: unknown) => {
  const plan = body as { kind: string; minutes?: number; rows?: { count: number; seconds: number }[] }
  const count = plan.rows?.[0]?.count ?? 5
  const seconds = plan.rows?.[0]?.seconds ?? ((plan.minutes ?? 5) * 60) / 5
  return {
    body: {
      seconds: count * seconds,
      drawings: count,
      rungs: Array.from({ length: count }, () => ({ kind: 'POSE', seconds, part: '' })),
    },
  }
}

const page = (at: string, more: object = {}) =>
  show(
    <Routes>
      <Route path="/sitting" element={<BuilderScreen />} />
      <Route path="/sitting/:id" element={<p>running</p>} />
      <Route path="/today" element={<p>today</p>} />
    </Routes>,
    {
      'GET /api/sittings/current': () => ({ body: { sitting: null } }),
      'GET /api/sittings/last': () => ({ body: { begun: null } }),
      'GET /api/references/folder': () => ({
        body: { path: '', pictures: 0, done: 0, of: 0, running: false, broken: [] },
      }),
      'GET /api/words': () => ({ body: { shipped: [{ kind: 'MEDIUM', name: 'pen' }], own: [] } }),
      'POST /api/sittings/ladder': ladder,
      'POST /api/sittings': (body) => ({ status: 201, body: { ...(body as object), id: 'x' } }),
      ...more,
    },
    at,
  )

test('a share stands there with its count and its time, and begins', async () => {
  const asked = page('/sitting?title=Hulls&exercise=hy-7-1&count=26&each=90&source=life')
  expect(await screen.findByText('26 drawings, 39 min')).toBeInTheDocument()
  expect(screen.getByText('26 × 90 s')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('The one thing to look for'), 'the sheer')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  expect(await screen.findByText('running')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/sittings')[0]?.body).toMatchObject({
    exerciseId: 'hy-7-1',
    aim: 'the sheer',
    source: 'life',
    references: 'NONE',
    plan: { kind: 'OWN', rows: [{ count: 26, seconds: 90 }] },
  })
})

test('a page that cannot be is said at its field, and nothing begins', async () => {
  const asked = page('/sitting?title=Knots&count=2&each=60&book=Quay%20book&page=41')
  await screen.findByText('2 drawings, 2 min')
  const first = screen.getByLabelText('First page; each drawing fills one')
  await userEvent.clear(first)
  await userEvent.type(first, '4x')
  expect(screen.getByText('A whole number from 1 to 9,999, not “4x”.')).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Begin' })).toBeDisabled()
  await userEvent.clear(first)
  await userEvent.type(first, '43')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  expect(await screen.findByText('running')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/sittings')[0]?.body).toMatchObject({ book: 'Quay book', page: 43 })
})

test('what was typed is found again until it begins or is put away', async () => {
  page('/sitting?title=Oars&count=2&each=60')
  await userEvent.type(await screen.findByLabelText('The one thing to look for'), 'the blade')
  cleanup()
  page('/sitting?title=Oars&count=2&each=60')
  expect(await screen.findByLabelText('The one thing to look for')).toHaveValue('the blade')
  await userEvent.click(screen.getByRole('button', { name: 'Start over' }))
  expect(screen.getByLabelText('The one thing to look for')).toHaveValue('')
  await userEvent.type(screen.getByLabelText('The one thing to look for'), 'the loom')
  await userEvent.click(screen.getByRole('button', { name: 'Not now' }))
  cleanup()
  page('/sitting?title=Oars&count=2&each=60')
  expect(await screen.findByLabelText('The one thing to look for')).toHaveValue('')
})

test('freely begun, it needs a subject and takes references from the cabinet', async () => {
  const asked = page('/sitting')
  await screen.findByText('5 drawings, 30 min')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  expect(screen.getByText('Say what you draw; the entry needs it.')).toBeInTheDocument()
  expect(screen.getByLabelText('What to draw')).toHaveFocus()
  expect(sent(asked, 'POST', '/api/sittings')).toHaveLength(0)
  await userEvent.type(screen.getByLabelText('What to draw'), 'gesture')
  await userEvent.selectOptions(screen.getByLabelText('Show'), 'figures in action')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/sittings')[0]?.body).toMatchObject({
      topic: 'gesture',
      cabinet: 'ACTION',
      source: 'photo',
      plan: { kind: 'CLIMBING', minutes: 30 },
    }),
  )
})

test('of parts only, each is shown as it will come', async () => {
  const rung = (part: string, cabinet: string | null) => ({ kind: 'POSE', seconds: 60, part, cabinet })
  page('/sitting?cabinet=LYING&seed=4', {
    'POST /api/sittings/ladder': () => ({
      body: {
        seconds: 180,
        drawings: 3,
        rungs: [rung('hands', 'HAND'), rung('feet', 'FOOT'), rung('gulls', null)],
      },
    }),
  })
  await userEvent.click(await screen.findByLabelText(/Parts only/))
  expect(await screen.findByLabelText('Show, for other parts')).toHaveValue('LYING')
  await waitFor(() => {
    const kinds = [...document.querySelectorAll('img')].map((img) =>
      new URL(img.src, 'http://x').searchParams.get('kind'),
    )
    expect(kinds).toEqual(['HAND', 'FOOT', 'LYING'])
  })
})

test('a free sitting is set as the last one, all but its subject', async () => {
  const asked = page('/sitting', {
    'GET /api/sittings/last': () => ({
      body: {
        begun: {
          plan: { kind: 'OWN', rows: [{ count: 4, seconds: 90 }] },
          title: 'gesture',
          topic: 'gesture',
          drill: 'SILHOUETTES',
          medium: 'pen',
          book: 'Quay book',
          references: 'CABINET',
          cabinet: 'HULL',
          emphasis: 'MUCH',
        },
      },
    }),
  })
  expect(await screen.findByText('4 drawings, 6 min')).toBeInTheDocument()
  expect(screen.getByLabelText('What to draw')).toHaveValue('')
  await userEvent.type(screen.getByLabelText('What to draw'), 'skiffs')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/sittings')[0]?.body).toMatchObject({
      free: true,
      topic: 'skiffs',
      plan: { kind: 'OWN', rows: [{ count: 4, seconds: 90 }] },
      drill: 'SILHOUETTES',
      medium: 'pen',
      book: 'Quay book',
      cabinet: 'HULL',
      emphasis: 'MUCH',
    }),
  )
})

test('on low energy the smallest page is offered', async () => {
  const asked = page('/sitting?topic=buckets')
  await userEvent.selectOptions(await screen.findByLabelText('Energy now'), '2, low')
  await userEvent.click(screen.getByRole('button', { name: 'The smallest page' }))
  expect(await screen.findByText('5 drawings, 10 min')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/sittings')[0]?.body).toMatchObject({
      energy: 2,
      plan: { kind: 'ALL_QUICK', minutes: 10, secondsEach: 120 },
    }),
  )
})

test('parts are asked for by name', async () => {
  const asked = page('/sitting?topic=hands')
  await userEvent.click(await screen.findByLabelText(/Parts only/))
  const parts = screen.getByLabelText('Parts, with commas')
  await userEvent.clear(parts)
  await userEvent.type(parts, 'thumb, wrist')
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/sittings/ladder').at(-1)?.body).toEqual({
      kind: 'PARTS_ONLY',
      minutes: 30,
      secondsEach: 120,
      parts: ['thumb', 'wrist'],
    }),
  )
})

test('a ladder of one’s own has rows of several lengths', async () => {
  const asked = page('/sitting?topic=gesture')
  await userEvent.click(await screen.findByLabelText(/Your own rows/))
  await userEvent.click(screen.getByRole('button', { name: 'Another row' }))
  await userEvent.click(screen.getByRole('button', { name: 'Another row' }))
  await userEvent.click(screen.getByRole('button', { name: 'Remove row 2' }))
  const counts = screen.getAllByLabelText('How many')
  expect(counts).toHaveLength(2)
  await userEvent.clear(counts[1] as HTMLElement)
  expect(screen.getByText('A whole number from 1 to 500 is needed.')).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Begin' })).toBeDisabled()
  await userEvent.type(counts[1] as HTMLElement, '3')
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/sittings')[0]?.body).toMatchObject({
      plan: {
        kind: 'OWN',
        rows: [
          { count: 10, seconds: 120 },
          { count: 3, seconds: 480 },
        ],
      },
    }),
  )
})

test('a length that cannot be is named at its field', async () => {
  page('/sitting?topic=gesture')
  const minutes = await screen.findByLabelText('Minutes in all, breaks too')
  await userEvent.clear(minutes)
  await userEvent.type(minutes, 'an hour')
  expect(screen.getByText('A whole number from 1 to 480, not “an hour”.')).toBeInTheDocument()
  expect(minutes).toHaveValue('an hour')
})

test('a ladder that cannot be is said in the words of the server', async () => {
  page('/sitting?topic=hands', {
    'POST /api/sittings/ladder': () => ({
      status: 400,
      body: { code: 'bad-value', detail: 'No ladder: a sitting has at most 1000 steps, these are 5760.' },
    }),
  })
  expect(await screen.findByText(/these are 5760/)).toBeInTheDocument()
})

test('a sitting under way is gone on with', async () => {
  page('/sitting', { 'GET /api/sittings/current': () => ({ body: { sitting: { id: 'open' } } }) })
  expect(await screen.findByText('running')).toBeInTheDocument()
})
