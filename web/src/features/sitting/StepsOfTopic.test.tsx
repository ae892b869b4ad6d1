import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { StepsOfTopic } from './StepsOfTopic'

const boat = { kind: 'PLATE', id: 'boat', title: 'Boat', way: 'DRAW', pins: [], seconds: 180 }
const lay = { id: 'lay', title: 'How to lay in a hull', steps: ['box', 'rail'], due: false }

const page = (path: string, subject: string, body: object) =>
  show(<StepsOfTopic subject={subject} />, { 'GET /api/recall/before': () => ({ body }) }, path)

test('what is due is asked for by the topics of the sitting, and leads back to it', async () => {
  const asked = page('/sitting?title=26+hulls&of=water,hulls', '26 hulls', { first: boat, orders: [lay] })
  expect(await screen.findByRole('link', { name: 'Boat' })).toHaveAttribute('href', '/recall/plates/boat')
  expect(screen.getByText(', drawn from memory, 3 min')).toBeInTheDocument()
  expect(new URLSearchParams(asked[0]?.query).getAll('topic')).toEqual(['26 hulls', 'water', 'hulls'])
  await userEvent.click(screen.getByText('How to lay in a hull'))
  expect(await screen.findByText('rail')).toBeInTheDocument()
  expect(screen.queryByRole('link', { name: 'Put it in order first' })).not.toBeInTheDocument()
})

test('an order that is due besides can be put in order first', async () => {
  page('/sitting?topic=hulls', 'hulls', { first: boat, orders: [{ ...lay, due: true }] })
  expect(await screen.findByText(', asked for today')).toBeInTheDocument()
  await userEvent.click(screen.getByText('How to lay in a hull'))
  expect(screen.getByRole('link', { name: 'Put it in order first' })).toHaveAttribute(
    'href',
    '/recall/orders/lay',
  )
})

test('with nothing due and no steps nothing is shown', async () => {
  const asked = page('/sitting?topic=clouds', 'clouds', { first: null, orders: [] })
  await expect.poll(() => asked.length).toBe(1)
  expect(screen.queryByText(/Still there/i)).not.toBeInTheDocument()
})
