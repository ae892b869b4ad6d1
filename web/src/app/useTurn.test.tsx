import { useQuery } from '@tanstack/react-query'
import { act, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { queries } from '../api/queries'
import { sent, show } from '../test-page'
import { useTurn } from './useTurn'

beforeEach(() => vi.useFakeTimers({ shouldAdvanceTime: true }))
afterEach(() => vi.useRealTimers())

function Page() {
  useTurn()
  return <p>{useQuery({ ...queries.today(), staleTime: Infinity }).data?.day}</p>
}

test('what is shown is read anew when the practice day turns, and only then', async () => {
  let day = '2026-03-05'
  const asked = show(<Page />, {
    'GET /api/turn': () => ({ body: { day, endsInMillis: 60_000 } }),
    'GET /api/today': () => ({ body: { day } }),
  })
  const reads = () => sent(asked, 'GET', '/api/today').length
  expect(await screen.findByText('2026-03-05')).toBeInTheDocument()
  await act(() => vi.advanceTimersByTimeAsync(61_000))
  expect(reads()).toBe(1)
  day = '2026-03-06'
  await act(() => vi.advanceTimersByTimeAsync(61_000))
  expect(await screen.findByText('2026-03-06')).toBeInTheDocument()
  expect(reads()).toBe(2)
})
