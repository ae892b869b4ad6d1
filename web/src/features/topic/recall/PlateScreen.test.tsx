import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import PlateScreen from './PlateScreen'

const plate = {
  id: 'boat',
  title: 'Parts of a small boat',
  note: 'Bow to the left.',
  topics: ['hulls'],
  ratio: 1.7,
  pins: [
    { id: 'keel', name: 'keel', latin: '', x: 0.5, y: 0.7 },
    { id: 'bow', name: 'bow', latin: '', x: 0.1, y: 0.4 },
  ],
}

const page = (way: string, more: object = {}) =>
  show(
    <Routes>
      <Route path="/recall/plates/:id" element={<PlateScreen />} />
    </Routes>,
    {
      'GET /api/recall': () => ({ body: { resting: false, due: [], things: [] } }),
      'GET /api/recall/plates/boat': () => ({ body: plate }),
      ...more,
    },
    `/recall/plates/boat?way=${way}`,
  )

test('a plate is covered until it was drawn, then ticked', async () => {
  const asked = page('DRAW', {
    'POST /api/recall/plates/boat/drawn': () => ({ body: { due: '2026-03-09' } }),
  })
  expect(await screen.findByText(/Draw it from memory/)).toBeInTheDocument()
  expect(screen.queryByAltText('Parts of a small boat')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Uncover' }))
  await userEvent.click(screen.getByRole('checkbox', { name: /keel/ }))
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(await screen.findByText('1 of 2 was there.')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/recall/plates/boat/drawn')[0]?.body).toEqual({ got: ['keel'] })
})

test('a pin is placed by keys alone', async () => {
  const asked = page('PLACE', {
    'POST /api/recall/plates/boat/placed': () => ({ body: { right: true } }),
  })
  expect(await screen.findByText('Where is the keel?')).toBeInTheDocument()
  screen.getByRole('button', { name: /Place the keel/ }).focus()
  await userEvent.keyboard('{Shift>}{ArrowDown}{/Shift}{ArrowLeft}{Enter}')
  expect(await screen.findByText('There it is.')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/recall/plates/boat/placed')[0]?.body).toEqual({
    pin: 'keel',
    x: expect.closeTo(0.49),
    y: expect.closeTo(0.55),
  })
  await userEvent.keyboard('{Enter}')
  expect(await screen.findByText('Where is the bow?')).toBeInTheDocument()
})

test('a name is judged and then told', async () => {
  const asked = page('NAME', {
    'POST /api/recall/plates/boat/named': () => ({ body: { verdict: 'SLIP' } }),
  })
  await userEvent.type(await screen.findByLabelText('What is it called?'), 'kele{Enter}')
  expect(await screen.findByText(/Yes, but for a slip: keel/)).toBeInTheDocument()
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/recall/plates/boat/named')[0]?.body).toEqual({
      pin: 'keel',
      answer: 'kele',
    }),
  )
})

test('after one thing the next that is due is at hand', async () => {
  const due = [
    { kind: 'PLATE', id: 'boat', title: 'Boat', way: 'DRAW', pins: [], seconds: 180 },
    { kind: 'ORDER', id: 'lay', title: 'How to lay in a hull', way: 'ORDER', pins: [], seconds: 64 },
  ]
  page('DRAW', {
    'GET /api/recall': () => ({ body: { resting: false, due, things: [] } }),
    'POST /api/recall/plates/boat/drawn': () => ({ body: { due: '2026-03-09' } }),
  })
  await userEvent.click(await screen.findByRole('button', { name: 'Uncover' }))
  await userEvent.click(screen.getByRole('button', { name: 'All of them' }))
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(await screen.findByText('2 of 2 were there.')).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'How to lay in a hull' })).toHaveAttribute(
    'href',
    '/recall/orders/lay',
  )
})
