import { fireEvent, screen } from '@testing-library/react'
import { beforeEach, expect, test, vi } from 'vitest'
import { show } from '../../test-page'
import { LandmarkPicture } from './LandmarkPicture'
import type { Schemas } from '../../api/client'

type Place = Schemas['LandmarkPlace']

/** The picture lies at the upper left and is 200 by 100 pixels large. */
beforeEach(() => {
  vi.spyOn(HTMLElement.prototype, 'getBoundingClientRect').mockReturnValue(new DOMRect(0, 0, 200, 100))
  HTMLElement.prototype.setPointerCapture = () => undefined
  HTMLElement.prototype.hasPointerCapture = () => true
})

function picture(next?: string, proposed: Place[] = []) {
  const set: Place[] = []
  show(
    <LandmarkPicture
      src="/page.jpg"
      ratio={2}
      name="Your drawing"
      landmarks={[]}
      places={[{ name: 'chin', x: 0.5, y: 0.2 }]}
      proposed={proposed}
      next={next}
      onSet={(place) => set.push(place)}
    />,
    {},
  )
  return set
}

const at = (clientX: number, clientY: number) => ({ clientX, clientY, pointerId: 1 })

test('a press sets the landmark that is asked for where it lies', () => {
  const set = picture('neck pit')
  fireEvent.click(screen.getByRole('button', { name: /^Set neck pit/ }), { ...at(50, 25), detail: 1 })
  expect(set).toEqual([{ name: 'neck pit', x: 0.25, y: 0.25 }])
})

test('a set landmark in the way of the next one lets it through, and is moved by dragging', () => {
  const set = picture('neck pit')
  const chin = screen.getByRole('button', { name: /^chin/ })
  fireEvent.pointerDown(chin, at(100, 20))
  fireEvent.pointerMove(chin, at(101, 21))
  fireEvent.pointerUp(chin, at(101, 21))
  expect(set).toEqual([{ name: 'neck pit', x: 0.505, y: 0.21 }])
  fireEvent.pointerDown(chin, at(100, 20))
  fireEvent.pointerMove(chin, at(120, 40))
  fireEvent.pointerUp(chin, at(120, 40))
  expect(set.at(-1)).toEqual({ name: 'chin', x: 0.6, y: 0.4 })
})

test('a proposed one counts once it is pressed, also while another is asked for', () => {
  const set = picture('neck pit', [{ name: 'left hip', x: 0.5, y: 0.8 }])
  const hip = screen.getByRole('button', { name: /^left hip, proposed/ })
  fireEvent.pointerDown(hip, at(100, 80))
  fireEvent.pointerUp(hip, at(100, 80))
  expect(set).toEqual([{ name: 'left hip', x: 0.5, y: 0.8 }])
})

test('the arrow keys move a landmark, and it is kept when the key is let go', () => {
  const set = picture()
  const chin = screen.getByRole('button', { name: /^chin/ })
  chin.focus()
  fireEvent.keyDown(chin, { key: 'ArrowRight', shiftKey: true })
  fireEvent.keyDown(chin, { key: 'ArrowDown', shiftKey: true })
  expect(set).toEqual([])
  fireEvent.keyUp(chin, { key: 'ArrowDown' })
  expect(set).toHaveLength(1)
  expect(set[0]?.x).toBeCloseTo(0.52)
  expect(set[0]?.y).toBeCloseTo(0.24)
})
