import { render, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { Refused, refusedAt } from './Refused'

const refused = (...faults: { field: string; detail: string }[]) =>
  Object.assign(new Error('all of it'), { faults })

test.each([
  [
    { field: 'plan', detail: 'No ladder: these poses take 1000 min.' },
    'No ladder: these poses take 1000 min.',
  ],
  [{ field: 'name', detail: '"mast" is right for two.' }, '"mast" is right for two.'],
  [{ field: 'mark', detail: 'must be at most 5; it was "9".' }, 'mark: must be at most 5; it was "9".'],
])('%o is told as it is, with its field only where it does not say it', (fault, said) => {
  render(<Refused error={refused(fault)} />)
  expect(screen.getByRole('alert')).toHaveTextContent(said)
})

test('what stands at a field of the form is only counted at its foot', () => {
  render(<Refused error={refused({ field: 'fields.mark', detail: 'must be at most 5' })} fields={['mark']} />)
  expect(screen.getByRole('alert')).toHaveTextContent('Not kept yet; 1 field to put right.')
})

test('one of a list is told at the field of the list', () => {
  const error = refused({ field: 'steps[3]', detail: 'must have at most 200 characters; it has 500.' })
  expect(refusedAt(error, 'steps')?.said).toBe('Must have at most 200 characters; it has 500.')
})
