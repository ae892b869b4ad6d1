import { useSyncExternalStore } from 'react'
import { useFormats } from '../../ui/locale'
import type { Message, phrase } from './phrases'

let known: typeof phrase | undefined
const waiting = new Set<() => void>()

/** The words of the server's messages; they are loaded where the first one is said, and stay. */
export async function loadPhrases(): Promise<typeof phrase> {
  if (!known) {
    known = (await import('./phrases')).phrase
    waiting.forEach((tell) => tell())
  }
  return known
}

function subscribe(tell: () => void) {
  waiting.add(tell)
  void loadPhrases()
  return () => {
    waiting.delete(tell)
  }
}

const unused = () => () => {}

/**
 * Says messages of the server, with days as they are typed; nothing until their words are
 * there.
 *
 * @param needed whether there is a message at all
 */
export function useSaid(needed = true): (message: Message) => string {
  const format = useFormats()
  const say = useSyncExternalStore(needed ? subscribe : unused, () => known)
  return (message) => (say ? format.sentence(say(message)) : '')
}
