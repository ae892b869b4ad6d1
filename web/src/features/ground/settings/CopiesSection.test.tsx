import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show, written } from '../../../test-page'
import { CopiesSection } from './CopiesSection'

const copies = (more: object = {}) => ({
  folder: '/data/copies',
  count: 3,
  oldest: '2026-01-05T09:00:00',
  newest: { at: '2026-03-05T14:30:00', bytes: 1_240_000, entries: 612, proven: true },
  damaged: [],
  trouble: null,
  second: null,
  refusal: null,
  ...more,
})

const page = (known: object, after: object = known) =>
  show(<CopiesSection />, {
    'GET /api/copies': () => ({ body: known }),
    'POST /api/copies': () => ({ body: after }),
    'PUT /api/copies/second-place': (body) =>
      (body as { path: string }).path === '/away'
        ? { status: 400, body: { code: 'bad-value', detail: 'The second place "/away" is not there.' } }
        : { body: after },
  })

test('age, size and proof of the newest copy are told, and how far the others go back', async () => {
  page(copies())
  expect(await screen.findByText(/612 entries, 1.2 MB, found the same row by row/)).toHaveTextContent(
    '3 copies go back to January 5, 2026.',
  )
})

test('a copy that could not be made says why, and one made now is shown', async () => {
  const trouble = { at: '2026-03-05T14:40:00', reason: written('The disk is full: 1 MB are free.') }
  const asked = page(copies({ trouble }), copies({ count: 4 }))
  expect(await screen.findByText(/could not be made. The disk is full/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Make a copy now' }))
  expect(await screen.findByText(/4 copies go back/)).toBeInTheDocument()
  expect(screen.queryByText(/could not be made/)).not.toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/copies')).toHaveLength(1)
})

test('damaged copies are named with what is wrong', async () => {
  page(copies({ damaged: [{ file: 'quill-0002.zip', damage: written('it cannot be read whole') }] }))
  expect(await screen.findByText('quill-0002.zip: it cannot be read whole')).toBeInTheDocument()
})

test('a second place that is not there is refused at its field and keeps what was typed', async () => {
  page(copies())
  const field = await screen.findByLabelText(/second place/)
  await userEvent.type(field, '/away{Enter}')
  expect(await screen.findByText('The second place "/away" is not there.')).toBeInTheDocument()
  expect(field).toHaveValue('/away')
})

test('a drive that is away is told as such', async () => {
  page(copies({ second: { path: '/media/drive', present: false, newest: null, trouble: null } }))
  expect(await screen.findByText('Not there now; the copies follow when it is.')).toBeInTheDocument()
})
