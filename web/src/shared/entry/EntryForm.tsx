import { useEffect, useRef, useState, type FormEvent } from 'react'
import { Problem } from '../../api/client'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { Field, TextField, type Wrong } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { NumberField } from '../../ui/NumberField'
import { Refused, refusedAt } from '../../ui/Refused'
import { goToWrong } from '../../ui/wrong'
import { Cancel, Sheet } from '../../ui/Sheet'
import { PageLink } from './PageLink'
import { ExerciseField } from '../course/ExerciseField'
import { NameField } from '../NameField'
import { useUnjudged } from '../useUnjudged'
import { Conflict } from './Conflict'
import {
  boundsOf,
  draftFaults,
  FIELDS,
  NAMES_OF_FIELDS,
  toDraft,
  toFields,
  type Draft,
  type Entry,
  type Fields,
} from './fields'
import { OwnFigureField } from './OwnFigureField'
import { StudyForm } from './StudyForm'
import { ownFault } from './study'
import { useEntryWrites } from './useEntryWrites'
import { wording } from './wording'

/** What is not asked in a book that is not judged; what was told before stays. */
const JUDGING: (keyof Fields)[] = ['mark', 'wentWrong']

const NONE: Fields = { day: '', wentWrong: '', nextTime: '', note: '' }

/** Every field of one entry: a stored one to change, or a new one. */
export default function EntryForm({
  entry,
  begin,
  onClose,
  onSaved,
}: {
  entry?: Entry
  begin?: Fields
  onClose: () => void
  onSaved?: () => void
}) {
  const format = useFormats()
  const [draft, setDraft] = useState(() => toDraft(entry?.fields ?? begin ?? NONE, format))
  const [tries, setTries] = useState(0)
  const tried = tries > 0
  const form = useRef<HTMLFormElement>(null)
  useEffect(() => {
    if (tries > 0) {
      goToWrong(form.current)
    }
  }, [tries])
  const { create, change, remove } = useEntryWrites()
  const say = useNotice()
  const [id] = useState(() => entry?.id ?? crypto.randomUUID())
  const write = entry ? change : create
  const unjudged = useUnjudged(draft.book)
  const faults = draftFaults(draft, format)

  const gone = write.error instanceof Problem && write.error.code === 'not-found'

  const keep = (version: number | undefined, as = id) => {
    const fields = toFields(draft, format)
    const done = {
      onSuccess: () => {
        say(entry && version !== undefined ? wording.changed() : wording.logged())
        onSaved?.()
        onClose()
      },
    }
    if (version === undefined) {
      create.mutate({ id: as, fields }, done)
    } else {
      change.mutate({ id, version, fields }, done)
    }
  }
  const submit = (event: FormEvent) => {
    event.preventDefault()
    setTries(tries + 1)
    if (Object.keys(faults).length === 0) {
      keep(entry?.version)
    }
  }

  if (write.error instanceof Problem && write.error.code === 'stale' && write.error.current) {
    const stored = write.error.current as Entry
    return (
      <Sheet open onClose={onClose} title={wording.twoVersionsOfThisEntry()} wide>
        <Conflict
          mine={toFields(draft, format)}
          stored={stored.fields}
          onMine={() => keep(stored.version)}
          onStored={onClose}
        />
      </Sheet>
    )
  }
  return (
    <Sheet open onClose={onClose} title={entry ? wording.changeAnEntry() : wording.aNewEntry()}>
      <form ref={form} onSubmit={submit} noValidate>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
          {NAMES_OF_FIELDS.filter((field) => !unjudged || !JUDGING.includes(field)).map((field) => (
            <EntryField
              key={field}
              field={field}
              draft={draft}
              entry={entry}
              error={(tried ? faults[field] : undefined) ?? refusedAt(write.error, field)}
              onChange={setDraft}
            />
          ))}
          {!unjudged && (
            <OwnFigureField
              what={draft.study.ownFigure}
              count={draft.study.ownCount}
              error={refusedAt(write.error, 'ownCount')}
              onChange={(own) => setDraft({ ...draft, study: { ...draft.study, ...own } })}
            />
          )}
        </div>
        <StudyForm
          draft={draft.study}
          error={tried && !ownFault(draft.study, format) ? faults.study : undefined}
          unjudged={unjudged}
          onChange={(study) => setDraft({ ...draft, study })}
        />
        {unjudged && <p className="text-faded mt-3">{wording.bookIsNotJudgedNoMark({ book: draft.book })}</p>}
        {entry?.fields.book && entry.fields.pageFrom != null && (
          <div className="mt-3">
            <PageLink book={entry.fields.book} number={entry.fields.pageFrom} onGo={onClose} />
          </div>
        )}
        {gone ? (
          <p role="alert" className="mt-3">
            {wording.thisEntryWasRemovedElsewhereWhat()}{' '}
            <Button onClick={() => keep(undefined, crypto.randomUUID())}>{wording.logItAnew()}</Button>
          </p>
        ) : (
          <Refused error={write.error} fields={NAMES_OF_FIELDS} className="mt-3" />
        )}
        <div className="mt-5 flex flex-wrap items-center gap-5">
          <Button type="submit" look="ink" disabled={write.isPending}>
            {entry ? wording.saveTheChange() : wording.logIt()}
          </Button>
          <Cancel />
          {entry && (
            <Button
              className="text-sanguine ml-auto"
              onClick={() => {
                remove.mutate({ entry })
                onClose()
              }}
            >
              {wording.remove()}
            </Button>
          )}
        </div>
      </form>
    </Sheet>
  )
}

function EntryField({
  field,
  draft,
  entry,
  error,
  onChange,
}: {
  field: keyof Fields
  draft: Draft
  entry: Entry | undefined
  error: Wrong
  onChange: (draft: Draft) => void
}) {
  const { label, kind } = FIELDS[field]
  if (field === 'poses' || field === 'study' || kind === 'poses' || kind === 'study') {
    return null
  }
  const value = draft[field]
  const set = (text: string) => onChange({ ...draft, [field]: text })
  const box = {
    label,
    value,
    error,
    onChange: (e: { target: { value: string } }) => set(e.target.value),
  }
  const { maxLength, ...bounds } = boundsOf(field)
  switch (kind) {
    case 'day':
      return <DateField label={label} value={value} error={error} onChange={set} />
    case 'time':
      return <Field type="time" {...box} />
    case 'exercise':
      return <ExerciseField {...box} none={wording.none()} known={entry} />
    case 'number':
      return <NumberField bounds={bounds} {...box} />
    case 'text':
      return (
        <div className={field === 'note' ? 'sm:col-span-2' : ''}>
          <TextField maxLength={maxLength} {...box} />
        </div>
      )
    case 'TOPIC':
    case 'MEDIUM':
    case 'SOURCE':
    case 'RESOURCE':
    case 'BOOK':
    case 'FACET':
      return <NameField kind={kind} maxLength={maxLength} {...box} />
  }
}
