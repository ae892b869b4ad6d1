import { fireEvent, screen } from '@testing-library/react'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import { InWords } from './InWords'

const said = (entries: string[]) => ({
  part: 'arm',
  along: 'BREADTH',
  more: 0,
  less: entries.length,
  sign: 0.5,
  standing: 'TOO_FEW',
  cases: entries.map((entry) => ({
    entry,
    day: '2026-03-04',
    text: 'Arms too thin.',
    said: { part: 'arm', along: 'BREADTH', more: false },
  })),
})

test('words of notes are cases until they are told to be none', async () => {
  let entries = ['one', 'two', 'three']
  const asked = show(<InWords />, {
    'GET /api/bench/said': () => ({ body: [said(entries)] }),
    'PUT /api/bench/said/misread': (body) => {
      entries = entries.filter((entry) => entry !== (body as { entry: string }).entry)
      return { status: 204 }
    },
  })
  fireEvent.click(await screen.findByText('Arm too thin'))
  expect(screen.getByText('3 of 3 notes')).toBeInTheDocument()
  fireEvent.click(screen.getAllByRole('button', { name: 'Not meant so: Arms too thin.' })[0] as HTMLElement)
  expect(await screen.findByText('2 of 2 notes')).toBeInTheDocument()
  expect(sent(asked, 'PUT', '/api/bench/said/misread')[0]?.body).toEqual({
    entry: 'one',
    part: 'arm',
    along: 'BREADTH',
    wrong: true,
  })
})

test('nothing is said where nothing comes back', async () => {
  const asked = show(<InWords />, { 'GET /api/bench/said': () => ({ body: [] }) })
  await expect.poll(() => asked.length).toBe(1)
  expect(screen.queryByText('In your own words')).not.toBeInTheDocument()
})
