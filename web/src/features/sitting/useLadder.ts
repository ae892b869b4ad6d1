import { useQuery } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import type { Plan } from './text'

/** The ladder of a plan, computed anew as it changes. */
export const useLadder = (plan: Plan | undefined) =>
  useQuery({
    queryKey: ['sittings', 'ladder', plan],
    queryFn: () => answer(api.POST('/api/sittings/ladder', { body: plan as Plan })),
    enabled: plan !== undefined,
    placeholderData: (last) => last,
    retry: false,
  })
