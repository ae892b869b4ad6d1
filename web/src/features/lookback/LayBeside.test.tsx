import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { LayBeside } from './LayBeside'

const pictured = ['hulls', 'stairs', 'hulls'].map((called, i) => ({
  entry: `e${i}`,
  day: `2026-0${i + 1}-01`,
  called,
  picture: `p${i}`,
  mark: 3,
}))

test('two drawings of a subject are laid side by side under a name', async () => {
  const asked = show(<LayBeside />, { 'GET /api/look-back/pictured': () => ({ body: pictured }) })
  await userEvent.click(await screen.findByText('Lay drawings of a subject side by side'))
  await userEvent.type(screen.getByLabelText('Show drawings of'), 'hull')
  expect(screen.queryByRole('button', { name: /stairs/ })).not.toBeInTheDocument()
  const lay = screen.getByRole('button', { name: /side by side$/ })
  expect(lay).toBeDisabled()
  for (const button of screen.getAllByRole('button', { name: /hulls/ })) {
    await userEvent.click(button)
  }
  await userEvent.type(screen.getByLabelText('Which subject it is'), 'The green boat')
  await userEvent.click(screen.getByRole('button', { name: 'Lay these 2 side by side' }))
  await waitFor(() =>
    expect(asked.find((a) => a.method === 'PUT')?.body).toEqual({
      title: 'The green boat',
      entries: ['e0', 'e2'],
    }),
  )
})

test('with one picture there is nothing to lay', async () => {
  const asked = show(<LayBeside />, { 'GET /api/look-back/pictured': () => ({ body: [pictured[0]] }) })
  await waitFor(() => expect(asked).toHaveLength(1))
  expect(screen.queryByText('Lay drawings of a subject side by side')).not.toBeInTheDocument()
})
