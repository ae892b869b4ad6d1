import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useNotKept } from '../../ui/Notices'
import type { Hung } from './board-places'

/**
 * The board as it is arranged here. Each change is kept at once; what changes while one is on its way is kept after it,
 * so that keys can be pressed as fast as one likes.
 */
export function useHanging(first: Schemas['Hanging']) {
  const client = useQueryClient()
  const notKept = useNotKept()
  const [pictures, setPictures] = useState(first.pictures)
  const version = useRef(first.version)
  const wanted = useRef<Hung[]>(undefined)
  const busy = useRef(false)
  const hang = useMutation({
    mutationFn: (next: Hung[]) =>
      answer(
        api.PUT('/api/what-for/pictures', {
          body: {
            version: version.current,
            pictures: next.map(({ picture, from, across, down, breadth }) => ({
              picture,
              from,
              across,
              down,
              breadth,
            })),
          },
        }),
      ),
    onSuccess: (kept) => {
      version.current = kept.version
      client.setQueryData(queries.hung().queryKey, kept)
      const next = wanted.current
      wanted.current = undefined
      busy.current = next !== undefined
      if (next) {
        hang.mutate(next)
      }
    },
    onError: (error) => {
      wanted.current = undefined
      busy.current = false
      notKept(error)
      void client.invalidateQueries({ queryKey: queries.hung().queryKey })
    },
  })
  const there = useQuery(queries.hung()).data
  useEffect(() => {
    if (there && there.version !== version.current && !busy.current) {
      version.current = there.version
      setPictures(there.pictures)
    }
  }, [there])
  const keep = (next: Hung[]) => {
    setPictures(next)
    if (busy.current) {
      wanted.current = next
    } else {
      busy.current = true
      hang.mutate(next)
    }
  }
  return { pictures, move: setPictures, keep }
}
