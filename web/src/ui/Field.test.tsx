import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import { Field, TextField } from './Field'

const leave = vi.fn()

function Page({ Box }: { Box: typeof Field | typeof TextField }) {
  const [text, setText] = useState('')
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        leave()
      }}
    >
      <Box
        label="Words"
        maxLength={10}
        value={text}
        onChange={(e: { target: { value: string } }) => setText(e.target.value)}
      />
      <button>Keep</button>
    </form>
  )
}

test.each([
  ['a line', Field],
  ['a text', TextField],
])('what is pasted into %s and too long stays whole, and does not leave', async (_, Box) => {
  leave.mockClear()
  render(<Page Box={Box} />)
  const box = screen.getByLabelText('Words')
  await userEvent.click(box)
  await userEvent.paste('cranes and gulls')
  expect(box).toHaveValue('cranes and gulls')
  expect(screen.getByRole('alert')).toHaveTextContent('At most 10 characters; these are 16.')
  expect(box).toHaveAttribute('aria-invalid', 'true')
  await userEvent.click(screen.getByRole('button'))
  expect(leave).not.toHaveBeenCalled()

  await userEvent.clear(box)
  await userEvent.paste('cranes')
  expect(screen.queryByRole('alert')).toBeNull()
  await userEvent.click(screen.getByRole('button'))
  expect(leave).toHaveBeenCalledOnce()
})
