import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query'
import { render, screen, waitFor } from '@testing-library/react'
import { expect, test } from 'vitest'
import { Waiting } from './Waiting'

function Leaf({ aside }: { aside: () => Promise<string> }) {
  const query = useQuery({ queryKey: ['leaf'], queryFn: () => 'the leaf' })
  const along = useQuery({ queryKey: ['aside'], queryFn: aside, retry: 1, retryDelay: 3_600_000 })
  return (
    <Waiting query={query} along={[along]}>
      {(leaf) => (
        <p>
          {leaf}, {along.data ?? 'no aside'}
        </p>
      )}
    </Waiting>
  )
}

function shown(aside: () => Promise<string>) {
  const client = new QueryClient()
  render(
    <QueryClientProvider client={client}>
      <Leaf aside={aside} />
    </QueryClientProvider>,
  )
  return client
}

test('what stands beside it comes with it and not after it', async () => {
  let come: (words: string) => void = () => undefined
  const client = shown(() => new Promise((resolve) => (come = resolve)))
  await waitFor(() => expect(client.getQueryData(['leaf'])).toBe('the leaf'))
  expect(screen.getByRole('status')).toHaveTextContent('Reading…')
  come('the aside')
  expect(await screen.findByText('the leaf, the aside')).toBeInTheDocument()
})

test('what cannot be read beside it keeps nothing waiting, not even while it is tried again', async () => {
  shown(() => Promise.reject(new Error('not now')))
  expect(await screen.findByText('the leaf, no aside')).toBeInTheDocument()
})
