import { describe, expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import {
  became,
  facts,
  markdown,
  offer,
  trend,
  weekTitle,
  type Offer,
  type Review,
  type Series,
} from './text'

const format = formats('en-GB')

const offered = (some: Partial<Offer>): Offer => ({
  kind: 'MORE_OF',
  subject: 'stairs',
  about: 'Steps by eye level',
  week: '18',
  amount: 3,
  secondsEach: 300,
  seen: 7,
  against: 10,
  ...some,
})

const review: Review = {
  from: '2026-02-23',
  to: '2026-03-01',
  isoWeek: 9,
  over: true,
  state: 'OPEN',
  version: null,
  course: { title: 'Harbour Year', week: 16, weekTitle: 'Quay, steps and perspective' },
  facts: { minutes: 312, told: true, drawings: 96, days: 6, before: 280, weeksBefore: 4 },
  pauses: [],
  planned: [],
  run: { length: 29, unit: 'DAYS' },
  newTopics: [],
  rusty: [],
  read: [],
  remarks: [],
  aims: [],
  expected: '',
  words: '',
  expects: '',
  offers: [],
  taken: [],
  became: [],
  recalled: [],
  habits: [],
}

describe('an offered change', () => {
  test.each<[Partial<Offer>, string, string]>([
    [{}, '3 drawings more of stairs next week', 'Steps by eye level: 7 of 10 drawn'],
    [
      { kind: 'WARM_UP', subject: 'boxes', about: 'sheds', amount: 5, seen: 0.3 },
      'Boxes as a warm-up, 5 min',
      'rusty at 30 %, and sheds stands on it',
    ],
    [
      { kind: 'AIM', subject: 'verticals lean in', seen: 2, against: 1 },
      '“verticals lean in” as what to look for in the next sittings',
      'said twice this week and once in the four before',
    ],
    [
      { kind: 'FREE_SHARE', amount: 30, seen: 0.09, against: 0.2 },
      'Keep 30 % free instead of 20 %',
      'drawn freely: 9 % of four weeks',
    ],
  ])('%o', (some, what, why) => {
    expect(offer(offered(some), format)).toEqual([what, why])
  })

  test('what became of it is said without blame', () => {
    expect(became({ offer: offered({}), stands: false, since: 0 }, format)).toMatch(/taken back\.$/)
    expect(became({ offer: offered({}), stands: true, since: 2 }, format)).toMatch(/: 2 drawn\.$/)
    expect(
      became({ offer: offered({ kind: 'AIM', subject: 'flat', seen: 3 }), stands: true, since: 0 }, format),
    ).toMatch(/said no more, 3 times the week before\.$/)
  })
})

test('a week is called by its place in the course, else by the calendar', () => {
  expect(weekTitle(review)).toBe('Week 16: Quay, steps and perspective')
  expect(weekTitle({ isoWeek: 9 })).toBe('Calendar week 9')
})

test('facts say what is missing', () => {
  const first = { ...review, facts: { ...review.facts, before: null, weeksBefore: 0 } }
  expect(facts(first, format)[0]?.beside).toMatch(/the first week/)
  const young = (weeksBefore: number) => ({ ...review, facts: { ...review.facts, weeksBefore } })
  expect(facts(young(1), format)[0]?.beside).toBe('4 h 40 min in the week before')
  expect(facts(young(3), format)[0]?.beside).toBe('4 h 40 min a week in the three before')
  expect(facts(young(4), format)[0]?.beside).toBe('4 h 40 min a week in the four before')
  const nothing = { ...review, facts: { ...review.facts, days: 0, minutes: 0, drawings: 0 } }
  expect(facts(nothing, format)[0]?.says).toBe('nothing this week')
})

test('a pause is named for the days that it took of the week', () => {
  const paused = (from: string, to: string) =>
    facts({ ...review, pauses: [{ from, to, reason: 'away' }] }, format)[1]
  expect(paused(review.from, review.to)).toMatchObject({
    name: 'Paused',
    says: 'the whole week',
    beside: 'away',
  })
  expect(paused(review.from, review.from)?.says).toBe(format.span(review.from, review.from))
})

test('markdown quotes what the learner wrote line by line, so that it stays words', () => {
  const text = markdown({ ...review, words: '# not a heading\nsecond line', expects: 'calm' }, format)
  expect(text).toContain('> # not a heading\n> second line')
  expect(text).toContain('## Next week I expect\n\n> calm')
})

test('a trend is said with its interval, or not at all', () => {
  const series: Series = {
    figure: 'MINUTES',
    values: [],
    weeks: 16,
    phases: [],
    ownBoundaries: false,
    direction: 'UP',
    slope: { slope: 0.094, low: 0.04, high: 0.132, of: 16, trend: true },
  }
  expect(trend(series, format)).toBe('Up by 0.09 a week (0.04 to 0.13 with 95 %).')
  expect(trend({ ...series, direction: 'NONE', weeks: 9 }, format)).toBe('No trend that 9 weeks can show.')
})
