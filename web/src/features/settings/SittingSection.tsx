import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin } from '../../ui/NumberField'
import { plural } from '../../ui/plural'
import { Refused } from '../../ui/Refused'
import { useNotice } from '../../ui/Notices'
import { Waiting } from '../../ui/Waiting'

const LOOK_MS = 700

/** How sittings run, and the folder of pictures to draw from. */
export function SittingSection() {
  return (
    <section aria-labelledby="sittings">
      <h2 id="sittings" className="border-ink mt-8 border-t pt-4">
        Sittings and references
      </h2>
      <Waiting query={useQuery(queries.sittingSettings())}>
        {(own) => <Breaks key={JSON.stringify(own)} own={own} />}
      </Waiting>
      <Folder />
    </section>
  )
}

function Breaks({ own }: { own: Schemas['SittingSettings'] }) {
  const client = useQueryClient()
  const say = useNotice()
  const format = useFormats()
  const [every, setEvery] = useState(format.writeNumber(own.breakEveryMinutes))
  const [length, setLength] = useState(format.writeNumber(own.breakMinutes))
  const write = useMutation({
    mutationFn: (wanted: Schemas['SittingSettings']) =>
      answer(api.PUT('/api/sittings/settings', { body: wanted })),
    onSuccess: () => {
      say('Kept.')
      return refreshAll(client)
    },
  })
  const breakEveryMinutes = readWithin(every, BOUNDS.SittingSettings.breakEveryMinutes, format)
  const breakMinutes = readWithin(length, BOUNDS.SittingSettings.breakMinutes, format)
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (breakEveryMinutes !== undefined && breakMinutes !== undefined) {
          write.mutate({ ...own, breakEveryMinutes, breakMinutes })
        }
      }}
    >
      <p className="text-faded mb-2 max-w-prose">
        A break every 45 to 50 minutes is usual: for the hand, the neck and the eyes.
      </p>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <NumberField
          needed
          label="A break after so many minutes"
          bounds={BOUNDS.SittingSettings.breakEveryMinutes}
          value={every}
          onChange={(e) => setEvery(e.target.value)}
        />
        <NumberField
          needed
          label="Minutes of a break"
          bounds={BOUNDS.SittingSettings.breakMinutes}
          value={length}
          onChange={(e) => setLength(e.target.value)}
        />
        <Button type="submit">Keep it</Button>
      </div>
      {(['sound', 'flash'] as const).map((signal) => (
        <Check
          key={signal}
          checked={own[signal]}
          onChange={(e) => write.mutate({ ...own, [signal]: e.target.checked })}
        >
          {signal === 'sound' ? 'A change of pose is heard' : 'A change of pose is seen as a short flash'}
          <span className="text-faded"> quiet where the machine asks for less motion</span>
        </Check>
      ))}
      <Refused error={write.error} />
    </form>
  )
}

function Folder() {
  const client = useQueryClient()
  const query = useQuery({
    ...queries.pictureFolder(),
    refetchInterval: (q) => (q.state.data?.running ? LOOK_MS : false),
  })
  const keep = (folder: Schemas['FolderView']) => client.setQueryData(['references', 'folder'], folder)
  const choose = useMutation({
    mutationFn: (path: string) => answer(api.PUT('/api/references/folder', { body: { path } })),
    onSuccess: keep,
  })
  const cancel = useMutation({
    mutationFn: () => answer(api.DELETE('/api/references/folder/run')),
    onSuccess: keep,
  })
  return (
    <Waiting query={query}>
      {(folder) => (
        <form
          className="mt-4"
          onSubmit={(event) => {
            event.preventDefault()
            choose.mutate(String(new FormData(event.currentTarget).get('path') ?? ''))
          }}
        >
          <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
            <div className="min-w-72 flex-1">
              <Field
                key={folder.path}
                label="Folder of your own pictures, on this machine"
                name="path"
                maxLength={BOUNDS.FolderChoice.path.maxLength}
                defaultValue={folder.path}
                placeholder="/home/wren/quay-photos"
                error={choose.error?.message}
              />
            </div>
            <Button type="submit" disabled={choose.isPending}>
              {folder.path ? 'Read it anew' : 'Take this folder'}
            </Button>
            {folder.running && <Button onClick={() => cancel.mutate()}>Stop</Button>}
          </div>
          <p role="status" className="text-faded">
            {folder.running
              ? `Looking through it: ${folder.done} of ${folder.of} files.`
              : folder.path
                ? `${folder.pictures} pictures. The folder is only read, never changed.`
                : 'None chosen. Pictures are only read, never copied or changed.'}
          </p>
          {folder.broken.length > 0 && (
            <details>
              <summary className="min-h-8 pointer-coarse:min-h-11">
                {plural(folder.broken.length, 'file')} cannot be shown
              </summary>
              <ul>
                {folder.broken.map((file) => (
                  <li key={file.path}>
                    {file.path} <span className="text-faded">{file.reason}</span>
                  </li>
                ))}
              </ul>
            </details>
          )}
        </form>
      )}
    </Waiting>
  )
}
