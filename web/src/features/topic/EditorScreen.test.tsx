import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import EditorScreen from './EditorScreen'

const ROPES = {
  name: 'Ropes',
  simple: 'the path of the rope',
  grouped: 'strands',
  detailed: 'the lay of each strand',
  topics: [{ name: 'bowline', needs: [], alsoCalled: [] }],
}

const page = () =>
  show(<EditorScreen />, {
    'GET /api/topics': () => ({ body: { version: 0, areas: [ROPES] } }),
    'PUT /api/topics': (body) => ({ body }),
  })

test('what the depths of an area mean can be changed', async () => {
  const asked = page()
  await userEvent.click(await screen.findByRole('button', { name: 'Change Ropes' }))
  expect(screen.queryByRole('button', { name: 'Remove' })).not.toBeInTheDocument()
  const grouped = screen.getByLabelText('Grouped: the main masses')
  await userEvent.clear(grouped)
  await userEvent.type(grouped, 'turns and strands')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/topics')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/topics')[0]?.body).toEqual({
    version: 0,
    areas: [{ ...ROPES, grouped: 'turns and strands' }],
  })
})

test('an area is added under a name of its own', async () => {
  const asked = page()
  await userEvent.click(await screen.findByRole('button', { name: 'Add an area' }))
  await userEvent.type(screen.getByLabelText('Name of the area'), 'ropes')
  expect(screen.getByText('There is an area “Ropes” already.')).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Keep it' })).toBeDisabled()
  await userEvent.type(screen.getByLabelText('Name of the area'), ' and nets')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/topics')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/topics')[0]?.body).toMatchObject({
    areas: [ROPES, { name: 'ropes and nets', topics: [] }],
  })
})

test('a topic is taken out of its area', async () => {
  const asked = page()
  await userEvent.click(await screen.findByRole('button', { name: 'bowline' }))
  await userEvent.click(screen.getByRole('button', { name: 'Remove' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/topics')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/topics')[0]?.body).toMatchObject({ areas: [{ topics: [] }] })
})

test('a topic has no comma in its name, since lists of names are parted by commas', async () => {
  const asked = page()
  await userEvent.click(await screen.findByRole('button', { name: /^Add a topic/ }))
  await userEvent.type(screen.getByLabelText('Name'), 'splices, long')
  expect(screen.getByText(/^A comma parts names/)).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Keep it' })).toBeDisabled()
  await userEvent.clear(screen.getByLabelText('Name'))
  await userEvent.type(screen.getByLabelText('Name'), 'long splices{Enter}')
  await waitFor(() => expect(sent(asked, 'PUT', '/api/topics')).toHaveLength(1))
})

test('a topic that others need stays, and two topics have two names', async () => {
  const splice = { name: 'splice', needs: ['bowline'], alsoCalled: [] }
  show(<EditorScreen />, {
    'GET /api/topics': () => ({
      body: { version: 0, areas: [{ ...ROPES, topics: [...ROPES.topics, splice] }] },
    }),
  })
  await userEvent.click(await screen.findByRole('button', { name: 'bowline' }))
  expect(screen.getByText('It can be removed once no other needs it; splice does.')).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'Remove' })).not.toBeInTheDocument()
  await userEvent.clear(screen.getByLabelText('Name'))
  await userEvent.type(screen.getByLabelText('Name'), 'Splice')
  expect(screen.getByText('There is a topic “splice” already.')).toBeInTheDocument()
  expect(screen.getByText('“bowline” stays another name of it.')).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Keep it' })).toBeDisabled()
})
