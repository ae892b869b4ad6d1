import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import TopicsScreen from './TopicsScreen'

const column = (number: number) => ({
  from: `2026-03-0${number}`,
  to: `2026-03-0${number}`,
  number,
  title: `week ${number}`,
})

const row = {
  id: 't1',
  name: 'hulls',
  state: 'RUSTY',
  freshness: 0.41,
  last: '2026-01-02',
  next: '2026-03-09',
  nextWeek: 2,
  minutes: 35,
  cells: [
    { column: 0, minutes: 35, planned: 0, inPlan: false },
    { column: 1, minutes: 0, planned: 20, inPlan: true },
  ],
}

const coverage = {
  window: 'COURSE',
  columns: [column(1), column(2)],
  now: 0,
  blot: 35,
  areas: [{ name: 'Boats', topics: [row] }],
  hidden: 123,
  balance: {
    minutes: 50,
    strips: [
      {
        by: 'SOURCE',
        parts: [
          { name: 'life', minutes: 30 },
          { name: '', minutes: 20 },
        ],
        asIf: 1,
      },
    ],
  },
  remarks: [
    { kind: 'NOTHING_FROM_LIFE', topic: null, resource: null, percent: 0, days: 36 },
    { kind: 'ONE_RESOURCE', topic: 'hulls', resource: 'keel book', percent: 71, days: null },
  ],
}

test('a topic stands with its minutes, its plan and a word', async () => {
  show(<TopicsScreen />, { 'GET /api/coverage': () => ({ body: coverage }) })
  const line = within((await screen.findByRole('link', { name: 'hulls' })).closest('tr') as HTMLElement)
  expect(line.getByText('35 min')).toBeInTheDocument()
  expect(line.getByText('20 min planned')).toBeInTheDocument()
  expect(line.getByText('rusty 41 %, week 2')).toHaveClass('text-sanguine')
  expect(screen.getByRole('columnheader', { name: /Week 2, week 2/ })).toBeInTheDocument()
})

test('what is one-sided is said with one thing to do about it', async () => {
  show(<TopicsScreen />, { 'GET /api/coverage': () => ({ body: coverage }) })
  expect(
    await screen.findByText(/Nothing was drawn from life for five weeks. The last was 36 days ago./),
  ).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'A sitting from life' })).toHaveAttribute(
    'href',
    '/sitting?source=life',
  )
  expect(screen.getByText(/71 % of hulls in four weeks came from keel book/)).toBeInTheDocument()
  expect(screen.getByText('life 60 % · not said 40 %')).toBeInTheDocument()
})

test('all topics are shown when they are asked for', async () => {
  const asked = show(<TopicsScreen />, { 'GET /api/coverage': () => ({ body: coverage }) })
  await userEvent.click(await screen.findByRole('button', { name: 'All topics, 123 more' }))
  expect(await screen.findByRole('button', { name: 'Only what is touched or planned' })).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Year' }))
  await waitFor(() => expect(asked.at(-1)?.query).toBe('?window=YEAR&all=true'))
})
