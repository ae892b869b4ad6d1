import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { Phrases } from './Phrases'

type Phrase = Schemas['Phrase']
const LINE = '5 min, 3 boats, 10 min'

const phrase = (more: Partial<Phrase>): Phrase => ({
  field: 'MINUTES',
  state: 'UNDERSTOOD',
  value: '5',
  start: 0,
  end: 5,
  choices: [],
  problem: 'NONE',
  ...more,
})

function show(...phrases: Phrase[]) {
  const onChange = vi.fn()
  render(
    <Phrases
      reading={{
        phrases,
        entries: [{ day: '2026-03-05', wentWrong: '', nextTime: '', note: '' }],
        dayOff: false,
        complete: false,
      }}
      line={LINE}
      onChange={onChange}
    />,
  )
  return onChange
}

test('a question is asked with the words it is about, and an answer rewrites the line', async () => {
  const change = show(
    phrase({
      state: 'QUESTION',
      start: 16,
      end: 22,
      choices: [{ label: '5 min', line: '5 min, 3 boats', as: null }],
    }),
  )
  expect(screen.getByText('Which minutes is “10 min”?')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: '5 min' }))
  expect(change).toHaveBeenCalledWith('5 min, 3 boats')
})

test('a value out of range can be left out', async () => {
  const change = show(phrase({ state: 'PROBLEM', problem: 'OUT_OF_RANGE', value: '5 min' }))
  await userEvent.click(screen.getByRole('button', { name: 'Leave it out' }))
  expect(change).toHaveBeenCalledWith('3 boats, 10 min')
})

test('a word can be put right by itself', async () => {
  const change = show(phrase({}))
  await userEvent.click(screen.getByRole('button', { name: '5' }))
  const written = await screen.findByLabelText('minutes as written')
  await userEvent.clear(written)
  await userEvent.type(written, '8 min{Enter}')
  expect(change).toHaveBeenCalledWith('8 min, 3 boats, 10 min')
})

test('an unknown word is asked about and a digit answers', async () => {
  const change = show(
    phrase({
      field: 'UNKNOWN',
      state: 'QUESTION',
      value: '',
      start: 7,
      end: 14,
      choices: [
        { label: 'boats at rest', line: 'first' },
        { label: '3 boats', line: 'second', as: 'TOPIC' },
      ],
    }),
  )
  expect(screen.getByText('What is “3 boats”?')).toBeInTheDocument()
  screen.getByRole('button', { name: 'boats at rest' }).focus()
  await userEvent.keyboard('2')
  expect(change).toHaveBeenCalledWith('second')
})

test('several entries are told before they are saved', () => {
  const entry = { day: '2026-03-05', wentWrong: '', nextTime: '', note: '' }
  render(
    <Phrases
      reading={{
        phrases: [
          phrase({ value: '30' }),
          phrase({ field: 'TOPIC', value: 'ropes', start: 12 }),
          phrase({ field: 'EXERCISE', value: 'Cranes', start: 3 }),
        ],
        entries: [
          { ...entry, drawings: 4, minutes: 20 },
          { ...entry, drawings: 2, minutes: 10 },
        ],
        dayOff: false,
        complete: true,
      }}
      line={LINE}
      onChange={vi.fn()}
    />,
  )
  expect(screen.getByText('1. 4 Cranes, 20 min')).toBeInTheDocument()
  expect(screen.getByText('2. 2 ropes, 10 min')).toBeInTheDocument()
  expect(screen.getByText('The minutes are shared between them.')).toBeInTheDocument()
})
