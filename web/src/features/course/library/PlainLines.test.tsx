import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { show } from '../../../test-page'
import { newCourse } from './document'
import { PlainLines } from './PlainLines'

const exercise = {
  line: 'hands',
  title: 'Hands',
  kind: 'study',
  drawings: null,
  minutesEach: null,
  minutes: 45,
  source: null,
  topics: ['hands'],
  resource: null,
  proposed: ['COUNT'],
  chunk: 15,
}

function Page() {
  const [course, setCourse] = useState(newCourse())
  const [unread, setUnread] = useState(false)
  return (
    <>
      <PlainLines course={course} onWeeks={(weeks) => setCourse({ ...course, weeks })} onUnread={setUnread} />
      {unread && <p>unread</p>}
      <p>{course.weeks.map((w) => `${w.title}: ${w.exercises.map((e) => e.title).join()}`).join('; ')}</p>
      <button
        type="button"
        onClick={() => setCourse({ ...course, weeks: [{ title: 'From the form', exercises: [] }] })}
      >
        form
      </button>
    </>
  )
}

test('lines become the course, and the form is written anew as lines', async () => {
  show(<Page />, {
    'POST /api/syllabus': () => ({
      body: { weeks: [{ number: 1, title: 'Parts', exercises: [exercise] }], empty: [2] },
    }),
  })
  const box = screen.getByLabelText(/A week’s title/)
  await userEvent.clear(box)
  await userEvent.type(box, 'Week 1: Parts{Enter}hands')
  expect(screen.getByText('unread')).toBeInTheDocument()
  expect(await screen.findByText('Parts: Hands')).toBeInTheDocument()
  await waitFor(() => expect(screen.queryByText('unread')).not.toBeInTheDocument())
  expect(box).toHaveValue('Week 1: Parts\nhands')
  expect(screen.getByText(/proposed how much, 45 min/)).toBeInTheDocument()
  expect(screen.getByText('Week 2 has no exercise yet.')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'form' }))
  await waitFor(() => expect(box).toHaveValue('Week 1: From the form'))
})
