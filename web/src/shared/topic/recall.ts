import type { Schemas } from '../../api/client'
import { wording } from './wording'

type Due = Pick<Schemas['DueRecall'], 'kind' | 'id'>

/** Where a plate or an order is asked for. */
export const recallAt = ({ kind, id }: Due) => `/recall/${kind === 'PLATE' ? 'plates' : 'orders'}/${id}`

/** How something is asked for, in words. */
export const WAYS: Record<Schemas['DueRecall']['way'], string> = {
  DRAW: wording.drawnFromMemory(),
  PLACE: wording.pinsPlaced(),
  NAME: wording.namesWritten(),
  ORDER: wording.putInOrder(),
}
