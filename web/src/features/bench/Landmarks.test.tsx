import { fireEvent, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { Landmarks } from './Landmarks'
import { newTold, type Comparison, type Told } from './text'

const told = {
  ...newTold('Figure', 'figure', { from: 'CABINET', seed: 1, cabinet: 'STANDING' }, null),
  drawn: [{ name: 'chin', x: 0.5, y: 0.2 }],
  hidden: ['left hip'],
}

const comparison = {
  fields: told,
  landmarks: ['chin', 'left hip', 'right hip'].map((name) => ({
    name,
    layer: 'FOUNDATION',
    foundation: true,
    proposed: null,
  })),
} as unknown as Comparison

test('each landmark can be called invented, taken off, hidden and seen again', () => {
  const changes: Partial<Told>[] = []
  show(<Landmarks comparison={comparison} change={(change) => changes.push(change(told))} />, {})
  fireEvent.click(screen.getByText('Landmarks, one by one'))
  fireEvent.click(screen.getByLabelText('Invented: chin'))
  fireEvent.click(screen.getByRole('button', { name: 'Take off: chin' }))
  fireEvent.click(screen.getByRole('button', { name: 'It can be seen: left hip' }))
  fireEvent.click(screen.getByRole('button', { name: 'It cannot be seen: right hip' }))
  expect(changes).toEqual([
    { invented: ['chin'] },
    { drawn: [], invented: [] },
    { hidden: [] },
    { hidden: ['left hip', 'right hip'] },
  ])
})
