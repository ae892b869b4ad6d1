import { useQuery } from '@tanstack/react-query'
import { useId, type InputHTMLAttributes } from 'react'
import type { Schemas } from '../api/client'
import { queries } from '../api/queries'
import { Field, type Wrong } from '../ui/Field'

/** A name of one kind; the names there are of that kind are offered while one types. */
export function NameField({
  kind,
  ...rest
}: InputHTMLAttributes<HTMLInputElement> & {
  kind: Schemas['NameView']['kind']
  label: string
  hint?: string
  error?: Wrong
}) {
  const names = useQuery(queries.names()).data?.names ?? []
  const list = useId()
  return (
    <>
      <Field list={list} {...rest} />
      <datalist id={list}>
        {names
          .filter((name) => name.kind === kind)
          .map((name) => (
            <option key={name.id} value={name.text} />
          ))}
      </datalist>
    </>
  )
}
