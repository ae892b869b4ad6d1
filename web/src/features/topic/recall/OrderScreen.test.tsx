import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import OrderScreen from './OrderScreen'

test('steps are pressed in order, and those that stand elsewhere are told', async () => {
  const asked = show(
    <Routes>
      <Route path="/recall/orders/:id" element={<OrderScreen />} />
    </Routes>,
    {
      'GET /api/recall/orders/o': () => ({
        body: { id: 'o', title: 'How to lay in a hull', topics: ['hulls'], steps: ['box', 'rail', 'keel'] },
      }),
      'POST /api/recall/orders/o/ordered': () => ({ body: { right: 2, steps: ['box', 'rail', 'keel'] } }),
    },
    '/recall/orders/o',
  )
  for (const step of ['box', 'keel', 'rail']) {
    await userEvent.click(await screen.findByRole('button', { name: step }))
  }
  await userEvent.click(screen.getByRole('button', { name: 'That is the order' }))
  expect(await screen.findByText('2 of 3 in order.')).toBeInTheDocument()
  expect(screen.getByText('(you had: keel)')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/recall/orders/o/ordered')[0]?.body).toEqual({
    steps: ['box', 'keel', 'rail'],
  })
})

test('steps are recalled one by one, and those that were there are sent', async () => {
  const asked = show(
    <Routes>
      <Route path="/recall/orders/:id" element={<OrderScreen />} />
    </Routes>,
    {
      'GET /api/recall/orders/o': () => ({
        body: { id: 'o', title: 'How to lay in a hull', topics: ['hulls'], steps: ['box', 'rail', 'keel'] },
      }),
      'POST /api/recall/orders/o/ordered': () => ({ body: { right: 2, steps: ['box', 'rail', 'keel'] } }),
    },
    '/recall/orders/o',
  )
  await userEvent.click(await screen.findByRole('button', { name: 'One by one instead' }))
  for (const answer of ['I had it', 'I had not', 'I had it']) {
    expect(screen.queryByRole('button', { name: answer })).not.toBeInTheDocument()
    await userEvent.click(screen.getByRole('button', { name: 'Uncover it' }))
    await userEvent.click(screen.getByRole('button', { name: answer }))
  }
  expect(await screen.findByText('2 of 3 were there.')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/recall/orders/o/ordered')[0]?.body).toEqual({ steps: ['box', 'keel'] })
})
