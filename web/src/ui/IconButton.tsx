import type { LucideIcon } from 'lucide-react'
import type { ButtonHTMLAttributes } from 'react'

/** A common control as a picture, with its name for those who hover or listen. */
export function IconButton({
  icon: Icon,
  label,
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { icon: LucideIcon; label: string }) {
  return (
    <button
      type="button"
      aria-label={label}
      title={label}
      className={`grid size-8 shrink-0 place-items-center hover:opacity-70 disabled:opacity-30 pointer-coarse:size-11 ${className}`}
      {...rest}
    >
      <Icon size={18} aria-hidden />
    </button>
  )
}
