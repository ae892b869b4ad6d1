import { expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { finish, progress, remark, waits, type Resource } from './text'

const EN = formats('en-GB')

const resource = (more: object, used: object = {}) =>
  ({
    waitsFor: [],
    fields: { name: 'Boats', unit: 'PAGE', total: 184 },
    used: { read: 106, finish: null, byHow: {}, ...used },
    ...more,
  }) as unknown as Resource

test('how far it is read, in its own units', () => {
  expect(progress(resource({}))).toBe('106 of 184 pages')
  expect(progress(resource({ fields: { unit: 'LESSON', total: null } }, { read: 1 }))).toBe('1 lesson')
  expect(progress(resource({ fields: { unit: null } }))).toBeUndefined()
})

test('when it will be done says how sure that is', () => {
  const date = { left: 78, ownDays: 28, early: '2026-04-03', middle: '2026-05-16', late: '2026-10-21' }
  expect(finish(resource({}, { finish: date }), EN)).toBe(
    '78 pages left; as the last weeks went, done about 16 May 2026 (3 Apr to 21 Oct, 8 times in 10).',
  )
  const few = { left: 78, ownDays: 2, early: null, middle: null, late: null, fan: [] }
  expect(finish(resource({}, { finish: few }), EN)).toBe(
    '78 pages left; 2 days since it was begun are too few to tell when it will be done.',
  )
  const never = { ...few, ownDays: 28, fan: [{ date: '2027-03-05', low: 0, middle: 0, high: 3 }] }
  expect(finish(resource({}, { finish: never }), EN)).toBe(
    '78 pages left; as the last weeks went, not within a year.',
  )
})

test('what it waits for', () => {
  const waiting = resource({ waitsFor: [{ id: 'k', name: 'Keel', left: 34, about: '2026-03-24' }] })
  expect(waits(waiting, EN)).toBe('after Keel, 34 left, about 24 Mar')
})

test('what is due is counted in days', () => {
  const due = (days: number) =>
    remark({ kind: 'DUE', resource: 'r', name: 'Gulls', days, on: '2026-03-11' }, EN)
  expect(due(6)).toBe('Gulls is due back on 11 Mar, in 6 days.')
  expect(due(0)).toBe('Gulls is due back today.')
  expect(due(-1)).toBe('Gulls was due back on 11 Mar, 1 day ago.')
})
