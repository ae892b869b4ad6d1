import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import { PhaseBegins } from './PhaseBegins'
import type { Series } from './series'

const phase = (from: string) => ({
  from,
  to: '2026-02-01',
  mean: 40,
  name: '',
  pictures: [],
  typical: { drawings: 3, mediumShare: 0 },
})

const series: Series = {
  figure: 'MINUTES',
  values: ['2026-01-05', '2026-01-12', '2026-01-19'].map((from) => ({ from, value: 40 })),
  weeks: 3,
  direction: 'NONE',
  ownBoundaries: true,
  ratherSteady: false,
  phases: [phase('2026-01-05'), phase('2026-01-12')],
}

const page = () =>
  show(<PhaseBegins all={[series]} />, {
    'PUT /api/look-back/phases/boundaries': () => ({ status: 204 }),
  })

test('a week is made the beginning of a phase, beside those there are', async () => {
  const asked = page()
  await userEvent.selectOptions(screen.getByLabelText('Of which figure'), 'MINUTES')
  expect(screen.getByRole('checkbox', { name: /12/ })).toBeChecked()
  await userEvent.click(screen.getByRole('checkbox', { name: /19/ }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/look-back/phases/boundaries')[0]?.body).toEqual({
      figure: 'MINUTES',
      weeks: ['2026-01-12', '2026-01-19'],
    }),
  )
})

test('it is left to the figures again', async () => {
  const asked = page()
  await userEvent.selectOptions(screen.getByLabelText('Of which figure'), 'MINUTES')
  await userEvent.click(screen.getByRole('button', { name: 'Leave it to the figures again' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/look-back/phases/boundaries')[0]?.body).toEqual({
      figure: 'MINUTES',
      weeks: null,
    }),
  )
})
