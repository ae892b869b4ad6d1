import { useQuery } from '@tanstack/react-query'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { NumberField } from '../../ui/NumberField'
import { upperFirst } from '../../ui/text'
import type { Wrong } from '../../ui/Field'
import { wording } from './wording'

/** What the learner counts beside the drawings: asked where the settings, or the entry itself, name it. */
export function OwnFigureField({
  what,
  count,
  error,
  onChange,
}: {
  /** What the entry counts already. */
  what: string
  /** As it is typed. */
  count: string
  error?: Wrong
  onChange: (own: { ownFigure: string; ownCount: string }) => void
}) {
  const named = useQuery(queries.settings()).data?.counting.ownFigure
  const name = what || named
  return name ? (
    <NumberField
      label={wording.nameInAll({ name: upperFirst(name) })}
      bounds={BOUNDS.StudyFields.ownCount}
      value={count}
      error={error}
      onChange={({ target }) =>
        onChange({ ownCount: target.value, ownFigure: target.value.trim() === '' ? '' : name })
      }
    />
  ) : null
}
