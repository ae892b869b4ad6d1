import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { MissedSheet } from './MissedSheet'

const way = (policy: Schemas['PolicyView']['policy'], end: string, dropped = 0): Schemas['PolicyView'] => ({
  policy,
  week: '3',
  missed: ['2026-03-03', '2026-03-04'],
  units: policy === 'LET_GO' ? [{ exerciseId: 'hulls', count: 52 }] : [],
  figures: {
    end,
    weekFrom: '2026-03-02',
    weekTo: '2026-03-08',
    days: [{ date: '2026-03-05', minutes: 40, roomMinutes: 48 }],
    droppedDrawings: dropped,
    droppedMinutes: 0,
    load: 0.9,
    shortfalls: [],
  },
})

const WAYS = [way('SPREAD', '2026-08-16'), way('SLIDE', '2026-08-18'), way('LET_GO', '2026-08-16', 52)]
const PATH = '/api/course/p'

function open(change: () => { status: number; body?: unknown } = () => ({ status: 204 })) {
  const onClose = vi.fn()
  const asked = show(<MissedSheet placement="p" policy="SPREAD" onClose={onClose} />, {
    [`GET ${PATH}/policies`]: () => ({ body: WAYS }),
    [`POST ${PATH}/changes`]: change,
  })
  return { asked, onClose }
}

test('each way shows its end, its days and what it drops', async () => {
  open()
  const slide = await screen.findByRole('region', { name: 'Slide' })
  expect(slide).toHaveTextContent('August 18, 2026')
  expect(slide).toHaveTextContent('40 of 48 min')
  expect(screen.getByRole('region', { name: 'Let go' })).toHaveTextContent('52 drawings')
  expect(screen.getByText(/Tuesday.*Wednesday.*were missed/)).toBeInTheDocument()
})

test('a way is taken once, with the reason', async () => {
  const { asked, onClose } = open()
  await userEvent.type(await screen.findByLabelText('Reason, kept in the history'), 'a cold')
  await userEvent.click(screen.getByRole('button', { name: 'Let go this time' }))
  expect(sent(asked, 'POST', `${PATH}/changes`)[0]?.body).toMatchObject({
    reason: 'a cold',
    changes: [
      {
        kind: 'LET_GO',
        week: '3',
        dates: ['2026-03-03', '2026-03-04'],
        units: [{ exerciseId: 'hulls', count: 52 }],
      },
    ],
  })
  expect(onClose).toHaveBeenCalled()
})

test('a way for always also settles what was missed', async () => {
  const { asked } = open()
  await userEvent.click(await screen.findByRole('button', { name: 'Slide always' }))
  expect(sent(asked, 'POST', `${PATH}/changes`)[0]?.body).toMatchObject({
    changes: [{ kind: 'SLIDE' }, { kind: 'POLICY', policy: 'SLIDE' }],
  })
})

test('spreading is what happens by itself, so there is nothing to take once', async () => {
  open()
  const spread = await screen.findByRole('region', { name: 'Spread' })
  expect(within(spread).queryByRole('button')).toBeNull()
  expect(spread).toHaveTextContent('Your way for this course.')
})

test('a refusal is told and the sheet stays', async () => {
  const { onClose } = open(() => ({
    status: 409,
    body: { code: 'cannot-change', detail: 'The plan stays as it was: it would move days before today.' },
  }))
  await userEvent.click(await screen.findByRole('button', { name: 'Slide this time' }))
  expect(await screen.findByRole('alert')).toHaveTextContent('The plan stays as it was')
  expect(onClose).not.toHaveBeenCalled()
})
