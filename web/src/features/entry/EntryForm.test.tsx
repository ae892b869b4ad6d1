import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import EntryForm from './EntryForm'

const entry = {
  id: 'e',
  version: 2,
  day: '2026-03-05',
  time: '07:30:00',
  topic: 'rooks',
  drawings: 3,
  minutesOrEstimate: 0,
  wentWrong: '',
  nextTime: '',
  note: '',
} as Schemas['EntryView']

const course = { exercises: [], followed: [], ruler: [], remarks: [], pairs: [], today: '2026-03-05' }
const reading = {
  'GET /api/course': () => ({ body: course }),
  'GET /api/words': () => ({ body: { own: [], shipped: [{ kind: 'MEDIUM', name: 'pen', spellings: [] }] } }),
}

test('a change is sent on top of the version that was read', async () => {
  const onClose = vi.fn()
  const asked = show(<EntryForm entry={entry} onClose={onClose} />, {
    ...reading,
    'PUT /api/entries/e': () => ({ body: entry }),
  })
  const drawings = screen.getByLabelText('Drawings')
  await userEvent.clear(drawings)
  await userEvent.type(drawings, '4')
  await userEvent.click(screen.getByRole('button', { name: 'Save the change' }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  expect(sent(asked, 'PUT', '/api/entries/e')[0]?.body).toMatchObject({
    version: 2,
    fields: { drawings: 4, topic: 'rooks', minutes: null, time: '07:30' },
  })
})

test('an error stands at its field and everything typed stays', async () => {
  show(<EntryForm begin={{ day: '2026-03-05', wentWrong: '', nextTime: '', note: '' }} onClose={vi.fn()} />, {
    ...reading,
    'POST /api/entries': () => ({
      status: 400,
      body: {
        code: 'bad-value',
        field: 'fields.minutes',
        detail: 'minutes must be at most 1440; it was "2000".',
      },
    }),
  })
  await userEvent.type(screen.getByLabelText('Minutes'), '2000')
  await userEvent.type(screen.getByLabelText('Note'), 'low water')
  await userEvent.click(screen.getByRole('button', { name: 'Log it' }))
  expect(await screen.findByRole('alert')).toHaveTextContent('2000')
  expect(screen.getByLabelText('Minutes')).toHaveValue(2000)
  expect(screen.getByLabelText('Minutes')).toBeInvalid()
  expect(screen.getByLabelText('Note')).toHaveValue('low water')
})

test('a stale change shows both versions and can be kept', async () => {
  let tries = 0
  const asked = show(<EntryForm entry={entry} onClose={vi.fn()} />, {
    ...reading,
    'PUT /api/entries/e': () =>
      tries++ === 0
        ? {
            status: 409,
            body: { code: 'stale', detail: 'changed', current: { ...entry, version: 5, drawings: 9 } },
          }
        : { body: entry },
  })
  await userEvent.type(screen.getByLabelText('Drawings'), '0')
  await userEvent.click(screen.getByRole('button', { name: 'Save the change' }))
  expect(await screen.findByRole('row', { name: 'Drawings 30 9' })).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Keep mine' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/entries/e')).toHaveLength(2))
  expect(sent(asked, 'PUT', '/api/entries/e')[1]?.body).toMatchObject({ version: 5 })
})
