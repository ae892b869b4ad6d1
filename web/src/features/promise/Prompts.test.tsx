import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import { Prompts } from './Prompts'
import type { Quota } from './text'

const prompt = (id: string, words: string) => ({ id, words, chosen: true, doneOn: null, developed: false })

const quota = {
  id: 'q',
  terms: { title: 'Of the quay', count: 2, book: 'Quay book' },
  secondsEach: 600,
  prompts: [prompt('a', 'crab pots'), prompt('b', 'a sail drying')],
} as unknown as Quota

const page = (prompts = quota.prompts) =>
  show(<Prompts quota={{ ...quota, prompts }} today="2026-03-05" />, {
    'PUT /api/quotas/q/prompts': (body) => ({ body }),
    'PUT /api/quotas/q/prompts/order': (body) => ({ body }),
    'DELETE /api/quotas/q/prompts/a': () => ({ body: quota }),
    'POST /api/quotas/prompts/make': (body) => ({
      body: { prompts: ['gull', `oar ${(body as { rerolls: number[] }).rerolls[1]}`, 'hops'] },
    }),
    'POST /api/quotas/prompts/read': () => ({ body: { prompts: ['rope, wet'] } }),
  })

const list = (asked: ReturnType<typeof page>) =>
  (sent(asked, 'PUT', '/api/quotas/q/prompts').at(-1)?.body as { prompts: Quota['prompts'] }).prompts

test('a prompt is ticked on today and moved up', async () => {
  const asked = page()
  await userEvent.click(screen.getByRole('checkbox', { name: 'a sail drying' }))
  await waitFor(() =>
    expect(list(asked)).toEqual([{ ...prompt('b', 'a sail drying'), doneOn: '2026-03-05' }]),
  )
  await userEvent.click(screen.getByRole('button', { name: 'a sail drying earlier' }))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/quotas/q/prompts/order')[0]?.body).toEqual({ ids: ['b', 'a'] }),
  )
})

test('a removed prompt can be brought back', async () => {
  const asked = page()
  await userEvent.click(screen.getByRole('button', { name: 'Remove crab pots' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(list(asked)).toEqual([prompt('a', 'crab pots')]))
  await waitFor(() =>
    expect(sent(asked, 'PUT', '/api/quotas/q/prompts/order')[0]?.body).toEqual({ ids: ['a', 'b'] }),
  )
})

test('a picked prompt can be begun; a drawn one can be taken further, one left out picked', async () => {
  const asked = page([
    prompt('a', 'crab pots'),
    { ...prompt('b', 'a sail drying'), doneOn: '2026-03-04' },
    { ...prompt('c', 'an oar'), chosen: false },
  ])
  const begin = screen.getAllByRole('link', { name: /^Begin/ })
  expect(begin).toHaveLength(1)
  const query = new URLSearchParams(begin[0]?.getAttribute('href')?.split('?')[1])
  expect(Object.fromEntries(query)).toEqual({
    title: 'crab pots',
    topic: 'Of the quay',
    book: 'Quay book',
    prompt: 'a',
    each: '600',
    count: '1',
  })
  await userEvent.click(screen.getByRole('button', { name: 'Work on it further' }))
  await waitFor(() => expect(list(asked)[0]?.developed).toBe(true))
  await userEvent.click(screen.getByRole('button', { name: 'Pick an oar' }))
  await waitFor(() => expect(list(asked)[0]?.chosen).toBe(true))
})

test('one word is drawn anew and the prompt kept', async () => {
  const asked = page()
  await userEvent.click(await screen.findByRole('button', { name: 'Another word for oar 0' }))
  expect(await screen.findByRole('button', { name: 'Another word for oar 1' })).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Keep as a prompt' }))
  await waitFor(() => expect(list(asked).at(-1)?.words).toBe('gull, oar 1, hops'))
})

test('a list is brought in', async () => {
  const asked = page()
  await userEvent.click(screen.getByRole('button', { name: 'Bring a list' }))
  await userEvent.type(screen.getByLabelText('Prompts', { selector: 'textarea' }), '"rope, wet"')
  await userEvent.click(screen.getByRole('button', { name: 'Add them' }))
  await waitFor(() => expect(list(asked).map((p) => p.words)).toEqual(['rope, wet']))
})

test('what was not kept stays where it was typed', async () => {
  const full = { status: 400, body: { code: 'bad-value', detail: 'A list has at most 2000 prompts.' } }
  show(<Prompts quota={quota} today="2026-03-05" />, {
    'PUT /api/quotas/q/prompts': () => full,
    'POST /api/quotas/prompts/read': () => ({ body: { prompts: ['rope'] } }),
  })
  await userEvent.type(screen.getByLabelText('A prompt of your own'), 'a capstan{Enter}')
  expect(await screen.findByText(/Not kept: A list has at most 2000/)).toBeInTheDocument()
  expect(screen.getByLabelText('A prompt of your own')).toHaveValue('a capstan')
  await userEvent.click(screen.getByRole('button', { name: 'Bring a list' }))
  const prompts = screen.getByLabelText('Prompts', { selector: 'textarea' })
  await userEvent.type(prompts, 'rope')
  await userEvent.click(screen.getByRole('button', { name: 'Add them' }))
  expect(await within(screen.getByRole('dialog')).findByRole('alert')).toHaveTextContent('at most 2000')
  expect(prompts).toHaveValue('rope')
})
