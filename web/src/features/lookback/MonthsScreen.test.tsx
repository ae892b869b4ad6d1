import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import MonthsScreen from './MonthsScreen'
import type { Series } from './series'

const phase = (from: string, mean: number) => ({
  from,
  to: '2026-03-01',
  mean,
  name: '',
  pictures: [],
  typical: { drawings: 3, mediumShare: 0 },
})

const series: Series = {
  figure: 'MINUTES',
  values: ['2026-01-05', '2026-01-26'].map((from) => ({ from, value: 40 })),
  weeks: 2,
  direction: 'NONE',
  ownBoundaries: false,
  ratherSteady: false,
  phases: [phase('2026-01-05', 30), phase('2026-01-26', 50)],
}

const page = (ratherSteady: boolean) =>
  show(<MonthsScreen />, {
    'GET /api/look-back/series': () => ({ body: [{ ...series, ratherSteady }] }),
    'GET /api/look-back/months': () => ({ body: [] }),
    'GET /api/look-back/dips': () => ({ body: [] }),
  })

const steady = /rather changed by and by/

test('a climb that falls into phases is told as one', async () => {
  page(true)
  expect(await screen.findByText(steady)).toBeInTheDocument()
  expect(screen.getAllByRole('button', { name: 'Give it a name' })).toHaveLength(2)
})

test('where levels say more, nothing doubts them', async () => {
  page(false)
  expect(await screen.findByRole('heading', { name: 'Phases' })).toBeInTheDocument()
  expect(screen.queryByText(steady)).not.toBeInTheDocument()
})
