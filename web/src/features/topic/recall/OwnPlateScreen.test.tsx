import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { Route, Routes } from 'react-router'
import { beforeEach, expect, test, vi } from 'vitest'
import { sent, show } from '../../../test-page'
import OwnPlateScreen from './OwnPlateScreen'

/** Pictures load at once, twice as wide as high. */
class LoadedPicture {
  onload: (() => void) | null = null
  naturalWidth = 200
  naturalHeight = 100
  set src(_: string) {
    queueMicrotask(() => this.onload?.())
  }
}

beforeEach(() => {
  sessionStorage.clear()
  vi.stubGlobal('Image', LoadedPicture)
})

const kept = {
  id: 'p',
  title: 'Crane',
  note: '',
  topics: ['cranes'],
  ratio: 2,
  pins: [
    { id: 'm', name: 'mast', latin: '', others: ['tower'], x: 0.5, y: 0.5 },
    { id: 'j', name: 'jib', latin: '', others: [], x: 0.2, y: 0.1 },
  ],
  picture: null,
  gone: false,
  turned: false,
  version: 3,
}

const page = (path: string, more: object = {}) =>
  show(
    <Routes>
      <Route path="/recall/own/plates/:id" element={<OwnPlateScreen />} />
      <Route path="*" element={<p>elsewhere</p>} />
    </Routes>,
    {
      'GET /api/names': () => ({ body: { names: [] } }),
      'GET /api/recall/plates/p': () => ({ body: kept }),
      ...more,
    },
    path,
  )

test('a picture of the cabinet begins with the landmarks that are known of it', async () => {
  const asked = page('/recall/own/plates/new?kind=HULL&seed=3', {
    'GET /api/cabinet': () => ({
      body: { size: 500, landmarks: [{ name: 'stem', x: 100, y: 250 }], lens: 50, foreshortening: 0 },
    }),
    'PUT /api/recall/plates': () => ({ body: kept }),
  })
  expect(await screen.findByDisplayValue('stem')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('What it shows'), 'A hull')
  await userEvent.type(screen.getByLabelText(/^Name of the next pin/), 'keel')
  const place = await screen.findByRole('button', { name: /^Set keel/ })
  place.focus()
  await userEvent.keyboard('{Enter}')
  expect(await screen.findByDisplayValue('keel')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Keep the plate' }))
  await waitFor(() => expect(asked.some((a) => a.method === 'PUT')).toBe(true))
  const body = asked.find((a) => a.method === 'PUT')?.body as { pins: object[]; cabinet: object }
  expect(body.cabinet).toEqual({ seed: 3, kind: 'HULL', emphasis: 'ANY', view: 'ANY' })
  expect(body.pins).toEqual([
    { id: null, name: 'stem', latin: '', others: [], x: 0.2, y: 0.5 },
    { id: null, name: 'keel', latin: '', others: [], x: 0.5, y: 0.5 },
  ])
})

test('what was refused stands at its name, and nothing typed is lost', async () => {
  const asked = page('/recall/own/plates/p', {
    'PUT /api/recall/plates/p': () => ({
      status: 400,
      body: {
        detail: 'Not kept.',
        faults: [{ field: 'pins[1].name', detail: '"mast" is right for two pins.' }],
      },
    }),
  })
  const jib = await screen.findByDisplayValue('jib')
  await userEvent.clear(jib)
  await userEvent.type(jib, 'mast')
  await userEvent.click(screen.getByRole('button', { name: 'Keep the plate' }))
  await waitFor(() => expect(sent(asked, 'PUT', '/api/recall/plates/p')).toHaveLength(1))
  expect(sent(asked, 'PUT', '/api/recall/plates/p')[0]?.body).toMatchObject({
    version: 3,
    pins: [
      { id: 'm', others: ['tower'] },
      { id: 'j', name: 'mast' },
    ],
  })
  expect(screen.getAllByDisplayValue('mast')).toHaveLength(2)
})

test('a name that is there already is said before it is placed', async () => {
  page('/recall/own/plates/p')
  await userEvent.type(await screen.findByLabelText(/^Name of the next pin/), 'Mast')
  expect(screen.getByText('There is a pin of that name already.')).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: /^Set Mast/ })).not.toBeInTheDocument()
})

test('a drawing is cleaned before it is shown, and what was left out is said', async () => {
  const asked = page('/recall/own/plates/new', {
    'POST /api/recall/cleaned': () => ({ body: { svg: '<svg/>', ratio: 2, leftOut: ['script'] } }),
  })
  const file = new File(['<svg><script/></svg>'], 'crane.svg', { type: 'image/svg+xml' })
  await userEvent.upload(await screen.findByLabelText('A picture for the plate'), file)
  expect(await screen.findByText('Left out of the drawing: script.')).toBeInTheDocument()
  expect(sent(asked, 'POST', '/api/recall/cleaned')[0]?.body).toEqual({ svg: '<svg><script/></svg>' })
  expect(await screen.findByText('Choose another picture')).toBeInTheDocument()
})

test('a picture that was turned since is said', async () => {
  page('/recall/own/plates/p', {
    'GET /api/recall/plates/p': () => ({ body: { ...kept, turned: true } }),
  })
  expect(await screen.findByText(/turned or straightened since/)).toBeInTheDocument()
})
