import { Check } from '../../ui/Check'
import { plural } from '../../ui/plural'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { ChangeSheet } from '../../shared/plan/ChangeSheet'
import type { Change } from '../../shared/plan/usePlanChanges'

type Remedies = Schemas['RemediesView']
export type Remedy = { label: string; change: Change }

/** Each remedy as one change and the words on its button. */
export function remedyChoices(
  remedies: Remedies,
  week: { key: string; from: string },
  format: ReturnType<typeof useFormats>,
): Remedy[] {
  const choices: Remedy[] = []
  if (remedies.extraDays != null && remedies.until != null) {
    const days = Math.round((Date.parse(remedies.until) - Date.parse(week.from)) / 86_400_000) + 1
    choices.push({
      label: plural(remedies.extraDays, 'more drawing day'),
      change: { kind: 'STRETCH', week: week.key, days },
    })
  }
  if (remedies.drops.length > 0) {
    const drops = remedies.drops.map(
      (d) => `${format.number(d.count)}${d.unit === 'MINUTES' ? ' min of' : ''} ${d.title}`,
    )
    choices.push({
      label: `drop ${drops.join(', ')}`,
      change: {
        kind: 'DROP',
        week: week.key,
        units: remedies.drops.map((d) => ({ exerciseId: d.exerciseId, count: d.count })),
      },
    })
  }
  for (const pace of remedies.paces) {
    choices.push({
      label: `${format.each(pace.secondsEach)} each for ${pace.title}`,
      change: { kind: 'PACE', week: week.key, exerciseId: pace.exerciseId, secondsEach: pace.secondsEach },
    })
  }
  if (remedies.minutesADay != null) {
    choices.push({
      label: `${format.minutes(remedies.minutesADay)} a day`,
      change: { kind: 'MINUTES_A_DAY', week: week.key, minutes: remedies.minutesADay },
    })
  }
  return choices
}

/** Remedies alone or combined, with what they do together. */
export function RemedySheet({
  placement,
  week,
  choices,
  first,
  onClose,
}: {
  placement: string
  week: { key: string; from: string }
  choices: Remedy[]
  first: Remedy
  onClose: () => void
}) {
  const [picked, setPicked] = useState<Remedy[]>([first])
  return (
    <ChangeSheet
      placement={placement}
      week={week.key}
      onClose={onClose}
      title="Make it fit"
      description="Each of these is the least that helps by itself. Together they leave room to spare."
      changes={picked.length > 0 ? picked.map((p) => p.change) : undefined}
    >
      {choices.map((choice) => (
        <Check
          key={choice.label}
          checked={picked.some((p) => p.label === choice.label)}
          onChange={(event) =>
            setPicked(
              event.target.checked ? [...picked, choice] : picked.filter((p) => p.label !== choice.label),
            )
          }
        >
          {choice.label}
        </Check>
      ))}
    </ChangeSheet>
  )
}
