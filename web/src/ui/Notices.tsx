import { X } from 'lucide-react'
import { createContext, useCallback, useContext, useMemo, useRef, useState, type ReactNode } from 'react'
import { Button } from './Button'
import { IconButton } from './IconButton'
import { wording } from './wording'

type Notice = { id: number; text: string; action?: { label: string; run: () => void } | undefined }
type Say = (text: string, action?: Notice['action']) => void

const SHOWN_MS = 10_000
const Notices = createContext<Say>(() => {})

/** Says what happened at the foot of the page, for ten seconds, with a way to take it back. */
export function NoticesProvider({ children }: { children: ReactNode }) {
  const [notice, setNotice] = useState<Notice>()
  const next = useRef(0)
  const say = useCallback<Say>((text, action) => {
    const id = ++next.current
    setNotice({ id, text, action })
    setTimeout(() => setNotice((shown) => (shown?.id === id ? undefined : shown)), SHOWN_MS)
  }, [])
  const value = useMemo(() => say, [say])
  return (
    <Notices.Provider value={value}>
      {children}
      <div role="status" aria-live="polite" className="no-print">
        {notice && (
          <div className="floats bg-ink text-paper rounded-paper wide:bottom-6 fixed inset-x-4 bottom-[calc(var(--tabs)+2rem)] z-50 mx-auto flex max-w-lg items-center justify-between gap-4 px-4 py-2">
            <span>{notice.text}</span>
            <span className="flex shrink-0 items-center gap-3">
              {notice.action && (
                <Button
                  className="border-paper! hover:text-paper!"
                  onClick={() => {
                    notice.action?.run()
                    setNotice(undefined)
                  }}
                >
                  {notice.action.label}
                </Button>
              )}
              <IconButton icon={X} label={wording.putTheNoticeAway()} onClick={() => setNotice(undefined)} />
            </span>
          </div>
        )}
      </div>
    </Notices.Provider>
  )
}

/** Says something in one sentence, with an action if there is one. */
export const useNotice = () => useContext(Notices)

/** Says that something was not kept, and why. */
export function useNotKept() {
  const say = useNotice()
  return useCallback((error: Error) => say(wording.notKept({ message: error.message })), [say])
}
