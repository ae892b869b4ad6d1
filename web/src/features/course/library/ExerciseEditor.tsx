import { NameField } from '../../../shared/NameField'
import { Button } from '../../../ui/Button'
import { Field, SelectField, TextField } from '../../../ui/Field'
import { startDrag } from './drag'
import { KINDS, SOURCES, type ExerciseDocument } from './document'
import { wording } from '../wording'

/** The number that was typed, or what was typed where it is none, so that the check can name it. */
const typed = (text: string): number | undefined =>
  text.trim() === '' ? undefined : Number.isNaN(Number(text)) ? (text as unknown as number) : Number(text)

/** One exercise of a course under edit, field by field. */
export function ExerciseEditor({
  exercise,
  others,
  error,
  whole,
  onChange,
  onEarlier,
  onLater,
  onRemove,
  onDrag,
  onDrop,
}: {
  exercise: ExerciseDocument
  /** The other exercises of its week. */
  others: ExerciseDocument[]
  error: (field: string) => string | undefined
  /** What is wrong with the exercise as a whole. */
  whole: string | undefined
  onChange: (exercise: ExerciseDocument) => void
  onEarlier: (() => void) | undefined
  onLater: (() => void) | undefined
  onRemove: () => void
  /** This exercise began to be dragged. */
  onDrag: () => void
  /** Another exercise of the week was dropped here; left out while none is dragged. */
  onDrop: (() => void) | undefined
}) {
  const counted = exercise.minutes === undefined
  const set = (more: Partial<ExerciseDocument>) => {
    const next = Object.entries({ ...exercise, ...more }).filter(([, value]) => value !== undefined)
    onChange(Object.fromEntries(next) as ExerciseDocument)
  }
  const number = (field: 'drawings' | 'minutesEach' | 'minutes' | 'chunk', label: string) => (
    <Field
      label={label}
      inputMode="decimal"
      value={exercise[field] === undefined ? '' : String(exercise[field])}
      error={error(field)}
      onChange={(e) => set({ [field]: typed(e.target.value) })}
    />
  )
  return (
    <fieldset
      className="border-hairline my-2 border-l-2 pl-4"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        if (onDrop) {
          event.stopPropagation()
          onDrop()
        }
      }}
    >
      <legend className="sr-only">{exercise.title}</legend>
      <p
        className="text-faded w-fit cursor-grab"
        draggable
        aria-hidden
        onDragStart={(event) => {
          startDrag(event)
          onDrag()
        }}
      >
        {wording.move()}
      </p>
      <div className="grid grid-cols-2 gap-x-5 gap-y-2 sm:grid-cols-4">
        <div className="col-span-2">
          <Field
            label={wording.exercise()}
            maxLength={120}
            value={exercise.title}
            error={error('title')}
            onChange={(e) => set({ title: e.target.value })}
          />
        </div>
        <SelectField
          label={wording.kind()}
          value={exercise.kind}
          onChange={(e) => set({ kind: e.target.value })}
        >
          {KINDS.map((kind) => (
            <option key={kind}>{kind}</option>
          ))}
        </SelectField>
        <SelectField
          label={wording.source()}
          value={exercise.source ?? ''}
          onChange={(e) => set({ source: e.target.value || undefined })}
        >
          <option value="">{wording.anyWord()}</option>
          {SOURCES.map((source) => (
            <option key={source}>{source}</option>
          ))}
        </SelectField>
        <NameField
          kind="RESOURCE"
          label={wording.learnedFrom()}
          maxLength={200}
          value={exercise.resource ?? ''}
          onChange={(e) => set({ resource: e.target.value || undefined })}
        />
        <SelectField
          label={wording.countedIn()}
          value={counted ? 'drawings' : 'minutes'}
          onChange={(e) =>
            set(
              e.target.value === 'minutes'
                ? { drawings: undefined, minutesEach: undefined, minutes: 30 }
                : { drawings: 10, minutesEach: 2, minutes: undefined },
            )
          }
        >
          <option value="drawings">{wording.drawings()}</option>
          <option value="minutes">{wording.minutes()}</option>
        </SelectField>
        {counted ? number('drawings', wording.drawings2()) : number('minutes', wording.minutes2())}
        {counted && number('minutesEach', wording.minutesEach())}
        {number('chunk', wording.smallestShare())}
        <div className="col-span-2">
          <SelectField
            label={wording.comesAfter()}
            value={String(exercise.after ?? '')}
            error={error('after')}
            onChange={(e) => set({ after: e.target.value || undefined })}
          >
            <option value="">{wording.nothing()}</option>
            {others.map((other) => (
              <option key={other.id} value={other.id}>
                {other.title}
              </option>
            ))}
          </SelectField>
        </div>
        <div className="col-span-2">
          <SelectField
            label={wording.on()}
            value={String(exercise.on ?? '')}
            onChange={(e) => set({ on: e.target.value || undefined })}
          >
            <option value="">{wording.anyDay()}</option>
            <option value="first-day">{wording.theFirstDay()}</option>
            <option value="last-day">{wording.theLastDay()}</option>
          </SelectField>
        </div>
        <div className="col-span-2">
          <TextField
            label={wording.whatToDo()}
            value={exercise.text ?? ''}
            error={error('text')}
            onChange={(e) => set({ text: e.target.value })}
          />
        </div>
        <div className="col-span-2">
          <TextField
            label={wording.whatToLookFor()}
            value={exercise.lookFor ?? ''}
            error={error('lookFor')}
            onChange={(e) => set({ lookFor: e.target.value })}
          />
        </div>
      </div>
      {whole && (
        <p role="alert" className="text-sanguine">
          {whole}
        </p>
      )}
      <p className="flex gap-x-5">
        <Button
          look="quiet"
          disabled={!onEarlier}
          onClick={onEarlier}
          aria-label={wording.titleEarlier({ title: exercise.title })}
        >
          {wording.earlier()}
        </Button>
        <Button
          look="quiet"
          disabled={!onLater}
          onClick={onLater}
          aria-label={wording.titleLater({ title: exercise.title })}
        >
          {wording.later()}
        </Button>
        <Button look="quiet" onClick={onRemove} aria-label={wording.removeTitle({ title: exercise.title })}>
          {wording.remove()}
        </Button>
      </p>
    </fieldset>
  )
}
