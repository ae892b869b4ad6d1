import { useRef } from 'react'
import { Button } from './Button'

/** A button that chooses a text file and hands over what it holds. */
export function FileButton({
  children,
  accept,
  label,
  onText,
}: {
  children: string
  /** Ends of names, as ".yaml,.yml". */
  accept: string
  /** What the file is, for screen readers. */
  label: string
  onText: (text: string) => void
}) {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button onClick={() => input.current?.click()}>{children}</Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0]
          event.target.value = ''
          if (file) {
            void file.text().then(onText)
          }
        }}
      />
    </>
  )
}
