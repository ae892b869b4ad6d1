import { expect, test } from 'vitest'
import type { Schemas } from '../../api/client'
import { atStake, example, respread, run, stillOpen } from './text'

type Streak = Schemas['StreakView']

const streak = (more: Partial<Streak>): Streak => ({
  rule: 'NEVER_TWICE',
  own: true,
  unit: 'DAYS',
  current: 41,
  currentFrom: null,
  currentTo: null,
  longest: 41,
  longestFrom: null,
  longestTo: null,
  todayPractised: false,
  todayDecides: false,
  missesLeft: 1,
  openDays: 3,
  stillNeeded: 0,
  forgiven: 0,
  ...more,
})
const today = { rest: false, pause: null } as Schemas['TodayView']
const share = (more: Partial<Schemas['ShareView']>) => ({ count: 28, ...more }) as Schemas['ShareView']

test('the run tells its length and its misses', () => {
  expect(run(streak({ forgiven: 1 }))).toBe('41 practised days in a row, with one miss between.')
  expect(run(streak({ current: 1 }))).toBe('1 practised day in a row.')
  expect(run(streak({ unit: 'WEEKS', current: 3 }))).toBe('3 weeks in a row in your rhythm.')
  expect(run(streak({ current: 0, longest: 0 }))).toBe('The first drawing begins the line.')
})

test('what today decides is said before it is lost', () => {
  expect(atStake(streak({ todayDecides: true }), today)).toBe('Miss today and the run of 41 ends.')
  expect(atStake(streak({ todayPractised: true, todayDecides: true }), today)).toBe('Today is already in.')
  expect(atStake(streak({}), { ...today, rest: true })).toContain('waits')
})

test('a share that changed names the old figure and the reason', () => {
  expect(respread(share({ was: 26, missed: 12 }))).toBe(
    '28 instead of 26: 12 were left from the days before.',
  )
  expect(respread(share({ count: 20, was: 26, missed: -6 }))).toContain('6 more than planned so far')
  expect(respread(share({ was: null, missed: null }))).toBeUndefined()
})

test('the rest of the week is told by the rule', () => {
  expect(stillOpen(streak({ rule: 'WEEKLY_RHYTHM', stillNeeded: 2, missesLeft: 1 }))).toBe(
    '2 more days and this week has its rhythm; 1 day can still be missed.',
  )
  expect(stillOpen(streak({ missesLeft: 0 }))).toContain('No day of this week')
  expect(stillOpen(streak({ missesLeft: 0, openDays: 0 }))).toBe(
    'Nothing in this week can end the run any more.',
  )
  expect(stillOpen(streak({ current: 0 }))).toBe('Any day begins a run; none can end just now.')
})

test('a week that cannot reach its rhythm any more is not said to have it', () => {
  const lost = { rule: 'WEEKLY_RHYTHM', stillNeeded: 4, openDays: 2, missesLeft: 0 } as const
  expect(stillOpen(streak({ ...lost, current: 0 }))).toContain('cannot reach your rhythm any more')
  expect(stillOpen(streak({ ...lost, current: 3 }))).toContain('counts neither way')
  expect(stillOpen(streak({ rule: 'WEEKLY_RHYTHM', openDays: 2 }))).toBe('This week has its rhythm.')
})

test('what stands in the empty line is a line of today that can be read', () => {
  const left = (left: number, unit = 'DRAWINGS') =>
    example([share({ left: 0 }), share({ title: 'Cranes as boxes', left, unit, minutesLeft: 3 } as never)])
  expect(left(2)).toBe('2 cranes as boxes, 3 min, pen, p 12, 4/5')
  expect(left(1)).toBe('cranes as boxes, 3 min, pen, p 12, 4/5')
  expect(left(3, 'MINUTES')).toBe('cranes as boxes, 3 min, pen, p 12, 4/5')
  expect(example([])).toBe('3 boats, 12 min, pen, p 12, 4/5')
})
