import { useMutation, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../../api/client'
import { sendPicture } from '../../../shared/pictures'
import { useNotKept, useNotice } from '../../../ui/Notices'
import { textOf } from '../../../shared/file/textOf'
import { wording } from '../wording'

/** Writes to plates and orders of one's own. */
export function useOwn() {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const onError = notKept
  const refresh = () => client.invalidateQueries({ queryKey: ['recall'] })
  const putBack = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/recall/own/{id}/back', { params: { path: { id } } })),
    onSuccess: refresh,
    onError,
  })
  const remove = useMutation({
    mutationFn: ({ id }: { id: string; title: string }) =>
      answer(api.DELETE('/api/recall/own/{id}', { params: { path: { id } } })),
    onSuccess: (_, { id, title }) => {
      say(wording.titleWasTakenOut({ title }), { label: wording.undo(), run: () => putBack.mutate(id) })
      return refresh()
    },
    onError,
  })
  const bringIn = useMutation({
    mutationFn: async (files: File[]) => {
      const words = files.find((f) => /\.(ya?ml|json)$/i.test(f.name))
      if (!words) {
        throw new Error(wording.chooseTheYAMLFileTooIt())
      }
      const drawn = files.find((f) => /\.svg$/i.test(f.name))
      const picture = files.find((f) => f !== words && f !== drawn)
      return answer(
        api.PUT('/api/recall/files/{id}', {
          params: { path: { id: crypto.randomUUID() } },
          body: {
            file: await textOf(words),
            svg: drawn ? await textOf(drawn) : null,
            picture: !drawn && picture ? (await sendPicture(picture)).picture.id : null,
          },
        }),
      )
    },
    onSuccess: ({ title, leftOut }) => {
      say(
        leftOut.length > 0
          ? wording.broughtInTitleLeftOutOf({ title, join: leftOut.join(', ') })
          : wording.broughtInTitle({ title }),
      )
      return refresh()
    },
    onError,
  })
  return { remove, bringIn }
}
