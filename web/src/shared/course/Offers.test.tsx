import { render, renderHook, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { OfferFacts, ownRoom } from './Offers'

const format = renderHook(() => useFormats()).result.current

const offer = (more: Partial<Schemas['Offer']> = {}): Schemas['Offer'] => ({
  id: 'c',
  title: 'C',
  summary: '',
  own: false,
  weeks: 2,
  minutes: 500,
  weekLoads: [
    { title: 'One', minutes: 200, load: 0.8, fits: true },
    { title: 'Two', minutes: 300, load: 1.2, fits: false },
  ],
  minutesADay: 62,
  roomMinutes: 250,
  load: 1.2,
  pace: 0.8333,
  ...more,
})

test('a course that is too full says what the pace would have to be', () => {
  expect(ownRoom(offer(), format)).toContain('5 h of your 4 h 10 min: 120 %')
  expect(ownRoom(offer(), format)).toContain('83 % of its time')
})

test('a course that fits says only that', () => {
  const weekLoads = offer().weekLoads.map((week) => ({ ...week, fits: true }))
  expect(ownRoom(offer({ load: 0.8, pace: 1, weekLoads }), format)).toBe(
    'Its fullest week takes 5 h of your 4 h 10 min: 80 %.',
  )
})

test('weeks that do not fit though their minutes would are told', () => {
  expect(ownRoom(offer({ load: 0.8, pace: 1 }), format)).toBe(
    'Its fullest week takes 5 h of your 4 h 10 min: 80 %. 1 of its 2 weeks does not fit all the same: a drawing is not split over two days. It fits when every day has 1 h 2 min, with setting up and the free share.',
  )
})

test('without any room it says what every day would need', () => {
  expect(ownRoom(offer({ load: null, pace: null }), format)).toContain('every day has 1 h 2 min')
})

test('before minutes are set nothing is measured against them', () => {
  render(<OfferFacts offer={offer()} room={false} />)
  expect(screen.getByRole('img')).toHaveAccessibleName('2 weeks')
  expect(screen.getByRole('img').querySelectorAll('.stroke-sanguine')).toHaveLength(0)
  expect(screen.queryByText(/120 %/)).toBeNull()
})

test('weeks that do not fit are told and marked', () => {
  render(<OfferFacts offer={offer()} />)
  expect(screen.getByRole('img')).toHaveAccessibleName('2 weeks; 1 does not fit your own room')
  expect(screen.getByRole('img').querySelectorAll('.stroke-sanguine')).toHaveLength(1)
})
