import type { InputHTMLAttributes, ReactNode } from 'react'
import { Said, type Wrong } from './Field'

/** Yes or no, with its words beside it. */
export function Check({
  children,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & { children: ReactNode; ref?: React.Ref<HTMLInputElement> }) {
  return (
    <label className="flex min-h-8 items-center gap-2 pointer-coarse:min-h-11">
      <input type="checkbox" className="size-4 shrink-0" {...rest} />
      <span>{children}</span>
    </label>
  )
}

/** Any of a few, in a row. */
export function Checks<T extends string>({
  legend,
  of,
  short,
  chosen,
  error,
  onChange,
}: {
  legend: ReactNode
  of: Record<T, string>
  /** What is shown instead of a name, where there is little room. */
  short?: (name: string) => string
  chosen: T[]
  error?: Wrong
  onChange: (chosen: T[]) => void
}) {
  return (
    <fieldset>
      <legend className="font-medium">{legend}</legend>
      <div className="flex flex-wrap gap-x-4">
        {(Object.keys(of) as T[]).map((value) => (
          <Check
            key={value}
            aria-label={of[value]}
            checked={chosen.includes(value)}
            onChange={(e) =>
              onChange(e.target.checked ? [...chosen, value] : chosen.filter((c) => c !== value))
            }
          >
            {short ? short(of[value]) : of[value]}
          </Check>
        ))}
      </div>
      <Said error={error} holds={chosen.join()} />
    </fieldset>
  )
}
