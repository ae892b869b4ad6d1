import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { wording } from './wording'

/** Staged pieces under way, each with the question at the end of its stage. */
export function Pieces({ pieces }: { pieces: Schemas['PieceToday'][] }) {
  return pieces.length === 0 ? null : (
    <section aria-label={wording.piecesUnderWay()} className="mt-4">
      {pieces.map((p) => (
        <p key={p.id}>
          <Link to={`/pieces/${p.id}`} className="font-medium underline underline-offset-4">
            {p.title}
          </Link>{' '}
          <span className="text-faded">
            {p.stage
              ? wording.stageNumberOfOfStage({ number: p.number, of: p.of, stage: p.stage })
              : wording.allGatesPassed()}
          </span>{' '}
          {p.gate && <span className="font-serif italic">{p.gate}</span>}
        </p>
      ))}
    </section>
  )
}
