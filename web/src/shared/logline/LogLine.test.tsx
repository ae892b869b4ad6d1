import { cleanup, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { beforeEach, expect, test, vi } from 'vitest'
import { sent, show } from '../../test-page'
import { Shown } from '../../ui/shown'
import { LogLine } from './LogLine'

const place = { day: '2026-03-05', today: '2026-03-05', example: '3 boats' }
const fields = { day: '2026-03-05', drawings: 3, topic: 'boats', wentWrong: '', nextTime: '', note: '' }
const understood = { phrases: [], entries: [fields], dayOff: false, complete: true }
const question = {
  phrases: [
    {
      field: 'MINUTES',
      state: 'QUESTION',
      value: '10',
      start: 0,
      end: 6,
      problem: 'NONE',
      choices: [{ label: '5 min', line: '5 min, 3 boats', as: null }],
    },
  ],
  entries: [{ day: '2026-03-05', wentWrong: '', nextTime: '', note: '' }],
  dayOff: false,
  complete: false,
}

beforeEach(() => sessionStorage.clear())

const line = () => screen.getByLabelText(/Write it down/)

test('Enter saves the line once and empties it', async () => {
  const asked = show(<LogLine {...place} onForm={vi.fn()} />, {
    'POST /api/log-line': () => ({ body: understood }),
    'POST /api/entries': () => ({ status: 201, body: { fields, id: 'x', version: 0, minutesOrEstimate: 0 } }),
  })
  await userEvent.type(line(), '3 boats{Enter}')
  await waitFor(() => expect(line()).toHaveValue(''))
  expect(screen.getByText('Logged: boats.')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/entries')).toHaveLength(1)
  expect(sent(asked, 'POST', '/api/entries')[0]?.body).toMatchObject({ fields })
})

test('Enter on a line with a question leads to its first answer and saves nothing', async () => {
  const asked = show(<LogLine {...place} onForm={vi.fn()} />, {
    'POST /api/log-line': () => ({ body: question }),
  })
  await userEvent.type(line(), '10 min, 5 min, 3 boats{Enter}')
  await waitFor(() => expect(screen.getByRole('button', { name: '5 min' })).toHaveFocus())
  expect(sent(asked, 'POST', '/api/entries')).toHaveLength(0)
  await userEvent.keyboard('{Enter}')
  expect(line()).toHaveValue('5 min, 3 boats')
  expect(line()).toHaveFocus()
})

test('a line that could not be saved stays, with the reason, and is sent under the same id again', async () => {
  let answers = 0
  const asked = show(<LogLine {...place} onForm={vi.fn()} />, {
    'POST /api/log-line': () => ({ body: understood }),
    'POST /api/entries': () =>
      answers++ === 0
        ? { status: 500, body: { code: 'internal', detail: 'The disk is full.' } }
        : { status: 201, body: { fields, id: 'x', version: 0, minutesOrEstimate: 0 } },
  })
  await userEvent.type(line(), '3 boats{Enter}')
  expect(await screen.findByRole('alert')).toHaveTextContent('The disk is full.')
  expect(line()).toHaveValue('3 boats')
  await userEvent.type(line(), '{Enter}')
  await waitFor(() => expect(line()).toHaveValue(''))
  const ids = sent(asked, 'POST', '/api/entries').map((a) => (a.body as { id: string }).id)
  expect(ids).toHaveLength(2)
  expect(ids[0]).toBe(ids[1])
})

test('a line that is too long stays whole; the form takes it as a note', async () => {
  const onForm = vi.fn()
  const asked = show(<LogLine {...place} onForm={onForm} />, {
    'POST /api/log-line': () => ({ body: understood }),
  })
  const long = 'boats '.repeat(200).trim()
  await userEvent.click(line())
  await userEvent.paste(long)
  expect(line()).toHaveValue(long)
  expect(screen.getByRole('alert')).toHaveTextContent('at most 1,000 characters; this one has 1,199')
  await userEvent.keyboard('{Enter}')
  await userEvent.click(screen.getByRole('button', { name: 'Fill in the form instead' }))
  expect(onForm).toHaveBeenCalledWith(expect.objectContaining({ note: long }))
  expect(sent(asked, 'POST', '/api/log-line')).toHaveLength(0)
})

test('what was typed is there after the page is opened again', async () => {
  sessionStorage.setItem('quill:log-line', '3 gulls')
  show(<LogLine {...place} onForm={vi.fn()} />, { 'POST /api/log-line': () => ({ body: understood }) })
  expect(line()).toHaveValue('3 gulls')
})

test('the form begins with what was understood', async () => {
  const onForm = vi.fn()
  show(<LogLine {...place} onForm={onForm} />, { 'POST /api/log-line': () => ({ body: understood }) })
  await userEvent.click(screen.getByRole('button', { name: 'Fill in the form instead' }))
  expect(onForm).toHaveBeenCalledWith(expect.objectContaining({ day: '2026-03-05', note: '' }))
})

test('a line for an earlier day says so, and is read for that day', async () => {
  const then = { ...fields, day: '2026-03-03' }
  const asked = show(<LogLine {...place} day="2026-03-03" onForm={vi.fn()} />, {
    'POST /api/log-line': () => ({ body: { ...understood, entries: [then] } }),
    'POST /api/entries': () => ({
      status: 201,
      body: { fields: then, id: 'x', version: 0, minutesOrEstimate: 0 },
    }),
  })
  await userEvent.type(line(), '3 boats{Enter}')
  expect(await screen.findByText('Logged for Tuesday, Mar 3: boats.')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/log-line')[0]?.body).toMatchObject({ day: '2026-03-03' })
})

test('a line of a day off offers rest or a pause', async () => {
  const ill = { day: '2026-03-05', wentWrong: '', nextTime: '', note: 'no boats today, ill' }
  const asked = show(<LogLine {...place} onForm={vi.fn()} />, {
    'POST /api/log-line': () => ({
      body: { phrases: [], entries: [ill], dayOff: true, complete: true },
    }),
    'POST /api/entries': () => ({
      status: 201,
      body: { fields: ill, id: 'x', version: 0, minutesOrEstimate: 0 },
    }),
    'GET /api/settings': () => ({ body: { version: 3, time: { restDays: ['2026-03-01'] } } }),
    'PUT /api/settings': () => ({ body: {} }),
  })
  await userEvent.type(line(), 'no boats today, ill{Enter}')
  await userEvent.click(await screen.findByRole('button', { name: 'Make today a rest day' }))
  expect(sent(asked, 'PUT', '/api/settings')[0]?.body).toMatchObject({
    version: 3,
    time: { restDays: ['2026-03-01', '2026-03-05'] },
  })
  await waitFor(() => expect(screen.queryByText(/Kept as a note. Days/)).not.toBeInTheDocument())
})

test('the cursor goes into the line once the page is shown, unless the learner types elsewhere', async () => {
  vi.stubGlobal('matchMedia', () => ({ matches: true }))
  function Late() {
    const [shown, setShown] = useState(false)
    return (
      <>
        <input aria-label="Search" onChange={() => setShown(true)} />
        <button onClick={() => setShown(true)}>A tab</button>
        <Shown value={shown}>
          <LogLine {...place} onForm={vi.fn()} />
        </Shown>
      </>
    )
  }
  show(<Late />, {})
  await userEvent.type(screen.getByLabelText('Search'), '2 March')
  expect(screen.getByLabelText('Search')).toHaveFocus()
  cleanup()
  show(<Late />, {})
  expect(line()).not.toHaveFocus()
  await userEvent.click(screen.getByText('A tab'))
  expect(line()).toHaveFocus()
})
