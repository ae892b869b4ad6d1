import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { useSettled } from '../../ui/useSettled'

const DRAFT = 'quill:log-line'
const PAUSE_MS = 90

/** The line being written, what it says, and saving it once. */
export function useLogLine(onSaved: (entry: Schemas['EntryView']) => void) {
  const client = useQueryClient()
  const [line, setLineState] = useState(() => sessionStorage.getItem(DRAFT) ?? '')
  const settled = useSettled(line, PAUSE_MS)
  // One id for one line: sending it again after a lost answer cannot log it twice.
  const id = useRef(crypto.randomUUID())

  const setLine = (text: string) => {
    id.current = crypto.randomUUID()
    sessionStorage.setItem(DRAFT, text)
    setLineState(text)
  }

  const reading = useQuery({
    ...queries.reading(settled),
    enabled: settled.trim() !== '',
    placeholderData: keepPreviousData,
  })

  const save = useMutation({
    mutationFn: async (text: string) => {
      const read = await client.fetchQuery(queries.reading(text))
      if (!read.complete) {
        return undefined
      }
      return answer(api.POST('/api/entries', { body: { id: id.current, fields: read.fields } }))
    },
    onSuccess: async (entry) => {
      if (entry) {
        setLine('')
        onSaved(entry)
        await refreshAll(client)
      }
    },
  })

  return {
    line,
    setLine,
    reading: line.trim() === '' ? undefined : reading.data,
    readFor: settled,
    /** Whether what is shown was read from the line as it stands now. */
    current: settled === line && reading.data !== undefined && !reading.isPlaceholderData,
    save,
  }
}
