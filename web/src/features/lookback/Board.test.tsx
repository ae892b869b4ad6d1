import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeAll, expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import { Board } from './Board'

beforeAll(() => {
  Element.prototype.setPointerCapture = () => undefined
})

const picture = (id: string, across: number) => ({
  picture: id,
  from: 'PAGES' as const,
  across,
  down: 0.1,
  breadth: 0.3,
  ratio: 0.75,
})

const board = (pictures = [picture('a', 0.1), picture('b', 0.5)]) => {
  let version = 4
  return show(<Board hanging={{ version, pictures }} />, {
    'GET /api/what-for/pictures': () => ({ body: { version, pictures } }),
    'PUT /api/what-for/pictures': (body) => {
      const sent = body as { version: number; pictures: object[] }
      if (sent.version !== version) {
        return { status: 409, body: { detail: 'This was changed elsewhere since you opened it.' } }
      }
      version++
      return { body: { version, pictures: sent.pictures.map((p) => ({ ...p, ratio: 0.75 })) } }
    },
    'GET /api/look-back/pictured': () => ({
      body: [{ entry: 'e', day: '2026-03-01', called: 'hulls', picture: 'c', mark: 3 }],
    }),
    'GET /api/references/pictures': () => ({ body: [] }),
  })
}

test('arrow keys move a picture and plus makes it larger; each is kept', async () => {
  const asked = board()
  screen.getByRole('button', { name: /Picture 1/ }).focus()
  await userEvent.keyboard('{ArrowRight}')
  await waitFor(() => expect(sent(asked, 'PUT', '/api/what-for/pictures')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/what-for/pictures')[0]?.body).toMatchObject({
    version: 4,
    pictures: [{ picture: 'b' }, { picture: 'a', across: expect.closeTo(0.12) }],
  })
})

test('a picture is taken down and another hung', async () => {
  const asked = board([picture('a', 0.1)])
  await userEvent.click(screen.getByRole('button', { name: /Picture 1/ }))
  await userEvent.click(screen.getByRole('button', { name: 'Take it down' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/what-for/pictures')[0]?.body).toEqual({ version: 4, pictures: [] }),
  )
  await userEvent.click(screen.getByText('Hang another picture'))
  await userEvent.click(await screen.findByRole('button', { name: 'Hang hulls' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/what-for/pictures')).toHaveLength(2))
})

test('keys pressed faster than they are kept are all kept, and the picture stays in focus', async () => {
  const asked = board()
  const first = screen.getByRole('button', { name: /Picture 1/ })
  first.focus()
  await userEvent.keyboard('{ArrowRight}{ArrowRight}{ArrowRight}{ArrowDown}{ArrowRight}')
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/what-for/pictures').at(-1)?.body).toMatchObject({
      pictures: [
        { picture: 'b' },
        { picture: 'a', across: expect.closeTo(0.18), down: expect.closeTo(0.12) },
      ],
    }),
  )
  expect(screen.queryByText(/Not kept/)).not.toBeInTheDocument()
  expect(first).toHaveFocus()
})
