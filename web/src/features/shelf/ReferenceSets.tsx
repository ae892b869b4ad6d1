import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { ExerciseField } from '../../shared/ExerciseField'
import { Button, LINE_LINK } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin } from '../../ui/NumberField'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'

type References = Schemas['SetOfReferences']

/** Pictures of the own folder gathered for an exercise: how many are needed, there and not used yet. */
export function ReferenceSets() {
  const sets = useQuery(queries.referenceSets()).data
  const [open, setOpen] = useState<References | 'new'>()
  if (!sets) {
    return null
  }
  return (
    <section aria-labelledby="sets" className="mt-5">
      <h2 id="sets">Sets of references</h2>
      {sets.length === 0 && (
        <p className="text-faded">
          None yet. A set is a part of your own folder of pictures, gathered for an exercise: so many needed,
          so many not used yet.
        </p>
      )}
      <ul>
        {sets.map((s) => (
          <li key={s.id} className="border-hairline flex flex-wrap items-baseline gap-x-4 border-t py-1">
            <span className="font-serif text-lg">{s.fields.name}</span>
            <span className="text-faded">
              {s.fields.needed} needed, {s.there} there, {s.unused} not used yet
              {s.missing > 0 && `, ${s.missing} to gather`}
            </span>
            {s.there > 0 && (
              <Link
                to={`/sitting?${new URLSearchParams({ set: s.id, title: s.fields.name, ...(s.fields.exerciseId ? { exercise: s.fields.exerciseId } : {}) }).toString()}`}
                className={LINE_LINK}
                aria-label={`Draw from it: ${s.fields.name}`}
              >
                Draw from it
              </Link>
            )}
            <Button look="quiet" onClick={() => setOpen(s)} aria-label={`Change ${s.fields.name}`}>
              Change
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={() => setOpen('new')}>Gather a set</Button>
      {open && <SetSheet set={open === 'new' ? undefined : open} onClose={() => setOpen(undefined)} />}
    </section>
  )
}

function SetSheet({ set, onClose }: { set: References | undefined; onClose: () => void }) {
  const format = useFormats()
  const client = useQueryClient()
  const [id] = useState(() => set?.id ?? crypto.randomUUID())
  const [name, setName] = useState(set?.fields.name ?? '')
  const [within, setWithin] = useState(set?.fields.within ?? '')
  const [needed, setNeeded] = useState(format.writeNumber(set?.fields.needed ?? 20))
  const [exercise, setExercise] = useState(set?.fields.exerciseId ?? '')
  const count = readWithin(needed, BOUNDS.SetFields.needed, format)
  const done = {
    onSuccess: () => {
      onClose()
      return refreshAll(client)
    },
  }
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/references/sets/{id}', {
          params: { path: { id } },
          body: {
            version: set?.version ?? 0,
            fields: {
              name: name.trim(),
              within: within.trim(),
              needed: count ?? 1,
              exerciseId: exercise || null,
            },
          },
        }),
      ),
    ...done,
  })
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE('/api/references/sets/{id}', { params: { path: { id } } })),
    ...done,
  })
  return (
    <Sheet open onClose={onClose} title={set?.fields.name ?? 'A set of references'}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (name.trim() !== '' && count !== undefined) {
            keep.mutate()
          }
        }}
      >
        <Field
          label="Name"
          value={name}
          maxLength={BOUNDS.SetFields.name.maxLength}
          placeholder="Hulls from low down"
          onChange={(e) => setName(e.target.value)}
        />
        <Field
          label="Pictures of your folder whose path holds"
          hint="The name of a folder in it is enough; empty means all."
          value={within}
          maxLength={BOUNDS.SetFields.within.maxLength}
          placeholder="hulls"
          onChange={(e) => setWithin(e.target.value)}
        />
        <NumberField
          label="How many are needed"
          bounds={BOUNDS.SetFields.needed}
          value={needed}
          onChange={(e) => setNeeded(e.target.value)}
        />
        <ExerciseField
          label="For which exercise"
          none="None"
          known={undefined}
          value={exercise}
          onChange={(e) => setExercise(e.target.value)}
        />
        <SheetEnd
          error={keep.error ?? remove.error}
          disabled={name.trim() === '' || count === undefined}
          onRemove={set ? () => remove.mutate() : undefined}
        />
      </form>
    </Sheet>
  )
}
