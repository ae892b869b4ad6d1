import type { Schemas } from '../../api/client'
import { enumerated } from '../../ui/lists'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'

/** What does not fit, and what would help; shared by Today and Course. */
export function shortfall(s: Schemas['ShortfallView'], format: Formats): string {
  const amount = s.unit === 'MINUTES' ? `${format.number(s.count)} min of` : format.number(s.count)
  const time = s.unit === 'MINUTES' ? '' : `, ${format.minutes(Math.round(s.seconds / 60))}`
  const reason = {
    NO_ROOM: '',
    UNIT_TOO_LONG: '; one alone is longer than any day’s room',
    WAITS_FOR_ANOTHER: '; it waits for work that does not fit',
  }[s.reason]
  return `${amount} ${s.title}${time}${reason}`
}

type Remedies = Schemas['RemediesView']

/** A remedy in words that stand on a button and after "It would fit with", and what it does. */
export type RemedyInWords = { label: string } & (
  | { kind: 'MINUTES_A_DAY'; minutes: number }
  | { kind: 'STRETCH'; until: string }
  | { kind: 'DROP'; drops: Remedies['drops'] }
  | { kind: 'PACE'; pace: Remedies['paces'][number] }
)

/** Each remedy there is. */
export function remediesInWords(r: Remedies, format: Formats): RemedyInWords[] {
  const told: RemedyInWords[] = []
  if (r.minutesADay != null) {
    told.push({
      label: `${format.minutes(r.minutesADay)} on each day that has any`,
      kind: 'MINUTES_A_DAY',
      minutes: r.minutesADay,
    })
  }
  if (r.extraDays != null && r.until != null) {
    told.push({
      label: `${plural(r.extraDays, 'more drawing day')}, until ${format.dayMonth(r.until)}`,
      kind: 'STRETCH',
      until: r.until,
    })
  }
  if (r.drops.length > 0) {
    const drops = r.drops.map(
      (d) => `${format.number(d.count)}${d.unit === 'MINUTES' ? ' min of' : ''} ${d.title}`,
    )
    told.push({ label: `${enumerated(drops)} left out`, kind: 'DROP', drops: r.drops })
  }
  for (const pace of r.paces) {
    const planned = format.each(pace.plannedSecondsEach)
    told.push({
      label: `${format.each(pace.secondsEach)} each for ${pace.title} instead of ${planned}`,
      kind: 'PACE',
      pace,
    })
  }
  return told
}

/** What is in the way of an appointment. */
export function clash(c: Schemas['Clash'], format: Formats): string {
  const when = format.weekdayDate(c.date)
  switch (c.obstacle) {
    case 'OVER_THE_DAY':
      return `${c.title} on ${when} takes ${format.minutes(c.minutes)} of your ${format.minutes(c.available)}; nothing else has room.`
    case 'REST':
      return `${c.title} on ${when} falls on a rest day.`
    case 'PAUSE':
      return `${c.title} on ${when} falls into a pause.`
    case 'OVERLAP':
      return `${c.title} on ${when} begins before ${c.other} is over.`
  }
}
