import { startTransition, useCallback, useState } from 'react'

/**
 * What is open, of parts that are loaded at their first use: what is seen stays as it is until the part is there,
 * instead of waiting on an empty place.
 */
export function useOpening<T>(closed: T): [T, (next: T) => void] {
  const [open, setOpen] = useState(closed)
  return [open, useCallback((next: T) => startTransition(() => setOpen(() => next)), [])]
}
