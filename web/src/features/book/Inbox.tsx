import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { Field } from '../../ui/Field'
import { refusedAt } from '../../ui/Refused'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import type { Looking } from './useLooking'
import { wording } from './wording'
import { Said } from '../../shared/said/Said'

type View = Schemas['InboxView']

/** The folder in which a phone's pictures arrive: looked at while the tray is open. */
export function Inbox({ looking }: { looking: Looking }) {
  const [choosing, setChoosing] = useState(false)
  const { inbox, taken, busy, stop } = looking
  if (!inbox) {
    return null
  }
  return (
    <section aria-label={wording.inboxFolder()} className="mt-4">
      <p className="text-faded flex flex-wrap items-baseline gap-x-4">
        <span role="status">{sentence(inbox, taken, busy)}</span>
        {busy && inbox.left > 0 && (
          <Button look="quiet" onClick={stop}>
            {wording.stop()}
          </Button>
        )}
        <Button look="quiet" onClick={() => setChoosing(true)}>
          {inbox.path ? wording.anotherFolder() : wording.chooseAnInboxFolder()}
        </Button>
      </p>
      {inbox.refused.length > 0 && (
        <ul className="text-sanguine">
          {inbox.refused.map((file) => (
            <li key={file.path}>
              <Said message={file.why} />
            </li>
          ))}
        </ul>
      )}
      {choosing && <Choosing inbox={inbox} onClose={() => setChoosing(false)} />}
    </section>
  )
}

function sentence(inbox: View, taken: number, busy: boolean): string {
  if (!inbox.path) {
    return wording.aPhonesPicturesCanComeBy()
  }
  if (inbox.gone) {
    return wording.theInboxFolderPathCannotBe({ path: inbox.path })
  }
  const came = taken > 0 ? wording.picturesTakenIn({ taken }) : wording.nothingNew()
  if (inbox.left > 0) {
    return busy
      ? wording.cameLeftToComeFromPath({ came, left: inbox.left, path: inbox.path })
      : wording.cameLeftWaitInPath({ came, left: inbox.left, path: inbox.path })
  }
  return wording.cameFromPath({ came, path: inbox.path })
}

function Choosing({ inbox, onClose }: { inbox: View; onClose: () => void }) {
  const client = useQueryClient()
  const [path, setPath] = useState(inbox.path)
  const [those, setThose] = useState(false)
  const choose = useMutation({
    mutationFn: () => answer(api.PUT('/api/inbox', { body: { path, those } })),
    onSuccess: (kept) => {
      client.setQueryData(queries.inbox().queryKey, kept)
      onClose()
    },
  })
  return (
    <Sheet open onClose={onClose} title={wording.inboxFolder()}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          choose.mutate()
        }}
      >
        <p className="text-faded">{wording.picturesThatArriveThereAreCopied()}</p>
        <Field
          label={wording.folderOnThisMachineOrEmpty()}
          maxLength={BOUNDS.InboxChoice.path.maxLength}
          value={path}
          placeholder={wording.homeWrenPhone()}
          error={refusedAt(choose.error, 'path')}
          onChange={(e) => setPath(e.target.value)}
        />
        <Check checked={those} onChange={(e) => setThose(e.target.checked)}>
          {wording.alsoThePicturesThatLieIn()}
        </Check>
        <SheetEnd
          error={choose.error}
          fields={['path']}
          keep={wording.keepIt()}
          disabled={choose.isPending}
        />
      </form>
    </Sheet>
  )
}
