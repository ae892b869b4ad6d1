import { render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { Mishap } from './Mishap'

beforeEach(() => {
  vi.spyOn(console, 'error').mockImplementation(() => undefined)
})
afterEach(() => {
  vi.restoreAllMocks()
})

function Broken(): never {
  throw new Error('no such figure')
}

test('a page that broke says so, and another page is shown again', () => {
  const { rerender } = render(
    <Mishap at="/topics">
      <Broken />
    </Mishap>,
  )
  expect(screen.getByRole('alert')).toHaveTextContent('no such figure')
  rerender(
    <Mishap at="/today">
      <p>To draw today</p>
    </Mishap>,
  )
  expect(screen.getByText('To draw today')).toBeInTheDocument()
})
