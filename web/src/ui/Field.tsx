import type { InputHTMLAttributes, ReactNode, SelectHTMLAttributes, TextareaHTMLAttributes } from 'react'
import { useId } from 'react'

type Common = { label: string; hint?: string; error?: string | undefined }

const BOX =
  'bg-transparent border-b border-faded min-h-9 w-full px-1 aria-invalid:border-sanguine aria-invalid:border-b-2 pointer-coarse:min-h-11'

function Labelled({ label, hint, error, id, children }: Common & { id: string; children: ReactNode }) {
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="text-faded block text-sm">
        {label}
      </label>
      {children}
      {hint && (
        <p id={`${id}-hint`} className="text-faded text-sm">
          {hint}
        </p>
      )}
      {error && (
        <p id={`${id}-error`} role="alert" className="text-sanguine text-sm">
          {error}
        </p>
      )}
    </div>
  )
}

const described = (id: string, hint?: string, error?: string) =>
  [hint && `${id}-hint`, error && `${id}-error`].filter(Boolean).join(' ') || undefined

/** A line to write on, with its label above and its error below. */
export function Field({ label, hint, error, ...rest }: Common & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId()
  return (
    <Labelled {...{ label, hint, error, id }}>
      <input
        id={id}
        className={BOX}
        aria-invalid={error ? true : undefined}
        aria-describedby={described(id, hint, error)}
        autoComplete="off"
        {...rest}
      />
    </Labelled>
  )
}

/** Several lines to write on. */
export function TextField({
  label,
  hint,
  error,
  ...rest
}: Common & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  const id = useId()
  return (
    <Labelled {...{ label, hint, error, id }}>
      <textarea
        id={id}
        rows={2}
        className={`${BOX} font-serif`}
        aria-invalid={error ? true : undefined}
        aria-describedby={described(id, hint, error)}
        {...rest}
      />
    </Labelled>
  )
}

/** One of a list. */
export function SelectField({
  label,
  hint,
  error,
  children,
  ...rest
}: Common & SelectHTMLAttributes<HTMLSelectElement>) {
  const id = useId()
  return (
    <Labelled {...{ label, hint, error, id }}>
      <select id={id} className={`${BOX} bg-paper`} aria-describedby={described(id, hint, error)} {...rest}>
        {children}
      </select>
    </Labelled>
  )
}
