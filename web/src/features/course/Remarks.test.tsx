import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { Remarks } from './Remarks'

type Week = Schemas['WeekTable']

const week = {
  key: 'w17',
  from: '2026-03-02',
  to: '2026-03-08',
  load: 0.8,
  shortfalls: [],
  clashes: [],
  topics: ['sheds'],
  resources: [],
  missedDays: ['2026-03-02'],
  plannedMinutes: 60,
  doneMinutes: 20,
} as unknown as Week

const need = {
  weekKey: 'w18',
  number: 18,
  topic: 'two-point perspective',
  need: 'boxes',
  detourCourseId: 'first-lines',
  detourWeek: 3,
  detourTitle: 'First Lines',
}

const remarks = (more: Partial<Week> = {}, today = '2026-03-05', needs: unknown[] = []) =>
  show(
    <Remarks
      placement="p"
      course={{ week: { ...week, ...more }, today, remarks: needs } as unknown as Schemas['CourseView']}
    />,
    {
      'POST /api/course/p/preview': () => ({
        body: {
          before: { end: '2026-08-16', days: [], droppedDrawings: 0, droppedMinutes: 0, shortfalls: [] },
          after: { end: '2026-08-23', days: [], droppedDrawings: 0, droppedMinutes: 0, shortfalls: [] },
        },
      }),
      'POST /api/course/p/changes': () => ({ body: {} }),
    },
  )

test('a week that fits says its load, and a missed day what became of it', () => {
  remarks()
  expect(screen.getByText('The work left is 80 % of the room left; it fits.')).toBeInTheDocument()
  expect(screen.getByText(/Monday was missed; what was due is spread over the days left/)).toBeInTheDocument()
})

test('a week without a missed day says nothing of it', () => {
  remarks({ missedDays: [] })
  expect(screen.queryByText(/missed/)).not.toBeInTheDocument()
})

test('of a week that is over nothing is asked any more', () => {
  remarks({}, '2026-03-20')
  expect(screen.getByText('Monday was missed.')).toBeInTheDocument()
  expect(screen.getByText('What was left of this week was let go.')).toBeInTheDocument()
  expect(screen.queryByText(/of the room left/)).not.toBeInTheDocument()
})

test.each([
  ['Add a warm-up', { kind: 'WARM_UP', week: 'w18', topic: 'boxes', minutes: 30 }],
  ['Detour first', { kind: 'DETOUR_OF_COURSE', week: 'w18', courseId: 'first-lines', courseWeeks: [3] }],
])('a need that was never touched: %s', async (button, change) => {
  const asked = remarks({}, '2026-03-05', [need])
  expect(screen.getByText(/“two-point perspective”/)).toHaveTextContent(
    'in week 18 needs boxes; you have 0 minutes on it.',
  )
  await userEvent.click(screen.getByRole('button', { name: button }))
  expect(await screen.findByText(/7 days later/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Change the plan' }))
  await waitFor(() => expect(sent(asked, 'POST', '/api/course/p/changes')).toHaveLength(1))
  expect(sent(asked, 'POST', '/api/course/p/changes')[0]?.body).toMatchObject({ changes: [change] })
})
