import { useEffect, useRef, useState } from 'react'
import { useLocation } from 'react-router'
import { wording } from './wording'

const NAME = wording.humbleQuill()

/**
 * Calls the window as its page is headed, so that open windows and the browser's history tell pages apart.
 *
 * @returns the heading of the page that was come to last, for those who hear it; empty until there is a second one
 */
export function useTitle() {
  const { pathname } = useLocation()
  const [cameTo, setCameTo] = useState('')
  const at = useRef('')
  useEffect(() => {
    const name = () => {
      const heading = document.querySelector('h1')?.textContent?.trim()
      const title = heading ? `${heading} – ${NAME}` : NAME
      if (document.title !== title) {
        document.title = title
      }
      if (heading && at.current !== pathname) {
        // The browser itself tells how the first page is called.
        setCameTo(at.current === '' ? '' : heading)
        at.current = pathname
      }
    }
    name()
    const changes = new MutationObserver(name)
    changes.observe(document.body, { childList: true, subtree: true, characterData: true })
    return () => changes.disconnect()
  }, [pathname])
  return cameTo
}
