import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import { createContext, useContext, useEffect, useRef, useState, type ReactNode } from 'react'
import { Button } from './Button'
import { wording } from './wording'

const FIRST_FIELD = [
  'input:not([type=file]):not([type=radio]):not([tabindex="-1"])',
  'input[type=radio]:checked',
  'select',
  'textarea',
]
  .map((field) => wording.formFieldEnabled({ field }))
  .join()

const Leave = createContext<(() => void) | undefined>(undefined)

/**
 * A sheet laid over the spread. Esc, the cross, a press beside it or Cancel put it away; where something was
 * filled in they ask first, so that a slip costs nothing.
 */
export function Sheet({
  open,
  onClose,
  title,
  description,
  wide = false,
  children,
}: {
  open: boolean
  /** Puts it away without asking. */
  onClose: () => void
  title: string
  description?: string
  wide?: boolean
  children: ReactNode
}) {
  const [filled, setFilled] = useState(false)
  const [leaving, setLeaving] = useState(false)
  const leave = () => (filled ? setLeaving(true) : onClose())
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && leave()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className={`floats bg-paper text-ink border-hairline rounded-paper fixed inset-x-2 top-1/2 z-50 mx-auto max-h-[94dvh] -translate-y-1/2 overflow-y-auto border p-5 sm:p-8 ${wide ? 'max-w-4xl' : 'max-w-2xl'}`}
          onInput={() => setFilled(true)}
          onOpenAutoFocus={beginAtFirstField}
          {...(description ? {} : { 'aria-describedby': undefined })}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close
              className="grid size-9 shrink-0 place-items-center pointer-coarse:size-11"
              aria-label={wording.close()}
            >
              <X size={20} aria-hidden />
            </Dialog.Close>
          </div>
          {description && <Dialog.Description className="text-faded mb-4">{description}</Dialog.Description>}
          <Leave.Provider value={leave}>{children}</Leave.Provider>
          {leaving && <Asking onStay={() => setLeaving(false)} onLeave={onClose} />}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

/** Whoever is about to type need not pass the cross first; under a finger a field would call up the keyboard. */
function beginAtFirstField(event: Event) {
  const field = (event.target as HTMLElement).querySelector<HTMLElement>(FIRST_FIELD)
  if (field && !matchMedia('(pointer: coarse)').matches) {
    event.preventDefault()
    field.focus()
  }
}

function Asking({ onStay, onLeave }: { onStay: () => void; onLeave: () => void }) {
  const stay = useRef<HTMLDivElement>(null)
  useEffect(() => stay.current?.querySelector('button')?.focus(), [])
  return (
    <div
      ref={stay}
      role="alert"
      className="bg-paper border-ink sticky -bottom-5 mt-4 flex flex-wrap items-baseline gap-x-5 border-t-2 py-3 sm:-bottom-8"
    >
      {wording.whatYouFilledInIsNot()}
      <Button onClick={onStay}>{wording.goOnFillingIn()}</Button>
      <Button className="text-sanguine" onClick={onLeave}>
        {wording.throwItAway()}
      </Button>
    </div>
  )
}

/** Puts the sheet away that this stands in, after asking where something was filled in. */
export function Cancel() {
  return <Button onClick={useContext(Leave)}>{wording.cancel()}</Button>
}
