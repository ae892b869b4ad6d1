import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import SittingsScreen from './SittingsScreen'

const group = (name: string, mean: number) => ({
  name,
  sittings: 6,
  minutes: 120,
  marks: { mean, low: mean - 0.3, high: mean + 0.3, of: 6 },
  energy: { mean: -0.5, low: null, high: null, of: 1 },
})
const none = { groups: [], bestMarks: null, bestEnergy: null, lacking: 10 }

const view = (more: object = {}) => ({
  sittings: 12,
  lengths: {
    groups: [group('0-20', 2), group('20-40', 3.5)],
    bestMarks: '20-40',
    bestEnergy: null,
    lacking: 0,
  },
  places: none,
  warmedUp: none,
  hours: { groups: [group('00-09', 3)], bestMarks: null, bestEnergy: null, lacking: 5 },
  where: none,
  cues: [
    {
      cue: 'after the lamp is lit',
      led: 4,
      of: 10,
      sure: { cases: 4, of: 10, low: 0.168, high: 0.687 },
      minutes: 55,
    },
  ],
  feared: { easier: 6, same: 1, harder: 0, said: true },
  longest: { day: '2026-03-01', minutes: 45 },
  longestLately: null,
  ...more,
})

test('what suits is named, with how sure it is and on how much it rests', async () => {
  show(<SittingsScreen />, { 'GET /api/look-back/sittings': () => ({ body: view() }) })
  expect(await screen.findByText('Best marks: 20 to 40 min.')).toBeInTheDocument()
  expect(screen.getByRole('row', { name: /20 to 40 min 6 2 h 3.5 \(3.2 to 3.8\) −0.5/ })).toBeInTheDocument()
  expect(screen.getByText('Too few to say: 5 marked sittings more would do.')).toBeInTheDocument()
  expect(
    screen.getByText(/led to drawing on 4 of 10 days since, 40 % \(17 % to 69 %\), 55 min/),
  ).toBeInTheDocument()
  expect(screen.getByText(/They are easier than they seem/)).toBeInTheDocument()
  expect(screen.getByText(/Longest without a break: 45 min/)).toBeInTheDocument()
})

test('before the first sitting it says what will stand here', async () => {
  show(<SittingsScreen />, {
    'GET /api/look-back/sittings': () => ({ body: view({ sittings: 0, cues: [], longest: null }) }),
  })
  expect(await screen.findByText(/The first sitting that is over shows here/)).toBeInTheDocument()
  expect(screen.queryByRole('table')).not.toBeInTheDocument()
})
