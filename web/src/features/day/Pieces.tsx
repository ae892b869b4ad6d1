import { Link } from 'react-router'
import type { Schemas } from '../../api/client'

/** Staged pieces under way, each with the question at the end of its stage. */
export function Pieces({ pieces }: { pieces: Schemas['PieceToday'][] }) {
  return pieces.length === 0 ? null : (
    <section aria-label="Pieces under way" className="mt-4">
      {pieces.map((p) => (
        <p key={p.id}>
          <Link to={`/pieces/${p.id}`} className="font-medium underline underline-offset-4">
            {p.title}
          </Link>{' '}
          <span className="text-faded">
            {p.stage ? `stage ${p.number} of ${p.of}, ${p.stage}` : 'all gates passed'}
          </span>{' '}
          {p.gate && <span className="font-serif italic">{p.gate}</span>}
        </p>
      ))}
    </section>
  )
}
