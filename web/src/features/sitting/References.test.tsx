import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { formats } from '../../ui/locale'
import { newSitting, type Built } from './built'
import { References } from './References'

function Held({ onChange }: { onChange: (built: Built) => void }) {
  const [built, setBuilt] = useState(
    newSitting(new URLSearchParams('cabinet=STANDING&emphasis=LEGS&view=FRONT&seed=7'), formats('en-GB')),
  )
  return (
    <References
      built={built}
      plan={undefined}
      set={(more) => {
        const next = { ...built, ...more }
        setBuilt(next)
        onChange(next)
      }}
    />
  )
}

const kind = (name: string, more: object = {}) => ({
  kind: name,
  hasFront: true,
  isFigure: true,
  emphases: ['ANY', 'LEGS'],
  ...more,
})

const page = (folder: object, at = '/sitting?topic=gulls') => {
  let last: Built | undefined
  show(
    <Held onChange={(built) => (last = built)} />,
    {
      'GET /api/cabinet/kinds': () => ({
        body: [kind('STANDING'), kind('BOX', { hasFront: false, isFigure: false, emphases: ['ANY'] })],
      }),
      'GET /api/references/folder': () => ({ body: folder }),
      'GET /api/references/sets': () => ({
        body: [
          {
            id: 'g',
            missing: 0,
            there: 20,
            unused: 12,
            fields: { name: 'gulls', needed: 20, cabinet: null },
          },
        ],
      }),
    },
    at,
  )
  return () => last
}

test('what cannot be asked of another kind is not asked any more', async () => {
  const last = page({ path: '/pictures', pictures: 20 })
  await screen.findByText('legs toward you')
  await userEvent.selectOptions(screen.getByLabelText('Show'), 'boxes')
  expect(last()).toMatchObject({ cabinet: 'BOX', emphasis: 'ANY', view: 'ANY' })
})

test('of the own folder one set can be drawn from, those not used yet first', async () => {
  const last = page({ path: '/pictures', pictures: 20 })
  expect(await screen.findByRole('option', { name: 'your own folder, 20 pictures' })).toBeEnabled()
  await userEvent.selectOptions(screen.getByLabelText('From'), 'FOLDER')
  expect(await screen.findByRole('option', { name: 'gulls, 12 of 20 not used yet' })).toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText('Which of them'), 'g')
  expect(last()).toMatchObject({ references: 'FOLDER', referenceSet: 'g' })
})

test('without a folder it is said where one is chosen', async () => {
  page({ path: '', pictures: 0 })
  expect(await screen.findByText(/A folder of your own pictures can be chosen/)).toBeInTheDocument()
  expect(screen.getByRole('option', { name: /your own folder/ })).toBeDisabled()
})

test('other pictures are other seeds, and the cabinet is told which sitting waits', async () => {
  const last = page({ path: '/pictures', pictures: 20 })
  const before = (await screen.findByRole('link', { name: 'Look into the cabinet' })).getAttribute('href')
  expect(before).toBe('/cabinet?kind=STANDING&emphasis=LEGS&view=FRONT&seed=7')
  await userEvent.click(screen.getByRole('button', { name: 'Others' }))
  expect(last()?.seed).not.toBe(7)
})
