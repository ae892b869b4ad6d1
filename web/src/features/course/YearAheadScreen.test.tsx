import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import YearAheadScreen from './YearAheadScreen'

const line = (title: string, share: number) => ({
  title,
  from: '2026-04-01',
  to: '2026-06-30',
  weeks: 13,
  minutes: 900,
  minutesAWeek: 69,
  share,
  inYear: true,
})

test('courses are laid beside one another, and what does not fit is said', async () => {
  const asked = show(<YearAheadScreen />, {
    'GET /api/courses': () => ({
      body: { courses: ['boats', 'ropes'].map((id) => ({ id, title: id, weeks: 12 })), broken: [] },
    }),
    'POST /api/look-back/year-ahead': () => ({
      body: {
        from: '2026-04-01',
        stretch: 1.25,
        ownWeeks: 9,
        lines: [line('boats', 0.7), line('ropes', 0.8)],
        roomMinutes: 6000,
        plannedMinutes: 1800,
        fullest: 1.5,
      },
    }),
  })
  await userEvent.selectOptions(await screen.findByLabelText('Begin with'), 'boats')
  await userEvent.selectOptions(screen.getByLabelText('Then'), 'ropes')
  await userEvent.click(screen.getByLabelText('beside the one before'))
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/look-back/year-ahead').at(-1)?.body).toEqual({
      courses: [
        { course: 'boats', beside: false },
        { course: 'ropes', beside: true },
      ],
    }),
  )
  expect(
    await screen.findByText(
      'Side by side they take 150 % of the room together where they are most; that does not fit.',
    ),
  ).toBeInTheDocument()
  expect(screen.getByText(/1.25 times as long as planned, by 9 weeks of your own/)).toBeInTheDocument()
})
