import type { InputHTMLAttributes } from 'react'
import { Field, type Wrong } from './Field'
import { useFormats, type Formats } from './locale'
import { wording } from './wording'

/** What a number may be; where a bound is left out there is none. */
export type Bounds = { min?: number; max?: number }

/** How a number is read. */
export type NumberKind = Bounds & {
  /** Whether it may have decimals. */
  decimals?: boolean
}

const within = (value: number, { min, max }: Bounds) =>
  value >= (min ?? -Infinity) && value <= (max ?? Infinity)

/** The number that was typed; nothing while it cannot be read, or lies outside. */
export function readWithin(text: string, kind: NumberKind, format: Formats): number | undefined {
  const value = format.readNumber(text)
  const good = value !== undefined && (kind.decimals || Number.isInteger(value)) && within(value, kind)
  return good ? value : undefined
}

/** What a number may be, in words: "A whole number from 1 to 5". */
function asked({ min, max, decimals }: NumberKind, format: Formats): string {
  const begin = wording.aDecimals({ decimals: Boolean(decimals) })
  if (min === undefined && max === undefined) {
    return begin
  }
  if (max === undefined) {
    return wording.beginOfMinOrMore({ begin, min: format.number(min ?? 0) })
  }
  return min === undefined
    ? wording.beginOfMaxAtMost({ begin, max: format.number(max) })
    : wording.beginFromMinToMax({ begin, min: format.number(min), max: format.number(max) })
}

/** What is wrong with a number; nothing while it is good or not typed yet. */
export function numberFault(text: string, kind: NumberKind, format: Formats): string | undefined {
  return text.trim() === '' || readWithin(text, kind, format) !== undefined
    ? undefined
    : wording.kindNotTrim({ kind: asked(kind, format), trim: text.trim() })
}

/** A number, written the learner's way; what is outside its bounds is said at once and stays typed. */
export function NumberField({
  bounds,
  decimals = false,
  needed = false,
  error,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & {
  label: string
  hint?: string
  bounds: Bounds
  decimals?: boolean
  /** Whether it is said when nothing is typed. */
  needed?: boolean
  error?: Wrong
  ref?: React.Ref<HTMLInputElement>
}) {
  const format = useFormats()
  const typed = typeof rest.value === 'string' ? rest.value : ''
  const kind = { ...bounds, decimals }
  const empty = needed && typed.trim() === ''
  return (
    <Field
      inputMode={decimals ? 'decimal' : 'numeric'}
      error={
        (empty ? wording.kindIsNeeded({ kind: asked(kind, format) }) : numberFault(typed, kind, format)) ??
        error
      }
      {...rest}
    />
  )
}
