import { expect, test } from 'vitest'
import { formats } from '../ui/locale'
import { answer, Problem, tellAs } from './client'

const response = (status: number) => new Response(null, { status })

test('what was asked for is handed on', async () => {
  await expect(answer(Promise.resolve({ data: 7, response: response(200) }))).resolves.toBe(7)
})

test('a refusal keeps its code, its faults, its words and what is stored', async () => {
  const error = {
    code: 'stale',
    detail: 'Not saved: it was changed elsewhere.',
    field: 'day',
    current: { id: 1 },
  }
  const problem = await answer(Promise.resolve({ error, response: response(409) })).catch((e: unknown) => e)
  expect(problem).toBeInstanceOf(Problem)
  expect(problem).toMatchObject({
    code: 'stale',
    faults: [{ field: 'day', detail: error.detail }],
    current: { id: 1 },
    message: error.detail,
  })
})

test('a refusal without words names its number', async () => {
  await expect(answer(Promise.resolve({ response: response(502) }))).rejects.toThrow('The answer was 502.')
})

test('no answer at all is told as such', async () => {
  const problem = await answer(Promise.reject(new TypeError('Failed to fetch'))).catch((e: unknown) => e)
  expect(problem).toMatchObject({
    code: 'unreachable',
    message: 'Humble Quill does not answer. Is it still running?',
  })
})

test('days in a refusal are told as the learner types them', async () => {
  tellAs(formats('de').sentence)
  const detail = 'The pause ends on 2026-03-08.'
  const error = { detail, faults: [{ field: 'to', detail }] }
  const problem = await answer(Promise.resolve({ error, response: response(400) })).catch((e: unknown) => e)
  tellAs((sentence) => sentence)
  expect(problem).toMatchObject({
    message: 'The pause ends on 08.03.2026.',
    faults: [{ field: 'to', detail: 'The pause ends on 08.03.2026.' }],
  })
})
