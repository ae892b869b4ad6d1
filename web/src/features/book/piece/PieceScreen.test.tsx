import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import PieceScreen from './PieceScreen'

const stage = (id: string, more: object = {}) => ({
  id,
  name: `Stage ${id}`,
  gate: 'Does it hold?',
  passed: false,
  answer: '',
  variants: [],
  reason: '',
  ...more,
})

const piece = (version: number, stages: object[]) => ({
  id: 'p',
  version,
  current: 'a',
  minutes: 0,
  days: 0,
  stages: [],
  fields: { title: 'Boat', about: '', ended: false, stages },
})

test('a second press stands on the first, though nothing was answered yet', async () => {
  let version = 3
  let stages: object[] = [stage('a', { variants: ['x', 'y'], chosen: 'x' }), stage('b')]
  const asked = show(
    <Routes>
      <Route path="/pieces/:id" element={<PieceScreen />} />
    </Routes>,
    {
      'GET /api/pieces/p': () => ({ body: piece(version, stages) }),
      'PUT /api/pieces/p': (sentBody) => {
        const body = sentBody as { version: number; fields: { stages: object[] } }
        if (body.version !== version) {
          return { status: 409, body: { code: 'stale', detail: 'Changed elsewhere.' } }
        }
        version += 1
        stages = body.fields.stages
        return { body: piece(version, stages) }
      },
      'GET /api/today': () => ({ body: { day: '2026-03-05' } }),
    },
    '/pieces/p',
  )
  await userEvent.type(await screen.findByLabelText('Why this one'), 'it leans')
  await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
  await userEvent.click(screen.getByRole('button', { name: 'Yes, go on' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/pieces/p')).toHaveLength(2))
  const last = sent(asked, 'PUT', '/api/pieces/p')[1]?.body as {
    version: number
    fields: { stages: object[] }
  }
  expect(last.version).toBe(4)
  expect(last.fields.stages[0]).toMatchObject({ passed: true, reason: 'it leans' })
})

test('the gate of the last stage leads to none after it', async () => {
  const stages = [stage('b', { passed: true }), stage('a')]
  const asked = show(
    <Routes>
      <Route path="/pieces/:id" element={<PieceScreen />} />
    </Routes>,
    {
      'GET /api/pieces/p': () => ({ body: piece(3, stages) }),
      'PUT /api/pieces/p': () => ({ body: piece(4, stages) }),
      'GET /api/today': () => ({ body: { day: '2026-03-05' } }),
    },
    '/pieces/p',
  )
  await userEvent.click(await screen.findByRole('button', { name: 'Yes' }))
  expect(await screen.findByText('Stage a is passed; it was the last.')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/pieces/p')).toHaveLength(1)
})
