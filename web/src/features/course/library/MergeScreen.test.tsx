import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import MergeScreen from './MergeScreen'

const offer = (id: string, title: string) => ({ id, title })

const merged = ({ decided, joins }: { decided: string[]; joins: Record<string, string> }) => ({
  joins: [{ id: 'a1+b1', week: 1, first: 'Coils', second: 'Knots', as: joins['a1+b1'] ?? 'BOTH' }],
  document: { id: 'ropes-with-knots', title: 'Ropes with Knots', weeks: [{ title: 'Coils', exercises: [] }] },
  loads: [{ minutes: 600, fits: false, load: 2 }],
  conflicts: [
    {
      id: 'c1',
      earlier: 'Knots',
      later: 'Coils',
      reason: 'NEEDED_FIRST',
      decided: decided.includes('c1'),
    },
  ],
})

const page = () =>
  show(
    <Routes>
      <Route path="/course/merge" element={<MergeScreen />} />
      <Route path="/course/library" element={<p>library</p>} />
    </Routes>,
    {
      'GET /api/courses': () => ({ body: { courses: [offer('a', 'Ropes'), offer('b', 'Knots')] } }),
      'POST /api/courses/merge': (body) => ({ body: merged(body as never) }),
      'PUT /api/courses/ropes-with-knots': (body) => ({ body }),
    },
    '/course/merge',
  )

test('a course cannot be merged with itself', async () => {
  const asked = page()
  await userEvent.selectOptions(await screen.findByLabelText('First course'), 'Ropes')
  await userEvent.selectOptions(screen.getByLabelText('Second course'), 'Ropes')
  expect(screen.getByText(/“Ropes” is chosen twice/)).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/courses/merge')).toHaveLength(0)
})

test('the merge is shown, a conflict decided, and the course kept as one of one’s own', async () => {
  const asked = page()
  await userEvent.selectOptions(await screen.findByLabelText('First course'), 'Ropes')
  await userEvent.selectOptions(screen.getByLabelText('Second course'), 'Knots')
  expect(await screen.findByText('1 pair of weeks about the same topic.')).toBeInTheDocument()
  expect(screen.getByText(/the later one needs it.*could not be had/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('checkbox'))
  expect(await screen.findByText(/holds, as you decided/)).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/courses/merge').at(-1)?.body).toMatchObject({
    first: 'a',
    second: 'b',
    decided: ['c1'],
    title: 'Ropes with Knots',
  })
  await userEvent.click(screen.getByRole('button', { name: 'Keep as my own course' }))
  expect(await screen.findByText('library')).toBeInTheDocument()
  await waitFor(() => expect(sent(asked, 'PUT', '/api/courses/ropes-with-knots')).toHaveLength(1))
})

test('a joined week that outgrows the room becomes the richer one, a part of each, or two', async () => {
  const asked = page()
  await userEvent.selectOptions(await screen.findByLabelText('First course'), 'Ropes')
  await userEvent.selectOptions(screen.getByLabelText('Second course'), 'Knots')
  expect(await screen.findByText(/more than your room/)).toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText('“Coils” and “Knots” become'), 'two weeks')
  await waitFor(() => expect(screen.getByLabelText('“Coils” and “Knots” become')).toHaveValue('TWO_WEEKS'))
  expect(sent(asked, 'POST', '/api/courses/merge').at(-1)?.body).toMatchObject({
    joins: { 'a1+b1': 'TWO_WEEKS' },
  })
})
