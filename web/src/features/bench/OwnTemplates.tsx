import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api } from '../../api/client'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { FileButton } from '../../ui/FileButton'
import { textOf } from '../../shared/file/textOf'
import { useNotKept, useNotice } from '../../ui/Notices'
import { wording } from './wording'

type Own = { id: string; name: string; file: string }

/** Templates of landmarks as files: any can be taken out as a beginning, own ones are brought in. */
export function OwnTemplates() {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const all = useQuery(queries.benchTemplates()).data ?? []
  const own = all.flatMap((t): Own[] => (t.id ? [{ id: t.id, name: t.name, file: t.file }] : []))
  const onError = notKept
  const refresh = () => client.invalidateQueries({ queryKey: ['bench'] })
  const keep = useMutation({
    mutationFn: async ({ id, file }: { id: string; file: string | File }) =>
      answer(
        api.PUT('/api/bench/templates/{id}', {
          params: { path: { id } },
          body: { file: await textOf(file) },
        }),
      ),
    onSuccess: () => {
      say(wording.theTemplateCanBeChosenFor())
      return refresh()
    },
    onError,
  })
  const remove = useMutation({
    mutationFn: ({ id }: Own) =>
      answer(api.DELETE('/api/bench/templates/{id}', { params: { path: { id } } })),
    onSuccess: (_, { id, name, file }) => {
      say(wording.nameIsNoTemplateAnyMore({ name }), {
        label: wording.undo(),
        run: () => keep.mutate({ id, file }),
      })
      return refresh()
    },
    onError,
  })
  return (
    <details className="mt-6">
      <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
        {wording.templatesOfLandmarksAsFiles()}
      </summary>
      <ul>
        {all.map((t) => (
          <li key={t.name} className="flex flex-wrap gap-x-4">
            {t.name}
            <a
              href={`data:application/yaml,${encodeURIComponent(t.file)}`}
              download={`${t.name}.yaml`}
              aria-label={wording.takeItOutName({ name: t.name })}
              className="underline underline-offset-4"
            >
              {wording.takeItOut()}
            </a>
            {own
              .filter((o) => o.id === t.id)
              .map((o) => (
                <Button
                  key={o.id}
                  look="quiet"
                  onClick={() => remove.mutate(o)}
                  aria-label={wording.removeName({ name: o.name })}
                >
                  {wording.remove()}
                </Button>
              ))}
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
