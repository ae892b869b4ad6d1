import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { Ruler } from './Ruler'
import { rulerWeek as week } from './test-week'

const WEEKS = [
  week('1'),
  week('2', { days: 21 }),
  week('x', { role: 'DETOUR' }),
  week('3', { untilDone: true }),
]

test('each week tells its name, what is done and how long it is', () => {
  render(<Ruler weeks={WEEKS} shown="1" onWeek={() => undefined} />)
  expect(screen.getByRole('tab', { name: 'Week 1, Title 1, 50 % done' })).toHaveAttribute(
    'aria-selected',
    'true',
  )
  expect(screen.getByRole('tab', { name: 'Week 2, Title 2, 50 % done, 21 days' })).toHaveStyle({
    flexGrow: 21,
  })
  expect(screen.getByRole('tab', { name: 'Detour, Title x, 50 % done' })).toHaveTextContent('detour')
  expect(screen.getByRole('tab', { name: 'Week 3, Title 3, 50 % done, until done' })).toBeInTheDocument()
})

test('arrow keys lead along the weeks and stop at the ends', async () => {
  const open = vi.fn()
  render(<Ruler weeks={WEEKS} shown="2" onWeek={open} />)
  screen.getByRole('tab', { selected: true }).focus()
  await userEvent.keyboard('{ArrowRight}')
  expect(open).toHaveBeenLastCalledWith('x')
  await userEvent.keyboard('{ArrowLeft}')
  expect(open).toHaveBeenLastCalledWith('1')
})
