import type { Schemas } from '../../api/client'
import { HOW, UNITS } from '../../shared/entry/study'
import { enumerated } from '../../ui/lists'
import type { Formats } from '../../ui/locale'
import { noun, plural } from '../../ui/plural'

export type Resource = Schemas['ResourceView']
type Fields = Schemas['ResourceFields']

export const ROLES: Record<Fields['role'], string> = {
  TEACHES: 'teaches',
  REFERENCE: 'to look things up in',
  INSPIRES: 'to be moved by',
}

export const OWNERSHIP: Record<Fields['ownership'], string> = {
  OWNED: 'mine',
  BORROWED: 'borrowed',
  WANTED: 'wanted',
}

export const ENDED: Record<NonNullable<Fields['ended']>, string> = {
  FINISHED: 'finished',
  DROPPED: 'dropped',
}

export const PLACES: Record<Resource['place'], string> = {
  READING: 'Being worked through',
  QUEUED: 'What comes next',
  AT_HAND: 'At hand',
  LEFT_OFF: 'Left off',
  WANTED: 'Wanted',
  DONE: 'Done with',
}

/** "pages" or "page" by the count. */
export const units = (count: number, unit: Fields['unit'] & string) => noun(count, ...UNITS[unit])

/** "64 of 120 pages" */
export function progress({ fields, used }: Resource): string | undefined {
  if (fields.unit == null || (used.read === 0 && fields.total == null)) {
    return undefined
  }
  return fields.total == null
    ? `${used.read} ${units(used.read, fields.unit)}`
    : `${used.read} of ${fields.total} ${units(fields.total, fields.unit)}`
}

/** When it will be done, and on what that rests. */
export function finish({ fields, used }: Resource, format: Formats): string | undefined {
  const date = used.finish
  if (date == null || fields.unit == null) {
    return undefined
  }
  const left = `${date.left} ${units(date.left, fields.unit)} left`
  if (date.middle == null) {
    return date.fan.length === 0
      ? `${left}; ${plural(date.ownDays, 'day')} since it was begun ${noun(date.ownDays, 'is', 'are')} too few to tell when it will be done.`
      : `${left}; as the last weeks went, not within a year.`
  }
  const span =
    date.early != null && date.late != null
      ? ` (${format.dayMonth(date.early)} to ${format.dayMonth(date.late)}, 8 times in 10)`
      : date.early != null
        ? ` (from ${format.dayMonth(date.early)})`
        : ''
  return `${left}; as the last weeks went, done about ${format.dayMonthYear(date.middle)}${span}.`
}

/** "After Boats from keel to rail, 34 pages left, about 24 March" */
export function waits({ waitsFor }: Resource, format: Formats): string | undefined {
  return waitsFor.length === 0
    ? undefined
    : `after ${enumerated(
        waitsFor.map(
          (w) =>
            `${w.name}${w.left == null ? '' : `, ${w.left} left`}${w.about == null ? '' : `, about ${format.dayMonth(w.about)}`}`,
        ),
      )}`
}

/** How it was used: "copied 3×, read 2×" */
export const howUsed = ({ used }: Resource) =>
  Object.entries(used.byHow)
    .map(([how, times]) => `${HOW[how as keyof typeof HOW]} ${times}×`)
    .join(', ')

export function remark({ kind, name, days, on }: Schemas['ShelfRemark'], format: Formats): string {
  if (kind === 'WANTED_AGAIN') {
    return `${name} was wanted ${days} times and never opened.`
  }
  const when = on == null ? '' : format.dayMonth(on)
  return days < 0
    ? `${name} was due back on ${when}, ${plural(-days, 'day')} ago.`
    : days === 0
      ? `${name} is due back today.`
      : `${name} is due back on ${when}, in ${plural(days, 'day')}.`
}
