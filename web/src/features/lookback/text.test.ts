import { describe, expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { became, changedAt, facts, keptAt, markdown, offer, weekTitle, type Offer, type Review } from './text'
import { trend, type Series } from './series'

const format = formats('en-GB')

const MORE: Offer = {
  kind: 'MORE_OF',
  topic: 'stairs',
  exercise: 'Steps by eye level',
  drawings: 3,
  drawn: 7,
  planned: 10,
}
const REST: Offer = { kind: 'MINUTES', day: 'TUESDAY', minutes: 0, drawn: 0, planned: 45 }
const RESOURCE: Offer = { kind: 'RESOURCE', resource: 'keel to rail', topic: 'hulls' }
const DETOUR: Offer = { kind: 'DETOUR', topic: 'boxes', neededFor: 'sheds' }
const LESS: Offer = { kind: 'LESS', title: 'Gulls', minutes: 57, drawn: 0.5, before: 0.6 }

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
  weak: [],
  read: [],
  remarks: [],
  aims: [],
  expected: '',
  words: '',
  expects: '',
  offers: [],
  aside: [],
  taken: [],
  became: [],
  recalled: [],
  habits: [],
}

describe('an offered change', () => {
  test.each<[Offer, string, string]>([
    [MORE, '3 drawings more of stairs next week', 'Steps by eye level: 7 of 10 drawn'],
    [
      { kind: 'WARM_UP', topic: 'boxes', neededFor: 'sheds', minutes: 5, freshness: 0.3 },
      'Boxes as a warm-up, 5 min',
      'rusty at 30 %, and needed for sheds',
    ],
    [
      { kind: 'AIM', remark: 'verticals lean in', times: 2, before: 1 },
      '“verticals lean in” as what to look for in the next sittings',
      'said twice this week and once in the four before',
    ],
    [
      { kind: 'FREE_SHARE', percent: 30, drawn: 0.09, kept: 0.2 },
      'Keep 30 % free instead of 20 %',
      'drawn freely: 9 % of four weeks',
    ],
    [
      LESS,
      '57 min of work less in Gulls',
      'so that it asks for what you draw: 50 % of the planned minutes, 60 % the week before',
    ],
    [
      { kind: 'REPEAT', title: 'Steps', found: 0.375, answers: 4 },
      'Steps once more',
      'what was to be looked for was found in 38 % of 4 entries',
    ],
    [DETOUR, 'A week for boxes before sheds', 'never drawn so far, and needed for sheds'],
    [REST, 'Tuesday as a rest day', 'nothing was drawn on the last four, with 45 min planned'],
    [
      { kind: 'MINUTES', day: 'SATURDAY', minutes: 75, drawn: 77.5, planned: 40 },
      '1 h 15 min on Saturdays instead of 40 min',
      '1 h 18 min were drawn on the last four, on average; setting up comes to it',
    ],
    [
      { kind: 'ORDER', order: 'POSES_FIRST', marks: 3.94, otherwise: 3.1 },
      'Timed poses first, then the lesson',
      'lessons and studies are marked 3.9 after poses, 3.1 without',
    ],
    [
      { kind: 'ORDER', order: 'LESSON_FIRST', marks: 4, otherwise: 3.1 },
      'The lesson first, then timed poses',
      'lessons and studies are marked 4 without poses before, 3.1 after them',
    ],
    [RESOURCE, 'keel to rail next from the shelf', 'it teaches hulls; nothing that you read now does'],
  ])('%o', (some, what, why) => {
    expect(offer(some, format)).toEqual([what, why])
  })

  test.each<[Offer, number, RegExp]>([
    [{ ...REST, minutes: 15 }, 20, /: 20 min drawn\.$/],
    [REST, 0, /rest day: it stands\.$/],
    [RESOURCE, 0, /not opened yet\.$/],
    [RESOURCE, 35, /35 min with it\.$/],
    [DETOUR, 6, /6 drawings since\.$/],
    [LESS, 0, /it stands\.$/],
  ])('%o became', (some, since, words) => {
    expect(became({ offer: some, stands: true, since }, format)).toMatch(words)
  })

  test('where it is kept is told', () => {
    expect(keptAt('AIM')).toMatch(/sittings/)
    expect(keptAt('MINUTES')).toMatch(/settings/)
    expect(keptAt('RESOURCE')).toMatch(/shelf/)
    expect(keptAt('LESS')).toMatch(/history/)
  })

  test('what became of it is said without blame', () => {
    expect(became({ offer: MORE, stands: false, since: 0 }, format)).toMatch(/taken back\.$/)
    expect(became({ offer: MORE, stands: true, since: 2 }, format)).toMatch(/: 2 drawn\.$/)
    expect(
      became({ offer: { kind: 'AIM', remark: 'flat', times: 3, before: 0 }, stands: true, since: 0 }, format),
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
    ratherSteady: false,
    direction: 'UP',
    slope: { slope: 0.094, low: 0.04, high: 0.132, of: 16, trend: true },
  }
  expect(trend(series, format)).toBe('Up by 0.09 a week (0.04 to 0.13 with 95 %).')
  expect(trend({ ...series, direction: 'NONE', weeks: 9 }, format)).toBe('No trend that 9 weeks can show.')
})

test.each([
  ['AIM', undefined],
  ['MINUTES', '/settings'],
  ['RESOURCE', '/shelf'],
  ['LESS', '/course'],
] as const)('a change of kind %s can be changed again at %s', (kind, to) => {
  expect(changedAt(kind)?.to).toBe(to)
})
