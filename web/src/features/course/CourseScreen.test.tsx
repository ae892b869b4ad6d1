import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import CourseScreen from './CourseScreen'
import { rulerWeek } from './test-week'

const course = (key: string) => ({
  today: '2026-03-05',
  followed: [],
  exercises: [],
  remarks: [],
  pairs: [],
  ruler: [rulerWeek('1'), rulerWeek('2')],
  placed: {
    placement: 'p',
    title: 'Boats',
    summary: '',
    weeks: 2,
    start: '2026-03-02',
    end: '2026-03-15',
    policy: 'SPREAD',
    missedDays: [],
  },
  week: {
    ...rulerWeek(key),
    plannedMinutes: 60,
    doneMinutes: 0,
    aim: '',
    rows: [],
    days: [],
    shortfalls: [],
    clashes: [],
    resources: [],
    missedDays: [],
    topics: [],
  },
})

test('while another week is on its way nothing can be pressed on the one before', async () => {
  show(<CourseScreen />, { 'GET /api/course': () => ({ body: course('1') }) })
  expect(await screen.findByRole('heading', { name: /^Week 1/ })).toBeInTheDocument()
  const week = screen.getByRole('heading', { name: /^Week 1/ }).closest('[aria-busy]')
  expect(week).not.toHaveAttribute('inert')
  const answer = globalThis.fetch
  let arrive = () => {}
  const way = new Promise<void>((resolve) => (arrive = resolve))
  globalThis.fetch = async (input) => {
    const request = input as Request
    if (!request.url.includes('/api/course?')) {
      return answer(request)
    }
    await way
    return new Response(JSON.stringify(course('2')), { headers: { 'Content-Type': 'application/json' } })
  }
  await userEvent.click(screen.getByRole('tab', { name: /^Week 2/ }))
  await waitFor(() => expect(week).toHaveAttribute('inert'))
  expect(screen.getByRole('tab', { name: /^Week 2/ }).closest('[inert]')).toBeNull()
  arrive()
  await waitFor(() => expect(week).not.toHaveAttribute('inert'))
  expect(screen.getByRole('heading', { name: /^Week 2/ })).toBeInTheDocument()
})
