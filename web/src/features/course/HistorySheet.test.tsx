import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show, written } from '../../test-page'
import { HistorySheet } from './HistorySheet'

const line = (id: string, more: Partial<Schemas['HistoryLine']> = {}): Schemas['HistoryLine'] => ({
  id,
  madeOn: '2026-03-05',
  automatic: false,
  changes: [
    {
      kind: 'STRETCH',
      week: 'Hulls',
      number: 7,
      other: '',
      before: 7,
      after: 21,
      dates: [],
      units: [],
      exercise: '',
      policy: null,
    },
  ],
  endBefore: '2026-08-16',
  endAfter: '2026-08-30',
  undone: false,
  kept: null,
  ...more,
})

function open(lines: Schemas['HistoryLine'][]) {
  return show(<HistorySheet placement="p" onClose={vi.fn()} />, {
    'GET /api/course/p/history': () => ({ body: lines }),
    'DELETE /api/course/changes/b': () => ({ status: 204 }),
  })
}

test('the newest comes first, with what it moved and why', async () => {
  open([line('a', { madeOn: '2026-03-01' }), line('b', { reason: written('hulls need three weeks') })])
  const items = await screen.findAllByRole('listitem')
  expect(items[0]).toHaveTextContent('hulls need three weeks')
  expect(items[0]).toHaveTextContent('Gave week 7 (Hulls) 21 days instead of 7.')
  expect(items[0]).toHaveTextContent('The end moved from August 16, 2026 to August 30, 2026.')
})

test('what can be taken back has a button, what cannot has the reason', async () => {
  const asked = open([line('a', { kept: 'BUILT_ON' }), line('b')])
  const buttons = await screen.findAllByRole('button', { name: 'Take it back' })
  expect(buttons).toHaveLength(1)
  expect(screen.getByText(/It stays: a later change builds on it/)).toBeInTheDocument()
  await userEvent.click(buttons[0] as HTMLElement)
  expect(sent(asked, 'DELETE', '/api/course/changes/b')).toHaveLength(1)
})

test('what was taken back and what came by itself is told as such', async () => {
  open([line('a', { undone: true }), line('b', { automatic: true })])
  expect(await screen.findByText('Taken back.')).toBeInTheDocument()
  expect(screen.getByText(/by itself/)).toBeInTheDocument()
})

test('a plan without changes says so', async () => {
  open([])
  expect(await screen.findByText(/as the course was placed/)).toBeInTheDocument()
})
