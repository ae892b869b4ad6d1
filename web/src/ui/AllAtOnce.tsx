import { useIsFetching, useQueryClient, type Query } from '@tanstack/react-query'
import { useEffect, useState, type ReactNode } from 'react'
import { Shown } from './shown'
import { wording } from './wording'

/** In milliseconds since something came: then a page is shown with what is there. */
const LONGEST_WAIT = 1000

/**
 * Shows a page once all that it reads is there, so that nothing comes late and moves the rest away under a pointer.
 * What cannot be read keeps nothing waiting, and what is read later, such as more of a list, hides nothing.
 */
export function AllAtOnce({ children }: { children: ReactNode }) {
  const client = useQueryClient()
  const reading = useIsFetching({ predicate: isAwaited })
  const [shown, setShown] = useState(false)
  useEffect(() => {
    const show = () => setShown(true)
    // What has just been drawn may begin to read more, so that it is asked a moment later.
    let timer = setTimeout(() => {
      if (client.isFetching({ predicate: isAwaited }) === 0) {
        show()
      } else {
        timer = setTimeout(show, LONGEST_WAIT)
      }
    })
    return () => clearTimeout(timer)
  }, [client, reading])
  return (
    <>
      {!shown && (
        <p className="text-faded absolute p-6" role="status">
          {wording.reading()}
        </p>
      )}
      <div className={shown ? 'contents' : 'invisible'}>
        <Shown.Provider value={shown}>{children}</Shown.Provider>
      </div>
    </>
  )
}

const isAwaited = ({ state }: Query) => state.data === undefined && state.fetchFailureCount === 0
