import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { queries } from '../../../api/queries'
import { Button, LINE_LINK } from '../../../ui/Button'
import { useFormats } from '../../../ui/locale'
import { Leaf } from '../../../ui/TwoLeaves'
import { Waiting } from '../../../ui/Waiting'
import { PieceSheet } from './PieceSheet'
import { standing, type Piece } from './text'
import { wording } from '../wording'

/** All staged pieces: those under way, and those that ended. */
export default function PiecesScreen() {
  const [adding, setAdding] = useState(false)
  return (
    <Leaf>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1>{wording.stagedPieces()}</h1>
        <span className="flex flex-wrap gap-x-6">
          <Button onClick={() => setAdding(true)}>{wording.newPiece()}</Button>
          <Link to="/books" className={LINE_LINK}>
            {wording.toTheBooks()}
          </Link>
        </span>
      </div>
      <p className="text-faded">{wording.oneDrawingOverSeveralDaysEach()}</p>
      <Waiting query={useQuery(queries.pieces())}>
        {(pieces) => (
          <>
            <Lines title={wording.underWay()} pieces={pieces.filter((p) => !p.fields.ended)} />
            <Lines title={wording.ended()} pieces={pieces.filter((p) => p.fields.ended)} />
          </>
        )}
      </Waiting>
      {adding && <PieceSheet onClose={() => setAdding(false)} />}
    </Leaf>
  )
}

function Lines({ title, pieces }: { title: string; pieces: Piece[] }) {
  const format = useFormats()
  if (pieces.length === 0) {
    return title === 'Ended' ? null : <p className="py-4">{wording.noPieceIsUnderWay()}</p>
  }
  return (
    <section aria-label={title} className="mt-4">
      <h2>{title}</h2>
      <ul>
        {pieces.map((p) => (
          <li key={p.id} className="border-hairline flex flex-wrap items-baseline gap-x-4 border-b py-1.5">
            <Link to={`/pieces/${p.id}`} className="font-serif text-lg underline underline-offset-4">
              {p.fields.title}
            </Link>
            <span className="text-faded">{standing(p, format)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
