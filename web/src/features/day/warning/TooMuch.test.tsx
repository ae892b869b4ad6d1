import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../../api/client'
import { sent, show } from '../../../test-page'
import TooMuch from './TooMuch'

const today = (more: object = {}) =>
  ({
    day: '2026-03-05',
    overMinutes: 25,
    shares: [{}],
    quotas: [{}],
    course: { placement: 'p', weekKey: 'w17', mayWait: true, title: 'Harbour Year' },
    ...more,
  }) as unknown as Schemas['TodayView']

const open = (view: Schemas['TodayView']) =>
  show(<TooMuch today={view} />, {
    'POST /api/course/p/changes': () => ({ status: 204 }),
  })

test('when promises and course are more than the day, the course gives way in one press and back', async () => {
  const asked = open(today())
  expect(screen.getByText(/25 min more than the day has/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Let Harbour Year wait today' }))
  await waitFor(() => expect(sent(asked, 'POST', '/api/course/p/changes')).toHaveLength(1))
  const made = sent(asked, 'POST', '/api/course/p/changes')[0]?.body as { id: string }
  expect(made).toMatchObject({ changes: [{ kind: 'PAUSE', week: 'w17', dates: ['2026-03-05'] }] })
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(sent(asked, 'DELETE', `/api/course/changes/${made.id}`)).toHaveLength(1))
})

test('where the course cannot give way nothing is offered that cannot be', () => {
  open(today({ course: { ...today().course, mayWait: false } }))
  expect(screen.queryByRole('button')).not.toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Change a promise instead' })).toBeInTheDocument()
})
