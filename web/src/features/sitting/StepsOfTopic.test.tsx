import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { StepsOfTopic } from './StepsOfTopic'

const thing = (more: object) => ({
  kind: 'PLATE',
  topics: [],
  parts: 3,
  way: 'DRAW',
  due: null,
  times: 0,
  right: 0,
  held: 0,
  speaksFor: null,
  own: false,
  gone: false,
  ...more,
})

const recall = {
  resting: false,
  due: [
    { kind: 'PLATE', id: 'foot', title: 'Foot', way: 'DRAW', pins: [], seconds: 180 },
    { kind: 'PLATE', id: 'boat', title: 'Boat', way: 'DRAW', pins: [], seconds: 180 },
  ],
  things: [
    thing({ id: 'foot', title: 'Foot', topics: ['feet'] }),
    thing({ id: 'boat', title: 'Boat', topics: ['hulls'] }),
    thing({ kind: 'ORDER', id: 'lay', title: 'How to lay in a hull', topics: ['Hulls'], way: null }),
    thing({ kind: 'ORDER', id: 'head', title: 'How to build a head', topics: ['heads'], way: null }),
  ],
}

const page = (path: string, subject: string) =>
  show(
    <StepsOfTopic subject={subject} />,
    {
      'GET /api/recall': () => ({ body: recall }),
      'GET /api/recall/orders/lay': () => ({
        body: { id: 'lay', title: 'How to lay in a hull', topics: ['hulls'], steps: ['box', 'rail'] },
      }),
    },
    path,
  )

test('what is due of the topic comes before what is due of others, and its steps can be read', async () => {
  page('/sitting?title=26+hulls&of=water,hulls', '26 hulls')
  expect(await screen.findByRole('link', { name: 'Boat' })).toHaveAttribute('href', '/recall/plates/boat')
  expect(screen.queryByRole('link', { name: 'Foot' })).not.toBeInTheDocument()
  expect(screen.queryByText('How to build a head')).not.toBeInTheDocument()
  await userEvent.click(screen.getByText('How to lay in a hull'))
  expect(await screen.findByText('rail')).toBeInTheDocument()
})

test('a subject of no order shows what is due at all, and no steps', async () => {
  page('/sitting?title=clouds', 'clouds')
  expect(await screen.findByRole('link', { name: 'Foot' })).toBeInTheDocument()
  expect(screen.queryByText('How to lay in a hull')).not.toBeInTheDocument()
})
