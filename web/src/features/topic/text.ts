import type { Schemas } from '../../api/client'
import { resourceKind } from '../../shared/shelf/resource-kinds'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'

type Row = Schemas['TopicRow']
type State = Row['state']
type Remark = Schemas['BalanceRemark']

/** How a topic stands. */
export const STATES: Record<State, string> = {
  FRESH: 'fresh',
  FADING: 'fading',
  RUSTY: 'rusty',
  NOT_YET: 'not yet',
  UNTOUCHED: 'not planned',
}

/** "rusty 41 %, week 19" */
export function standing(row: Pick<Row, 'state' | 'freshness' | 'next' | 'nextWeek'>, format: Formats) {
  const fresh = row.freshness == null ? '' : ` ${format.percent(row.freshness)}`
  const next =
    row.state === 'FRESH' || row.next == null
      ? ''
      : `, ${row.nextWeek == null ? format.dayMonth(row.next) : `week ${row.nextWeek}`}`
  return `${STATES[row.state]}${fresh}${next}`
}

/** Whether what a row says needs a decision: it comes up in the plan and is not at hand. */
export const needsDecision = (row: Row) => row.next != null && row.state === 'RUSTY'

/** Names of what minutes are divided by. */
export const BY: Record<Schemas['Strip']['by'], string> = {
  AREA: 'Areas',
  SOURCE: 'Drawn from',
  MEDIUM: 'With',
  LENGTH: 'One drawing takes',
  FACET: 'Shows',
  PURPOSE: 'Duty and liking',
}

const PARTS: Record<string, string> = {
  UNDER_ONE_MINUTE: 'under a minute',
  ONE_TO_FIVE: '1 to 5 min',
  FIVE_TO_TWENTY: '5 to 20 min',
  TWENTY_TO_SIXTY: '20 to 60 min',
  OVER_AN_HOUR: 'over an hour',
  COURSE: 'course',
  PROMISE: 'promises',
  LIKING: 'what I like',
}

export const partName = (name: string) => (name === '' ? 'not said' : (PARTS[name] ?? name))

/** A remark about what is one-sided. */
export function remark({ kind, topic, resource, percent: share, days }: Remark, format: Formats): string {
  const since = days == null ? '' : ` The last was ${format.number(days)} days ago.`
  switch (kind) {
    case 'ONE_RESOURCE':
      return `${format.number(share)} % of ${topic} in four weeks came from ${resource}. Look from another side.`
    case 'ONE_KIND':
      return `${format.number(share)} % of ${topic} in four weeks came from one kind of resource: ${resourceKind(resource ?? '')}. Look from another side.`
    case 'NOTHING_FROM_LIFE':
      return `Nothing was drawn from life for five weeks.${since}`
    case 'NOTHING_FREE':
      return `Nothing was drawn for liking alone for five weeks.${since}`
    case 'NOT_APPLIED':
      return `${topic} was first studied ${format.number(days ?? 0)} days ago and was not put to use yet.`
  }
}

/** The steps from looking to knowing. */
export const STEPS: Record<Schemas['ChainLink']['step'], string> = {
  OBSERVE: 'observed',
  SIMPLIFY: 'simplified',
  BY_HEART: 'by heart',
  NEW_PLACE: 'in a new pose or place',
}

/** How marks went while more of a topic was drawn. */
export function marksGone({ order, levels }: Schemas['MarkLevels'], format: Formats): string {
  const mark = (value: number) => format.number(Math.round(value * 10) / 10)
  const [first, ...later] = levels
  if (first && later.length > 0) {
    const after = later.map((l) => `${mark(l.mean)} after about ${plural(l.about, 'drawing')}`)
    return `Mark ${mark(first.mean)} at first, ${after.join(', ')}.`
  }
  if (order.of < 8) {
    return `${plural(order.of, 'week')} with a mark; from eight on it is told how they went.`
  }
  return order.trend
    ? `Marks ${order.s > 0 ? 'rise' : 'fall'} over ${plural(order.of, 'week')}.`
    : `No trend that ${plural(order.of, 'week')} can show.`
}

/** How that is known. */
export function marksHowSure({ order }: Schemas['MarkLevels'], format: Formats): string {
  const p = order.p < 0.001 ? 'below 0.001' : format.number(Math.round(order.p * 1000) / 1000)
  return `One value a week, the mean of its marks. A level lasts three weeks or more, and a change of it must explain more than chance would. The order of the weeks by Mann–Kendall: tau ${format.number(Math.round(order.tau * 100) / 100)}, chance ${p}.`
}
