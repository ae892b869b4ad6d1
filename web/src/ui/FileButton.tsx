import { useRef } from 'react'
import { Button } from './Button'

/** A button that chooses files and hands them over. The same one can be chosen again once it was mended. */
export function FileButton({
  children,
  accept,
  label,
  multiple = false,
  disabled = false,
  onFiles,
}: {
  children: string
  /** Ends of names, as ".yaml,.yml". */
  accept: string
  /** What the files are, for screen readers. */
  label: string
  multiple?: boolean
  disabled?: boolean
  /** At least one. */
  onFiles: (files: [File, ...File[]]) => void
}) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button disabled={disabled} onClick={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        multiple={multiple}
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const [first, ...more] = event.target.files ?? []
          event.target.value = ''
          if (first) {
            onFiles([first, ...more])
          }
        }}
      />
    </>
  )
}
