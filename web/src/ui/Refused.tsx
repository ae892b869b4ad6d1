import { useEffect, useRef } from 'react'
import { upperFirst } from './text'
import { goToWrong } from './wrong'
import { wording } from './wording'

/** What is wrong with one field: its path in the request, and one sentence that may stand at it. */
type Fault = { field: string; detail: string }

/** An error that may name the fields at fault. */
type Refusal = Error & { faults?: Fault[] }

/** One of a list, such as "steps[3]", is told at the field of the list. */
const names = (fault: Fault, field: string) => {
  const path = fault.field.replace(/\[\d+]$/, '')
  return path === field || path.endsWith(`.${field}`)
}

/** A sentence says by itself what it is about; a bare rule, such as "must be at most 5", does not. */
const said = ({ field, detail }: Fault) => (/^\p{Ll}/u.test(detail) ? `${field}: ${detail}` : detail)

/** What was refused at a field, and by which refusal; it stands there until something else is in the field. */
export type Told = { said: string; by: Error }

/** What stands at a field: the sentence about it, if it was refused. */
export function refusedAt(error: Refusal | null | undefined, field: string): Told | undefined {
  const fault = error?.faults?.find((f) => names(f, field))
  return error && fault ? { said: upperFirst(fault.detail), by: error } : undefined
}

/** The fields of a form that were refused, each with its sentence. */
export function refusedFields<F extends string>(
  error: Refusal | null | undefined,
  fields: readonly F[],
): [F, string][] {
  return fields.flatMap((field) => {
    const told = refusedAt(error, field)
    return told ? [[field, told.said] as [F, string]] : []
  })
}

/**
 * At the foot of a form: what was refused and stands at no field of it, and that nothing is lost. The keyboard goes to
 * the first field that was refused.
 */
export function Refused({
  error,
  fields = [],
  className = '',
}: {
  error: Refusal | null | undefined
  /** Fields of the form that show their own. */
  fields?: readonly string[]
  className?: string
}) {
  const place = useRef<HTMLParagraphElement>(null)
  useEffect(() => goToWrong(place.current?.closest('form')), [error])
  if (!error) {
    return null
  }
  const faults = error.faults ?? []
  const elsewhere = faults.filter((fault) => !fields.some((field) => names(fault, field)))
  const marked = faults.length - elsewhere.length
  return (
    <p ref={place} role="alert" className={`text-sanguine ${className}`}>
      {faults.length === 0
        ? error.message
        : [marked > 0 && wording.notKeptYetMarkedFieldsTo({ marked }), ...elsewhere.map(said)]
            .filter(Boolean)
            .join(' ')}
    </p>
  )
}
