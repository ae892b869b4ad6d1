import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'

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
