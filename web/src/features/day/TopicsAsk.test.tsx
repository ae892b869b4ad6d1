import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { show } from '../../test-page'
import { TopicsAsk } from './TopicsAsk'

const asked = (more: Partial<Schemas['AskedByTopics']>): Schemas['AskedByTopics'] => ({
  warmUps: [],
  offers: [],
  ...more,
})

const offer: Schemas['WarmUpOffer'] = {
  why: 'RUSTY',
  topic: 'boxes',
  minutes: 10,
  room: 'SETTING_UP',
  freshness: 0.41,
  ageDays: 60,
  neededFor: 'hulls',
  week: 18,
  weekTitle: 'Hulls',
  from: '2026-03-09',
}

test('what is rusty and needed soon is put in with one press', async () => {
  const asks = show(<TopicsAsk topics={asked({ offers: [offer] })} />, {})
  expect(screen.getByText(/Boxes: rusty \(41 %\), needed for hulls in week 18/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Warm up, 10 min: boxes' }))
  await waitFor(() =>
    expect(asks.find((a) => a.method === 'PUT' && a.path.startsWith('/api/warm-ups/'))?.body).toEqual({
      topic: 'boxes',
      imagined: false,
    }),
  )
})

test('without minutes left nothing is offered to press', () => {
  show(<TopicsAsk topics={asked({ offers: [{ ...offer, minutes: 0, room: null }] })} />, {})
  expect(screen.getByText('no minutes left for it today')).toBeInTheDocument()
  expect(screen.queryByRole('button')).not.toBeInTheDocument()
})

test('after weeks away it is said what faded, and an easy day is offered', () => {
  const away = {
    days: 23,
    faded: [{ topic: 'hulls', state: 'FADING' as const, freshness: 0.6 }],
    easy: 'hulls',
    easyMinutes: 10,
  }
  show(<TopicsAsk topics={asked({ away })} />, {})
  expect(screen.getByText(/23 days since you last drew. Meanwhile faded: hulls/)).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Put it into today' })).toBeInTheDocument()
})
