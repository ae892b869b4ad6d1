import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { ChangeSheet } from '../plan/ChangeSheet'
import { Button } from '../../ui/Button'
import { useFormats, type Formats } from '../../ui/locale'
import { wording } from './wording'

type Way = Schemas['WayBackView']

const TITLES: Record<Way['way'], string> = {
  MORE_MINUTES: wording.moreMinutesOnTheDaysOf(),
  DROP: wording.dropSomeOfNextWeeksWork(),
  STRETCH: wording.makeNextWeekLonger(),
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
        {wording.whatWouldMakeTheEndTrue()}
      </summary>
      <ul className="list-['–_'] pl-4">
        {back.ways.map((w) => (
          <li key={w.way}>
            {wayBack(w, format)}{' '}
            <Button
              look="quiet"
              aria-label={wording.lookAtItW({ w: wayBack(w, format) })}
              onClick={() => setOpen(w)}
            >
              {wording.lookAtIt()}
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
function wayBack(w: Way, format: Formats): string {
  switch (w.way) {
    case 'MORE_MINUTES':
      return w.change.kind === 'MINUTES_A_DAY'
        ? wording.amountAWeekMoreThanYour({
            amount: format.minutes(w.amount),
            minutes: format.minutes(w.change.minutes),
          })
        : ''
    case 'DROP': {
      const dropped = w.effect.after.droppedDrawings - w.effect.before.droppedDrawings
      return wording.amountLessOfTheWorkAhead({ amount: format.minutes(w.amount), dropped })
    }
    case 'STRETCH':
      return wording.nextWeekOverDaysThenThe({
        amount: w.amount,
        end: format.dayMonthYear(w.effect.after.end),
      })
  }
}
