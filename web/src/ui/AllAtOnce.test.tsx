import { QueryClient, QueryClientProvider, useQuery, useQueryClient } from '@tanstack/react-query'
import { act, render, screen } from '@testing-library/react'
import { useEffect } from 'react'
import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { AllAtOnce } from './AllAtOnce'
import { useShown } from './shown'

beforeEach(() => {
  vi.useFakeTimers()
})
afterEach(() => {
  vi.useRealTimers()
})

/** A part that is asked for by itself; once it is there, it may ask for another. */
function Part({ name, read, next }: { name: string; read: () => Promise<string>; next?: React.ReactNode }) {
  const { data } = useQuery({ queryKey: [name], queryFn: read, retry: 1, retryDelay: 3_600_000 })
  return (
    <>
      <p>{data ?? `no ${name}`}</p>
      {data && next}
    </>
  )
}

function Late({ read }: { read: () => Promise<string> }) {
  const client = useQueryClient()
  useEffect(() => {
    const timer = setTimeout(() => void client.prefetchQuery({ queryKey: ['late'], queryFn: read }))
    return () => clearTimeout(timer)
  }, [client, read])
  return <p>an aside to come</p>
}

const Knows = () => <p>{useShown() ? 'takes the keyboard' : 'takes nothing'}</p>

/** What is answered when the test says so. */
function later() {
  let say: (words: string) => void = () => undefined
  const read = () => new Promise<string>((resolve) => (say = resolve))
  return {
    read,
    come: (words: string) => act(async () => (say(words), await vi.advanceTimersByTimeAsync(50))),
  }
}

async function page(parts: React.ReactNode) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <AllAtOnce>{parts}</AllAtOnce>
    </QueryClientProvider>,
  )
  await act(() => vi.advanceTimersByTimeAsync(50))
}

const isWaiting = () => screen.queryByRole('status') !== null

test('a page is shown once all its parts are there, also those that a part asks for', async () => {
  const leaf = later()
  const aside = later()
  await page(
    <>
      <Part name="leaf" read={leaf.read} next={<Part name="aside" read={aside.read} />} />
      <Knows />
    </>,
  )
  expect(screen.getByRole('status')).toHaveTextContent('Reading…')
  await leaf.come('the leaf')
  expect(isWaiting()).toBe(true)
  expect(screen.getByText('takes nothing')).toBeInTheDocument()
  await aside.come('the aside')
  expect(isWaiting()).toBe(false)
  expect(screen.getByText('the aside')).toBeVisible()
  expect(screen.getByText('takes the keyboard')).toBeVisible()
})

test('what begins to read a moment after it was drawn is waited for too', async () => {
  const aside = later()
  await page(<Late read={aside.read} />)
  expect(isWaiting()).toBe(true)
  await aside.come('the aside')
  expect(isWaiting()).toBe(false)
})

test('what cannot be read keeps nothing waiting, not even while it is tried again', async () => {
  await page(<Part name="leaf" read={() => Promise.reject(new Error('not now'))} />)
  expect(isWaiting()).toBe(false)
})

test('what is asked for later hides nothing', async () => {
  const more = later()
  const asked = <Part name="more" read={more.read} />
  const client = new QueryClient()
  const whole = (parts: React.ReactNode) => (
    <QueryClientProvider client={client}>
      <AllAtOnce>{parts}</AllAtOnce>
    </QueryClientProvider>
  )
  const { rerender } = render(whole(<p>the leaf</p>))
  await act(() => vi.advanceTimersByTimeAsync(50))
  rerender(whole(asked))
  await act(() => vi.advanceTimersByTimeAsync(50))
  expect(screen.getByText('no more')).toBeVisible()
  expect(isWaiting()).toBe(false)
})

test('what does not come in a second is not waited for', async () => {
  await page(<Part name="leaf" read={later().read} />)
  expect(isWaiting()).toBe(true)
  await act(() => vi.advanceTimersByTimeAsync(1000))
  expect(isWaiting()).toBe(false)
})
