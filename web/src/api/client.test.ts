import { expect, test } from 'vitest'
import { answer, Problem, sayAs } from './client'

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

test('a refusal is said by its code, in words of this page', async () => {
  sayAs(({ code }) => Promise.resolve(`in words: ${code}`))
  const detail = 'As the server writes it.'
  const why = { code: 'ground.pauseEndsEarly', arguments: {} }
  const error = { detail, why, faults: [{ field: 'to', detail, why }] }
  const problem = await answer(Promise.resolve({ error, response: response(400) })).catch((e: unknown) => e)
  sayAs(undefined)
  expect(problem).toMatchObject({
    message: 'in words: ground.pauseEndsEarly',
    faults: [{ field: 'to', detail: 'in words: ground.pauseEndsEarly' }],
  })
})

test('a refusal whose words cannot be loaded is told as the server writes it', async () => {
  sayAs(() => Promise.reject(new TypeError('Failed to fetch dynamically imported module')))
  const error = { detail: 'The pause ends early.', why: { code: 'ground.pauseEndsEarly', arguments: {} } }
  const problem = await answer(Promise.resolve({ error, response: response(400) })).catch((e: unknown) => e)
  sayAs(undefined)
  expect(problem).toBeInstanceOf(Problem)
  expect(problem).toMatchObject({ message: 'The pause ends early.' })
})
