import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../api/client'
import { refreshAll } from '../api/queries'
import { useNotKept, useNotice } from '../ui/Notices'
import { wording } from './wording'

type Quota = Schemas['QuotaView']

/** What can be done with a quota; whatever is written, all pages are read anew. */
export function useQuotas() {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const onSuccess = () => refreshAll(client)
  const onError = notKept
  const of = ({ id, version }: Quota) => ({ path: { id }, query: { version } })

  const goOn = useMutation({
    mutationFn: (quota: Quota) => answer(api.POST('/api/quotas/{id}/go-on', { params: of(quota) })),
    onSuccess,
    onError,
  })
  const end = useMutation({
    mutationFn: (quota: Quota) => answer(api.POST('/api/quotas/{id}/end', { params: of(quota) })),
    onSuccess: (ended) => {
      say(wording.endedTitleItsRecordStays({ title: ended.terms.title }), {
        label: wording.goOnWithIt(),
        run: () => goOn.mutate(ended),
      })
      return onSuccess()
    },
    onError,
  })
  const remove = useMutation({
    mutationFn: (quota: Quota) => answer(api.DELETE('/api/quotas/{id}', { params: of(quota) })),
    onSuccess: () => {
      say(wording.theQuotaIsRemovedEveryEntry())
      return onSuccess()
    },
    onError,
  })
  const keepResult = useMutation({
    mutationFn: ({ quota, learned, best }: { quota: Quota; learned: string; best: string[] }) =>
      answer(
        api.PUT('/api/quotas/{id}/result', {
          params: { path: { id: quota.id } },
          body: { version: quota.version, learned, best },
        }),
      ),
    onSuccess: () => {
      say(wording.kept())
      return onSuccess()
    },
    onError,
  })
  const again = useMutation({
    mutationFn: ({ quota, id, start }: { quota: Quota; id: string; start: string }) =>
      answer(api.POST('/api/quotas/{id}/again', { params: { path: { id: quota.id } }, body: { id, start } })),
    onSuccess,
    onError,
  })
  const putPrompts = useMutation({
    mutationFn: ({ quota, list }: { quota: Quota; list: Schemas['PromptView'][] }) =>
      answer(
        api.PUT('/api/quotas/{id}/prompts', {
          params: { path: { id: quota.id } },
          body: { prompts: list },
        }),
      ),
    onSuccess,
    onError,
  })
  const orderPrompts = useMutation({
    mutationFn: ({ quota, ids }: { quota: Quota; ids: string[] }) =>
      answer(
        api.PUT('/api/quotas/{id}/prompts/order', { params: { path: { id: quota.id } }, body: { ids } }),
      ),
    onSuccess,
    onError,
  })
  const removePrompt = useMutation({
    mutationFn: ({ quota, prompt }: { quota: Quota; prompt: Schemas['PromptView'] }) =>
      answer(
        api.DELETE('/api/quotas/{id}/prompts/{promptId}', {
          params: { path: { id: quota.id, promptId: prompt.id } },
        }),
      ),
    onSuccess: (_, { quota, prompt }) => {
      say(wording.removedWords({ words: prompt.words }), {
        label: wording.undo(),
        run: () =>
          putPrompts.mutate(
            { quota, list: [prompt] },
            { onSuccess: () => orderPrompts.mutate({ quota, ids: quota.prompts.map((p) => p.id) }) },
          ),
      })
      return onSuccess()
    },
    onError,
  })
  const rule = useMutation({
    mutationFn: ({ open, kept }: { open: Schemas['OpenRule']; kept: boolean }) =>
      answer(
        api.PUT('/api/entries/{entry}/rules/{rule}', {
          params: { path: { entry: open.entryId, rule: open.rule } },
          body: { kept },
        }),
      ),
    onSuccess,
    onError,
  })
  return { end, goOn, remove, keepResult, again, putPrompts, orderPrompts, removePrompt, rule }
}
