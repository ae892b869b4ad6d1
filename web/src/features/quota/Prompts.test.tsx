import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, test } from 'vitest'
import { sent, show } from '../../test-page'
import { Prompts } from './Prompts'
import type { Quota } from './text'

const prompt = (id: string, words: string) => ({ id, words, chosen: true, doneOn: null, developed: false })

const quota = {
  id: 'q',
  terms: { count: 2 },
  prompts: [prompt('a', 'crab pots'), prompt('b', 'a sail drying')],
} as unknown as Quota

const page = () =>
  show(<Prompts quota={quota} today="2026-03-05" />, {
    'PUT /api/quotas/q/prompts': (body) => ({ body }),
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
  await waitFor(() => expect(list(asked)[1]?.doneOn).toBe('2026-03-05'))
  await userEvent.click(screen.getByRole('button', { name: 'a sail drying earlier' }))
  await waitFor(() => expect(list(asked).map((p) => p.id)).toEqual(['b', 'a']))
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
  await waitFor(() => expect(list(asked)).toHaveLength(3))
})
