import { useQuery } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { Field, SelectField, TextField } from '../../../ui/Field'
import { lines } from '../../../ui/lists'
import { useFormats } from '../../../ui/locale'
import { Refused, refusedAt } from '../../../ui/Refused'
import { Waiting } from '../../../ui/Waiting'
import { NameSheet } from './NameSheet'
import { KINDS, PROPERTIES, usedIn, type Name } from './text'
import { useNameChanges } from './useNameChanges'
import { wording } from '../wording'

/** Names that entries and promises refer to: renamed, merged and described in one place. */
export function NamesSection() {
  return (
    <section aria-labelledby="names">
      <h2 id="names" className="border-ink mt-8 border-t pt-4">
        {wording.names()}
      </h2>
      <p className="text-faded max-w-prose">{wording.mediaSourcesBooksResourcesAndTopics()}</p>
      <Waiting query={useQuery(queries.names())}>{({ names }) => <Names names={names} />}</Waiting>
    </section>
  )
}

function Names({ names }: { names: Name[] }) {
  const format = useFormats()
  const [kind, setKind] = useState<Name['kind']>('MEDIUM')
  const [open, setOpen] = useState<string>()
  const shown = names.filter((name) => name.kind === kind)
  const opened = names.find((name) => name.id === open)
  return (
    <>
      <div className="mt-2 max-w-48">
        <SelectField
          label={wording.shown()}
          value={kind}
          onChange={(event) => setKind(event.target.value as Name['kind'])}
        >
          {Object.entries(KINDS).map(([value, { many }]) => (
            <option key={value} value={value}>
              {many}
            </option>
          ))}
        </SelectField>
      </div>
      <ul className="my-2 gap-x-10 lg:columns-2">
        {shown.map((name) => (
          <li key={name.id} className="border-hairline break-inside-avoid border-t">
            <button
              type="button"
              className="hover:bg-deeper flex min-h-8 w-full items-baseline gap-x-3 py-1 text-left pointer-coarse:min-h-11"
              onClick={() => setOpen(name.id)}
            >
              <span>
                <span className="sr-only">{wording.change()} </span>
                <span className="font-medium">{name.text}</span>{' '}
                <span className="text-faded">
                  {[...name.spellings, ...name.merged.map((m) => m.text)].join(', ')}
                  {name.properties.length > 0 && ` · ${name.properties.map((p) => PROPERTIES[p]).join(', ')}`}
                </span>
              </span>
              <span className="text-faded ml-auto shrink-0">{usedIn(name.uses, format)}</span>
            </button>
          </li>
        ))}
      </ul>
      <NewName kind={kind} />
      {opened && <NameSheet name={opened} all={names} onClose={() => setOpen(undefined)} />}
    </>
  )
}

function NewName({ kind }: { kind: Name['kind'] }) {
  const { create } = useNameChanges()
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = event.currentTarget
    const data = new FormData(form)
    create.mutate(
      {
        id: crypto.randomUUID(),
        kind,
        text: String(data.get('text')).trim(),
        spellings: lines(String(data.get('spellings'))),
        properties: [],
      },
      { onSuccess: () => form.reset() },
    )
  }
  return (
    <form onSubmit={add} className="grid max-w-3xl items-end gap-4 sm:grid-cols-[1fr_1fr_auto]">
      <Field
        label={wording.aNewOne({ one: KINDS[kind].one })}
        name="text"
        required
        maxLength={BOUNDS.NewName.text.maxLength}
        error={refusedAt(create.error, 'text')}
      />
      <TextField
        label={wording.alsoWrittenOneOnEachLine()}
        name="spellings"
        rows={1}
        error={refusedAt(create.error, 'spellings')}
      />
      <Button type="submit" disabled={create.isPending}>
        {wording.addIt()}
      </Button>
      <Refused error={create.error} fields={['text', 'spellings']} className="col-span-full" />
    </form>
  )
}
