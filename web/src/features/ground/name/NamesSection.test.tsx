import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import { NamesSection } from './NamesSection'

const name = (id: string, text: string, more: object = {}) => ({
  id,
  kind: 'MEDIUM',
  text,
  spellings: [],
  properties: [],
  ships: false,
  ofTaxonomy: false,
  uses: 0,
  merged: [],
  ...more,
})

const NAMES = [
  name('b', 'brush pen', { ships: true, uses: 2000 }),
  name('s', 'soft pastel', { properties: ['DUSTY'], uses: 1 }),
  name('p', 'the grey pen', { merged: [{ id: 'g', text: 'grey pen', uses: 3 }] }),
  name('t', 'harbour cats', { kind: 'TOPIC' }),
]

const page = (routes: Parameters<typeof show>[1] = {}) =>
  show(<NamesSection />, { 'GET /api/names': () => ({ body: { names: NAMES } }), ...routes })

const open = async (which: RegExp) => userEvent.click(await screen.findByRole('button', { name: which }))

test('the names of a kind are listed with where they stand and what they are like', async () => {
  page()
  expect(await screen.findByText('in 2,000 places')).toBeInTheDocument()
  expect(screen.getByText(/dusty/)).toBeInTheDocument()
  expect(screen.queryByText('harbour cats')).not.toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText('Shown'), 'Topics')
  expect(screen.getByText('harbour cats')).toBeInTheDocument()
})

test('a name is called otherwise in one press, and that is taken back in another', async () => {
  const asked = page({
    'PUT /api/names/b/text': () => ({ status: 204 }),
  })
  await open(/brush pen/)
  await userEvent.clear(screen.getByLabelText('Called'))
  await userEvent.type(screen.getByLabelText('Called'), 'ink brush')
  await userEvent.click(screen.getByRole('button', { name: 'Rename it' }))
  const put = () => sent(asked, 'PUT', '/api/names/b/text')
  await waitFor(() => expect(put()).toHaveLength(1))
  const { change, text } = put()[0]?.body as { change: string; text: string }
  expect(text).toBe('ink brush')
  await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(asked.at(-1)?.path).toBe(`/api/names/changes/${change}/undo`))
})

test('two spellings are merged', async () => {
  const asked = page({ 'POST /api/names/s/merge': () => ({ status: 204 }) })
  await open(/soft pastel/)
  await userEvent.selectOptions(screen.getByLabelText('It is only another way of writing'), 'brush pen')
  await userEvent.click(screen.getByRole('button', { name: 'Merge them' }))
  await waitFor(() => expect(sent(asked, 'POST', '/api/names/s/merge')[0]?.body).toMatchObject({ into: 'b' }))
})

test('a medium is described', async () => {
  const asked = page({ 'PUT /api/names/s/description': () => ({ status: 204 }) })
  await open(/soft pastel/)
  const sheet = within(screen.getByRole('dialog'))
  await userEvent.type(
    sheet.getByLabelText('Also written, one on each line'),
    'pastel stick, soft{enter}chalk{enter}',
  )
  await userEvent.click(sheet.getByRole('checkbox', { name: 'wet' }))
  await userEvent.click(sheet.getByRole('button', { name: 'Keep it' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/names/s/description')[0]?.body).toMatchObject({
      spellings: ['pastel stick, soft', 'chalk'],
      properties: ['DUSTY', 'WET'],
    }),
  )
})

test('a name that stands somewhere is not removed, and where it stands is told', async () => {
  page({
    'DELETE /api/names/s': () => ({
      status: 409,
      body: { code: 'in-use', detail: '"soft pastel" is named in one place and stays.' },
    }),
  })
  await open(/soft pastel/)
  await userEvent.click(screen.getByRole('button', { name: 'Remove' }))
  expect(await screen.findByText(/named in one place and stays/)).toBeInTheDocument()
})

test('a merged name is let stand by itself again', async () => {
  const asked = page({ 'POST /api/names/g/part': () => ({ status: 204 }) })
  await open(/the grey pen/)
  await userEvent.click(screen.getByRole('button', { name: 'Let grey pen stand by itself' }))
  await waitFor(() => expect(sent(asked, 'POST', '/api/names/g/part')).toHaveLength(1))
})

test('a new name that is refused stays typed', async () => {
  page({
    'POST /api/names': () => ({
      status: 400,
      body: { code: 'bad-value', field: 'text', detail: '"brush pen" is there already.' },
    }),
  })
  await userEvent.type(await screen.findByLabelText('A new medium'), 'brush pen')
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
  expect(await screen.findByText('"brush pen" is there already.')).toBeInTheDocument()
  expect(screen.getByLabelText('A new medium')).toHaveValue('brush pen')
})
