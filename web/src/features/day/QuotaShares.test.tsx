import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { OpenRules, QuotaShares } from './QuotaShares'

const promised = (more: object): Schemas['QuotaToday'] =>
  ({
    id: 'q',
    title: 'Mooring posts',
    kind: 'SPRINT',
    unit: 'DRAWINGS',
    today: 9,
    doneToday: 0,
    left: 9,
    served: 0,
    bonus: 0,
    minutes: 45,
    minutesLeft: 45,
    number: null,
    done: 0,
    asked: 90,
    due: '2026-03-14',
    secondsEach: 300,
    topic: 'mooring posts',
    ...more,
  }) as Schemas['QuotaToday']

test.each([
  [{}, '9 drawings left · 45 min'],
  [{ left: 6, served: 3, minutesLeft: 30 }, '6 drawings left · 30 min'],
  [{ left: 0, doneToday: 9 }, '9 done'],
  [{ left: 0, doneToday: 12, bonus: 3 }, '12 done, 3 beyond it'],
  [{ left: 0, served: 9 }, 'comes with the course'],
  [{ today: 0, left: 0 }, 'nothing today'],
  [
    { kind: 'DAILY_RUN', today: 1, left: 1, number: 17, minutesLeft: 7 },
    'drawing day 17 · 1 drawing left · 7 min',
  ],
  [{ unit: 'MINUTES', today: 20, left: 20 }, '20 minutes left'],
])('%o is told as %s', (more, text) => {
  show(<QuotaShares quotas={[promised(more)]} />, {})
  expect(screen.getByRole('listitem')).toHaveTextContent(text)
})

test('what is left begins a sitting for just that', () => {
  show(<QuotaShares quotas={[promised({ left: 4 })]} />, {})
  const link = screen.getByRole('link', { name: 'Begin Mooring posts' })
  const query = new URLSearchParams(link.getAttribute('href')?.split('?')[1])
  expect(Object.fromEntries(query)).toMatchObject({ count: '4', each: '300', topic: 'mooring posts' })
})

test('the next prompt begins a sitting of one drawing', () => {
  const nextPrompt = { id: 'p', words: 'a gull on a crate' }
  show(<QuotaShares quotas={[promised({ unit: 'PROMPTS', nextPrompt })]} />, {})
  expect(screen.getByText('a gull on a crate')).toBeInTheDocument()
  const link = screen.getByRole('link', { name: 'Begin a gull on a crate' })
  const query = new URLSearchParams(link.getAttribute('href')?.split('?')[1])
  expect(Object.fromEntries(query)).toMatchObject({
    title: 'a gull on a crate',
    topic: 'mooring posts',
    prompt: 'p',
    count: '1',
  })
})

test('with no prompt picked its list is opened', () => {
  show(<QuotaShares quotas={[promised({ unit: 'PROMPTS' })]} />, {})
  expect(screen.getByRole('link', { name: 'To the prompts of Mooring posts' })).toHaveAttribute(
    'href',
    '/quotas/q',
  )
})

test('a rule is asked about kindly and its answer kept', async () => {
  const open = {
    wantedBy: ['Mooring posts'],
    entryId: 'e',
    entry: 'mooring posts',
    rule: 'NO_ERASER' as const,
  }
  const asked = show(<OpenRules asked={[open]} />, {
    'PUT /api/entries/e/rules/NO_ERASER': () => ({ body: {} }),
  })
  expect(screen.getByText('Without the eraser?')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'No' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/entries/e/rules/NO_ERASER')[0]?.body).toEqual({ kept: false }),
  )
})
