import { useState, type ReactNode } from 'react'
import { Button } from '../../ui/Button'
import { Cancel, Sheet } from '../../ui/Sheet'
import { Effect } from './Effect'
import { Reason } from './Reason'
import { usePlanChanges, type Change } from './usePlanChanges'
import { wording } from './wording'

/** A sheet that asks for one change, shows what it does, and makes it only then. */
export function ChangeSheet({
  title,
  description,
  placement,
  week,
  changes,
  onClose,
  onMade,
  children,
}: {
  title: string
  description?: string
  placement: string
  /** Key of the week whose days are shown. */
  week: string
  /** What would be changed; nothing while the form is not complete. */
  changes: Change[] | undefined
  onClose: () => void
  /** Once the change is made. */
  onMade?: () => void
  children?: ReactNode
}) {
  const { change } = usePlanChanges(placement)
  const [reason, setReason] = useState('')
  return (
    <Sheet open onClose={onClose} title={title} {...(description ? { description } : {})}>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          if (changes) {
            change.mutate(
              { changes, reason },
              {
                onSuccess: () => {
                  onMade?.()
                  onClose()
                },
              },
            )
          }
        }}
      >
        <div className="mb-4 grid gap-3">{children}</div>
        <section aria-label={wording.whatItDoes()} className="border-hairline min-h-28 border-t pt-3">
          {changes ? (
            <Effect placement={placement} week={week} changes={changes} />
          ) : (
            <p className="text-faded">{wording.whatItDoesIsShownHere()}</p>
          )}
        </section>
        <Reason value={reason} onChange={setReason} error={change.error} />
        <div className="mt-5 flex gap-6">
          <Button type="submit" look="ink" disabled={!changes || change.isPending}>
            {wording.changeThePlan()}
          </Button>
          <Cancel />
        </div>
      </form>
    </Sheet>
  )
}
