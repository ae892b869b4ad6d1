import { render, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { PenLine } from './PenLine'

const strokes = (marks: Schemas['Stroke']['mark'][]): Schemas['Stroke'][] =>
  marks.map((mark, i) => ({ date: `2026-03-0${i + 1}`, mark, minutes: mark === 'INK' ? 30 : 0 }))

const onDay = vi.fn()

function draw(marks: Schemas['Stroke']['mark'][]) {
  render(
    <PenLine
      strokes={strokes(marks)}
      today="2026-03-09"
      text="in words"
      label={() => undefined}
      name={(stroke) => stroke.date}
      onDay={onDay}
    />,
  )
  return screen.getByRole('img', { name: 'in words' })
}

test('days that follow each other are one stroke, a gap parts them', () => {
  expect(draw(['INK', 'INK', 'GAP', 'INK']).querySelectorAll('path.fill-ink')).toHaveLength(2)
})

test('a forgiven miss is a hairline, rest is dotted, a gap is nothing', () => {
  const lines = draw(['FORGIVEN', 'REST', 'GAP']).querySelectorAll('line')
  expect(lines).toHaveLength(2)
  expect(lines[0]).not.toHaveAttribute('stroke-dasharray')
  expect(lines[1]).toHaveAttribute('stroke-dasharray')
})

test('a month of fewer days has room for as many as the longest, so that they stand under each other', () => {
  const { container } = render(
    <PenLine
      strokes={strokes(['INK', 'GAP'])}
      places={31}
      today="2026-03-09"
      text="in words"
      label={() => undefined}
      name={(stroke) => stroke.date}
      onDay={onDay}
    />,
  )
  const width = Number(container.querySelector('svg')?.getAttribute('viewBox')?.split(' ')[2])
  expect(Number(container.querySelectorAll('rect')[1]?.getAttribute('x'))).toBeCloseTo(width / 31)
})

test('a pressed day leads to its page', () => {
  const days = draw(['INK', 'GAP']).querySelectorAll('rect')
  days[1]?.dispatchEvent(new MouseEvent('click', { bubbles: true }))
  expect(onDay).toHaveBeenCalledWith('2026-03-02')
})
