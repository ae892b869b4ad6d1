import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { Tally } from './Tally'

const marks = (name: string) => [...screen.getByRole('img').querySelectorAll(`.stroke-${name}`)]

test('a count is told in words and drawn in ink and pencil', () => {
  render(<Tally done={7} planned={12} text="7 of 12 drawings done" />)
  expect(screen.getByRole('img')).toHaveAccessibleName('7 of 12 drawings done')
  expect(marks('ink')).toHaveLength(7)
  expect(marks('pencil')).toHaveLength(5)
})

test('what goes beyond the plan is ink too', () => {
  render(<Tally done={9} planned={6} text="9 of 6 drawings done" />)
  expect(marks('ink')).toHaveLength(9)
  expect(marks('pencil')).toHaveLength(0)
})

test('above fifty it condenses to a ruler', () => {
  render(<Tally done={60} planned={180} text="60 of 180 drawings done" />)
  expect(screen.getByRole('img').querySelectorAll('path')).toHaveLength(0)
  expect(screen.getByRole('img').querySelectorAll('line').length).toBeGreaterThan(10)
})
