import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Button } from './Button'
import { wording } from './wording'

/** What was refused is refused again. */
const isRefused = (error: Error & { refused?: boolean }) => error.refused === true

/** Shows what was read, or in words that it is not there yet or could not be read. */
export function Waiting<T>({
  query,
  children,
}: {
  query: UseQueryResult<T>
  children: (data: T) => ReactNode
}) {
  if (query.data !== undefined) {
    return children(query.data)
  }
  if (query.isError) {
    return (
      <div role="alert" className="p-6">
        <p className="text-sanguine">{query.error.message}</p>
        {!isRefused(query.error) && <Button onClick={() => query.refetch()}>{wording.tryAgain()}</Button>}
      </div>
    )
  }
  return (
    <p className="text-faded p-6" role="status">
      {wording.reading()}
    </p>
  )
}
