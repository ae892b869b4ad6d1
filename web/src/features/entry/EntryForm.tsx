import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { Problem, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field, SelectField, TextField } from '../../ui/Field'
import { useNotice } from '../../ui/Notices'
import { Sheet } from '../../ui/Sheet'
import { Conflict } from './Conflict'
import { FIELDS } from './text'
import { fieldsOf, useEntryWrites } from './useEntryWrites'

type View = Schemas['EntryView']
type Fields = Schemas['EntryFields']
type Draft = Record<keyof Fields, string>

const NUMBERS = ['drawings', 'minutes', 'pageFrom', 'pageTo', 'mark'] as const
const TEXTS = ['time', 'exerciseId', 'topic', 'source', 'medium', 'resource', 'book', 'poses'] as const

function toDraft(fields: Fields): Draft {
  const text = (value: string | number | null | undefined) => (value == null ? '' : String(value))
  const keys = Object.keys(FIELDS) as (keyof Fields)[]
  const draft = Object.fromEntries(keys.map((key) => [key, text(fields[key])])) as Draft
  return { ...draft, time: draft.time.slice(0, 5) }
}

function toFields(draft: Draft): Fields {
  const numbers = Object.fromEntries(
    NUMBERS.map((key) => [key, draft[key] === '' ? null : Number(draft[key])]),
  )
  const texts = Object.fromEntries(
    TEXTS.map((key) => [key, draft[key].trim() === '' ? null : draft[key].trim()]),
  )
  return {
    ...numbers,
    ...texts,
    day: draft.day,
    wentWrong: draft.wentWrong,
    nextTime: draft.nextTime,
    note: draft.note,
  }
}

/** Every field of one entry: a stored one to change, or a new one. */
export default function EntryForm({
  entry,
  begin,
  onClose,
}: {
  entry?: View
  begin?: Fields
  onClose: () => void
}) {
  const start = entry ? fieldsOf(entry) : begin
  const form = useForm<Draft>({ defaultValues: start && toDraft(start) })
  const { register, formState } = form
  const { create, change, remove } = useEntryWrites()
  const say = useNotice()
  const [id] = useState(() => entry?.id ?? crypto.randomUUID())
  const [conflict, setConflict] = useState<{ mine: Fields; stored: View }>()

  const write = async (fields: Fields, version: number | undefined) => {
    try {
      if (version === undefined) {
        await create.mutateAsync({ id, fields })
      } else {
        await change.mutateAsync({ id, version, fields })
      }
      say(entry ? 'Changed.' : 'Logged.')
      onClose()
    } catch (error) {
      if (error instanceof Problem && error.code === 'stale' && error.current) {
        setConflict({ mine: fields, stored: error.current as View })
      } else if (error instanceof Error) {
        const field = error instanceof Problem ? error.field?.replace(/^fields\./, '') : undefined
        const known = field !== undefined && field in FIELDS
        form.setError(
          known ? (field as keyof Draft) : 'root',
          { message: error.message },
          { shouldFocus: true },
        )
      }
    }
  }

  if (conflict) {
    return (
      <Sheet open onClose={onClose} title="Two versions of this entry" wide>
        <Conflict
          mine={conflict.mine}
          stored={fieldsOf(conflict.stored)}
          onMine={() => write(conflict.mine, conflict.stored.version)}
          onStored={onClose}
        />
      </Sheet>
    )
  }

  const field = (name: keyof Draft) => ({
    label: FIELDS[name],
    error: formState.errors[name]?.message,
    ...register(name),
  })
  return (
    <Sheet open onClose={onClose} title={entry ? 'Change an entry' : 'A new entry'}>
      <form onSubmit={form.handleSubmit((draft) => write(toFields(draft), entry?.version))} noValidate>
        <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
          <Field type="date" {...field('day')} />
          <Field type="time" {...field('time')} />
          <Exercises field={field('exerciseId')} entry={entry} />
          <Field {...field('topic')} list="topics" />
          <Field type="number" min={1} inputMode="numeric" {...field('drawings')} />
          <Field type="number" min={1} inputMode="numeric" {...field('minutes')} />
          <Field {...field('medium')} list="media" />
          <Field {...field('source')} list="sources" />
          <Field {...field('book')} list="books" />
          <div className="grid grid-cols-2 gap-4">
            <Field type="number" min={1} inputMode="numeric" {...field('pageFrom')} />
            <Field type="number" min={1} inputMode="numeric" {...field('pageTo')} />
          </div>
          <Field {...field('resource')} list="resources" />
          <Field type="number" min={1} max={5} inputMode="numeric" {...field('mark')} />
          <TextField {...field('wentWrong')} />
          <TextField {...field('nextTime')} />
          <div className="sm:col-span-2">
            <TextField {...field('note')} />
          </div>
        </div>
        <WordLists />
        {formState.errors.root && (
          <p role="alert" className="text-sanguine mt-3">
            {formState.errors.root.message}
          </p>
        )}
        <div className="mt-5 flex flex-wrap items-center gap-5">
          <Button type="submit" look="ink" disabled={formState.isSubmitting}>
            {entry ? 'Save the change' : 'Log it'}
          </Button>
          <Button onClick={onClose}>Cancel</Button>
          {entry && (
            <Button
              className="text-sanguine ml-auto"
              onClick={() => {
                remove.mutate({ entry })
                onClose()
              }}
            >
              Remove
            </Button>
          )}
        </div>
      </form>
    </Sheet>
  )
}

function Exercises({ field, entry }: { field: Parameters<typeof SelectField>[0]; entry: View | undefined }) {
  const course = useQuery(queries.course()).data
  const exercises = course?.exercises ?? []
  const current = exercises.filter((e) => e.now)
  const later = exercises.filter((e) => !e.now)
  const groups = [
    current,
    ...[...new Set(later.map((e) => e.weekKey))].map((key) => later.filter((e) => e.weekKey === key)),
  ]
  const unknown =
    entry?.exerciseId && course && !course.exercises.some((e) => e.exerciseId === entry.exerciseId)
  return (
    <SelectField key={course ? 'read' : 'reading'} {...field}>
      <option value="">None</option>
      {unknown && <option value={entry.exerciseId ?? ''}>{entry.exerciseTitle}</option>}
      {groups.map((group, i) => (
        <optgroup key={i} label={i === 0 ? 'This week' : (group[0]?.weekTitle ?? '')}>
          {group.map((e) => (
            <option key={e.exerciseId} value={e.exerciseId}>
              {e.title}
            </option>
          ))}
        </optgroup>
      ))}
    </SelectField>
  )
}

/** What the browser offers while a name is typed. */
function WordLists() {
  const words = useQuery(queries.words()).data
  const all = words ? [...words.shipped, ...words.own] : []
  const lists = {
    media: 'MEDIUM',
    sources: 'SOURCE',
    books: 'BOOK',
    resources: 'RESOURCE',
    topics: 'TOPIC',
  } as const
  return Object.entries(lists).map(([id, kind]) => (
    <datalist key={id} id={id}>
      {all
        .filter((word) => word.kind === kind)
        .map((word) => (
          <option key={word.name} value={word.name} />
        ))}
    </datalist>
  ))
}
