import { useState } from 'react'
import { BOUNDS } from '../../api/generated/bounds'
import type { Schemas } from '../../api/client'
import { ChangeSheet } from '../../shared/plan/ChangeSheet'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin } from '../../ui/NumberField'
import { wording } from './wording'

/** More drawings of a topic in the weeks to come, with what that does to the plan. */
export default function MoreOfIt({
  topic,
  of: { placement, more },
  onClose,
  onMade,
}: {
  topic: string
  of: Schemas['MoreOfTopic']
  onClose: () => void
  onMade: (drawings: number) => void
}) {
  const format = useFormats()
  const [typed, setTyped] = useState(format.writeNumber(more.drawings))
  const drawings = readWithin(typed, BOUNDS.MoreOf.drawings, format)
  return (
    <ChangeSheet
      title={wording.moreOfTopic({ topic })}
      description={wording.partedAmongWeeksToComeSecondsEach({
        weeks: more.weeks.length,
        secondsEach: format.each(more.pace.secondsEach),
        pace: pace(more.pace),
      })}
      placement={placement}
      week={more.weeks[0] ?? ''}
      changes={
        drawings === undefined
          ? undefined
          : [{ kind: 'MORE_OF', topic, drawings, secondsEach: more.pace.secondsEach, weeks: more.weeks }]
      }
      onClose={onClose}
      onMade={() => drawings !== undefined && onMade(drawings)}
    >
      <NumberField
        label={wording.drawingsMore()}
        bounds={BOUNDS.MoreOf.drawings}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
    </ChangeSheet>
  )
}

/** On what the length rests: own entries weigh against what is usual while they are few. */
const pace = ({ entries }: Schemas['PaceEstimate']) =>
  entries === 0
    ? 'a guess: no entry of yours tells how long one takes'
    : wording.byEntriesOfYoursAndWhat({ entries })
