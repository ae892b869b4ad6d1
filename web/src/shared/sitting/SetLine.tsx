import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { LINE_LINK } from '../../ui/Button'

/** A set of references: how many are needed, there and not used yet, and the way to draw from it. */
export function SetLine({ set }: { set: Schemas['SetOfReferences'] }) {
  const { fields } = set
  const params = new URLSearchParams({ set: set.id, title: fields.name })
  if (fields.exerciseId) {
    params.set('exercise', fields.exerciseId)
  }
  if (fields.cabinet) {
    params.set('cabinet', fields.cabinet)
    params.set('emphasis', fields.emphasis ?? 'ANY')
    params.set('view', fields.view ?? 'ANY')
    params.set('seed', String(set.seed))
  }
  return (
    <>
      <span className="font-serif text-lg">{fields.name}</span>
      <span className="text-faded">
        {fields.needed} needed, {!fields.cabinet && `${set.there} there, `}
        {set.unused} not used yet{set.missing > 0 && `, ${set.missing} to gather`}
      </span>
      {set.there > 0 && (
        <Link
          to={`/sitting?${params.toString()}`}
          className={LINE_LINK}
          aria-label={`Draw from it: ${fields.name}`}
        >
          Draw from it
        </Link>
      )}
    </>
  )
}
