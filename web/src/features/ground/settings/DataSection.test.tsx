import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show, written } from '../../../test-page'
import { DataSection } from './DataSection'

const report = (more: object = {}) => ({
  applied: false,
  added: 2,
  skipped: 5,
  refused: 0,
  lines: [{ number: 2, outcome: 'ADD', reason: null, summary: '2026-03-05, 6 bollards' }],
  ...more,
})

const page = (answers: object[]) => {
  const left = [...answers]
  return show(<DataSection />, {
    'POST /api/import': () => ({ body: left.shift() }),
  })
}

const choose = () =>
  userEvent.upload(
    screen.getByLabelText('A CSV file of entries'),
    new File(['day,topic\n2026-03-05,bollards'], 'quay.csv', { type: 'text/csv' }),
  )

test('a file is tried first and brought in only then', async () => {
  const asked = page([report(), report({ applied: true })])
  await choose()
  expect(await screen.findByText('quay.csv: 2 entries to bring in and 5 there already.')).toBeInTheDocument()
  expect(screen.getByText('2026-03-05, 6 bollards')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/import')).toHaveLength(1)
  await userEvent.click(screen.getByRole('button', { name: 'Bring in 2' }))
  expect(await screen.findByText('quay.csv: 2 entries brought in and 5 there already.')).toBeInTheDocument()
})

test('a refused line holds everything back and is named', async () => {
  const line = {
    number: 3,
    outcome: 'REFUSE',
    reason: written('drawings cannot be "many"'),
    summary: 'many posts',
  }
  page([report({ refused: 1, lines: [line] })])
  await choose()
  expect(await screen.findByText(/Nothing is brought in while a line is refused/)).toBeInTheDocument()
  expect(screen.getByText('line 3')).toBeInTheDocument()
  expect(screen.getByText('drawings cannot be "many"')).toBeInTheDocument()
  await waitFor(() => expect(screen.queryByRole('button', { name: /Bring in/ })).not.toBeInTheDocument())
})
