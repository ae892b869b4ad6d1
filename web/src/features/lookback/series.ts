import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { upperFirst } from '../../ui/text'
import { wording } from './wording'

export type Series = Schemas['SeriesView']

/** What is looked at from week to week. */
const FIGURES: Record<Exclude<Series['figure'], 'OWN_FIGURE'>, string> = {
  MARK: wording.marksWeekByWeek(),
  MINUTES: wording.minutesOnADrawingDay(),
  MINUTES_EACH: wording.minutesADrawing(),
  PAGES: wording.pagesOnADrawingDay(),
  WENT_WRONG: wording.entriesThatSayWhatWentWrong(),
  LOOKED_FOR: wording.whatWasLookedForAndFound(),
}

/** What a figure is called; the learner's own by its name. */
export const figureName = ({ figure, called }: Pick<Series, 'figure' | 'called'>) =>
  figure === 'OWN_FIGURE'
    ? wording.calledADrawing({ called: upperFirst(called ?? wording.ownFigure()) })
    : FIGURES[figure]

/** Whether a figure is a share of 1. */
export const isShare = (figure: Series['figure']) => figure === 'WENT_WRONG' || figure === 'LOOKED_FOR'

/** A value of a figure in words. */
export const value = (figure: Series['figure'], v: number, format: Formats) =>
  isShare(figure) ? format.percent(v) : format.number(Math.round(v * 10) / 10)

/** How a figure went, as far as it can be said. */
export function trend(s: Series, format: Formats): string {
  if (s.direction === 'NONE') {
    return wording.noTrendThatWeeksCanShow({ weeks: s.weeks })
  }
  const way = s.direction === 'UP' ? wording.up() : wording.down()
  const two = (v: number) =>
    isShare(s.figure) ? format.percent(Math.abs(v)) : format.number(Math.round(Math.abs(v) * 100) / 100)
  return s.slope
    ? wording.wayBySlopeAWeekLow({
        way,
        slope: two(s.slope.slope),
        low: two(s.slope.low),
        high: two(s.slope.high),
      })
    : wording.wayOverWeeks({ way, weeks: s.weeks })
}

/** How it is known. */
export function howSure(s: Series, format: Formats): string {
  const p = (v: number) => (v < 0.001 ? wording.below0001() : format.number(Math.round(v * 1000) / 1000))
  if (s.order) {
    return wording.mannKendallOverWeeksTauTau({
      weeks: s.weeks,
      tau: format.number(Math.round(s.order.tau * 100) / 100),
      p: p(s.order.p),
    })
  }
  return s.slope ? wording.theilSenOverWeeksSaidWhere({ weeks: s.weeks }) : wording.fewerThanEightWeeks()
}
