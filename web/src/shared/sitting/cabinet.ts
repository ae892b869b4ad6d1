import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { amendKept } from '../../ui/useKept'
import { wording } from './wording'

type Begun = Schemas['BegunSitting']

/** What the cabinet shows, by name. */
export const CABINET: Record<NonNullable<Begun['cabinet']>, string> = {
  STANDING: wording.figuresStanding(),
  SITTING: wording.figuresSitting(),
  LYING: wording.figuresLying(),
  ACTION: wording.figuresInAction(),
  BOX: wording.boxes(),
  CYLINDER: wording.cylinders(),
  CONE: wording.cones(),
  HEAD: wording.headsInPlanes(),
  HULL: wording.hulls(),
  TORSO: wording.torsos(),
  HAND: wording.hands(),
  FOOT: wording.feet(),
}

/** What is asked of a picture. */
export const EMPHASES: Record<NonNullable<Begun['emphasis']>, string> = {
  ANY: wording.asItComes(),
  LITTLE: wording.littleForeshortening(),
  MUCH: wording.muchForeshortening(),
  LEGS: wording.legsTowardYou(),
  ARMS: wording.armsTowardYou(),
  TILT: wording.shouldersAndHipsThatTilt(),
}

/** From where it is seen. */
export const VIEWS: Record<NonNullable<Begun['view']>, string> = {
  ANY: wording.asItComes(),
  FRONT: wording.fromTheFront(),
  THREE_QUARTER: wording.threeQuarter(),
  SIDE: wording.fromTheSide(),
  BACK: wording.fromBehind(),
  ABOVE: wording.fromAbove(),
  BELOW: wording.fromBelow(),
}

const SIDES: NonNullable<Begun['view']>[] = ['FRONT', 'THREE_QUARTER', 'SIDE', 'BACK']
const FREE = Object.fromEntries(
  Object.entries(VIEWS).filter(([view]) => !SIDES.some((side) => side === view)),
) as Partial<typeof VIEWS>

/** What the cabinet can show of a kind: from where it is seen, and whether one can look into it. */
export function useCabinetKinds() {
  const kinds = useQuery(queries.cabinetKinds()).data ?? []
  const known = (kind: NonNullable<Begun['cabinet']>) => kinds.find((k) => k.kind === kind)
  return {
    viewsOf: (kind: NonNullable<Begun['cabinet']>): Partial<typeof VIEWS> =>
      known(kind)?.hasFront === false ? FREE : VIEWS,
    emphasesOf: (kind: NonNullable<Begun['cabinet']>) => {
      const can: string[] = known(kind)?.emphases ?? Object.keys(EMPHASES)
      return Object.fromEntries(Object.entries(EMPHASES).filter(([emphasis]) => can.includes(emphasis)))
    },
    isFigure: (kind: NonNullable<Begun['cabinet']>) => known(kind)?.isFigure ?? false,
  }
}

type Shown = {
  kind: NonNullable<Begun['cabinet']>
  emphasis: NonNullable<Begun['emphasis']>
  view: NonNullable<Begun['view']>
}

/** The address of one of the cabinet's pictures. */
export const cabinetPicture = (seed: number, { kind, emphasis, view }: Shown, end = 'svg') =>
  `/api/cabinet/picture.${end}?seed=${seed}&kind=${kind}&emphasis=${emphasis}&view=${view}`

/** The address of what lies within one of its figures. */
export const cabinetWithin = (seed: number, { kind, emphasis, view }: Shown, layer: string) =>
  `/api/cabinet/within.svg?seed=${seed}&kind=${kind}&emphasis=${emphasis}&view=${view}&layer=${layer}`

/** A sitting that is being built while one looks into the cabinet: its address. */
export type UnderWay = { search: string }

/** What is typed of a sitting is kept under its address. */
export const keptAs = (search: string) => `sitting:${search}`

/** Lets a sitting that is being built draw from what was found in the cabinet. */
export const drawFrom = (
  { search }: UnderWay,
  chosen: Pick<Begun, 'cabinet' | 'emphasis' | 'view'> & { seed: number },
) => amendKept(keptAs(search), { references: 'CABINET', ...chosen })
