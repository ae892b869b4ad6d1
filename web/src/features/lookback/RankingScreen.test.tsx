import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import RankingScreen from './RankingScreen'

const ranked = (picture: string, called: string) => ({ picture, called, likes: '', dislikes: '' })

const ranking = (more: object = {}) => ({
  id: 'r',
  version: 2,
  title: 'Gulls',
  choices: 3,
  next: { one: 'a', other: 'b' },
  ranked: [ranked('a', 'gull 1'), ranked('b', 'gull 2'), ranked('c', 'gull 3')],
  top: 1,
  settled: false,
  notSettled: false,
  sure: 0.62,
  shared: [],
  liked: [],
  disliked: [],
  ...more,
})

const page = (kept: object, more: object = {}) =>
  show(
    <Routes>
      <Route path="/look-back/favourites/:id" element={<RankingScreen />} />
      <Route path="*" element={<p>all rankings</p>} />
    </Routes>,
    { 'GET /api/rankings/r': () => ({ body: kept }), ...more },
    '/look-back/favourites/r',
  )

const CHOICES = '/api/rankings/r/choices'

test('the arrow key of a side chooses its picture', async () => {
  const asked = page(ranking(), {
    [`POST ${CHOICES}`]: () => ({ body: ranking({ version: 3, choices: 4 }) }),
  })
  await screen.findByAltText('The left picture')
  await userEvent.keyboard('{ArrowRight}')
  await waitFor(() => expect(sent(asked, 'POST', CHOICES)).toHaveLength(1))
  expect(sent(asked, 'POST', CHOICES)[0]?.body).toEqual({ version: 2, winner: 'b', loser: 'a' })
  expect(await screen.findByText('4 choices so far')).toBeInTheDocument()
  await userEvent.keyboard('{ArrowLeft}')
  await waitFor(() => expect(sent(asked, 'POST', CHOICES)).toHaveLength(2))
  expect(sent(asked, 'POST', CHOICES)[1]?.body).toEqual({ version: 3, winner: 'a', loser: 'b' })
})

test('a key for a field, for the browser or held down chooses nothing', async () => {
  const asked = page(ranking(), {
    [`POST ${CHOICES}`]: () => ({ body: ranking({ version: 3, choices: 4 }) }),
  })
  await userEvent.click(await screen.findByLabelText('About'))
  await userEvent.keyboard('{ArrowRight}')
  await userEvent.click(screen.getByRole('heading', { name: 'Gulls' }))
  await userEvent.keyboard('{Alt>}{ArrowLeft}{/Alt}')
  expect(sent(asked, 'POST', CHOICES)).toHaveLength(0)
  await userEvent.keyboard('{ArrowLeft>4/}')
  expect(await screen.findByText('4 choices so far')).toBeInTheDocument()
  expect(sent(asked, 'POST', CHOICES)).toHaveLength(1)
})

test('a choice that was refused can be made again', async () => {
  let refused = true
  page(ranking(), {
    [`POST ${CHOICES}`]: () => {
      const answer = refused
        ? { status: 507, body: { code: 'disk-full', detail: 'The disk is full.' } }
        : { body: ranking({ version: 3, choices: 4 }) }
      refused = false
      return answer
    },
  })
  await screen.findByAltText('The left picture')
  await userEvent.keyboard('{ArrowLeft}')
  expect(await screen.findByText('Not kept: The disk is full.')).toBeInTheDocument()
  await userEvent.keyboard('{ArrowLeft}')
  expect(await screen.findByText('4 choices so far')).toBeInTheDocument()
})

test('nothing is called the best before it is sure, and it says how sure it is', async () => {
  page(ranking())
  expect(await screen.findByText('62 % sure of the best 1; settled from 80 % on.')).toBeInTheDocument()
})

test('what cannot be told apart is said so', async () => {
  page(ranking({ notSettled: true, sure: 0.55, choices: 40 }))
  expect(await screen.findByText(/Not settled: 55 % sure of the best 1 after 40 choices/)).toBeInTheDocument()
})

test('once it is settled there is nothing to choose', async () => {
  page(ranking({ next: null, settled: true, sure: 0.91 }))
  expect(await screen.findByText('The best one is settled.')).toBeInTheDocument()
  expect(screen.queryByAltText('The left picture')).not.toBeInTheDocument()
})

test('the last choice is taken back on top of what was read', async () => {
  const asked = page(ranking(), {
    [`DELETE ${CHOICES}/last`]: () => ({ body: ranking({ version: 3, choices: 2 }) }),
  })
  await userEvent.click(await screen.findByRole('button', { name: 'Take the last one back' }))
  await waitFor(() => expect(sent(asked, 'DELETE', `${CHOICES}/last`)[0]?.query).toBe('?version=2'))
  expect(await screen.findByText('2 choices so far')).toBeInTheDocument()
})

test('a removed ranking can be put back', async () => {
  const asked = page(ranking(), {
    'DELETE /api/rankings/r': () => ({ status: 204 }),
    'POST /api/rankings/r/back': () => ({ status: 204 }),
  })
  await userEvent.click(await screen.findByRole('button', { name: 'Remove this ranking' }))
  expect(await screen.findByText('all rankings')).toBeInTheDocument()
  await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(sent(asked, 'POST', '/api/rankings/r/back')).toHaveLength(1))
})
