import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { RecallOf } from './RecallOf'

const line = {
  kind: 'PLATE',
  id: 'boat',
  title: 'Parts of a small boat',
  topics: ['hulls'],
  parts: 15,
  way: 'DRAW',
  due: '2026-05-10',
  times: 6,
  right: 5,
  held: 35,
  speaksFor: 'GROUPED',
  own: false,
  gone: false,
}

const topic = (depth: string | null) =>
  ({ id: 't', name: 'hulls', depth, weak: null }) as unknown as Schemas['TopicView']

const page = (depth: string | null, more: object = {}) =>
  show(<RecallOf topic={topic(depth)} />, {
    'GET /api/recall': () => ({ body: { resting: false, due: [], things: [{ ...line, ...more }] } }),
    'PUT /api/coverage/t/depth': () => ({ status: 204, body: '' }),
  })

test('a plate that was there after weeks proposes a depth, which is marked only by a press', async () => {
  const asked = page('SIMPLE')
  expect(await screen.findByText(/Drawn whole after 35 days, which speaks for/)).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/coverage/t/depth')).toHaveLength(0)
  await userEvent.click(screen.getByRole('button', { name: 'Mark it so' }))
  await expect.poll(() => sent(asked, 'PUT', '/api/coverage/t/depth')).toHaveLength(1)
  expect(sent(asked, 'PUT', '/api/coverage/t/depth')[0]?.body).toEqual({ depth: 'GROUPED' })
})

test.each([
  ['DETAILED', {}],
  ['GROUPED', {}],
  [null, { speaksFor: null, held: 3 }],
])('what is as deep already, or was not there for long, proposes nothing (%s)', async (depth, more) => {
  page(depth, more)
  expect(await screen.findByText('Parts of a small boat')).toBeInTheDocument()
  expect(screen.queryByText(/speaks for/)).not.toBeInTheDocument()
})
