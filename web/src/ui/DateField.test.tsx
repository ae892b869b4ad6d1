import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { DateField } from './DateField'
import { Locale } from './locale'

function Typed({ begin = '' }) {
  const [day, setDay] = useState(begin)
  return (
    <Locale value="en-GB">
      <DateField label="First day" value={day} onChange={setDay} />
      <output>{day}</output>
    </Locale>
  )
}

test.each(['2026-13-40', '2026-02-30', '0000-00-00', '31/02/2026', 'soon'])(
  'what is no day of the calendar stays as it was typed and is told: %s',
  async (typed) => {
    render(<Typed />)
    await userEvent.type(screen.getByLabelText('First day'), typed)
    await userEvent.tab()
    expect(screen.getByLabelText('First day')).toHaveValue(typed)
    expect(screen.getByText(`A date such as dd/mm/yyyy, not “${typed}”.`)).toBeInTheDocument()
  },
)

test.each(['2026-03-05', '05/03/2026', '5.3.26'])('a day is read however it is typed: %s', async (typed) => {
  render(<Typed />)
  await userEvent.type(screen.getByLabelText('First day'), typed)
  await userEvent.tab()
  expect(screen.getByRole('status')).toHaveTextContent('2026-03-05')
  expect(screen.getByLabelText('First day')).toHaveValue('05/03/2026')
})

test('the arrow keys go over the end of February', async () => {
  render(<Typed begin="2028-02-28" />)
  await userEvent.type(screen.getByLabelText('First day'), '{ArrowUp}{ArrowUp}')
  expect(screen.getByRole('status')).toHaveTextContent('2028-03-01')
})
