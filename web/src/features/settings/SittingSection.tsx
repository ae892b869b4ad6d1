import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
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
  const [every, setEvery] = useState(String(own.breakEveryMinutes))
  const [length, setLength] = useState(String(own.breakMinutes))
  const write = useMutation({
    mutationFn: (wanted: Schemas['SittingSettings']) =>
      answer(api.PUT('/api/sittings/settings', { body: wanted })),
    onSuccess: () => {
      say('Kept.')
      return refreshAll(client)
    },
  })
  const whole = (text: string, least: number, most: number) =>
    /^\d+$/.test(text) && Number(text) >= least && Number(text) <= most
  const everyOk = whole(every, 10, 120)
  const lengthOk = whole(length, 0, 30)
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (everyOk && lengthOk) {
          write.mutate({ ...own, breakEveryMinutes: Number(every), breakMinutes: Number(length) })
        }
      }}
    >
      <p className="text-faded mb-2 max-w-prose">
        A break every 45 to 50 minutes is usual: for the hand, the neck and the eyes.
      </p>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <Field
          label="A break after so many minutes"
          inputMode="numeric"
          value={every}
          onChange={(e) => setEvery(e.target.value)}
          error={everyOk ? undefined : `A whole number from 10 to 120, not “${every}”.`}
        />
        <Field
          label="Minutes of a break"
          inputMode="numeric"
          value={length}
          onChange={(e) => setLength(e.target.value)}
          error={lengthOk ? undefined : `A whole number from 0 to 30, not “${length}”.`}
        />
        <Button type="submit">Keep it</Button>
      </div>
      {(['sound', 'flash'] as const).map((signal) => (
        <label key={signal} className="flex min-h-8 items-center gap-2 pointer-coarse:min-h-11">
          <input
            type="checkbox"
            className="size-4"
            checked={own[signal]}
            onChange={(e) => write.mutate({ ...own, [signal]: e.target.checked })}
          />
          <span>
            {signal === 'sound' ? 'A change of pose is heard' : 'A change of pose is seen as a short flash'}
            <span className="text-faded"> quiet where the machine asks for less motion</span>
          </span>
        </label>
      ))}
      {write.isError && (
        <p role="alert" className="text-sanguine">
          {write.error.message}
        </p>
      )}
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
                maxLength={1000}
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
                {folder.broken.length === 1 ? 'One file' : `${folder.broken.length} files`} cannot be shown
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
