import { useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { refreshAll } from '../../api/queries'
import { sendPicture, type Picture } from '../pictures'
import { wording } from './wording'

/** How far a bundle of pictures is. */
export type Sending = {
  of: number
  done: number
  running: boolean
  arrived: Picture[]
  /** Names of those that were there already. */
  known: string[]
  /** Why those that did not arrive did not, one sentence each. */
  refused: string[]
}

const NOTHING: Sending = { of: 0, done: 0, running: false, arrived: [], known: [], refused: [] }

/** Sends pictures one after another; what cannot be read costs the others nothing, and it can be stopped. */
export function useSending() {
  const [sending, setSending] = useState<Sending>(NOTHING)
  const stopped = useRef(new AbortController())
  const client = useQueryClient()

  const send = async (files: File[], then?: (picture: Picture) => Promise<unknown>) => {
    const stop = new AbortController()
    stopped.current = stop
    const state = { ...NOTHING, of: files.length, running: true }
    setSending(state)
    for (const file of files) {
      if (stop.signal.aborted) {
        break
      }
      try {
        const { picture, isNew } = await sendPicture(file, stop.signal)
        if (isNew) {
          state.arrived = [...state.arrived, picture]
        } else {
          state.known = [...state.known, file.name]
        }
        await then?.(picture)
      } catch (error) {
        if (!stop.signal.aborted) {
          const { message } = error as Error
          const sentence = message.includes(file.name)
            ? message
            : wording.nameWasNotTakenInMessage({ name: file.name, message })
          state.refused = [...state.refused, sentence]
        }
      }
      state.done += 1
      setSending({ ...state })
    }
    setSending({ ...state, running: false })
    await refreshAll(client)
  }

  return { sending, send, stop: () => stopped.current.abort(), clear: () => setSending(NOTHING) }
}
