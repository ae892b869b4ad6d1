import { useEffect } from 'react'

const NAME = 'Humble Quill'

/** Calls the window as its page is headed, so that open windows and the browser's history tell pages apart. */
export function useTitle() {
  useEffect(() => {
    const name = () => {
      const heading = document.querySelector('h1')?.textContent?.trim()
      const title = heading ? `${heading} – ${NAME}` : NAME
      if (document.title !== title) {
        document.title = title
      }
    }
    name()
    const changes = new MutationObserver(name)
    changes.observe(document.body, { childList: true, subtree: true, characterData: true })
    return () => changes.disconnect()
  }, [])
}
