import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../../test-page'
import SearchScreen from './SearchScreen'

const entry = (more: object = {}) => ({
  id: 'e',
  version: 0,
  minutesOrEstimate: 20,
  fields: {
    day: '2026-03-04',
    topic: 'bollards',
    drawings: 4,
    medium: 'pen',
    wentWrong: 'the foot',
    nextTime: '',
    note: '',
    poses: [{ count: 4, secondsEach: 300 }],
  },
  ...more,
})

const page = (at: string, found: object) =>
  show(
    <SearchScreen />,
    {
      'GET /api/search': () => ({ body: { days: [], letters: [], ...found } }),
      'GET /api/names': () => ({
        body: {
          names: [
            { id: 'b', kind: 'BOOK', text: 'Harbour book 3', spellings: [] },
            { id: 'm', kind: 'MEDIUM', text: 'harbour ink', spellings: [] },
          ],
        },
      }),
      'GET /api/quotas': () => ({ body: [{ id: 'q', terms: { title: 'Ninety posts of the harbour' } }] }),
    },
    at,
  )

test('exercises lead to their week, entries open to be mended', async () => {
  page('/search?q=bollard', {
    pages: { pages: [], total: 0 },
    exercises: [
      {
        exerciseId: 'x',
        title: 'Bollards as ellipses',
        placement: 'p',
        weekKey: '3',
        week: 3,
        weekTitle: 'Ellipses',
      },
    ],
    entries: { entries: [entry()], total: 1 },
  })
  expect(await screen.findByRole('link', { name: /Bollards as ellipses/ })).toHaveAttribute(
    'href',
    '/course?plan=p&week=3',
  )
  expect(screen.getByText(/4 · pen · 4 × 5 min/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: /bollards/ }))
  expect(await screen.findByText('Change an entry')).toBeInTheDocument()
})

test('what is left out of a long list is said', async () => {
  page('/search?q=pen', {
    pages: { pages: [], total: 0 },
    exercises: [],
    entries: { entries: [entry()], total: 1234 },
  })
  expect(await screen.findByText('the latest 1 of 1,234')).toBeInTheDocument()
  expect(screen.getByText('None in your course.')).toBeInTheDocument()
})

test('nothing found says where was looked, nothing asked says how to', async () => {
  page('/search?q=xyz', { pages: { pages: [], total: 0 }, exercises: [], entries: { entries: [], total: 0 } })
  expect(await screen.findByText(/Search looks at exercise, topic, medium/)).toBeInTheDocument()
  page('/search', {})
  expect(screen.getByText(/Write what you look for/)).toBeInTheDocument()
})

test('a date leads to its day', async () => {
  page('/search?q=4%20March', {
    days: ['2026-03-04'],
    pages: { pages: [], total: 0 },
    exercises: [],
    entries: { entries: [], total: 0 },
  })
  expect(await screen.findByRole('link', { name: /4 March 2026|March 4, 2026/ })).toHaveAttribute(
    'href',
    '/day/2026-03-04',
  )
})

test('books, promises and what was written when looking back lead to their places', async () => {
  page('/search?q=H%C3%A4rbour', {
    pages: { pages: [], total: 0 },
    exercises: [],
    entries: { entries: [], total: 0 },
    letters: [
      { from: '2026-02-23', ofMonth: false, excerpt: '…the harbour at night…' },
      { from: '2026-01-01', ofMonth: true, excerpt: 'Harbour at last.' },
    ],
  })
  expect(await screen.findByRole('link', { name: 'Harbour book 3 · book' })).toHaveAttribute(
    'href',
    '/books/b',
  )
  expect(screen.getByRole('link', { name: 'Ninety posts of the harbour · promise' })).toHaveAttribute(
    'href',
    '/quotas/q',
  )
  expect(screen.getByRole('link', { name: /the harbour at night/ })).toHaveAttribute(
    'href',
    '/look-back/weeks/2026-02-23',
  )
  expect(screen.getByRole('link', { name: /Harbour at last/ })).toHaveAttribute(
    'href',
    '/look-back/months/2026-01',
  )
  expect(screen.queryByText(/harbour ink/)).not.toBeInTheDocument()
})
