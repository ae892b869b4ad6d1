import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { Field } from './Field'
import { Cancel, Sheet } from './Sheet'

function open() {
  const onClose = vi.fn()
  render(
    <Sheet open onClose={onClose} title="A boat">
      <Field label="Name" />
      <Cancel />
    </Sheet>,
  )
  return onClose
}

test('it begins at its first field, and at the cross where it has none', () => {
  const { unmount } = render(
    <Sheet open onClose={vi.fn()} title="A boat">
      <form>
        <input type="file" aria-label="Picture" />
        <Field label="Name" />
        <Field label="Harbour" />
      </form>
    </Sheet>,
  )
  expect(screen.getByLabelText('Name')).toHaveFocus()
  unmount()
  open()
  expect(screen.getByRole('button', { name: 'Close' })).toHaveFocus()
})

test('an untouched sheet goes away at once', async () => {
  const onClose = open()
  await userEvent.keyboard('{Escape}')
  expect(onClose).toHaveBeenCalledTimes(1)
})

test.each([
  ['Esc', () => userEvent.keyboard('{Escape}')],
  ['the cross', () => userEvent.click(screen.getByRole('button', { name: 'Close' }))],
  ['Cancel', () => userEvent.click(screen.getByRole('button', { name: 'Cancel' }))],
])('%s asks before it throws away what was filled in', async (_, leave) => {
  const onClose = open()
  await userEvent.type(screen.getByLabelText('Name'), 'Kittiwake')
  await leave()
  expect(onClose).not.toHaveBeenCalled()
  expect(screen.getByRole('button', { name: 'Go on filling in' })).toHaveFocus()
  await userEvent.click(screen.getByRole('button', { name: 'Go on filling in' }))
  expect(screen.getByLabelText('Name')).toHaveValue('Kittiwake')
  await leave()
  await userEvent.click(screen.getByRole('button', { name: 'Throw it away' }))
  expect(onClose).toHaveBeenCalledTimes(1)
})
