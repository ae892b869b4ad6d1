import { useQuery } from '@tanstack/react-query'
import { useLayoutEffect, useRef, type KeyboardEvent } from 'react'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { SelectField } from '../../ui/Field'
import { NumberField } from '../../ui/NumberField'
import { wording } from './wording'

/** A page, by its book and number as they are typed. */
export function PageChoice({
  label = wording.book(),
  book,
  number,
  onChange,
  onEnter,
}: {
  label?: string
  book: string
  number: string
  onChange: (book: string, number: string) => void
  onEnter?: () => void
}) {
  const books = useQuery(queries.books()).data ?? []
  const field = useRef<HTMLInputElement>(null)
  const typed = useRef<string>(undefined)
  // A proposal may arrive while one is in the field: it stands selected, so that typing replaces it.
  useLayoutEffect(() => {
    if (number !== typed.current && field.current === document.activeElement) {
      field.current?.select()
    }
    typed.current = number
  }, [number])
  return (
    <div className="grid grid-cols-[1fr_7rem] gap-x-4">
      <SelectField label={label} value={book} onChange={(e) => onChange(e.target.value, number)}>
        {books
          .filter((b) => !b.removed || b.id === book)
          .map((b) => (
            <option key={b.id} value={b.id}>
              {b.name}
            </option>
          ))}
      </SelectField>
      <NumberField
        label={wording.page()}
        bounds={BOUNDS.PlaceOnPage.number}
        value={number}
        ref={field}
        onChange={(e) => {
          typed.current = e.target.value
          onChange(book, e.target.value)
        }}
        onKeyDown={(e: KeyboardEvent) => {
          if (e.key === 'Enter' && onEnter) {
            e.preventDefault()
            onEnter()
          }
        }}
      />
    </div>
  )
}
