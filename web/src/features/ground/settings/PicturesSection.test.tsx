import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show, written } from '../../../test-page'
import { PicturesSection } from './PicturesSection'

const folder = (more: object = {}) => ({
  path: '',
  pictures: 0,
  done: 0,
  of: 0,
  running: false,
  broken: [],
  ...more,
})

const page = (view: object, put: () => { status?: number; body: unknown } = () => ({ body: view })) =>
  show(<PicturesSection />, {
    'GET /api/references/folder': () => ({ body: view }),
    'PUT /api/references/folder': put,
    'DELETE /api/references/folder/run': () => ({ body: folder({ path: '/quay' }) }),
  })

test('a folder that is refused stays typed', async () => {
  page(folder(), () => ({
    status: 400,
    body: { code: 'bad-value', field: 'path', detail: '"/nowhere" is no folder on this machine.' },
  }))
  const path = await screen.findByLabelText('Folder of your own pictures, on this machine')
  await userEvent.type(path, '/nowhere')
  await userEvent.click(screen.getByRole('button', { name: 'Take this folder' }))
  expect(await screen.findByText('"/nowhere" is no folder on this machine.')).toBeInTheDocument()
  expect(path).toHaveValue('/nowhere')
})

test('the work under way is told and can be stopped; what is broken is listed', async () => {
  const asked = page(
    folder({
      path: '/quay',
      running: true,
      done: 120,
      of: 5000,
      broken: [{ path: '/quay/cut.png', reason: written('is cut off') }],
    }),
  )
  expect(await screen.findByText('Looking through it: 120 of 5000 files.')).toBeInTheDocument()
  await userEvent.click(screen.getByText('1 file cannot be shown'))
  expect(screen.getByText('is cut off')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }))
  await waitFor(() => expect(sent(asked, 'DELETE', '/api/references/folder/run')).toHaveLength(1))
})
