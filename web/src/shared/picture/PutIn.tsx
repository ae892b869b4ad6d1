import { useEffect, useRef, useState, type DragEvent, type ReactNode } from 'react'
import type { Picture } from '../pictures'
import { Button } from '../../ui/Button'
import { useSending, type Sending } from './useSending'
import { wording } from './wording'

const PICTURES = 'image/*,.heic,.heif,.avif'

/** Takes pictures in: dropped here, chosen, pasted, or a whole folder at once. */
export function PutIn({
  label = wording.putPicturesIn(),
  folder = true,
  then,
  children,
}: {
  label?: string
  /** Whether a whole folder can be chosen. */
  folder?: boolean
  /** What happens with each that arrived. */
  then?: (picture: Picture) => Promise<unknown>
  children?: ReactNode
}) {
  const { sending, send, stop, clear } = useSending()
  const files = useRef<HTMLInputElement>(null)
  const whole = useRef<HTMLInputElement>(null)
  const [over, setOver] = useState(false)

  const start = useRef(send)
  useEffect(() => {
    start.current = send
  })
  const after = useRef(then)
  useEffect(() => {
    after.current = then
  })
  useEffect(() => {
    const paste = (event: ClipboardEvent) => {
      const pasted = [...(event.clipboardData?.files ?? [])]
      if (pasted.length > 0) {
        event.preventDefault()
        void start.current(pasted, after.current)
      }
    }
    window.addEventListener('paste', paste)
    return () => window.removeEventListener('paste', paste)
  }, [])

  const drop = (event: DragEvent) => {
    event.preventDefault()
    setOver(false)
    void send([...event.dataTransfer.files], then)
  }
  const chosen = (input: HTMLInputElement) => {
    const list = [...(input.files ?? [])]
    input.value = ''
    if (list.length > 0) {
      void send(list, then)
    }
  }
  return (
    <div
      onDragOver={(event) => {
        event.preventDefault()
        setOver(true)
      }}
      onDragLeave={() => setOver(false)}
      onDrop={drop}
      className={`rounded-paper border border-dashed px-3 py-2 ${over ? 'border-ink bg-deeper' : 'border-pencil'}`}
    >
      {children}
      <div className="flex flex-wrap items-baseline gap-x-5">
        <Button onClick={() => files.current?.click()}>{label}</Button>
        {folder && <Button onClick={() => whole.current?.click()}>{wording.aWholeFolder()}</Button>}
        <span className="text-faded text-sm">{wording.orDropThemHereOrPaste()}</span>
      </div>
      <input
        ref={files}
        type="file"
        accept={PICTURES}
        multiple
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => chosen(event.target)}
      />
      {folder && (
        <input
          ref={whole}
          type="file"
          {...{ webkitdirectory: '' }}
          className="sr-only"
          tabIndex={-1}
          aria-label={wording.aWholeFolderOfPictures()}
          onChange={(event) => chosen(event.target)}
        />
      )}
      <Progress sending={sending} onStop={stop} onClear={clear} />
    </div>
  )
}

function Progress({
  sending,
  onStop,
  onClear,
}: {
  sending: Sending
  onStop: () => void
  onClear: () => void
}) {
  if (sending.of === 0) {
    return null
  }
  return (
    <div role="status" className="mt-2">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span>
          {sending.running
            ? wording.doneOfPicturesTakenIn({ done: sending.done, of: sending.of })
            : wording.picturesTakenInDone({
                arrived: sending.arrived.length,
                done:
                  sending.done < sending.of
                    ? wording.stoppedAfterDoneOfOf({ done: sending.done, of: sending.of })
                    : '',
              })}
        </span>
        <Button look="quiet" onClick={sending.running ? onStop : onClear}>
          {sending.running ? wording.stop() : wording.putThisAway()}
        </Button>
      </p>
      {sending.known.length > 0 && (
        <p className="text-faded">
          {wording.thereAlreadyAndNotTakenTwice({ join: sending.known.join(', ') })}
        </p>
      )}
      {sending.refused.length > 0 && (
        <ul className="text-sanguine">
          {sending.refused.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      )}
    </div>
  )
}
