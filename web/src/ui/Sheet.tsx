import { X } from 'lucide-react'
import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

/** A sheet laid over the spread; Esc or the cross puts it away. */
export function Sheet({
  open,
  onClose,
  title,
  description,
  wide = false,
  children,
}: {
  open: boolean
  onClose: () => void
  title: string
  description?: string
  wide?: boolean
  children: ReactNode
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className={`floats bg-paper text-ink border-hairline rounded-paper fixed inset-x-2 top-1/2 z-50 mx-auto max-h-[94dvh] -translate-y-1/2 overflow-y-auto border p-5 sm:p-8 ${wide ? 'max-w-4xl' : 'max-w-2xl'}`}
          {...(description ? {} : { 'aria-describedby': undefined })}
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Dialog.Title className="text-2xl">{title}</Dialog.Title>
            <Dialog.Close
              className="grid size-9 shrink-0 place-items-center pointer-coarse:size-11"
              aria-label="Close"
            >
              <X size={20} aria-hidden />
            </Dialog.Close>
          </div>
          {description && <Dialog.Description className="text-faded mb-4">{description}</Dialog.Description>}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
