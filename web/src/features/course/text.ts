import type { Schemas } from '../../api/client'
import type { Formats } from '../../app/locale'

type Made = Schemas['Made']

/** The three ways with missed work, each with its two lines. */
export const POLICIES: Record<Schemas['Placed']['policy'], { name: string; reasons: [string, string] }> = {
  SPREAD: {
    name: 'Spread',
    reasons: [
      'Caught up inside the week; the end stays.',
      'The days left carry more, and it may not all fit.',
    ],
  },
  SLIDE: {
    name: 'Slide',
    reasons: ['Everything moves by the missed days.', 'The days stay as full as they were; the end moves.'],
  },
  LET_GO: {
    name: 'Let go',
    reasons: [
      'What was missed is dropped; the end stays.',
      'The days stay as full as they were; some drawings are never made.',
    ],
  },
}

const which = (made: Made) => (made.number == null ? `“${made.week}”` : `week ${made.number}, ${made.week}`)

/** One change as a sentence of the history. */
export function tell(made: Made, format: Formats): string {
  const dates = made.dates.map(format.weekdayDate).join(', ')
  const units = made.units
    .map((u) => `${format.number(u.count)}${u.unit === 'MINUTES' ? ' min of' : ''} ${u.title}`)
    .join(', ')
  switch (made.kind) {
    case 'Stretch':
      return `Gave ${which(made)} ${made.after} days instead of ${made.before}.`
    case 'UntilDone':
      return made.after === 1
        ? `Let ${which(made)} last until its work is done.`
        : `Gave ${which(made)} a fixed length again.`
    case 'Repeat':
      return `Took ${which(made)} once more.`
    case 'Skip':
      return `Left out ${which(made)}.`
    case 'Swap':
      return `Swapped ${which(made)} with ${made.other}.`
    case 'Empty':
      return `Put ${made.after} empty days before ${which(made)}.`
    case 'Detour':
      return `Put a detour before ${which(made)}: ${made.other}.`
    case 'Pause':
      return `Paused ${which(made)} on ${dates}.`
    case 'Slide':
      return `Missed ${dates}: ${which(made)} moved on by ${made.dates.length}.`
    case 'LetGo':
      return `Missed ${dates}: let go ${units || 'nothing'} of ${which(made)}.`
    case 'Drop':
      return `Dropped ${units} from ${which(made)}.`
    case 'Pace':
      return `${made.exercise}: ${format.each(made.after ?? 0)} each instead of ${format.each(made.before ?? 0)}.`
    case 'MinutesADay':
      return made.after === 0
        ? `Took back the longer days of ${which(made)}.`
        : `At least ${format.minutes(made.after ?? 0)} on each drawing day of ${which(made)}.`
    case 'Add':
      return `Added “${made.exercise}” to ${which(made)}.`
    case 'Policy':
      return made.policy ? `Missed work from now on: ${POLICIES[made.policy].name.toLowerCase()}.` : ''
    default:
      return made.kind
  }
}

export const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** Where a week stands, by number or by why it is there. */
export function weekName(week: { number?: number | null; role: Schemas['RulerWeek']['role'] }): string {
  if (week.number != null) {
    return `Week ${week.number}`
  }
  return { COURSE: 'Week', REPEAT: 'Once more', DETOUR: 'Detour', EMPTY: 'Empty' }[week.role]
}
