import { expect, test } from 'vitest'
import { mixed } from './mixed'

test('steps are never shown in their own order', () => {
  const steps = ['a', 'b', 'c']
  expect(mixed(steps, () => 0)).not.toEqual(steps)
  for (let i = 0; i < 30; i++) {
    const found = mixed(steps)
    expect(found).not.toEqual(steps)
    expect([...found].sort()).toEqual(steps)
  }
  expect(mixed(['a'])).toEqual(['a'])
})
