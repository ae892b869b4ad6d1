import { useEffect, useState } from 'react'

/**
 * A value once it has not changed for a moment, so that not every key asks the server.
 *
 * @param pause milliseconds it must stay as it is
 */
export function useSettled<T>(value: T, pause: number): T {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), pause)
    return () => clearTimeout(timer)
  }, [value, pause])
  return settled
}
