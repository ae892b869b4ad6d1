import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { PutIn } from './PutIn'

test('a bundle with bad files takes in the good ones and names each of the others with its reason', async () => {
  let n = 0
  const bad = 'is no JPEG, PNG or WebP picture.'
  const fallback = () => {
    n += 1
    return n === 2
      ? { status: 400, body: { code: 'bad-value', detail: `"b.jpg" ${bad}`, field: 'picture' } }
      : { body: { picture: { id: `${n}` }, isNew: n !== 3 } }
  }
  show(<PutIn label="Choose pictures" />, new Proxy({}, { get: () => fallback, has: () => true }) as never)
  const files = ['a', 'b', 'c', 'd'].map((name) => new File(['x'], `${name}.jpg`, { type: 'image/jpeg' }))
  await userEvent.upload(screen.getAllByLabelText('Choose pictures').at(-1) as HTMLElement, files)
  expect(await screen.findByText('2 pictures taken in.')).toBeInTheDocument()
  expect(screen.getByText(`"b.jpg" ${bad}`)).toBeInTheDocument()
  expect(screen.getByText('There already, and not taken twice: c.jpg.')).toBeInTheDocument()
})
