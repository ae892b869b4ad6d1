import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import { upperFirst } from '../../ui/text'

export type Series = Schemas['SeriesView']

/** What is looked at from week to week. */
const FIGURES: Record<Exclude<Series['figure'], 'OWN_FIGURE'>, string> = {
  MARK: 'Marks, week by week',
  MINUTES: 'Minutes on a drawing day',
  MINUTES_EACH: 'Minutes a drawing',
  PAGES: 'Pages on a drawing day',
  WENT_WRONG: 'Entries that say what went wrong',
  LOOKED_FOR: 'What was looked for and found',
}

/** What a figure is called; the learner's own by its name. */
export const figureName = ({ figure, called }: Pick<Series, 'figure' | 'called'>) =>
  figure === 'OWN_FIGURE' ? `${upperFirst(called ?? 'Own figure')} a drawing` : FIGURES[figure]

/** Whether a figure is a share of 1. */
export const isShare = (figure: Series['figure']) => figure === 'WENT_WRONG' || figure === 'LOOKED_FOR'

/** A value of a figure in words. */
export const value = (figure: Series['figure'], v: number, format: Formats) =>
  isShare(figure) ? format.percent(v) : format.number(Math.round(v * 10) / 10)

/** How a figure went, as far as it can be said. */
export function trend(s: Series, format: Formats): string {
  if (s.direction === 'NONE') {
    return `No trend that ${plural(s.weeks, 'week')} can show.`
  }
  const way = s.direction === 'UP' ? 'Up' : 'Down'
  const two = (v: number) =>
    isShare(s.figure) ? format.percent(Math.abs(v)) : format.number(Math.round(Math.abs(v) * 100) / 100)
  return s.slope
    ? `${way} by ${two(s.slope.slope)} a week (${two(s.slope.low)} to ${two(s.slope.high)} with 95 %).`
    : `${way} over ${plural(s.weeks, 'week')}.`
}

/** How it is known. */
export function howSure(s: Series, format: Formats): string {
  const p = (v: number) => (v < 0.001 ? 'below 0.001' : format.number(Math.round(v * 1000) / 1000))
  if (s.order) {
    return `Mann–Kendall over ${plural(s.weeks, 'week')}: tau ${format.number(Math.round(s.order.tau * 100) / 100)}, chance ${p(s.order.p)}. Said from eight weeks on, with a chance below 0.05.`
  }
  return s.slope
    ? `Theil–Sen over ${plural(s.weeks, 'week')}. Said where the interval leaves 0 out.`
    : `Fewer than eight weeks.`
}
