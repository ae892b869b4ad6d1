import { expect, test } from 'vitest'
import { formats } from '../../ui/locale'
import { fromTerms, newTerms, toTerms } from './draft'

const format = formats('en-GB')
const draft = { ...newTerms('2026-03-05'), title: 'Posts', count: '90', topic: 'mooring posts' }

test('a complete draft becomes terms and goes back', () => {
  const { terms } = toTerms({ ...draft, minutesEach: '4,5', minutesADay: '30' }, format)
  expect(terms).toMatchObject({
    kind: 'SPRINT',
    count: 90,
    due: '2026-03-18',
    secondsEach: 270,
    minutesADay: 30,
    topic: 'mooring posts',
    medium: null,
  })
  expect(terms && toTerms(fromTerms(terms, format), format).terms).toEqual(terms)
})

test('nothing typed yet is no complaint', () => {
  const { terms, errors } = toTerms({ ...draft, count: '' }, format)
  expect(terms).toBeUndefined()
  expect(Object.values(errors).filter(Boolean)).toEqual([])
})

test.each([
  [{ count: 'ninety' }, 'count', 'not “ninety”'],
  [{ count: '-3' }, 'count', 'not “-3”'],
  [{ count: '99999' }, 'count', '10,000'],
  [{ minutesEach: '0' }, 'minutesEach', 'not “0”'],
  [{ minutesADay: '1000' }, 'minutesADay', '960'],
  [{ due: '2026-03-01' }, 'due', 'before the first'],
  [{ due: '' }, 'due', 'needed'],
  [{ due: 'soon' }, 'due', 'not “soon”'],
  [{ kind: 'DAILY_RUN', days: '1.5' }, 'days', 'not “1.5”'],
  [{ kind: 'RAMP', step: 'x' }, 'step', 'not “x”'],
] as const)('%o is named at its field', (more, field, text) => {
  const { terms, errors } = toTerms({ ...draft, ...more }, format)
  expect(terms).toBeUndefined()
  expect(errors[field]).toContain(text)
})

test('a list counts prompts and nothing else does', () => {
  expect(toTerms({ ...draft, kind: 'PROMPT_LIST' }, format).terms?.unit).toBe('PROMPTS')
  expect(toTerms({ ...draft, unit: 'PROMPTS' }, format).terms?.unit).toBe('DRAWINGS')
})
