/** The options of a select, from a list of names by value. */
export function Options({ of }: { of: Record<string, string> }) {
  return Object.entries(of).map(([value, name]) => (
    <option key={value} value={value}>
      {name}
    </option>
  ))
}

/** One of a few, each with a line that says what it is. */
export function Choices<T extends string>({
  name,
  of,
  value,
  onChange,
}: {
  /** Tells this group apart from others on the page. */
  name: string
  of: Record<T, { name: string; line: string }>
  value: T
  onChange: (value: T) => void
}) {
  return (Object.keys(of) as T[]).map((key) => (
    <label
      key={key}
      className="flex min-h-8 items-start gap-2 py-0.5 pointer-coarse:min-h-11 pointer-coarse:py-2"
    >
      <input
        type="radio"
        name={name}
        className="mt-1 size-4 shrink-0"
        checked={value === key}
        onChange={() => onChange(key)}
      />
      <span>
        {of[key].name} <span className="text-faded">{of[key].line}</span>
      </span>
    </label>
  ))
}
