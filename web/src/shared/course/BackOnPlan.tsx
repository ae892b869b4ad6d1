import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { ChangeSheet } from '../plan/ChangeSheet'
import { Button } from '../../ui/Button'
import { useFormats, type Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'

type Way = Schemas['WayBackView']

const TITLES: Record<Way['way'], string> = {
  MORE_MINUTES: 'More minutes on the days of next week',
  DROP: 'Drop some of next week’s work',
  STRETCH: 'Make next week longer',
}

/** What would make the end of a course that falls behind true again, each way by itself. */
export function BackOnPlan() {
  const format = useFormats()
  const back = useQuery(queries.courseBack()).data
  const [open, setOpen] = useState<Way>()
  if (!back?.placement || !back.week || back.ways.length === 0) {
    return null
  }
  return (
    <details className="no-print mb-2">
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        What would make the end true again
      </summary>
      <ul className="list-['–_'] pl-4">
        {back.ways.map((w) => (
          <li key={w.way}>
            {wayBack(w, format)}{' '}
            <Button look="quiet" aria-label={`Look at it: ${wayBack(w, format)}`} onClick={() => setOpen(w)}>
              Look at it
            </Button>
          </li>
        ))}
      </ul>
      {open && (
        <ChangeSheet
          title={TITLES[open.way]}
          placement={back.placement}
          week={back.week}
          changes={[open.change]}
          onClose={() => setOpen(undefined)}
        >
          <p>{wayBack(open, format)}</p>
        </ChangeSheet>
      )}
    </details>
  )
}

/** A way back in words. */
export function wayBack(w: Way, format: Formats): string {
  switch (w.way) {
    case 'MORE_MINUTES':
      return w.change.kind === 'MINUTES_A_DAY'
        ? `${format.minutes(w.amount)} a week more than your weeks brought, from now on; next week with ${format.minutes(w.change.minutes)} on its days`
        : ''
    case 'DROP': {
      const dropped = w.effect.after.droppedDrawings - w.effect.before.droppedDrawings
      return `${format.minutes(w.amount)} less of the work ahead; of it next week ${plural(dropped, 'drawing')} can go`
    }
    case 'STRETCH':
      return `next week over ${plural(w.amount, 'day')}; then the plan ends on ${format.dayMonthYear(w.effect.after.end)}, about when it really will`
  }
}
