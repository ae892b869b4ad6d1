import { Check } from '../../ui/Check'
import { daysBetween } from '../../ui/days'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { remediesInWords, type RemedyInWords } from '../../shared/plan/words'
import { ChangeSheet } from '../../shared/plan/ChangeSheet'
import type { Change } from '../../shared/plan/usePlanChanges'
import { wording } from './wording'

export type Remedy = { label: string; change: Change }

/** Each remedy as one change and the words on its button. */
export function remedyChoices(
  remedies: Schemas['RemediesView'],
  week: { key: string; from: string },
  format: ReturnType<typeof useFormats>,
): Remedy[] {
  return remediesInWords(remedies, format).map((remedy) => ({
    label: remedy.label,
    change: { week: week.key, ...changeOf(remedy, week.from) },
  }))
}

function changeOf(remedy: RemedyInWords, from: string) {
  switch (remedy.kind) {
    case 'STRETCH':
      return { kind: remedy.kind, days: daysBetween(from, remedy.until) + 1 }
    case 'DROP':
      return {
        kind: remedy.kind,
        units: remedy.drops.map((d) => ({ exerciseId: d.exerciseId, count: d.count })),
      }
    case 'PACE':
      return {
        kind: remedy.kind,
        exerciseId: remedy.pace.exerciseId,
        secondsEach: remedy.pace.secondsEach,
      }
    case 'MINUTES_A_DAY':
      return { kind: remedy.kind, minutes: remedy.minutes }
  }
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
      title={wording.makeItFit()}
      description={wording.eachOfTheseIsTheLeast()}
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
