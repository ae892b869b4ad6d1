import type { InputHTMLAttributes, ReactNode, SelectHTMLAttributes, TextareaHTMLAttributes } from 'react'
import { useEffect, useId, useRef, useState } from 'react'
import type { Told } from './Refused'
import { wording } from './wording'

/** What is wrong with what a field holds: a sentence that is true now, or what was refused. */
export type Wrong = string | Told | undefined

type Common = { label: string; hint?: string; error?: Wrong }

const BOX =
  'bg-transparent border-b border-faded min-h-9 w-full px-1 aria-invalid:border-sanguine aria-invalid:border-b-2 pointer-coarse:min-h-11'

/** What is wrong with what several boxes hold together. */
export function Said({ error, holds }: { error: Wrong; holds?: unknown }) {
  const said = useSaid(error, holds)
  return (
    said && (
      <p role="alert" className="text-sanguine">
        {said}
      </p>
    )
  )
}

function Labelled({
  label,
  hint,
  error,
  id,
  children,
}: Omit<Common, 'error'> & { error: string | undefined; id: string; children: ReactNode }) {
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

/** What is said of a field now: a refusal speaks of what the field held then, and of nothing else. */
function useSaid(error: Wrong, holds: unknown): string | undefined {
  const by = typeof error === 'object' ? error.by : undefined
  const [refused, setRefused] = useState({ by, holds })
  if (refused.by !== by) {
    setRefused({ by, holds })
  }
  if (typeof error !== 'object') {
    return error
  }
  return refused.by !== by || refused.holds === holds ? error.said : undefined
}

/**
 * What is wrong with a field: that its text is too long, else what its form says. The browser's own `maxLength` would
 * cut what is pasted without a word; so the text stays, its field says so, and its form does not leave.
 */
function useFault<E extends HTMLInputElement | HTMLTextAreaElement>(
  error: Wrong,
  value: unknown,
  maxLength: number | undefined,
  holds: unknown = value,
) {
  const said = useSaid(error, holds)
  const box = useRef<E>(null)
  const length = typeof value === 'string' ? value.length : 0
  const tooLong =
    maxLength !== undefined && length > maxLength
      ? wording.atMostMaxLengthCharactersTheseAre({ maxLength, length })
      : undefined
  useEffect(() => box.current?.setCustomValidity(tooLong ?? ''), [tooLong])
  return { box, fault: tooLong ?? said }
}

/** A line to write on, with its label above and its error below. */
export function Field({
  label,
  hint,
  error,
  maxLength,
  holds,
  ...rest
}: Common &
  InputHTMLAttributes<HTMLInputElement> & {
    /** What it means, where the same may be written in several ways. */
    holds?: string
  }) {
  const id = useId()
  const { box, fault } = useFault<HTMLInputElement>(error, rest.value, maxLength, holds)
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
  const said = useSaid(error, rest.value)
  return (
    <Labelled {...{ label, hint, error: said, id }}>
      <select id={id} className={`${BOX} bg-paper`} aria-describedby={described(id, hint, said)} {...rest}>
        {children}
      </select>
    </Labelled>
  )
}
