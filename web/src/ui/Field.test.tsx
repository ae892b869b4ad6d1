import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { expect, test, vi } from 'vitest'
import { show } from '../test-page'
import { DateField } from './DateField'
import { Field, TextField } from './Field'
import { Refused, refusedAt } from './Refused'

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

const refusal = () =>
  Object.assign(new Error(), { faults: [{ field: 'words', detail: '"gull" is there already.' }] })

function Asked({ Box }: { Box: typeof Field | typeof TextField }) {
  const [text, setText] = useState('')
  const [error, setError] = useState<Error>()
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        setError(refusal())
      }}
    >
      <Box
        label="Words"
        value={text}
        error={refusedAt(error, 'words')}
        onChange={(e: { target: { value: string } }) => setText(e.target.value)}
      />
      <button>Keep</button>
    </form>
  )
}

test.each([
  ['a line', Field],
  ['a text', TextField],
])(
  'what was refused in %s is said while it holds that, and again when it is refused again',
  async (_, Box) => {
    render(<Asked Box={Box} />)
    const box = screen.getByLabelText('Words')
    await userEvent.type(box, 'gull')
    await userEvent.click(screen.getByRole('button'))
    expect(screen.getByRole('alert')).toHaveTextContent('"gull" is there already.')
    await userEvent.type(box, 's')
    expect(screen.queryByRole('alert')).toBeNull()
    expect(box).toBeValid()
    await userEvent.type(box, '{backspace}')
    expect(screen.getByRole('alert')).toBeVisible()
    await userEvent.type(box, 's')
    await userEvent.click(screen.getByRole('button'))
    expect(screen.getByRole('alert')).toBeVisible()
  },
)

test('the keyboard goes to the first field that was refused', async () => {
  const Two = () => {
    const [error, setError] = useState<Error>()
    return (
      <form
        onSubmit={(event) => {
          event.preventDefault()
          setError(refusal())
        }}
      >
        <Field label="Before" defaultValue="quay" />
        <Field label="Words" defaultValue="gull" error={refusedAt(error, 'words')} />
        <button>Keep</button>
        <Refused error={error} fields={['words']} />
      </form>
    )
  }
  render(<Two />)
  await userEvent.click(screen.getByRole('button'))
  expect(screen.getByLabelText('Words')).toHaveFocus()
  await userEvent.click(screen.getByLabelText('Before'))
  expect(screen.getByLabelText('Before')).toHaveFocus()
  await userEvent.click(screen.getByRole('button'))
  expect(screen.getByLabelText('Words')).toHaveFocus()
})

test('a day that is written in full when its field is left stays refused', async () => {
  const Days = () => {
    const [day, setDay] = useState('')
    const [error, setError] = useState<Error>()
    return (
      <>
        <DateField label="Day" value={day} error={refusedAt(error, 'words')} onChange={setDay} />
        <button onMouseDown={(e) => e.preventDefault()} onClick={() => setError(refusal())}>
          Keep
        </button>
      </>
    )
  }
  show(<Days />, {})
  const box = screen.getByLabelText('Day')
  await userEvent.type(box, '3/4/26')
  await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
  await userEvent.tab()
  expect(box).toHaveValue('03/04/2026')
  expect(screen.getByRole('alert')).toBeVisible()
})
