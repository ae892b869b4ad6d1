import { Field } from '../../ui/Field'

/** Why the plan is changed, and what was refused. */
export function Reason({
  value,
  onChange,
  error,
}: {
  value: string
  onChange: (reason: string) => void
  error: string | undefined
}) {
  return (
    <div className="mt-4">
      <Field
        label="Reason, kept in the history"
        maxLength={400}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      {error && (
        <p role="alert" className="text-sanguine mt-2">
          {error}
        </p>
      )}
    </div>
  )
}
