import { fireEvent, screen, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { sent, show } from '../../test-page'
import { Followed } from './Followed'

const plan = (placement: string, title: string, weight: number, side: boolean) =>
  ({ placement, title, weight, side }) as Schemas['Followed']
const MAIN = plan('a', 'Harbour Year', 70, false)
const SIDE = plan('b', 'Mooring posts', 30, true)

test('the room is parted in one request once the slider rests', async () => {
  const asked = show(<Followed followed={[MAIN, SIDE]} shown="a" onPlan={vi.fn()} />, {
    'PUT /api/course/weights': () => ({ status: 204 }),
  })
  expect(screen.getByText(/The room goes 70 % to Harbour Year/)).toBeInTheDocument()
  const slider = screen.getByRole('slider')
  fireEvent.change(slider, { target: { value: '65' } })
  fireEvent.change(slider, { target: { value: '60' } })
  expect(screen.getByText(/The room goes 60 %/)).toBeInTheDocument()
  await waitFor(() => expect(sent(asked, 'PUT', '/api/course/weights')).toHaveLength(1), { timeout: 3000 })
  expect(sent(asked, 'PUT', '/api/course/weights')[0]?.body).toEqual({ weights: { a: 60, b: 40 } })
})

test('one course alone has the whole room, and nothing is written', () => {
  const asked = show(<Followed followed={[MAIN]} shown="a" onPlan={vi.fn()} />, {})
  expect(screen.queryByRole('slider')).not.toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/course/weights')).toHaveLength(0)
})
