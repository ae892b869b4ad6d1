import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { expect, test } from 'vitest'
import { show } from '../../test-page'
import { formats } from '../../ui/locale'
import { BeforeSitting } from './BeforeSitting'
import { newSitting, type Built } from './built'

function Held({ onChange }: { onChange: (built: Built) => void }) {
  const [built, setBuilt] = useState(newSitting(new URLSearchParams(), formats('en-GB')))
  return (
    <BeforeSitting
      built={built}
      set={(more) => {
        const next = { ...built, ...more }
        setBuilt(next)
        onChange(next)
      }}
    />
  )
}

const page = () => {
  let last: Built | undefined
  show(<Held onChange={(built) => (last = built)} />, {
    'GET /api/settings': () => ({ body: { whatFor: 'Hulls in ink, on the spot.' } }),
    'GET /api/sittings/told': () => ({ body: { cues: ['after the lamp is lit'], places: ['on the quay'] } }),
    'GET /api/references/sets': () => ({
      body: [{ id: 'g', missing: 4, fields: { name: 'gulls', needed: 20, cabinet: null } }],
    }),
  })
  return () => last
}

test('with little energy the smallest page is offered, beside what it is all for', async () => {
  const last = page()
  expect(screen.queryByRole('button', { name: 'The smallest page' })).not.toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText('Energy now'), '2')
  expect(await screen.findByText('Hulls in ink, on the spot.')).toBeInTheDocument()
  expect(await screen.findByText(/gulls lacks 4 of 20/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'The smallest page' }))
  expect(last()).toMatchObject({ kind: 'ALL_QUICK', minutes: '10', eachMinutes: '2', drill: 'NONE' })
})

test('with enough energy nothing is said', async () => {
  page()
  await userEvent.selectOptions(screen.getByLabelText('Energy now'), '4')
  expect(screen.queryByText(/rest is allowed/)).not.toBeInTheDocument()
})

test('cues and places that were told before are offered again', async () => {
  const last = page()
  await expect
    .poll(() => document.querySelector('#cues option')?.getAttribute('value'))
    .toBe('after the lamp is lit')
  await userEvent.type(screen.getByLabelText('Where'), 'on the quay')
  expect(last()).toMatchObject({ where: 'on the quay' })
})
