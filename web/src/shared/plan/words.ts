import type { Schemas } from '../../api/client'
import { enumerated } from '../../ui/lists'
import type { Formats } from '../../ui/locale'
import { wording } from './wording'

/** What does not fit, and what would help; shared by Today and Course. */
export function shortfall(s: Schemas['ShortfallView'], format: Formats): string {
  const amount =
    s.unit === 'MINUTES' ? wording.countMinOf({ count: format.number(s.count) }) : format.number(s.count)
  const time = s.unit === 'MINUTES' ? '' : `, ${format.minutes(Math.round(s.seconds / 60))}`
  const reason = {
    NO_ROOM: '',
    UNIT_TOO_LONG: wording.oneAloneIsLongerThanAny(),
    WAITS_FOR_ANOTHER: wording.itWaitsForWorkThatDoes(),
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
      label: wording.minutesADayOnEachDayThatHas({ minutesADay: format.minutes(r.minutesADay) }),
      kind: 'MINUTES_A_DAY',
      minutes: r.minutesADay,
    })
  }
  if (r.extraDays != null && r.until != null) {
    told.push({
      label: wording.moreDrawingDaysUntilUntil({ extraDays: r.extraDays, until: format.dayMonth(r.until) }),
      kind: 'STRETCH',
      until: r.until,
    })
  }
  if (r.drops.length > 0) {
    const drops = r.drops.map(
      (d) => `${format.number(d.count)}${d.unit === 'MINUTES' ? wording.minOf() : ''} ${d.title}`,
    )
    told.push({ label: wording.dropsLeftOut({ drops: enumerated(drops) }), kind: 'DROP', drops: r.drops })
  }
  for (const pace of r.paces) {
    const planned = format.each(pace.plannedSecondsEach)
    told.push({
      label: wording.secondsEachEachForTitleInsteadOf({
        secondsEach: format.each(pace.secondsEach),
        title: pace.title,
        planned,
      }),
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
      return wording.titleOnWhenTakesMinutesOf({
        title: c.title,
        when,
        minutes: format.minutes(c.minutes),
        available: format.minutes(c.available),
      })
    case 'REST':
      return wording.titleOnWhenFallsOnA({ title: c.title, when })
    case 'PAUSE':
      return wording.titleOnWhenFallsIntoA({ title: c.title, when })
    case 'OVERLAP':
      return wording.titleOnWhenBeginsBeforeOther({ title: c.title, when, other: c.other })
  }
}
