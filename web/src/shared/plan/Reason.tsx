import { BOUNDS } from '../../api/generated/bounds'
import { Refused } from '../../ui/Refused'
import { Field } from '../../ui/Field'
import { wording } from './wording'

/** Why the plan is changed, and what was refused. */
export function Reason({
  value,
  onChange,
  error,
}: {
  value: string
  onChange: (reason: string) => void
  error: Error | null
}) {
  return (
    <div className="mt-4">
      <Field
        label={wording.reasonKeptInTheHistory()}
        maxLength={BOUNDS.ToMake.reason.maxLength}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      <Refused error={error} className="mt-2" />
    </div>
  )
}
