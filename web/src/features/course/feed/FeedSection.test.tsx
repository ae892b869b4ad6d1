import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../../test-page'
import { FeedSection } from './FeedSection'

test('the address of the calendar is shown and made anew', async () => {
  show(<FeedSection />, {
    'GET /api/feed': () => ({ body: { address: 'http://127.0.0.1/feed/old/plan.ics' } }),
    'POST /api/feed': () => ({ body: { address: 'http://127.0.0.1/feed/new/plan.ics' } }),
  })
  expect(await screen.findByDisplayValue(/old/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Make a new address' }))
  expect(await screen.findByDisplayValue(/new/)).toBeInTheDocument()
  expect(screen.getByText('The old address answers no more.')).toBeInTheDocument()
})
