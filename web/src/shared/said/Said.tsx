import type { Message } from './phrases'
import { useSaid } from './useSaid'

/** A message of the server, in words. */
export function Said({ message }: { message: Message }) {
  return useSaid()(message)
}
