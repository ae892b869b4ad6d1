import { cleanup, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { beforeEach, expect, test } from 'vitest'
import { sent, show, written } from '../../../test-page'
import type { CourseDocument } from './document'
import EditScreen from './EditScreen'

const ropes: CourseDocument = {
  format: 2,
  id: 'ropes',
  title: 'Ropes',
  summary: 'Lines that lie in turns.',
  keeper: 'a field this version does not know',
  weeks: [
    {
      title: 'Bends',
      exercises: [{ id: 'bend', title: 'Bends', kind: 'drill', drawings: 9, minutesEach: 2 }],
    },
    { title: 'Hitches', exercises: [], mooring: 'another one' },
  ],
}

type Reply = { status?: number; body: unknown }

const page = (at: string, check: Reply = { body: { loads: [] } }, put: Reply = { body: {} }) =>
  show(
    <Routes>
      <Route path="/course/library" element={<p>the library</p>} />
      <Route path="/course/library/:id" element={<EditScreen />} />
    </Routes>,
    {
      'GET /api/courses/ropes': () => ({ body: ropes }),
      'POST /api/courses/check': () => check,
      'PUT /api/courses/ropes': () => put,
      'PUT /api/courses/ropes-2': () => put,
      'PUT /api/courses/my-course': () => put,
    },
    at,
  )

const save = () => userEvent.click(screen.getByRole('button', { name: 'Save the course' }))
const saved = (asked: ReturnType<typeof page>, id: string) =>
  sent(asked, 'PUT', `/api/courses/${id}`)[0]?.body as CourseDocument

beforeEach(() => sessionStorage.clear())

test('a course that was not saved is there again, and gone once it is left', async () => {
  page('/course/library/ropes')
  await userEvent.type(await screen.findByLabelText('Title'), ' and knots')
  cleanup()
  page('/course/library/ropes')
  expect(await screen.findByLabelText('Title')).toHaveValue('Ropes and knots')
  expect(screen.getByText(/what you had typed/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Cancel' }))
  cleanup()
  page('/course/library/ropes')
  expect(await screen.findByLabelText('Title')).toHaveValue('Ropes')
})

test('a course of one’s own is changed, and what this version does not know stays', async () => {
  const asked = page('/course/library/ropes')
  const title = await screen.findByLabelText('Title')
  expect(screen.getByLabelText(/^Id/)).toHaveAttribute('readonly')
  await userEvent.type(title, ' and knots')
  await save()
  expect(await screen.findByText('the library')).toBeInTheDocument()
  expect(saved(asked, 'ropes')).toEqual({ ...ropes, title: 'Ropes and knots' })
})

test('a copy has a name of its own', async () => {
  const asked = page('/course/library/new?from=ropes&as=ropes-2')
  expect(await screen.findByLabelText('Title')).toHaveValue('Ropes, copy')
  await save()
  await waitFor(() => expect(sent(asked, 'PUT', '/api/courses/ropes-2')).toHaveLength(1))
  expect(saved(asked, 'ropes-2').weeks).toEqual(ropes.weeks)
})

test('weeks are added, moved and taken out', async () => {
  const asked = page('/course/library/ropes')
  await userEvent.click(await screen.findByRole('button', { name: 'Add a week' }))
  await userEvent.click(screen.getByRole('button', { name: 'Week 2 earlier' }))
  await userEvent.click(screen.getByRole('button', { name: 'Remove week 2' }))
  await save()
  await waitFor(() => expect(sent(asked, 'PUT', '/api/courses/ropes')).toHaveLength(1))
  expect(saved(asked, 'ropes').weeks.map((w) => w.title)).toEqual(['Hitches', 'Week 3'])
})

test('a new course begins with one week to write in', async () => {
  const asked = page('/course/library/new')
  const week = await screen.findByRole('region', { name: 'Week 1' })
  await userEvent.click(within(week).getByRole('button', { name: 'Add an exercise' }))
  expect(within(week).getAllByLabelText('Exercise')).toHaveLength(1)
  await save()
  await waitFor(() => expect(sent(asked, 'PUT', '/api/courses/my-course')).toHaveLength(1))
  expect(saved(asked, 'my-course').weeks[0]?.exercises).toHaveLength(1)
})

test('what is wrong stands at its field, and the course is not saved with it', async () => {
  page('/course/library/ropes', {
    body: { path: 'title', place: 'title', reason: written('it must not be empty'), loads: [] },
  })
  const title = await screen.findByLabelText('Title')
  await userEvent.clear(title)
  expect(await screen.findByText('It must not be empty.')).toBeInTheDocument()
  await waitFor(() => expect(title).toBeInvalid())
  expect(screen.getByRole('button', { name: 'Save the course' })).toBeDisabled()
})

test('what the server refuses keeps everything typed', async () => {
  page('/course/library/ropes', undefined, { status: 409, body: { detail: 'Not kept: ropes is taken.' } })
  await userEvent.type(await screen.findByLabelText('What it is for'), ' And more.')
  await save()
  expect(await screen.findByText('Not kept: ropes is taken.')).toBeInTheDocument()
  expect(screen.getByLabelText('What it is for')).toHaveValue('Lines that lie in turns. And more.')
})

test('leaving it writes nothing', async () => {
  const asked = page('/course/library/ropes')
  await userEvent.type(await screen.findByLabelText('Title'), '!')
  await userEvent.click(screen.getByRole('button', { name: 'Cancel' }))
  expect(screen.getByText('the library')).toBeInTheDocument()
  expect(asked.filter((a) => a.method === 'PUT')).toHaveLength(0)
})
