import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import EasyScreen from './EasyScreen'

const easy = (path: string) =>
  show(
    <EasyScreen />,
    {
      'GET /api/settings': () => ({ body: { whatFor: 'boats in ink', look: { locale: 'en-GB' } } }),
      'GET /api/what-for/pictures': () => ({ body: { version: -1, pictures: [] } }),
      'GET /api/today/little': () => ({ body: { minutes: 10, topic: 'hulls', medium: 'pen' } }),
      'GET /api/today/bored': () => ({
        body: { constraint: 'THREE_VALUES', familiar: 'hulls', other: 'gulls' },
      }),
      'GET /api/today/short': () => ({
        body: {
          minutes: 15,
          media: ['pen'],
          fitting: [
            {
              from: 'SHARE',
              title: 'Bollards',
              units: 5,
              minutesCounted: false,
              minutes: 10,
              secondsEach: 120,
              whole: false,
              exercise: 'w1-b',
            },
          ],
        },
      }),
      'POST /api/sittings': () => ({ status: 201, body: { id: 's' } }),
    },
    path,
  )

test('the smallest page begins in one press, and nothing will be asked', async () => {
  const asked = easy('/easy?way=little')
  expect(await screen.findByText('10 min of hulls in pen.')).toBeInTheDocument()
  expect(screen.getByText('boats in ink')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Begin' }))
  await waitFor(() =>
    expect(sent(asked, 'POST', '/api/sittings')[0]?.body).toMatchObject({
      topic: 'hulls',
      little: true,
      plan: { rows: [{ count: 1, seconds: 600 }] },
    }),
  )
})

test('what fits leads to a sitting of so many', async () => {
  easy('/easy?way=short')
  expect(await screen.findByText('5 of Bollards')).toBeInTheDocument()
  const begin = new URL(screen.getByRole<HTMLAnchorElement>('link', { name: 'Begin Bollards' }).href)
    .searchParams
  expect([begin.get('exercise'), begin.get('each'), begin.get('count')]).toEqual(['w1-b', '120', '5'])
})

test('a number that is none asks nothing', async () => {
  easy('/easy?way=short')
  const field = await screen.findByLabelText('Minutes there are')
  await userEvent.clear(field)
  await userEvent.type(field, 'soon')
  expect(screen.queryByRole('list', { name: 'What fits' })).not.toBeInTheDocument()
})

test('boredom is answered with a rule and another subject, not with rest', async () => {
  const asked = easy('/easy?way=bored')
  expect(await screen.findByText('Three values and nothing between them')).toBeInTheDocument()
  const [rule, other] = screen
    .getAllByRole<HTMLAnchorElement>('link', { name: 'Begin' })
    .map((link) => new URL(link.href).searchParams)
  expect([rule?.get('topic'), rule?.get('aim')]).toEqual(['hulls', 'Three values and nothing between them'])
  expect(other?.get('topic')).toBe('gulls')
  await userEvent.click(screen.getByRole('button', { name: 'Something else' }))
  await waitFor(() =>
    expect(sent(asked, 'GET', '/api/today/bored').map((a) => a.query)).toEqual(['?turn=0', '?turn=1']),
  )
})
