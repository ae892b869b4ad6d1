import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { useSettled } from '../../ui/useSettled'

const DRAFT = 'quill:log-line'
const draftOf = (day: string | undefined) => (day ? `${DRAFT}:${day}` : DRAFT)
const PAUSE_MS = 90

/** The most characters of a line. */
export const MOST = BOUNDS.LineToRead.line.maxLength

/** The line being written, what it says, and saving it once. */
export function useLogLine(
  /** The day it is written for; nothing for today. */
  day: string | undefined,
  onSaved: (entries: Schemas['EntryView'][], dayOff: boolean) => void,
) {
  const client = useQueryClient()
  const [line, setLineState] = useState(() => sessionStorage.getItem(draftOf(day)) ?? '')
  const settled = useSettled(line, PAUSE_MS)
  // One id for each entry of a line: sending it again after a lost answer cannot log it twice.
  const ids = useRef<string[]>([])

  const setLine = (text: string) => {
    ids.current = []
    sessionStorage.setItem(draftOf(day), text)
    setLineState(text)
  }

  const reading = useQuery({
    ...queries.reading(settled, day),
    enabled: settled.trim() !== '' && settled.length <= MOST,
    placeholderData: keepPreviousData,
  })

  const read = (text: string) => client.fetchQuery(queries.reading(text, day))

  const save = useMutation({
    mutationFn: async (text: string) => {
      const { entries, dayOff, complete } = await read(text)
      if (!complete) {
        return undefined
      }
      const saved: Schemas['EntryView'][] = []
      for (const [i, fields] of entries.entries()) {
        const id = (ids.current[i] ??= crypto.randomUUID())
        saved.push(await answer(api.POST('/api/entries', { body: { id, fields } })))
      }
      return { saved, dayOff }
    },
    onSuccess: async (done) => {
      if (done) {
        setLine('')
        onSaved(done.saved, done.dayOff)
        await refreshAll(client)
      }
    },
  })

  return {
    line,
    setLine,
    tooLong: line.length > MOST,
    reading: line.trim() === '' || line.length > MOST ? undefined : reading.data,
    readFor: settled,
    /** Whether what is shown was read from the line as it stands now. */
    current: settled === line && reading.data !== undefined && !reading.isPlaceholderData,
    /** What a line says, once it is read. */
    read,
    save,
  }
}
