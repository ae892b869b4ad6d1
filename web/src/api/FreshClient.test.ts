import { MutationObserver, onlineManager, QueryObserver } from '@tanstack/react-query'
import { afterEach, expect, test, vi } from 'vitest'
import { Problem } from './client'
import { FreshClient } from './FreshClient'

test('a first reading that began before a write is not taken for what came after it', async () => {
  const client = new FreshClient()
  let kept = 'before'
  const answers: (() => void)[] = []
  const seen: (string | undefined)[] = []
  const observer = new QueryObserver(client, {
    queryKey: ['ends'],
    queryFn: () => {
      const now = kept
      return new Promise<string>((resolve) => answers.push(() => resolve(now)))
    },
  })
  const stop = observer.subscribe((result) => seen.push(result.data))
  kept = 'after'
  const done = client.invalidateQueries({ queryKey: ['ends'] })
  await expect.poll(() => answers.length).toBe(2)
  answers.forEach((answer) => answer())
  await done
  expect(observer.getCurrentResult().data).toBe('after')
  expect(seen).not.toContain('before')
  stop()
})

test('what is on the screen stays there until the new answer is read', async () => {
  const client = new FreshClient()
  let n = 0
  const observer = new QueryObserver(client, { queryKey: ['n'], queryFn: () => Promise.resolve(++n) })
  const stop = observer.subscribe(() => undefined)
  await expect.poll(() => observer.getCurrentResult().data).toBe(1)
  const done = client.invalidateQueries({ queryKey: ['n'] })
  expect(observer.getCurrentResult().data).toBe(1)
  await done
  expect(observer.getCurrentResult().data).toBe(2)
  stop()
})

test('what was refused is not asked for again, what got no answer is', async () => {
  const client = new FreshClient()
  const asked = async (problem: Problem) => {
    const read = vi.fn().mockRejectedValue(problem)
    await expect(
      client.fetchQuery({
        queryKey: [problem.code],
        queryFn: read,
        retry: client.getDefaultOptions().queries?.retry,
        retryDelay: 0,
      }),
    ).rejects.toBe(problem)
    return read.mock.calls.length
  }
  expect(await asked(new Problem('not-found', 'There is no such book.', [], undefined, true))).toBe(1)
  expect(await asked(new Problem('unreachable', 'No answer.'))).toBe(2)
})

afterEach(() => onlineManager.setOnline(true))

test('a machine without a network reads and writes as ever: the server is on it', async () => {
  const client = new FreshClient()
  onlineManager.setOnline(false)
  await expect(client.fetchQuery({ queryKey: ['today'], queryFn: () => 'read' })).resolves.toBe('read')
  const writing = new MutationObserver(client, { mutationFn: () => Promise.resolve('kept') })
  await expect(writing.mutate()).resolves.toBe('kept')
})
