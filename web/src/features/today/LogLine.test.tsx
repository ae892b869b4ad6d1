import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { LogLine } from './LogLine'

const today = { day: '2026-03-05', shares: [] } as unknown as Schemas['TodayView']
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

beforeEach(() => {
  sessionStorage.clear()
  globalThis.matchMedia = ((query: string) => ({ matches: false, media: query })) as typeof matchMedia
})

const line = () => screen.getByLabelText(/Write it down/)

test('Enter saves the line once and empties it', async () => {
  const asked = show(<LogLine today={today} onForm={vi.fn()} />, {
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
  const asked = show(<LogLine today={today} onForm={vi.fn()} />, {
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
  const asked = show(<LogLine today={today} onForm={vi.fn()} />, {
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

test('what was typed is there after the page is opened again', async () => {
  sessionStorage.setItem('quill:log-line', '3 gulls')
  show(<LogLine today={today} onForm={vi.fn()} />, { 'POST /api/log-line': () => ({ body: understood }) })
  expect(line()).toHaveValue('3 gulls')
})

test('the form begins with what was understood', async () => {
  const onForm = vi.fn()
  show(<LogLine today={today} onForm={onForm} />, { 'POST /api/log-line': () => ({ body: understood }) })
  await userEvent.click(screen.getByRole('button', { name: 'Fill in the form instead' }))
  expect(onForm).toHaveBeenCalledWith(expect.objectContaining({ day: '2026-03-05', note: '' }))
})
