import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { LINE_LINK } from '../../ui/Button'
import { wording } from './wording'

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
        {wording.neededNeeded({ needed: fields.needed })}{' '}
        {!fields.cabinet && wording.thereThere({ there: set.there })}
        {wording.unusedNotUsedYet({ unused: set.unused })}
        {set.missing > 0 && wording.missingToGather({ missing: set.missing })}
      </span>
      {set.there > 0 && (
        <Link
          to={`/sitting?${params.toString()}`}
          className={LINE_LINK}
          aria-label={wording.drawFromItName({ name: fields.name })}
        >
          {wording.drawFromIt()}
        </Link>
      )}
    </>
  )
}
