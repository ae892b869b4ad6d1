import type { Schemas } from '../api/client'
import { amendKept } from '../ui/useKept'

type Begun = Schemas['BegunSitting']

/** What the cabinet shows, by name. */
export const CABINET: Record<NonNullable<Begun['cabinet']>, string> = {
  STANDING: 'figures, standing',
  SITTING: 'figures, sitting',
  LYING: 'figures, lying',
  ACTION: 'figures in action',
  BOX: 'boxes',
  CYLINDER: 'cylinders',
  CONE: 'cones',
  HEAD: 'heads in planes',
  HULL: 'hulls',
  TORSO: 'torsos',
  HAND: 'hands',
  FOOT: 'feet',
}

/** How much of it points at the one who looks. */
export const FORESHORTENING: Record<NonNullable<Begun['foreshortening']>, string> = {
  ANY: 'as it comes',
  LITTLE: 'little',
  MUCH: 'much',
}

/** A sitting that is being built while one looks into the cabinet: its address. */
export type UnderWay = { search: string }

/** What is typed of a sitting is kept under its address. */
export const keptAs = (search: string) => `sitting:${search}`

/** Lets a sitting that is being built draw from what was found in the cabinet. */
export const drawFrom = (
  { search }: UnderWay,
  chosen: Pick<Begun, 'cabinet' | 'foreshortening'> & { seed: number },
) => amendKept(keptAs(search), { references: 'CABINET', ...chosen })
