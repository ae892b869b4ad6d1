import { screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { show } from '../../../test-page'
import NotKept from './NotKept'

const FULL = { code: 'ground.diskFull', arguments: { free: 0, folder: '/quill', needed: 20 } }

test('a full disk is said with what that means', () => {
  show(<NotKept today={{ disk: FULL }} />, {})
  expect(
    screen.getByText(
      'The disk is full: 0 MB are free where /quill lies, and 20 MB are needed. Until then nothing new is kept; what is here can be read.',
    ),
  ).toBeInTheDocument()
})

test('a copy that failed is said with the day of the last one and a way to the copies', () => {
  const copies = { newest: '2026-03-04', reason: { code: 'ground.copyFailed', arguments: {} } }
  show(<NotKept today={{ copies }} />, {})
  expect(screen.getByText(/No copy was made since Wednesday, Mar 4\. The disk failed/)).toBeInTheDocument()
  expect(screen.getByRole('link')).toHaveAttribute('href', '/settings#copies')
})
