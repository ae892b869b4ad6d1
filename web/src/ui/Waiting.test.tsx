import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
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

const shown = (aside: () => Promise<string>) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Leaf aside={aside} />
    </QueryClientProvider>,
  )

test('what stands beside it comes with it and not after it', async () => {
  let come: (words: string) => void = () => undefined
  shown(() => new Promise((resolve) => (come = resolve)))
  expect(screen.getByRole('status')).toHaveTextContent('Reading…')
  come('the aside')
  expect(await screen.findByText('the leaf, the aside')).toBeInTheDocument()
})

test('what cannot be read beside it keeps nothing waiting, not even while it is tried again', async () => {
  shown(() => Promise.reject(new Error('not now')))
  expect(await screen.findByText('the leaf, no aside')).toBeInTheDocument()
})
