import type { Schemas } from '../../../api/client'
import type { Formats } from '../../../ui/locale'
import { wording } from '../wording'

export type Piece = Schemas['PieceView']
export type Stage = Schemas['StageFields']

/** "3 days, 1 h 35 min", or that nothing was drawn yet. */
export const drawnFor = (minutes: number, days: number, format: Formats) =>
  days === 0 ? wording.nothingDrawnYet() : wording.daysMinutes({ days, minutes: format.minutes(minutes) })

/** Where a piece stands, in a few words. */
export function standing(piece: Piece, format: Formats): string {
  const at = piece.fields.stages.findIndex((s) => s.id === piece.current)
  const stage = piece.fields.stages[at]
  const where = piece.fields.ended
    ? piece.current
      ? wording.leftAtName({ name: stage?.name ?? '' })
      : wording.done()
    : stage
      ? wording.stageAtOfStagesName({ at: at + 1, stages: piece.fields.stages.length, name: stage.name })
      : wording.allGatesPassed()
  return `${where} · ${drawnFor(piece.minutes, piece.days, format)}`
}
