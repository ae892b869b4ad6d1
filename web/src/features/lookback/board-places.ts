import type { Schemas } from '../../api/client'

export type Hung = Schemas['SeenPicture']

/** The least breadth of a picture, as a share of the board's. */
export const LEAST = 0.05

const LOWEST = 3.5
const USUAL = 0.3

const within = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value))

/** A picture moved; it stays on the board. */
export const move = (p: Hung, across: number, down: number): Hung => ({
  ...p,
  across: within(p.across + across, 0, 1 - p.breadth),
  down: within(p.down + down, 0, LOWEST),
})

/** A picture larger or smaller; it stays on the board. */
export function resize(p: Hung, by: number): Hung {
  const breadth = within(p.breadth * by, LEAST, 1)
  return { ...p, breadth, across: within(p.across, 0, 1 - breadth) }
}

/** The board with one picture changed, and that one in front. */
export const arrange = (pictures: Hung[], changed: Hung): Hung[] => [
  ...pictures.filter((p) => p.picture !== changed.picture),
  changed,
]

/** The pictures in an order that moving them does not change. */
export const inOwnOrder = (pictures: Hung[]): Hung[] =>
  [...pictures].sort((a, b) => (a.picture < b.picture ? -1 : 1))

/** A new picture in the first free place of a row of three. */
export function beside(pictures: Hung[], p: Pick<Hung, 'picture' | 'from' | 'ratio'>): Hung {
  const place = pictures.length
  return {
    picture: p.picture,
    from: p.from,
    ratio: p.ratio,
    across: (place % 3) * 0.34,
    down: within(Math.floor(place / 3) * 0.4, 0, LOWEST),
    breadth: USUAL,
  }
}
