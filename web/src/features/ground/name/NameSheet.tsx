import { useState, type FormEvent } from 'react'
import { BOUNDS } from '../../../api/generated/bounds'
import { Button } from '../../../ui/Button'
import { Checks } from '../../../ui/Check'
import { Field, SelectField, TextField } from '../../../ui/Field'
import { lines } from '../../../ui/lists'
import { useFormats } from '../../../ui/locale'
import { Refused, refusedAt } from '../../../ui/Refused'
import { Cancel, Sheet } from '../../../ui/Sheet'
import { KINDS, PROPERTIES, usedIn, type Name } from './text'
import { useNameChanges } from './useNameChanges'
import { wording } from '../wording'

const change = () => crypto.randomUUID()

/** One name: called otherwise, described, merged into another, taken away. */
export function NameSheet({ name, all, onClose }: { name: Name; all: Name[]; onClose: () => void }) {
  const format = useFormats()
  return (
    <Sheet
      open
      onClose={onClose}
      title={name.text}
      description={wording.aOneUses({ one: KINDS[name.kind].one, uses: usedIn(name.uses, format) })}
    >
      {name.ofTaxonomy ? <p>{wording.itIsOneOfTheTopics()}</p> : <Rename name={name} onClose={onClose} />}
      <Describe key={name.id} name={name} onClose={onClose} />
      {!name.ofTaxonomy && <Merge name={name} all={all} onClose={onClose} />}
      {name.merged.length > 0 && <Merged name={name} />}
      <Remove name={name} onClose={onClose} />
    </Sheet>
  )
}

type Part = { name: Name; onClose: () => void }

function Rename({ name, onClose }: Part) {
  const { rename } = useNameChanges()
  const [text, setText] = useState(name.text)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    rename.mutate({ name, change: change(), text: text.trim() }, { onSuccess: onClose })
  }
  return (
    <form onSubmit={submit} className="flex items-end gap-4">
      <div className="flex-1">
        <Field
          label={wording.called()}
          maxLength={BOUNDS.OtherText.text.maxLength}
          value={text}
          onChange={(e) => setText(e.target.value)}
          error={refusedAt(rename.error, 'text') ?? rename.error?.message}
        />
      </div>
      <Button
        type="submit"
        look="ink"
        disabled={rename.isPending || text.trim() === '' || text.trim() === name.text}
      >
        {wording.renameIt()}
      </Button>
    </form>
  )
}

function Describe({ name, onClose }: Part) {
  const { describe } = useNameChanges()
  const [spellings, setSpellings] = useState(name.spellings.join('\n'))
  const [properties, setProperties] = useState(name.properties)
  const submit = (event: FormEvent) => {
    event.preventDefault()
    describe.mutate(
      { name, change: change(), spellings: lines(spellings), properties },
      { onSuccess: onClose },
    )
  }
  return (
    <form onSubmit={submit} className="mt-5 grid gap-3">
      <TextField
        label={wording.alsoWrittenOneOnEachLine()}
        rows={Math.min(6, name.spellings.length + 1)}
        value={spellings}
        onChange={(e) => setSpellings(e.target.value)}
        error={refusedAt(describe.error, 'spellings')}
      />
      {name.kind === 'MEDIUM' && (
        <Checks legend={wording.itIs()} of={PROPERTIES} chosen={properties} onChange={setProperties} />
      )}
      <Refused error={describe.error} fields={['spellings']} />
      <div>
        <Button type="submit" disabled={describe.isPending}>
          {wording.keepIt()}
        </Button>
      </div>
    </form>
  )
}

function Merge({ name, all, onClose }: Part & { all: Name[] }) {
  const { merge } = useNameChanges()
  const [into, setInto] = useState('')
  const others = all.filter((other) => other.kind === name.kind && other.id !== name.id)
  const target = others.find((other) => other.id === into)
  if (others.length === 0) {
    return null
  }
  return (
    <form
      className="mt-5 flex items-end gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (target) {
          merge.mutate({ name, change: change(), into: target }, { onSuccess: onClose })
        }
      }}
    >
      <div className="flex-1">
        <SelectField
          label={wording.itIsOnlyAnotherWayOf()}
          value={into}
          error={merge.error?.message}
          onChange={(e) => setInto(e.target.value)}
        >
          <option value="">{wording.choose()}</option>
          {others.map((other) => (
            <option key={other.id} value={other.id}>
              {other.text}
            </option>
          ))}
        </SelectField>
      </div>
      <Button type="submit" disabled={!target || merge.isPending}>
        {wording.mergeThem()}
      </Button>
    </form>
  )
}

function Merged({ name }: { name: Name }) {
  const { part } = useNameChanges()
  const format = useFormats()
  return (
    <>
      <h3 className="mt-5">{wording.mergedIntoIt()}</h3>
      <ul>
        {name.merged.map((other) => (
          <li key={other.id} className="border-hairline flex items-baseline gap-4 border-t">
            {other.text} <span className="text-faded">{usedIn(other.uses, format)}</span>
            <Button
              look="quiet"
              className="ml-auto"
              aria-label={wording.letTextStandByItself({ text: other.text })}
              onClick={() => part.mutate({ id: other.id, change: change() })}
            >
              {wording.letItStandByItself()}
            </Button>
          </li>
        ))}
      </ul>
      <Refused error={part.error} />
    </>
  )
}

function Remove({ name, onClose }: Part) {
  const { remove } = useNameChanges()
  return (
    <div className="mt-5 flex flex-wrap items-baseline gap-6">
      <Cancel />
      {!name.ships && !name.ofTaxonomy && (
        <Button
          className="text-sanguine ml-auto"
          onClick={() => remove.mutate({ name, change: change() }, { onSuccess: onClose })}
        >
          {wording.remove()}
        </Button>
      )}
      <Refused error={remove.error} className="w-full" />
    </div>
  )
}
