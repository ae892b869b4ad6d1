import { useEffect } from 'react'
import { useNavigate } from 'react-router'
import { SECTIONS } from './sections'

/** Asks the log line to take the cursor, wherever it is shown. */
export const FOCUS_LOG_LINE = 'quill:focus-log-line'

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable], [role=dialog]') !== null

/** The keys that work on every page. */
export function useKeys({ onHelp, onSearch }: { onHelp: () => void; onSearch: () => void }) {
  const navigate = useNavigate()
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) {
        return
      }
      const section = SECTIONS[Number(event.key) - 1]
      if (section) {
        navigate(section.path)
      } else if (event.key === '?') {
        onHelp()
      } else if (event.key === '/') {
        onSearch()
      } else if (event.key === 's' || event.key === 'S') {
        navigate('/sitting')
      } else if (event.key === 'l' || event.key === 'L') {
        navigate('/today')
        requestAnimationFrame(() => window.dispatchEvent(new Event(FOCUS_LOG_LINE)))
      } else {
        return
      }
      event.preventDefault()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [navigate, onHelp, onSearch])
}
