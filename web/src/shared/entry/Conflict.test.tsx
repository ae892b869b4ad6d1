import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../../api/client'
import { Conflict } from './Conflict'

const fields = (more: Partial<Schemas['EntryFields']>): Schemas['EntryFields'] => ({
  day: '2026-03-05',
  wentWrong: '',
  nextTime: '',
  note: '',
  ...more,
})

test('only the fields that differ are laid side by side', async () => {
  const mine = vi.fn()
  const stored = vi.fn()
  render(
    <Conflict
      mine={fields({ drawings: 2, time: '07:30', note: 'mine' })}
      stored={fields({ drawings: 3, time: '07:30:00', note: 'mine' })}
      onMine={mine}
      onStored={stored}
    />,
  )
  expect(screen.getAllByRole('row')).toHaveLength(2)
  expect(screen.getByRole('row', { name: 'Drawings 2 3' })).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Keep mine' }))
  expect(mine).toHaveBeenCalledOnce()
  await userEvent.click(screen.getByRole('button', { name: 'Keep the stored one' }))
  expect(stored).toHaveBeenCalledOnce()
})

test('two versions that say the same are told to', () => {
  render(<Conflict mine={fields({})} stored={fields({})} onMine={() => {}} onStored={() => {}} />)
  expect(screen.getByText(/both say the same/)).toBeInTheDocument()
})
