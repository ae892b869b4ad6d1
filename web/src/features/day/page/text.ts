import type { Schemas } from '../../../api/client'

/** What became of a day, by the learner's own rule. */
export function became(view: Schemas['DayView']): string {
  if (view.pause != null) {
    const paused = `Paused: ${view.pause || 'no reason given'}.`
    return view.mark === 'INK' ? `${paused} You drew all the same.` : paused
  }
  switch (view.mark) {
    case 'INK':
      return view.rest ? 'A planned rest day, and you drew all the same.' : 'A day with practice.'
    case 'REST':
      return 'Planned rest.'
    case 'FORGIVEN':
      return 'Missed. The run went on.'
    case 'GAP':
      return 'Nothing was drawn.'
    case 'OPEN':
      return 'This is today; it is still open.'
    case 'AHEAD':
      return 'Still ahead.'
  }
}
