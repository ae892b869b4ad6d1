import { useState } from 'react'

const PREFIX = 'quill:typed:'

function stored<T>(key: string): T | undefined {
  const text = sessionStorage.getItem(PREFIX + key)
  return text === null ? undefined : (JSON.parse(text) as T)
}

/** Changes some of what was typed into a form from another page; nothing where nothing is kept. */
export function amendKept<T>(key: string, more: Partial<T>) {
  const kept = stored<T>(key)
  if (kept !== undefined) {
    sessionStorage.setItem(PREFIX + key, JSON.stringify({ ...kept, ...more }))
  }
}

/**
 * State of a form that outlives the page: whoever looks at another page in between finds what was typed,
 * until it is sent or given up.
 *
 * @param key tells the form, and what it changes
 * @param begin what it begins with when nothing was typed before
 */
export function useKept<T>(key: string, begin: T) {
  const [found] = useState(() => stored<T>(key))
  const [value, setValue] = useState(found ?? begin)
  const [back, setBack] = useState(found !== undefined)
  const forget = () => {
    sessionStorage.removeItem(PREFIX + key)
    setBack(false)
  }
  return {
    value,
    set(next: T) {
      sessionStorage.setItem(PREFIX + key, JSON.stringify(next))
      setValue(next)
    },
    /** Whether it came back from before. */
    back,
    /** To be called once it is sent or given up. */
    forget,
    startOver() {
      forget()
      setValue(begin)
    },
  }
}
