import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../../api/client'
import { queries } from '../../../api/queries'
import { useNotKept } from '../../../ui/Notices'

export type Line = Schemas['RecallLine']

/** Writes to what is asked for again. */
export function useRecall() {
  const client = useQueryClient()
  const notKept = useNotKept()
  const onError = notKept
  const settled = (view: Schemas['RecallView']) => client.setQueryData(queries.recall().queryKey, view)
  const take = useMutation({
    mutationFn: ({ kind, id, way }: Pick<Line, 'kind' | 'id'> & { way: NonNullable<Line['way']> }) =>
      answer(api.PUT('/api/recall/wanted/{kind}/{id}', { params: { path: { kind, id } }, body: { way } })),
    onSuccess: settled,
    onError,
  })
  const leaveOff = useMutation({
    mutationFn: ({ kind, id }: Pick<Line, 'kind' | 'id'>) =>
      answer(api.DELETE('/api/recall/wanted/{kind}/{id}', { params: { path: { kind, id } } })),
    onSuccess: settled,
    onError,
  })
  const rest = useMutation({
    mutationFn: (resting: boolean) => answer(api.PUT('/api/recall/resting', { body: { resting } })),
    onSuccess: () => client.invalidateQueries({ queryKey: queries.recall().queryKey }),
    onError,
  })
  return { take, leaveOff, rest }
}
