import { useEffect } from 'react'
import { useNavigate } from 'react-router'
import { FOCUS_LOG_LINE, TO_LOG_LINE } from '../shared/logline/events'
import { FIELDS } from '../ui/typing'
import { SECTIONS } from './sections'

const isIn = (target: EventTarget | null, places: string): target is HTMLElement =>
  target instanceof HTMLElement && target.closest(places) !== null

/** The keys that work on every page. */
export function useKeys({ onHelp, onSearch }: { onHelp: () => void; onSearch: () => void }) {
  const navigate = useNavigate()
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isIn(event.target, '[role=dialog]')) {
        return
      }
      if (isIn(event.target, FIELDS)) {
        // The cursor waits in the log line; without a way out of it no other key would work there.
        if (event.key === 'Escape' && !event.defaultPrevented) {
          event.target.blur()
        }
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
        navigate('/today', { state: TO_LOG_LINE })
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
