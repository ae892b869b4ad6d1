import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { enumerated } from '../../ui/lists'
import { plural } from '../../ui/plural'

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

/** What answers what happened: a form, a pause of everything, or the sheet of missed work. */
export type Answer =
  | 'STRETCH'
  | 'PAUSE'
  | 'REPEAT'
  | 'SKIP'
  | 'SWAP'
  | 'DETOUR_OF_COURSE'
  | 'EMPTY'
  | 'BASELINE'
  | 'AWAY'
  | 'MISSED'

/** Each answer by its name, and what it does in one line. */
export const ANSWERS: Record<Answer, { name: string; line: string }> = {
  STRETCH: { name: 'Make the week longer or shorter', line: 'The same work on more or fewer days.' },
  REPEAT: { name: 'Take the week again', line: 'The same exercises once more, right after it.' },
  PAUSE: { name: 'Let only this course wait', line: 'You draw on; the course waits for some days.' },
  AWAY: { name: 'Ill or away', line: 'Nothing is asked on these days, and every course can wait.' },
  MISSED: { name: 'Days that were missed', line: 'Catch up, move everything on, or let it go.' },
  DETOUR_OF_COURSE: { name: 'A detour', line: 'Weeks from another course before this one goes on.' },
  SWAP: { name: 'Change places', line: 'This week and another one swap.' },
  EMPTY: { name: 'Empty days', line: 'Time with nothing planned before a week.' },
  SKIP: { name: 'Go without this week', line: 'What you drew of it stays; the rest is not asked.' },
  BASELINE: {
    name: 'One subject now and again later',
    line: 'An unaided drawing now, half-way and at the end, to compare.',
  },
}

/** What may have happened to a plan, and the changes that answer it, the mildest first. */
export const HAPPENED = {
  LONGER: { name: 'It needs longer', answers: ['STRETCH', 'REPEAT', 'EMPTY'] },
  AWAY: { name: 'I was or will be away', answers: ['AWAY', 'MISSED', 'PAUSE'] },
  FIRST: { name: 'Something else comes first', answers: ['DETOUR_OF_COURSE', 'SWAP', 'EMPTY', 'PAUSE'] },
  MUCH: { name: 'It is too much', answers: ['STRETCH', 'EMPTY', 'MISSED', 'SKIP'] },
  AGAIN: { name: 'Once more later', answers: ['REPEAT', 'BASELINE'] },
} satisfies Record<string, { name: string; answers: Answer[] }> as Record<
  'LONGER' | 'AWAY' | 'FIRST' | 'MUCH' | 'AGAIN',
  { name: string; answers: Answer[] }
>
export type Happened = keyof typeof HAPPENED

const which = (made: Made) => (made.number == null ? `“${made.week}”` : `week ${made.number} (${made.week})`)

/** One change as a sentence of the history. */
export function tell(made: Made, format: Formats): string {
  const dates = enumerated(made.dates.map(format.weekdayDate))
  const units = enumerated(
    made.units.map((u) => `${format.number(u.count)}${u.unit === 'MINUTES' ? ' min of' : ''} ${u.title}`),
  )
  switch (made.kind) {
    case 'STRETCH':
      return `Gave ${which(made)} ${plural(made.after ?? 0, 'day')} instead of ${made.before}.`
    case 'UNTIL_DONE':
      return made.after === 1
        ? `Let ${which(made)} last until its work is done.`
        : `Gave ${which(made)} a fixed length again.`
    case 'REPEAT':
      return `Took ${which(made)} once more.`
    case 'SKIP':
      return `Left out ${which(made)}.`
    case 'SWAP':
      return `Swapped ${which(made)} with “${made.other}”.`
    case 'EMPTY':
      return `Put ${plural(made.after ?? 0, 'empty day')} before ${which(made)}.`
    case 'DETOUR':
      return `Put a detour before ${which(made)}: ${made.other}.`
    case 'PAUSE':
      return `Paused ${which(made)} on ${dates}.`
    case 'SLIDE':
      return `Missed ${dates}: ${which(made)} moved on by ${plural(made.dates.length, 'day')}.`
    case 'LET_GO':
      return `Missed ${dates}: let go ${units || 'nothing'} of ${which(made)}.`
    case 'DROP':
      return `Dropped ${units} from ${which(made)}.`
    case 'PACE':
      return `${made.exercise}: ${format.each(made.after ?? 0)} each instead of ${format.each(made.before ?? 0)}.`
    case 'MINUTES_A_DAY':
      return made.after === 0
        ? `Took back the longer days of ${which(made)}.`
        : `At least ${format.minutes(made.after ?? 0)} on each drawing day of ${which(made)}.`
    case 'ADD':
      return `Added “${made.exercise}” to ${which(made)}.`
    case 'POLICY':
      return made.policy ? `Missed work from now on: ${POLICIES[made.policy].name.toLowerCase()}.` : ''
  }
}

/** Why a change cannot be taken back. */
export const KEPT: Record<NonNullable<Schemas['HistoryLine']['kept']>, string> = {
  UNDONE: 'it is taken back already',
  BUILT_ON: 'a later change builds on it; take that back first',
  OVER: 'days that it moved are over',
}

export const lowerFirst = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** Where a week stands, by number or by why it is there. */
export function weekName(week: { number?: number | null; role: Schemas['RulerWeek']['role'] }): string {
  if (week.number != null) {
    return `Week ${week.number}`
  }
  return { COURSE: 'Week', REPEAT: 'Once more', DETOUR: 'Detour', EMPTY: 'Empty' }[week.role]
}

/** A week by where it stands and what it is about. */
export const weekTitle = (week: Parameters<typeof weekName>[0] & { title: string }) =>
  week.role === 'EMPTY' ? week.title : `${weekName(week)}: ${lowerFirst(week.title)}`
