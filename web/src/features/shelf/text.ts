import type { Schemas } from '../../api/client'
import { HOW, UNITS } from '../../shared/entry/study'
import { enumerated } from '../../ui/lists'
import type { Formats } from '../../ui/locale'
import { wording } from './wording'

export type Resource = Schemas['ResourceView']
type Fields = Schemas['ResourceFields']

export const ROLES: Record<Fields['role'], string> = {
  TEACHES: wording.teaches(),
  REFERENCE: wording.toLookThingsUpIn(),
  INSPIRES: wording.toBeMovedBy(),
}

export const OWNERSHIP: Record<Fields['ownership'], string> = {
  OWNED: wording.mine(),
  BORROWED: wording.borrowed(),
  WANTED: wording.wanted(),
}

export const ENDED: Record<NonNullable<Fields['ended']>, string> = {
  FINISHED: wording.finished(),
  DROPPED: wording.dropped(),
}

export const PLACES: Record<Resource['place'], string> = {
  READING: wording.beingWorkedThrough(),
  QUEUED: wording.whatComesNext(),
  AT_HAND: wording.atHand(),
  LEFT_OFF: wording.leftOff(),
  WANTED: wording.wanted2(),
  DONE: wording.doneWith(),
}

/** "pages" or "page" by the count. */
export const units = (count: number, unit: Fields['unit'] & string) => UNITS[unit](count)

/** "64 of 120 pages" */
export function progress({ fields, used }: Resource): string | undefined {
  if (fields.unit == null || (used.read === 0 && fields.total == null)) {
    return undefined
  }
  return fields.total == null
    ? `${used.read} ${units(used.read, fields.unit)}`
    : wording.readOfTotal({ read: used.read, total: fields.total, units: units(fields.total, fields.unit) })
}

/** When it will be done, and on what that rests. */
export function finish({ fields, used }: Resource, format: Formats): string | undefined {
  const date = used.finish
  if (date == null || fields.unit == null) {
    return undefined
  }
  const left = wording.unitsLeft({ left: date.left, units: units(date.left, fields.unit) })
  if (date.middle == null) {
    return date.fan.length === 0
      ? wording.leftDaysSinceItWasBegun({ left, ownDays: date.ownDays })
      : wording.leftAsTheLastWeeksWent({ left })
  }
  const span =
    date.early != null && date.late != null
      ? wording.earlyToLate8TimesIn({ early: format.dayMonth(date.early), late: format.dayMonth(date.late) })
      : date.early != null
        ? wording.fromEarly({ early: format.dayMonth(date.early) })
        : ''
  return wording.leftAsTheLastWeeksWent2({ left, middle: format.dayMonthYear(date.middle), span })
}

/** "After Boats from keel to rail, 34 pages left, about 24 March" */
export function waits({ waitsFor }: Resource, format: Formats): string | undefined {
  return waitsFor.length === 0
    ? undefined
    : wording.afterOthers({
        others: enumerated(
          waitsFor.map(
            (w) =>
              `${w.week == null ? w.name : wording.weekTitle({ week: w.week, title: w.name })}${w.left == null ? '' : wording.leftLeft({ left: w.left })}${w.about == null ? '' : wording.aboutAbout({ about: format.dayMonth(w.about) })}`,
          ),
        ),
      })
}

/** How it was used: "copied 3×, read 2×" */
export const howUsed = ({ used }: Resource) =>
  Object.entries(used.byHow)
    .map(([how, times]) => `${HOW[how as keyof typeof HOW]} ${times}×`)
    .join(', ')

export function remark({ kind, name, days, on }: Schemas['ShelfRemark'], format: Formats): string {
  if (kind === 'WANTED_AGAIN') {
    return wording.nameWasWantedDaysTimesAnd({ name, days })
  }
  const when = on == null ? '' : format.dayMonth(on)
  return days < 0
    ? wording.nameWasDueBackOnWhen({ name, when, days: -days })
    : days === 0
      ? wording.nameIsDueBackToday({ name })
      : wording.nameIsDueBackOnWhen({ name, when, days })
}
