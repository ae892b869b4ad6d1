import { useEffect } from 'react'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { isAtRisk, type QuotaLine } from './text'

const key = (quota: QuotaLine) => `quill:said:${quota.id}`

/**
 * Whether a promise was said to be slipping on an earlier day, here in this browser. It is said once; after that
 * a way on is shown, and no more alarm. Once it is on pace again it may be said again.
 */
export function useSaid(quota: QuotaLine): boolean {
  const today = useQuery(queries.today()).data?.day
  const first = localStorage.getItem(key(quota))
  useEffect(() => {
    if (!isAtRisk(quota)) {
      localStorage.removeItem(key(quota))
    } else if (first === null && today) {
      localStorage.setItem(key(quota), today)
    }
  }, [quota, first, today])
  return first !== null && today !== undefined && first < today
}
