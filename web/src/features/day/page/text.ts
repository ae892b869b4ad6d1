import type { Schemas } from '../../../api/client'
import { wording } from './wording'

/** What became of a day, by the learner's own rule. */
export function became(view: Schemas['DayView']): string {
  if (view.pause != null) {
    const paused = wording.pausedPause({ pause: view.pause || wording.noReasonGiven() })
    return view.mark === 'INK' ? wording.pausedYouDrewAllTheSame({ paused }) : paused
  }
  switch (view.mark) {
    case 'INK':
      return view.rest ? wording.aPlannedRestDayAndYou() : wording.aDayWithPractice()
    case 'REST':
      return wording.plannedRest()
    case 'FORGIVEN':
      return wording.missedTheRunWentOn()
    case 'GAP':
      return wording.nothingWasDrawn()
    case 'OPEN':
      return wording.thisIsTodayItIsStill()
    case 'AHEAD':
      return wording.stillAhead()
  }
}
