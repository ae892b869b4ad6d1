import type { InputHTMLAttributes } from 'react'

/** One way of doing things, with two lines that say why somebody chooses it. */
export type School = { value: string; label: string; reasons: [string, string] }

/** A choice between schools that differ: each with its own reasons, none of them a verdict. */
export function Schools({
  legend,
  schools,
  input,
  value,
}: {
  legend: string
  schools: School[]
  input: InputHTMLAttributes<HTMLInputElement>
  /** The one that is chosen, where the form does not hold it itself. */
  value?: string
}) {
  return (
    <fieldset>
      <legend className="mb-1 font-medium">{legend}</legend>
      <div className="grid gap-x-8 gap-y-3 sm:grid-cols-2 xl:grid-cols-3">
        {schools.map((school) => (
          <label key={school.value} className="flex gap-2 py-1">
            <input
              type="radio"
              value={school.value}
              className="mt-1.5 size-4 shrink-0"
              {...(value === undefined ? {} : { checked: value === school.value })}
              {...input}
            />
            <span>
              <span className="font-medium">{school.label}</span>
              {school.reasons.map((reason) => (
                <span key={reason} className="text-faded block text-[0.95rem] leading-snug">
                  {reason}
                </span>
              ))}
            </span>
          </label>
        ))}
      </div>
    </fieldset>
  )
}
