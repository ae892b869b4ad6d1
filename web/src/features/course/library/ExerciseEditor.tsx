import { NameField } from '../../../shared/NameField'
import { Button } from '../../../ui/Button'
import { Field, SelectField, TextField } from '../../../ui/Field'
import { startDrag } from './drag'
import { KINDS, SOURCES, type ExerciseDocument } from './document'

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
        ⋮ move
      </p>
      <div className="grid grid-cols-2 gap-x-5 gap-y-2 sm:grid-cols-4">
        <div className="col-span-2">
          <Field
            label="Exercise"
            maxLength={120}
            value={exercise.title}
            error={error('title')}
            onChange={(e) => set({ title: e.target.value })}
          />
        </div>
        <SelectField label="Kind" value={exercise.kind} onChange={(e) => set({ kind: e.target.value })}>
          {KINDS.map((kind) => (
            <option key={kind}>{kind}</option>
          ))}
        </SelectField>
        <SelectField
          label="Source"
          value={exercise.source ?? ''}
          onChange={(e) => set({ source: e.target.value || undefined })}
        >
          <option value="">any</option>
          {SOURCES.map((source) => (
            <option key={source}>{source}</option>
          ))}
        </SelectField>
        <NameField
          kind="RESOURCE"
          label="Learned from"
          maxLength={200}
          value={exercise.resource ?? ''}
          onChange={(e) => set({ resource: e.target.value || undefined })}
        />
        <SelectField
          label="Counted in"
          value={counted ? 'drawings' : 'minutes'}
          onChange={(e) =>
            set(
              e.target.value === 'minutes'
                ? { drawings: undefined, minutesEach: undefined, minutes: 30 }
                : { drawings: 10, minutesEach: 2, minutes: undefined },
            )
          }
        >
          <option value="drawings">drawings</option>
          <option value="minutes">minutes</option>
        </SelectField>
        {counted ? number('drawings', 'Drawings') : number('minutes', 'Minutes')}
        {counted && number('minutesEach', 'Minutes each')}
        {number('chunk', 'Smallest share')}
        <div className="col-span-2">
          <SelectField
            label="Comes after"
            value={String(exercise.after ?? '')}
            error={error('after')}
            onChange={(e) => set({ after: e.target.value || undefined })}
          >
            <option value="">nothing</option>
            {others.map((other) => (
              <option key={other.id} value={other.id}>
                {other.title}
              </option>
            ))}
          </SelectField>
        </div>
        <div className="col-span-2">
          <SelectField
            label="On"
            value={String(exercise.on ?? '')}
            onChange={(e) => set({ on: e.target.value || undefined })}
          >
            <option value="">any day</option>
            <option value="first-day">the first day</option>
            <option value="last-day">the last day</option>
          </SelectField>
        </div>
        <div className="col-span-2">
          <TextField
            label="What to do"
            value={exercise.text ?? ''}
            error={error('text')}
            onChange={(e) => set({ text: e.target.value })}
          />
        </div>
        <div className="col-span-2">
          <TextField
            label="What to look for"
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
          aria-label={`${exercise.title} earlier`}
        >
          Earlier
        </Button>
        <Button look="quiet" disabled={!onLater} onClick={onLater} aria-label={`${exercise.title} later`}>
          Later
        </Button>
        <Button look="quiet" onClick={onRemove} aria-label={`Remove ${exercise.title}`}>
          Remove
        </Button>
      </p>
    </fieldset>
  )
}
