import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import EntryForm from './EntryForm'
import { NO_STUDY } from './study'

const entry = {
  id: 'e',
  version: 2,
  minutesOrEstimate: 0,
  fields: {
    day: '2026-03-05',
    time: '07:30:00',
    topic: 'rooks',
    drawings: 3,
    wentWrong: '',
    nextTime: '',
    note: '',
  },
} satisfies Schemas['EntryView']

const course = { exercises: [], followed: [], ruler: [], remarks: [], pairs: [], today: '2026-03-05' }
const reading = {
  'GET /api/course': () => ({ body: course }),
  'GET /api/names': () => ({ body: { names: [{ id: 'm', kind: 'MEDIUM', text: 'pen' }] } }),
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

test('what cannot be is said at its field before anything is sent, and everything typed stays', async () => {
  const asked = show(
    <EntryForm begin={{ day: '2026-03-05', wentWrong: '', nextTime: '', note: '' }} onClose={vi.fn()} />,
    reading,
  )
  await userEvent.type(screen.getByLabelText('Minutes'), '2000')
  await userEvent.type(screen.getByLabelText('Note'), 'low water')
  await userEvent.click(screen.getByRole('button', { name: 'Log it' }))
  expect(await screen.findByRole('alert')).toHaveTextContent('A whole number from 1 to 1,440, not “2000”.')
  expect(screen.getByLabelText('Minutes')).toHaveValue('2000')
  expect(screen.getByLabelText('Minutes')).toBeInvalid()
  expect(screen.getByLabelText('Minutes')).toHaveFocus()
  expect(screen.getByLabelText('Note')).toHaveValue('low water')
  expect(sent(asked, 'POST', '/api/entries')).toHaveLength(0)
})

test('all that the server refuses stands at its fields at once', async () => {
  show(<EntryForm begin={{ day: '2027-01-01', wentWrong: '', nextTime: '', note: '' }} onClose={vi.fn()} />, {
    ...reading,
    'POST /api/entries': () => ({
      status: 400,
      body: {
        code: 'bad-value',
        detail: 'two',
        faults: [
          { field: 'fields.day', value: '2027-01-01', detail: 'lies ahead; it was "2027-01-01".' },
          { field: 'fields.topic', value: 'x', detail: 'must be shorter; it was "x".' },
        ],
      },
    }),
  })
  await userEvent.type(screen.getByLabelText('Topic, where no exercise fits'), 'x')
  await userEvent.click(screen.getByRole('button', { name: 'Log it' }))
  await waitFor(() => expect(screen.getByLabelText('Day')).toBeInvalid())
  expect(screen.getByLabelText('Topic, where no exercise fits')).toBeInvalid()
  expect(screen.getByText('Lies ahead; it was "2027-01-01".')).toBeInTheDocument()
  expect(screen.getByText('Not kept yet; 2 fields to put right.')).toBeInTheDocument()
  expect(screen.getByLabelText('Day')).toHaveFocus()
})

test('a stale change shows both versions and can be kept', async () => {
  let tries = 0
  const asked = show(<EntryForm entry={entry} onClose={vi.fn()} />, {
    ...reading,
    'PUT /api/entries/e': () =>
      tries++ === 0
        ? {
            status: 409,
            body: {
              code: 'stale',
              detail: 'changed',
              current: { ...entry, version: 5, fields: { ...entry.fields, drawings: 9 } },
            },
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

test('an entry that was removed elsewhere can be logged anew', async () => {
  const onClose = vi.fn()
  const asked = show(<EntryForm entry={entry} onClose={onClose} />, {
    ...reading,
    'PUT /api/entries/e': () => ({
      status: 404,
      body: { code: 'not-found', detail: 'There is no entry e.' },
    }),
    'POST /api/entries': () => ({ status: 201, body: entry }),
  })
  await userEvent.type(screen.getByLabelText('Drawings'), '5')
  await userEvent.click(screen.getByRole('button', { name: 'Save the change' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Log it anew' }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  const logged = sent(asked, 'POST', '/api/entries')[0]?.body as { id: string; fields: object }
  expect(logged.id).not.toBe('e')
  expect(logged.fields).toMatchObject({ drawings: 35, topic: 'rooks' })
})

test('what the learner counts is asked under its name and leaves no name behind without a count', async () => {
  const asked = show(<EntryForm entry={entry} onClose={vi.fn()} />, {
    ...reading,
    'GET /api/settings': () => ({ body: { counting: { ownFigure: 'stiff lines' } } }),
    'PUT /api/entries/e': () => ({ status: 409, body: { code: 'other', detail: 'Once more.' } }),
  })
  const count = await screen.findByLabelText('Stiff lines in all')
  await userEvent.type(count, 'many')
  await userEvent.click(screen.getByRole('button', { name: 'Save the change' }))
  expect(count).toBeInvalid()
  expect(sent(asked, 'PUT', '/api/entries/e')).toHaveLength(0)
  await userEvent.clear(count)
  await userEvent.type(count, '7')
  await userEvent.click(screen.getByRole('button', { name: 'Save the change' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/entries/e')).toHaveLength(1))
  await userEvent.clear(count)
  await userEvent.click(screen.getByRole('button', { name: 'Save the change' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/entries/e')).toHaveLength(2))
  expect(
    sent(asked, 'PUT', '/api/entries/e').map((s) => (s.body as { fields: object }).fields),
  ).toMatchObject([{ study: { ownFigure: 'stiff lines', ownCount: 7 } }, { study: null }])
})

test('an entry that counts something else keeps asking for that', async () => {
  const study = { ...NO_STUDY, ownFigure: 'erasures', ownCount: 3 }
  show(<EntryForm entry={{ ...entry, fields: { ...entry.fields, study } }} onClose={vi.fn()} />, {
    ...reading,
    'GET /api/settings': () => ({ body: { counting: { ownFigure: 'stiff lines' } } }),
  })
  expect(screen.getByLabelText('Erasures in all')).toHaveValue('3')
  expect(screen.queryByLabelText('Stiff lines in all')).not.toBeInTheDocument()
})
