import type { InputHTMLAttributes, ReactNode, SelectHTMLAttributes, TextareaHTMLAttributes } from 'react'
import { useEffect, useId, useRef } from 'react'

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

/**
 * What is wrong with a field: that its text is too long, else what its form says. The browser's own `maxLength` would
 * cut what is pasted without a word; so the text stays, its field says so, and its form does not leave.
 */
function useFault<E extends HTMLInputElement | HTMLTextAreaElement>(
  error: string | undefined,
  value: unknown,
  maxLength: number | undefined,
) {
  const box = useRef<E>(null)
  const length = typeof value === 'string' ? value.length : 0
  const tooLong =
    maxLength !== undefined && length > maxLength
      ? `At most ${maxLength} characters; these are ${length}.`
      : undefined
  useEffect(() => box.current?.setCustomValidity(tooLong ?? ''), [tooLong])
  return { box, fault: tooLong ?? error }
}

/** A line to write on, with its label above and its error below. */
export function Field({
  label,
  hint,
  error,
  maxLength,
  ...rest
}: Common & InputHTMLAttributes<HTMLInputElement>) {
  const id = useId()
  const { box, fault } = useFault<HTMLInputElement>(error, rest.value, maxLength)
  return (
    <Labelled {...{ label, hint, error: fault, id }}>
      <input
        ref={box}
        id={id}
        className={BOX}
        aria-invalid={fault ? true : undefined}
        aria-describedby={described(id, hint, fault)}
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
  maxLength,
  ...rest
}: Common & TextareaHTMLAttributes<HTMLTextAreaElement>) {
  const id = useId()
  const { box, fault } = useFault<HTMLTextAreaElement>(error, rest.value, maxLength)
  return (
    <Labelled {...{ label, hint, error: fault, id }}>
      <textarea
        ref={box}
        id={id}
        rows={2}
        className={`${BOX} block font-serif`}
        aria-invalid={fault ? true : undefined}
        aria-describedby={described(id, hint, fault)}
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
