import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../../test-page'
import RecallScreen from './RecallScreen'

const line = (more: object) => ({
  kind: 'PLATE',
  id: 'boat',
  title: 'Parts of a small boat',
  topics: ['hulls'],
  parts: 15,
  way: null,
  due: null,
  times: 0,
  right: 0,
  held: 0,
  speaksFor: null,
  own: false,
  gone: false,
  ...more,
})

const due = { kind: 'PLATE', id: 'boat', title: 'Parts of a small boat', way: 'DRAW', pins: [], seconds: 180 }

const page = (view: object, more: object = {}) =>
  show(<RecallScreen />, {
    'GET /api/recall': () => ({ body: { resting: false, due: [], things: [line({})], ...view } }),
    'GET /api/today': () => ({ body: { day: '2026-03-05' } }),
    ...more,
  })

test('what is due says in which way, and about how long it takes', async () => {
  page({
    due: [due],
    things: [line({ way: 'DRAW', due: '2026-03-04', times: 5, right: 4 })],
  })
  expect(await screen.findByText(', drawn from memory, 3 min')).toBeInTheDocument()
  expect(await screen.findByText(/due now; there 4 of 5 times/)).toBeInTheDocument()
})

test('what is not due yet names its day', async () => {
  page({ things: [line({ way: 'DRAW', due: '2026-05-02' })] })
  expect(await screen.findByText(/next on .*2026/)).toBeInTheDocument()
  expect(screen.getByText('Nothing is due.')).toBeInTheDocument()
})

test('a plate is taken up by drawing, asked for in another way, and left off', async () => {
  const wanted = '/api/recall/wanted/PLATE/boat'
  const taken = { resting: false, due: [], things: [line({ way: 'DRAW', due: '2026-03-06' })] }
  const asked = page(
    {},
    {
      [`PUT ${wanted}`]: () => ({ body: taken }),
      [`DELETE ${wanted}`]: () => ({ body: { resting: false, due: [], things: [line({})] } }),
    },
  )
  await userEvent.click(await screen.findByRole('button', { name: 'Ask me for it: Parts of a small boat' }))
  await waitFor(() => expect(sent(asked, 'PUT', wanted)[0]?.body).toEqual({ way: 'DRAW' }))
  await userEvent.selectOptions(await screen.findByLabelText('How'), 'pins placed')
  await waitFor(() => expect(sent(asked, 'PUT', wanted)[1]?.body).toEqual({ way: 'PLACE' }))
  await userEvent.click(screen.getByRole('button', { name: 'Leave it off: Parts of a small boat' }))
  expect(await screen.findByRole('button', { name: /^Ask me for it/ })).toBeInTheDocument()
})

test('while it rests nothing is due', async () => {
  const asked = page({ resting: true }, { 'PUT /api/recall/resting': () => ({ status: 204 }) })
  expect(await screen.findByText('It rests; nothing is asked for.')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('checkbox', { name: 'Ask for nothing for now' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/recall/resting')[0]?.body).toEqual({ resting: false }))
})

test('a plate whose picture is gone says so, and leads to where it gets another', async () => {
  page({ things: [line({ id: 'crane', title: 'Crane', own: true, gone: true })] })
  const link = await screen.findByRole('link', { name: /Crane/ })
  expect(within(link).getByText(/Its picture was taken out; it is not asked for/)).toBeInTheDocument()
  expect(link).toHaveAttribute('href', '/recall/own/plates/crane')
})

const file = (name: string, text: string) => new File([text], name)

test('a plate comes in as its names and its picture', async () => {
  const asked = page({})
  const where = await screen.findByLabelText(/^Files of a plate/)
  await userEvent.upload(where, [file('crane.svg', '<svg/>'), file('crane.yaml', 'format: 1')])
  await waitFor(() => expect(asked.some((a) => a.path.startsWith('/api/recall/files/'))).toBe(true))
  expect(asked.find((a) => a.path.startsWith('/api/recall/files/'))?.body).toEqual({
    file: 'format: 1',
    svg: '<svg/>',
    picture: null,
  })
})

test('a picture alone is not enough, and it is said what is missing', async () => {
  const asked = page({})
  await userEvent.upload(await screen.findByLabelText(/^Files of a plate/), [file('crane.svg', '<svg/>')])
  expect(await screen.findByText(/Choose the YAML file too/)).toBeInTheDocument()
  expect(asked.some((a) => a.method === 'PUT')).toBe(false)
})
