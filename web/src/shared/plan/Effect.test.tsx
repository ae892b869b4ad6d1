import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { dropped, EndLine, Fit } from './Effect'

type Figures = Schemas['Figures']

const figures = (more: Partial<Figures> = {}): Figures => ({
  end: '2026-08-16',
  weekFrom: '2026-03-02',
  weekTo: '2026-03-08',
  days: [],
  droppedDrawings: 0,
  droppedMinutes: 0,
  load: 0.8,
  shortfalls: [],
  ...more,
})

test('the end is told with how far it moved', () => {
  render(<EndLine before={figures()} after={figures({ end: '2026-08-30' })} />)
  expect(screen.getByText(/14 days later/)).toBeInTheDocument()
})

test('an end that stays is told as such, and what is dropped by name', () => {
  render(<EndLine before={figures()} after={figures({ droppedDrawings: 78 })} />)
  expect(screen.getByText(/as before/)).toBeInTheDocument()
  expect(screen.getByText('78 drawings')).toBeInTheDocument()
})

test('nothing dropped is nothing', () => {
  expect(dropped(figures())).toBe('nothing')
  expect(dropped(figures({ droppedDrawings: 1, droppedMinutes: 20 }))).toBe('1 drawing and 20 min')
})

test('a week that does not fit says what is left over and by how much', () => {
  const short = {
    exerciseId: 'a',
    title: 'Hulls',
    count: 8,
    unit: 'DRAWINGS',
    seconds: 720,
    slight: false,
    reason: 'NO_ROOM',
  } as const
  render(<Fit figures={figures({ load: 1.07, shortfalls: [short] })} />)
  expect(screen.getByText(/8 Hulls/)).toHaveTextContent('107 %')
})

test('a week that fits says so', () => {
  render(<Fit figures={figures()} />)
  expect(screen.getByText(/Everything fits/)).toHaveTextContent('80 %')
})
