import { cleanup, screen } from '@testing-library/react'
import { beforeEach, expect, test } from 'vitest'
import { show } from '../../test-page'
import type { Quota } from './text'
import { useSaid } from './useSaid'

const quota = (verdict: string) => ({ id: 'q', forecast: { verdict } }) as unknown as Quota

function Said({ verdict }: { verdict: string }) {
  return <p>{useSaid(quota(verdict)) ? 'said before' : 'new'}</p>
}

async function on(day: string, verdict: string) {
  cleanup()
  show(<Said verdict={verdict} />, { 'GET /api/today': () => ({ body: { day } }) })
  await new Promise((done) => setTimeout(done))
  return (await screen.findByText(/said before|new/)).textContent
}

beforeEach(() => localStorage.clear())

test('a slipping promise is an alarm on its first day only, and again after it was on pace', async () => {
  expect(await on('2026-03-05', 'SLIPPING')).toBe('new')
  expect(await on('2026-03-05', 'SLIPPING')).toBe('new')
  await on('2026-03-06', 'SLIPPING')
  expect(await screen.findByText('said before')).toBeInTheDocument()
  await on('2026-03-07', 'ON_PACE')
  expect(await on('2026-03-08', 'OUT_OF_REACH')).toBe('new')
})
