import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { Field } from '../../ui/Field'
import { noun, plural } from '../../ui/plural'
import { refusedAt } from '../../ui/Refused'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import type { Looking } from './useLooking'

type View = Schemas['InboxView']

/** The folder in which a phone's pictures arrive: looked at while the tray is open. */
export function Inbox({ looking }: { looking: Looking }) {
  const [choosing, setChoosing] = useState(false)
  const { inbox, taken, busy, stop } = looking
  if (!inbox) {
    return null
  }
  return (
    <section aria-label="Inbox folder" className="mt-4">
      <p className="text-faded flex flex-wrap items-baseline gap-x-4">
        <span role="status">{sentence(inbox, taken, busy)}</span>
        {busy && inbox.left > 0 && (
          <Button look="quiet" onClick={stop}>
            Stop
          </Button>
        )}
        <Button look="quiet" onClick={() => setChoosing(true)}>
          {inbox.path ? 'Another folder' : 'Choose an inbox folder'}
        </Button>
      </p>
      {inbox.refused.length > 0 && (
        <ul className="text-sanguine">
          {inbox.refused.map((file) => (
            <li key={file.path}>{file.sentence}</li>
          ))}
        </ul>
      )}
      {choosing && <Choosing inbox={inbox} onClose={() => setChoosing(false)} />}
    </section>
  )
}

function sentence(inbox: View, taken: number, busy: boolean): string {
  if (!inbox.path) {
    return 'A phone’s pictures can come by themselves, through a folder that is kept in step with it.'
  }
  if (inbox.gone) {
    return `The inbox folder ${inbox.path} cannot be read now. What came from it is kept.`
  }
  const came = taken > 0 ? `${plural(taken, 'picture')} taken in` : 'Nothing new'
  if (inbox.left > 0) {
    return busy
      ? `${came}, ${inbox.left} to come, from ${inbox.path}…`
      : `${came}; ${inbox.left} ${noun(inbox.left, 'waits', 'wait')} in ${inbox.path}.`
  }
  return `${came} from ${inbox.path}.`
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
    <Sheet open onClose={onClose} title="Inbox folder">
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          choose.mutate()
        }}
      >
        <p className="text-faded">
          Pictures that arrive there are copied into the tray. The folder is only read, never changed.
        </p>
        <Field
          label="Folder on this machine, or empty for none"
          maxLength={BOUNDS.InboxChoice.path.maxLength}
          value={path}
          placeholder="/home/wren/phone"
          error={refusedAt(choose.error, 'path')}
          onChange={(e) => setPath(e.target.value)}
        />
        <Check checked={those} onChange={(e) => setThose(e.target.checked)}>
          Also the pictures that lie in it already
        </Check>
        <SheetEnd error={choose.error} fields={['path']} keep="Keep it" disabled={choose.isPending} />
      </form>
    </Sheet>
  )
}
