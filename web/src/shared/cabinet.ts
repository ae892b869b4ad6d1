import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../api/client'
import { queries } from '../api/queries'
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

/** From where it is seen. */
export const VIEWS: Record<NonNullable<Begun['view']>, string> = {
  ANY: 'as it comes',
  FRONT: 'from the front',
  THREE_QUARTER: 'three-quarter',
  SIDE: 'from the side',
  BACK: 'from behind',
  ABOVE: 'from above',
  BELOW: 'from below',
}

const SIDES: NonNullable<Begun['view']>[] = ['FRONT', 'THREE_QUARTER', 'SIDE', 'BACK']
const FREE = Object.fromEntries(
  Object.entries(VIEWS).filter(([view]) => !SIDES.some((side) => side === view)),
) as Partial<typeof VIEWS>

/** What the cabinet can show of a kind: from where it is seen, and whether it has bones. */
export function useCabinetKinds() {
  const kinds = useQuery(queries.cabinetKinds()).data ?? []
  const known = (kind: NonNullable<Begun['cabinet']>) => kinds.find((k) => k.kind === kind)
  return {
    viewsOf: (kind: NonNullable<Begun['cabinet']>): Partial<typeof VIEWS> =>
      known(kind)?.hasFront === false ? FREE : VIEWS,
    hasBones: (kind: NonNullable<Begun['cabinet']>) => known(kind)?.hasBones ?? false,
  }
}

type Shown = {
  kind: NonNullable<Begun['cabinet']>
  foreshortening: NonNullable<Begun['foreshortening']>
  view: NonNullable<Begun['view']>
}

/** The address of one of the cabinet's pictures. */
export const cabinetPicture = (seed: number, { kind, foreshortening, view }: Shown, end = 'svg') =>
  `/api/cabinet/picture.${end}?seed=${seed}&kind=${kind}&foreshortening=${foreshortening}&view=${view}`

/** The address of the bones in one of its figures. */
export const cabinetBones = (seed: number, { kind, foreshortening, view }: Shown) =>
  `/api/cabinet/bones.svg?seed=${seed}&kind=${kind}&foreshortening=${foreshortening}&view=${view}`

/** A sitting that is being built while one looks into the cabinet: its address. */
export type UnderWay = { search: string }

/** What is typed of a sitting is kept under its address. */
export const keptAs = (search: string) => `sitting:${search}`

/** Lets a sitting that is being built draw from what was found in the cabinet. */
export const drawFrom = (
  { search }: UnderWay,
  chosen: Pick<Begun, 'cabinet' | 'foreshortening' | 'view'> & { seed: number },
) => amendKept(keptAs(search), { references: 'CABINET', ...chosen })
