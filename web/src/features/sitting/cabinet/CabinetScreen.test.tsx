import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../../test-page'
import { Route, Routes } from 'react-router'
import BuilderScreen from '../BuilderScreen'
import CabinetScreen from './CabinetScreen'

const page = () =>
  show(
    <CabinetScreen />,
    {
      'GET /api/cabinet': () => ({
        body: {
          size: 1000,
          landmarks: [{ name: 'left knee', x: 400, y: 700 }],
          cameraHeight: 0.803,
          lens: 52.4,
          foreshortening: 0.213,
        },
      }),
    },
    '/cabinet?kind=HULL&seed=9',
  )

test('eight references of the kind, and eight others', async () => {
  page()
  expect(screen.getByAltText('hulls, number 9')).toHaveAttribute(
    'src',
    '/api/cabinet/picture.svg?seed=9&kind=HULL&emphasis=ANY&view=ANY',
  )
  await userEvent.click(screen.getByRole('button', { name: 'Others' }))
  expect(screen.getByAltText('hulls, number 24')).toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText('Asked for'), 'much foreshortening')
  expect(screen.getByAltText('hulls, number 17')).toHaveAttribute(
    'src',
    expect.stringContaining('emphasis=MUCH'),
  )
})

test('a sitting that is being built finds its references and everything typed again', async () => {
  show(
    <Routes>
      <Route path="/sitting" element={<BuilderScreen />} />
      <Route path="/cabinet" element={<CabinetScreen />} />
    </Routes>,
    {
      'GET /api/sittings/current': () => ({ body: { sitting: null } }),
      'GET /api/references/folder': () => ({ body: { path: '', pictures: 0 } }),
      'GET /api/words': () => ({ body: { shipped: [], own: [] } }),
      'POST /api/sittings/ladder': () => ({ body: { seconds: 2340, drawings: 26, rungs: [] } }),
    },
    '/sitting?title=Hulls&exercise=hy-7-1&count=26&each=90&cabinet=HULL',
  )
  await userEvent.type(await screen.findByLabelText('The one thing to look for'), 'the sheer')
  await userEvent.click(screen.getByRole('link', { name: 'Look into the cabinet' }))
  expect(screen.getByLabelText('Show')).toHaveValue('HULL')
  await userEvent.selectOptions(screen.getByLabelText('Asked for'), 'much foreshortening')
  await userEvent.click(screen.getByRole('link', { name: 'Draw from these' }))
  expect(await screen.findByLabelText('The one thing to look for')).toHaveValue('the sheer')
  expect(screen.getByText('Hulls')).toBeInTheDocument()
  expect(screen.getByLabelText('Asked for')).toHaveValue('MUCH')
})

test('a large one tells its camera and shows its landmarks on demand', async () => {
  page()
  await userEvent.click(screen.getByAltText('hulls, number 10'))
  expect(
    await screen.findByText(/eye at 0.8 of a figure’s height, lens 52 mm, foreshortening 21 %/),
  ).toBeInTheDocument()
  expect(screen.queryByText('left knee')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Show the landmarks' }))
  expect(screen.getByText('left knee')).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'As a picture to print' })).toHaveAttribute(
    'href',
    expect.stringContaining('picture.png'),
  )
})
