import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Button } from './Button'

/**
 * Shows what was read, or in words that it is not there yet or could not be read. What is read along is waited for
 * too, so that nothing comes late and moves the rest away under a pointer; if it cannot be read, it is missing.
 */
export function Waiting<T>({
  query,
  along = [],
  children,
}: {
  query: UseQueryResult<T>
  along?: Pick<UseQueryResult, 'isPending' | 'failureCount'>[]
  children: (data: T) => ReactNode
}) {
  if (query.data !== undefined && along.every((q) => !q.isPending || q.failureCount > 0)) {
    return children(query.data)
  }
  if (query.isError) {
    return (
      <div role="alert" className="p-6">
        <p className="text-sanguine">{query.error.message}</p>
        <Button onClick={() => query.refetch()}>Try again</Button>
      </div>
    )
  }
  return (
    <p className="text-faded p-6" role="status">
      Reading…
    </p>
  )
}
