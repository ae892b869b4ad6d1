import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { CABINET, useCabinetKinds } from '../../shared/sitting/cabinet'
import { ExerciseField } from '../../shared/course/ExerciseField'
import { SetLine } from '../../shared/sitting/SetLine'
import { Button } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { Field, SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin } from '../../ui/NumberField'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import { wording } from './wording'

type References = Schemas['SetOfReferences']

/** References gathered for an exercise or a week. */
export function ReferenceSets() {
  const sets = useQuery(queries.referenceSets()).data
  const [open, setOpen] = useState<References | 'new'>()
  if (!sets) {
    return null
  }
  return (
    <section aria-labelledby="sets" className="mt-5">
      <h2 id="sets">{wording.setsOfReferences()}</h2>
      {sets.length === 0 && <p className="text-faded">{wording.noneYetASetIsA()}</p>}
      <ul>
        {sets.map((s) => (
          <li key={s.id} className="border-hairline flex flex-wrap items-baseline gap-x-4 border-t py-1">
            <SetLine set={s} />
            <Button
              look="quiet"
              onClick={() => setOpen(s)}
              aria-label={wording.changeName({ name: s.fields.name })}
            >
              {wording.change()}
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={() => setOpen('new')}>{wording.gatherASet()}</Button>
      {open && <SetSheet set={open === 'new' ? undefined : open} onClose={() => setOpen(undefined)} />}
    </section>
  )
}

function SetSheet({ set, onClose }: { set: References | undefined; onClose: () => void }) {
  const format = useFormats()
  const client = useQueryClient()
  const [id] = useState(() => set?.id ?? crypto.randomUUID())
  const { viewsOf, emphasesOf } = useCabinetKinds()
  const [name, setName] = useState(set?.fields.name ?? '')
  const [within, setWithin] = useState(set?.fields.within ?? '')
  const [needed, setNeeded] = useState(format.writeNumber(set?.fields.needed ?? 20))
  const [exercise, setExercise] = useState(set?.fields.exerciseId ?? '')
  const [week, setWeek] = useState(
    set?.fields.placement && set.fields.weekKey ? `${set.fields.placement} ${set.fields.weekKey}` : '',
  )
  const [cabinet, setCabinet] = useState<NonNullable<References['fields']['cabinet']> | ''>(
    set?.fields.cabinet ?? '',
  )
  const [emphasis, setEmphasis] = useState(set?.fields.emphasis ?? 'ANY')
  const [view, setView] = useState(set?.fields.view ?? 'ANY')
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
              within: cabinet ? '' : within.trim(),
              needed: count ?? 1,
              exerciseId: exercise || null,
              placement: week.split(' ')[0] || null,
              weekKey: week.slice(week.indexOf(' ') + 1) || null,
              cabinet: cabinet || null,
              emphasis: cabinet ? emphasis : null,
              view: cabinet ? view : null,
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
    <Sheet open onClose={onClose} title={set?.fields.name ?? wording.aSetOfReferences()}>
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
          label={wording.name()}
          value={name}
          maxLength={BOUNDS.SetFields.name.maxLength}
          placeholder={wording.hullsFromLowDown()}
          onChange={(e) => setName(e.target.value)}
        />
        <SelectField
          label={wording.takenFrom()}
          value={cabinet}
          onChange={(e) => {
            setCabinet(e.target.value as typeof cabinet)
            setView('ANY')
          }}
        >
          <option value="">{wording.yourOwnFolderOfPictures()}</option>
          <optgroup label={wording.theReferenceCabinet()}>
            <Options of={CABINET} />
          </optgroup>
        </SelectField>
        {cabinet ? (
          <div className="grid grid-cols-2 gap-x-6">
            <SelectField
              label={wording.askedFor()}
              value={emphasis}
              onChange={(e) => setEmphasis(e.target.value as typeof emphasis)}
            >
              <Options of={emphasesOf(cabinet)} />
            </SelectField>
            <SelectField
              label={wording.seen()}
              value={view}
              onChange={(e) => setView(e.target.value as typeof view)}
            >
              <Options of={viewsOf(cabinet)} />
            </SelectField>
          </div>
        ) : (
          <Field
            label={wording.picturesOfYourFolderWhosePath()}
            hint={wording.theNameOfAFolderIn()}
            value={within}
            maxLength={BOUNDS.SetFields.within.maxLength}
            placeholder={wording.hulls()}
            onChange={(e) => setWithin(e.target.value)}
          />
        )}
        <NumberField
          label={wording.howManyAreNeeded()}
          bounds={BOUNDS.SetFields.needed}
          value={needed}
          onChange={(e) => setNeeded(e.target.value)}
        />
        <ExerciseField
          label={wording.forWhichExercise()}
          none={wording.none()}
          known={undefined}
          value={exercise}
          onChange={(e) => setExercise(e.target.value)}
        />
        <WeekField value={week} onChange={setWeek} />
        <SheetEnd
          error={keep.error ?? remove.error}
          disabled={name.trim() === '' || count === undefined}
          onRemove={set ? () => remove.mutate() : undefined}
        />
      </form>
    </Sheet>
  )
}

/** A week of a course that is followed, as placement and key with a blank between. */
function WeekField({ value, onChange }: { value: string; onChange: (week: string) => void }) {
  const exercises = useQuery(queries.course()).data?.exercises ?? []
  const several = new Set(exercises.map((e) => e.course)).size > 1
  const weeks = new Map(
    exercises.map((e) => [
      `${e.placement} ${e.weekKey}`,
      `${several ? `${e.course}: ` : ''}${e.weekTitle}${e.now ? ' (now)' : ''}`,
    ]),
  )
  return (
    <SelectField label={wording.forWhichWeek()} value={value} onChange={(e) => onChange(e.target.value)}>
      <option value="">{wording.none()}</option>
      {[...weeks].map(([key, title]) => (
        <option key={key} value={key}>
          {title}
        </option>
      ))}
      {value !== '' && !weeks.has(value) && <option value={value}>{wording.aWeekThatIsNoLonger()}</option>}
    </SelectField>
  )
}
