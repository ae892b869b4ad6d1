import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { Waiting } from '../../../ui/Waiting'
import { wording } from '../wording'
import { Said } from '../../../shared/said/Said'

const LOOK_MS = 700

/** The folder of pictures to draw from. */
export function PicturesSection() {
  return (
    <section aria-labelledby="pictures">
      <h2 id="pictures" className="border-ink mt-8 border-t pt-4">
        {wording.picturesToDrawFrom()}
      </h2>
      <Folder />
    </section>
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
            <div className="min-w-[min(18rem,100%)] flex-1">
              <Field
                key={folder.path}
                label={wording.folderOfYourOwnPicturesOn()}
                name="path"
                maxLength={BOUNDS.FolderChoice.path.maxLength}
                defaultValue={folder.path}
                placeholder={wording.homeWrenQuayPhotos()}
                error={choose.error?.message}
              />
            </div>
            <Button type="submit" disabled={choose.isPending}>
              {folder.path ? wording.readItAnew() : wording.takeThisFolder()}
            </Button>
            {folder.running && <Button onClick={() => cancel.mutate()}>{wording.stop()}</Button>}
          </div>
          <p role="status" className="text-faded">
            {folder.running
              ? wording.lookingThroughItDoneOfOf({ done: folder.done, of: folder.of })
              : folder.path
                ? wording.picturesTheFolderIsOnlyRead({ pictures: folder.pictures })
                : wording.noneChosenPicturesAreOnlyRead()}
          </p>
          {folder.broken.length > 0 && (
            <details>
              <summary className="min-h-8 pointer-coarse:min-h-11">
                {wording.filesCannotBeShown({ broken: folder.broken.length })}
              </summary>
              <ul>
                {folder.broken.map((file) => (
                  <li key={file.path}>
                    {file.path}{' '}
                    <span className="text-faded">
                      <Said message={file.reason} />
                    </span>
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
