import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import TrayScreen from './TrayScreen'

const picture = (id: string) => ({
  id,
  version: 0,
  originalName: `${id}.jpg`,
  bytes: 1,
  width: 3,
  height: 4,
  taken: '2026-03-05T18:40:00',
  day: '2026-03-05',
  addedAt: '2026-03-05T18:41:00Z',
  pageId: null,
  beside: false,
  caption: '',
})

const book = (name: string) => ({
  id: name,
  name,
  binding: 'BOUND',
  pages: 72,
  filledShare: 0.5,
  keptPrivate: false,
  inUse: name === 'quay',
  removed: false,
})

const proposed = (number: number, rests: string) => ({
  bookId: 'quay',
  book: 'quay',
  number,
  day: '2026-03-05',
  about: 'Coils',
  rests,
})

const answers = {
  'GET /api/books': () => ({ body: [book('quay'), book('pocket')] }),
  'GET /api/tray': () => ({
    body: {
      waiting: [
        { picture: picture('one'), proposed: proposed(7, 'DAY_AND_COUNT') },
        { picture: picture('two'), proposed: proposed(8, 'NEXT_PAGE') },
      ],
    },
  }),
  'PUT /api/pictures/one/page': () => ({ body: { ...picture('one'), pageId: 'p' } }),
  'PUT /api/pictures/two/page': () => ({ body: { ...picture('two'), pageId: 'p' } }),
}

test('Enter takes what is proposed and the arrows move on', async () => {
  const asked = show(<TrayScreen />, answers)
  expect(await screen.findByText(/^p 7 of quay, drawn on .*: Coils$/)).toBeInTheDocument()
  await userEvent.keyboard('{ArrowRight}')
  expect(await screen.findByText(/a guess: the next page of the book in use/)).toBeInTheDocument()
  await userEvent.keyboard('{ArrowLeft}{Enter}')
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/pictures/one/page')[0]?.body).toEqual({
      book: 'quay',
      number: 7,
      beside: false,
    }),
  )
})

test('another book and page can be said, and an impossible page cannot be sent', async () => {
  const asked = show(<TrayScreen />, answers)
  await screen.findByRole('option', { name: 'pocket' })
  await userEvent.selectOptions(screen.getByLabelText('Book'), 'pocket')
  const page = screen.getByLabelText('Page')
  await userEvent.clear(page)
  await userEvent.type(page, '0{Enter}')
  expect(screen.getByText(/A whole number from 1 to 9,?999, not “0”/)).toBeInTheDocument()
  await userEvent.clear(page)
  await userEvent.type(page, '12{Enter}')
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/pictures/one/page')[0]?.body).toMatchObject({
      book: 'pocket',
      number: 12,
    }),
  )
})

test('several in a row say their pages, are put there one by one, and what could not be parted is named', async () => {
  const asked = show(<TrayScreen />, {
    ...answers,
    'GET /api/tray/row': () => ({
      body: {
        row: [
          { picture: 'one', from: 7, to: 8 },
          { picture: 'two', from: 9, to: 10 },
        ],
        without: 0,
        taken: [9],
      },
    }),
    'PUT /api/tray/row/one': () => ({ body: { left: picture('one'), right: picture('r'), parted: true } }),
    'PUT /api/tray/row/two': () => ({ body: { left: picture('two'), right: null, parted: false } }),
  })
  await userEvent.click(await screen.findByText(/Several in a row/))
  await userEvent.click(screen.getByLabelText(/Two pages in each picture/))
  expect(await screen.findByText(/pages 7 to 10 of quay/)).toHaveTextContent('Page 9 has a picture already')
  await userEvent.click(screen.getByRole('button', { name: 'Put all 2 there' }))
  expect(await screen.findByText(/2 pictures are on pages of quay/)).toHaveTextContent('two.jpg')
  expect(sent(asked, 'PUT', '/api/tray/row/two')[0]?.body).toMatchObject({ book: 'quay', from: 9, two: true })
})

test('a proposal that arrives while one is in the field is replaced by what is typed', async () => {
  let placed = false
  const asked = show(<TrayScreen />, {
    ...answers,
    'GET /api/tray': () => ({
      body: {
        waiting: placed
          ? [{ picture: picture('two'), proposed: proposed(12, 'NEXT_PAGE') }]
          : [
              { picture: picture('one'), proposed: proposed(7, 'DAY_AND_COUNT') },
              { picture: picture('two'), proposed: proposed(8, 'NEXT_PAGE') },
            ],
      },
    }),
    'PUT /api/pictures/one/page': () => {
      placed = true
      return { body: { ...picture('one'), pageId: 'p' } }
    },
  })
  await screen.findByRole('option', { name: 'pocket' })
  await userEvent.click(screen.getByLabelText('Page'))
  await userEvent.keyboard('{Enter}')
  await waitFor(() => expect(screen.getByLabelText('Page')).toHaveValue('12'))
  await userEvent.keyboard('9{Enter}')
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/pictures/two/page')[0]?.body).toMatchObject({ number: 9 }),
  )
})
