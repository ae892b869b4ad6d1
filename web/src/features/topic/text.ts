import type { Schemas } from '../../api/client'
import { resourceKind } from '../../shared/shelf/resource-kinds'
import type { Formats } from '../../ui/locale'
import { wording } from './wording'

type Row = Schemas['TopicRow']
type State = Row['state']
type Remark = Schemas['BalanceRemark']

/** How a topic stands. */
export const STATES: Record<State, string> = {
  FRESH: wording.fresh(),
  FADING: wording.fading(),
  RUSTY: wording.rusty(),
  NOT_YET: wording.notYet(),
  UNTOUCHED: wording.notPlanned(),
}

/** "rusty 41 %, week 19" */
export function standing(row: Pick<Row, 'state' | 'freshness' | 'next' | 'nextWeek'>, format: Formats) {
  const fresh = row.freshness == null ? '' : ` ${format.percent(row.freshness)}`
  const next =
    row.state === 'FRESH' || row.next == null
      ? ''
      : `, ${row.nextWeek == null ? format.dayMonth(row.next) : wording.weekNumber({ number: row.nextWeek })}`
  return `${STATES[row.state]}${fresh}${next}`
}

/** Whether what a row says needs a decision: it comes up in the plan and is not at hand. */
export const needsDecision = (row: Row) => row.next != null && row.state === 'RUSTY'

/** Names of what minutes are divided by. */
export const BY: Record<Schemas['Strip']['by'], string> = {
  AREA: wording.areas(),
  SOURCE: wording.drawnFrom(),
  MEDIUM: wording.withWord(),
  LENGTH: wording.oneDrawingTakes(),
  FACET: wording.shows(),
  PURPOSE: wording.dutyAndLiking(),
}

const PARTS: Record<string, string> = {
  UNDER_ONE_MINUTE: wording.underAMinute(),
  ONE_TO_FIVE: wording.n1To5Min(),
  FIVE_TO_TWENTY: wording.n5To20Min(),
  TWENTY_TO_SIXTY: wording.n20To60Min(),
  OVER_AN_HOUR: wording.overAnHour(),
  COURSE: wording.course(),
  PROMISE: wording.promises(),
  LIKING: wording.whatILike(),
}

export const partName = (name: string) => (name === '' ? wording.notSaid() : (PARTS[name] ?? name))

/** A remark about what is one-sided. */
export function remark({ kind, topic, resource, percent: share, days }: Remark, format: Formats): string {
  const since = days == null ? '' : wording.theLastWasDaysDaysAgo({ days: format.number(days) })
  switch (kind) {
    case 'ONE_RESOURCE':
      return wording.shareOfTopicInFourWeeks({
        share: format.number(share),
        topic: topic ?? '',
        resource: resource ?? '',
      })
    case 'ONE_KIND':
      return wording.shareOfTopicInFourWeeks2({
        share: format.number(share),
        topic: topic ?? '',
        resource: resourceKind(resource ?? ''),
      })
    case 'NOTHING_FROM_LIFE':
      return wording.nothingWasDrawnFromLifeFor({ since })
    case 'NOTHING_FREE':
      return wording.nothingWasDrawnForLikingAlone({ since })
    case 'NOT_APPLIED':
      return wording.topicWasFirstStudiedDaysDays({ topic: topic ?? '', days: format.number(days ?? 0) })
  }
}

/** The steps from looking to knowing. */
export const STEPS: Record<Schemas['ChainLink']['step'], string> = {
  OBSERVE: wording.observed(),
  SIMPLIFY: wording.simplified(),
  BY_HEART: wording.byHeart(),
  NEW_PLACE: wording.inANewPoseOrPlace(),
}

/** How marks went while more of a topic was drawn. */
export function marksGone({ order, levels }: Schemas['MarkLevels'], format: Formats): string {
  const mark = (value: number) => format.number(Math.round(value * 10) / 10)
  const [first, ...later] = levels
  if (first && later.length > 0) {
    const after = later.map((l) => wording.meanAfterAboutDrawings({ mean: mark(l.mean), about: l.about }))
    return wording.markMeanAtFirstJoin({ mean: mark(first.mean), join: after.join(', ') })
  }
  if (order.of < 8) {
    return wording.weeksWithAMarkFromEight({ of: order.of })
  }
  return order.trend
    ? wording.marksS({ s: order.s > 0, of: order.of })
    : wording.noTrendThatWeeksCanShow({ of: order.of })
}

/** How that is known. */
export function marksHowSure({ order }: Schemas['MarkLevels'], format: Formats): string {
  const p = order.p < 0.001 ? wording.below0001() : format.number(Math.round(order.p * 1000) / 1000)
  return wording.oneValueAWeekTheMean({ tau: format.number(Math.round(order.tau * 100) / 100), p })
}
