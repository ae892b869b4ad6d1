import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test, vi } from 'vitest'
import { NoticesProvider, useNotice } from './Notices'

function Asks({ undo }: { undo: () => void }) {
  const say = useNotice()
  return <button onClick={() => say('Three drawings are logged.', { label: 'Undo', run: undo })}>Log</button>
}

const page = async () => {
  const undo = vi.fn()
  render(
    <NoticesProvider>
      <Asks undo={undo} />
    </NoticesProvider>,
  )
  await userEvent.click(screen.getByRole('button', { name: 'Log' }))
  expect(screen.getByRole('status')).toHaveTextContent('Three drawings are logged.')
  return undo
}

test('a notice is put away, and nothing is taken back', async () => {
  const undo = await page()
  await userEvent.click(screen.getByRole('button', { name: 'Put the notice away' }))
  expect(screen.getByRole('status')).toBeEmptyDOMElement()
  expect(undo).not.toHaveBeenCalled()
})

test('what it offers is done once', async () => {
  const undo = await page()
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }))
  expect(undo).toHaveBeenCalledOnce()
  expect(screen.getByRole('status')).toBeEmptyDOMElement()
})
