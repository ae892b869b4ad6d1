import { useQueryClient } from '@tanstack/react-query'
import { queries } from '../../../api/queries'

/** Reads anew what is due once something was asked for; plates and orders themselves stay as they are. */
export function useAsked() {
  const client = useQueryClient()
  return () =>
    Promise.all([
      client.invalidateQueries({ queryKey: queries.recall().queryKey, exact: true }),
      client.invalidateQueries({ queryKey: queries.recallBefore([]).queryKey.slice(0, 2) }),
    ])
}
