import { expect, test } from 'vitest'
import { enumerated } from './lists'

test('things are told one after another, the last after an "and"', () => {
  expect(enumerated([])).toBe('')
  expect(enumerated(['Monday'])).toBe('Monday')
  expect(enumerated(['Monday', 'Tuesday'])).toBe('Monday and Tuesday')
  expect(enumerated(['Monday', 'Tuesday', 'Friday'])).toBe('Monday, Tuesday and Friday')
})
