import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { Fan } from './Fan'

const fan = (curve: number[], reach: { date: string; low: number; middle: number; high: number }[]) =>
  render(
    <Fan
      from="2026-03-05"
      today="2026-03-07"
      due="2026-03-14"
      asked={90}
      curve={curve}
      reach={reach}
      text="18 of 90"
      label={(date) => date}
    />,
  )

test('tells everything in words and by its dates', () => {
  fan([9, 18], [{ date: '2026-03-14', low: 60, middle: 75, high: 88 }])
  const image = screen.getByRole('img', { name: '18 of 90' })
  expect(image).toHaveTextContent('90')
  expect(image).toHaveTextContent('2026-03-05')
  expect(image).toHaveTextContent('2026-03-14')
})

test('what is drawn ends where the fan begins', () => {
  const { container } = fan([9, 18], [{ date: '2026-03-14', low: 60, middle: 75, high: 88 }])
  const paths = [...container.querySelectorAll('path')].map((p) => p.getAttribute('d') ?? '')
  const drawn = container.querySelector('path[stroke-linejoin]')?.getAttribute('d')
  const end = drawn?.split('L').at(-1)
  expect(paths.filter((d) => d.startsWith(`M${end}`))).toHaveLength(2)
})
