import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { SameWords } from './SameWords'

const told = { remarks: ['bows not sharp', 'Bow too blunt'], same: [{ one: 'flat', other: 'no depth' }] }

test('two remarks are counted as one, and parted again', async () => {
  const asked = show(<SameWords from="2026-03-02" />, {
    'GET /api/reviews/2026-03-02/remarks': () => ({ body: told }),
    'PUT /api/reviews/2026-03-02/remarks': () => ({ body: told }),
  })
  await userEvent.click(screen.getByText('Two remarks that mean the same'))
  const button = await screen.findByRole('button', { name: 'Count them as one' })
  expect(button).toBeDisabled()
  await userEvent.selectOptions(screen.getByLabelText('This one'), 'Bow too blunt')
  expect(screen.getByLabelText('and this one')).not.toHaveTextContent('Bow too blunt')
  await userEvent.selectOptions(screen.getByLabelText('and this one'), 'bows not sharp')
  await userEvent.click(button)
  await waitFor(() =>
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({
      one: 'Bow too blunt',
      other: 'bows not sharp',
      same: true,
    }),
  )
  await userEvent.click(screen.getByRole('button', { name: 'Part “flat” and “no depth”' }))
  await waitFor(() =>
    expect(asked.filter((a) => a.method === 'PUT').at(-1)?.body).toEqual({ ...told.same[0], same: false }),
  )
})
