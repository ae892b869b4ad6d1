import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import { WordsSection } from './WordsSection'

const cats = { kind: 'TOPIC', name: 'harbour cats', spellings: ['cats'] }

const page = (put: (body: unknown) => { status?: number; body: unknown } = (body) => ({ body })) =>
  show(<WordsSection />, {
    'GET /api/words': () => ({ body: { shipped: [{ kind: 'MEDIUM', name: 'brush pen' }], own: [cats] } }),
    'PUT /api/words': put,
  })

test('a word is added to the others with its spellings', async () => {
  const asked = page()
  await screen.findByText('harbour cats')
  expect(screen.getByText(/these media and sources: brush pen/)).toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText('Kind'), 'Book')
  await userEvent.type(screen.getByLabelText('Name'), 'Quay book')
  await userEvent.type(screen.getByLabelText('Also written, with commas between'), 'quay, the grey one,')
  await userEvent.click(screen.getByRole('button', { name: 'Add the word' }))
  await waitFor(() => expect(screen.getByLabelText('Name')).toHaveValue(''))
  expect(sent(asked, 'PUT', '/api/words')[0]?.body).toEqual({
    own: [cats, { kind: 'BOOK', name: 'Quay book', spellings: ['quay', 'the grey one'] }],
  })
})

test('a word that is refused stays typed', async () => {
  page(() => ({ status: 400, body: { code: 'bad-value', detail: 'The name "cats" is there already.' } }))
  await screen.findByText('harbour cats')
  await userEvent.type(screen.getByLabelText('Name'), 'cats')
  await userEvent.click(screen.getByRole('button', { name: 'Add the word' }))
  expect(await screen.findByText('The name "cats" is there already.')).toBeInTheDocument()
  expect(screen.getByLabelText('Name')).toHaveValue('cats')
})

test('a word is removed', async () => {
  const asked = page()
  await userEvent.click(await screen.findByRole('button', { name: 'Remove harbour cats' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/words')[0]?.body).toEqual({ own: [] }))
})
