import { TextField } from '../../ui/Field'

/** Words to write on the screen, and to read on paper however long they are. */
export function OwnWords(props: {
  label: string
  hint?: string
  rows: number
  maxLength: number
  value: string
  onChange: (text: string) => void
}) {
  const { label, value, onChange, ...rest } = props
  return (
    <div className="mt-4 font-serif text-lg">
      <div className="no-print">
        <TextField label={label} value={value} onChange={(e) => onChange(e.target.value)} {...rest} />
      </div>
      {value && (
        <div className="hidden print:block">
          <h2>{label}</h2>
          <p className="whitespace-pre-wrap">{value}</p>
        </div>
      )}
    </div>
  )
}
