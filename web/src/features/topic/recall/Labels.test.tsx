import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { show } from '../../../test-page'
import { hasRoomBeside, Labels } from './Labels'
import type { PlateData } from './Picture'

const plate = (ratio: number, xs: number[]) =>
  ({
    id: 'p',
    title: 'Plate',
    ratio,
    pins: xs.map((x, i) => ({
      id: `p${i}`,
      name: `name ${i}`,
      latin: '',
      others: [],
      x,
      y: i / xs.length,
    })),
  }) as unknown as PlateData

const onLeft = () => screen.getAllByText(/^name/).filter((e) => e.className.includes('right-full')).length

test('names stand on the side of their pins', () => {
  show(<Labels plate={plate(0.6, [0.1, 0.2, 0.9])} got={[]} />, {})
  expect(screen.getAllByText(/^name/)).toHaveLength(3)
  expect(onLeft()).toBe(2)
})

test('where one side is full the other takes what is nearest to it', () => {
  show(
    <Labels
      plate={plate(
        0.6,
        Array.from({ length: 24 }, (_, i) => 0.5 + i / 60),
      )}
      got={[]}
    />,
    {},
  )
  expect(screen.getAllByText(/^name/)).toHaveLength(24)
  expect(onLeft()).toBe(4)
})

test('a broad plate has numbers, since names have no room beside it', () => {
  const broad = plate(1.7, [0.1, 0.9])
  expect(hasRoomBeside(broad)).toBe(false)
  show(<Labels plate={broad} got={['p1']} />, {})
  expect(screen.queryByText(/^name/)).not.toBeInTheDocument()
  expect(screen.getByText('2').parentElement).toHaveClass('bg-sanguine')
  expect(screen.getByText('1').parentElement).not.toHaveClass('bg-sanguine')
})
