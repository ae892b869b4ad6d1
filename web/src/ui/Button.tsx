import type { ButtonHTMLAttributes } from 'react'

type Look = 'ink' | 'line' | 'quiet'

const LOOKS: Record<Look, string> = {
  ink: 'bg-ink text-paper rounded-paper px-5 hover:opacity-90 disabled:opacity-50',
  line: 'border-b border-ink px-0.5 hover:text-faded disabled:text-faded',
  quiet: 'px-1 text-faded hover:text-ink underline decoration-hairline underline-offset-4',
}

/** A link that looks like an underlined button and stands on the same line. */
export const LINE_LINK =
  'inline-flex min-h-8 items-center border-b border-ink px-0.5 font-medium hover:text-faded pointer-coarse:min-h-11'

/** A button: filled for the one main action of a leaf, underlined for others, quiet beside text. */
export function Button({
  look = 'line',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return (
    <button
      type="button"
      className={`min-h-8 font-medium pointer-coarse:min-h-11 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  )
}
