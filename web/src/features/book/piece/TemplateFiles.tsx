import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../../api/client'
import { queries } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { textOf } from '../../../shared/file/textOf'
import { useNotKept, useNotice } from '../../../ui/Notices'
import { wording } from '../wording'

/** Templates of one's own as files: brought in, taken out, removed. */
export function TemplateFiles() {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const own = (useQuery(queries.pieceTemplates()).data ?? []).flatMap((t) =>
    t.id ? [{ id: t.id, name: t.name }] : [],
  )
  const onError = notKept
  const refresh = () => client.invalidateQueries(queries.pieceTemplates())
  const keep = useMutation({
    mutationFn: async ({ id, file }: { id: string; file: string | File }) =>
      answer(
        api.PUT('/api/piece-templates/{id}', {
          params: { path: { id } },
          body: { file: await textOf(file) },
        }),
      ),
    onSuccess: (kept) => {
      say(wording.nameIsAmongTheTemplates({ name: kept.name }))
      return refresh()
    },
    onError,
  })
  const remove = useMutation({
    mutationFn: async ({ id }: { id: string; name: string }) => {
      const file = await (await fetch(`/api/piece-templates/${id}`)).text()
      await answer(api.DELETE('/api/piece-templates/{id}', { params: { path: { id } } }))
      return file
    },
    onSuccess: (file, { id, name }) => {
      say(wording.nameIsNoTemplateAnyMore({ name }), {
        label: wording.undo(),
        run: () => keep.mutate({ id, file }),
      })
      return refresh()
    },
    onError,
  })
  return (
    <details>
      <summary className="min-h-8 pointer-coarse:min-h-11">{wording.templatesAsFiles()}</summary>
      <ul>
        {own.map((t) => (
          <li key={t.id} className="flex flex-wrap gap-x-4">
            {t.name}
            <a href={`/api/piece-templates/${t.id}`} className="underline underline-offset-4" download>
              {wording.takeItOut()}
            </a>
            <Button look="quiet" onClick={() => remove.mutate(t)}>
              {wording.remove()}
            </Button>
          </li>
        ))}
      </ul>
      <FileButton
        accept=".yaml,.yml,.json"
        label={wording.aTemplatesFile()}
        onFiles={([file]) => keep.mutate({ id: crypto.randomUUID(), file })}
      >
        {wording.bringATemplateIn()}
      </FileButton>
    </details>
  )
}
