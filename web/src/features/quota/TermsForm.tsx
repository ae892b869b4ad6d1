import { useQuery } from '@tanstack/react-query'
import type { Problem } from '../../api/client'
import { queries } from '../../api/queries'
import { Choices } from '../../ui/Choices'
import { Field, SelectField } from '../../ui/Field'
import { Schools } from '../../ui/Schools'
import { WEEKDAY_NAMES } from '../settings/text'
import type { Draft, Errors } from './draft'
import { KINDS, MISSED, RULES, UNITS, type Terms } from './text'

const COUNT: Record<Terms['kind'], string> = {
  SPRINT: 'How many',
  DAILY_RUN: 'How many a day',
  PROMPT_LIST: 'How many of the list',
  RAMP: 'How many in the first week',
  STANDING: 'How many a week',
}

/** What is promised: the kind, the count, what counts, and how to keep it. */
export function TermsForm({
  draft,
  errors,
  refused,
  onChange,
}: {
  draft: Draft
  errors: Errors
  /** What the server refused. */
  refused: Problem | undefined
  onChange: (draft: Draft) => void
}) {
  const set = (more: Partial<Draft>) => onChange({ ...draft, ...more })
  const error = (field: keyof Draft) =>
    errors[field] || (refused?.field?.endsWith(field) ? refused.message : undefined)
  const text = (field: keyof Draft & string, label: string, more: object = {}) => (
    <Field
      label={label}
      name={field}
      value={String(draft[field] ?? '')}
      error={error(field)}
      onChange={(e) => set({ [field]: e.target.value })}
      {...more}
    />
  )
  const { kind } = draft
  return (
    <div className="mt-3 grid gap-4">
      <fieldset>
        <legend className="sr-only">Kind of promise</legend>
        <Choices name="kind" of={KINDS} value={kind} onChange={(kind) => set({ kind })} />
      </fieldset>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <div className="col-span-2">
          {text('title', 'Title', { maxLength: 120, required: true, placeholder: 'Mooring posts' })}
        </div>
        {text('count', COUNT[kind], { inputMode: 'numeric', required: true })}
        {kind === 'PROMPT_LIST' ? (
          <span />
        ) : (
          <SelectField
            label="Counted in"
            value={draft.unit === 'PROMPTS' ? 'DRAWINGS' : draft.unit}
            onChange={(e) => set({ unit: e.target.value as Terms['unit'] })}
          >
            {(['DRAWINGS', 'PAGES', 'MINUTES'] as const).map((unit) => (
              <option key={unit} value={unit}>
                {UNITS[unit][1]}
              </option>
            ))}
          </SelectField>
        )}
        {text('start', 'From', { type: 'date' })}
        {(kind === 'SPRINT' || kind === 'PROMPT_LIST') && text('due', 'To', { type: 'date' })}
        {kind === 'DAILY_RUN' && text('days', 'Drawing days', { inputMode: 'numeric' })}
        {kind === 'RAMP' && text('step', 'More each week that is met', { inputMode: 'numeric' })}
        {kind === 'RAMP' && text('weeks', 'Weeks', { inputMode: 'numeric' })}
        {draft.unit !== 'MINUTES' &&
          text('minutesEach', 'Minutes each, as you expect', { inputMode: 'decimal' })}
        {text('minutesADay', 'Minutes a day for it', {
          inputMode: 'numeric',
          placeholder: 'all of the day',
        })}
      </div>
      <label className="flex min-h-8 items-baseline gap-2 pointer-coarse:min-h-11">
        <input
          type="checkbox"
          className="size-4"
          checked={draft.beside}
          onChange={(e) => set({ beside: e.target.checked })}
        />
        <span>
          These minutes come on top of the day’s{' '}
          <span className="text-faded">
            {draft.beside ? 'The course keeps its own.' : 'Now they are taken from the course’s days.'}
          </span>
        </span>
      </label>
      {kind !== 'PROMPT_LIST' && (
        <fieldset>
          <legend className="font-medium">What counts; an empty field lets everything through</legend>
          <div className="grid grid-cols-2 gap-x-6 gap-y-3">
            {text('topic', 'Topic', { list: 'q-TOPIC', maxLength: 120 })}
            <Exercise value={draft.exercise ?? ''} onChange={(exercise) => set({ exercise })} />
            {text('medium', 'Medium', { list: 'q-MEDIUM', maxLength: 120 })}
            {text('source', 'Source', { list: 'q-SOURCE', maxLength: 120 })}
            {text('book', 'Book', { list: 'q-BOOK', maxLength: 120 })}
          </div>
          <WordLists />
        </fieldset>
      )}
      <fieldset>
        <legend className="font-medium">Rest days, besides your own</legend>
        <div className="flex flex-wrap gap-x-4">
          {(Object.keys(WEEKDAY_NAMES) as Terms['rest']).map((day) => (
            <Check
              key={day}
              label={WEEKDAY_NAMES[day].slice(0, 2)}
              name={WEEKDAY_NAMES[day]}
              list={draft.rest}
              value={day}
              onChange={(rest) => set({ rest })}
            />
          ))}
        </div>
        {error('rest') && (
          <p role="alert" className="text-sanguine">
            {error('rest')}
          </p>
        )}
      </fieldset>
      <fieldset>
        <legend className="font-medium">To keep to; the log asks kindly and never blocks</legend>
        <div className="flex flex-wrap gap-x-4">
          {(Object.keys(RULES) as Terms['rules']).map((rule) => (
            <Check
              key={rule}
              label={RULES[rule].name}
              name={RULES[rule].name}
              list={draft.rules}
              value={rule}
              onChange={(rules) => set({ rules })}
            />
          ))}
        </div>
      </fieldset>
      {kind !== 'RAMP' && kind !== 'STANDING' && (
        <Schools
          legend="A missed day"
          schools={MISSED}
          input={{
            name: 'policy',
            onChange: (e) => set({ policy: e.target.value as Terms['policy'] }),
          }}
          value={draft.policy}
        />
      )}
    </div>
  )
}

function Check<T extends string>({
  label,
  name,
  list,
  value,
  onChange,
}: {
  label: string
  name: string
  list: T[]
  value: T
  onChange: (list: T[]) => void
}) {
  return (
    <label className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
      <input
        type="checkbox"
        className="size-4"
        aria-label={name}
        checked={list.includes(value)}
        onChange={(e) => onChange(e.target.checked ? [...list, value] : list.filter((v) => v !== value))}
      />
      {label}
    </label>
  )
}

function Exercise({ value, onChange }: { value: string; onChange: (id: string) => void }) {
  const exercises = useQuery(queries.course()).data?.exercises ?? []
  return (
    <SelectField label="Exercise" value={value} onChange={(e) => onChange(e.target.value)}>
      <option value="">any</option>
      {exercises.map((e) => (
        <option key={e.exerciseId} value={e.exerciseId}>
          {e.title}
        </option>
      ))}
    </SelectField>
  )
}

function WordLists() {
  const words = useQuery(queries.words()).data
  const all = words ? [...words.shipped, ...words.own] : []
  return (['TOPIC', 'MEDIUM', 'SOURCE', 'BOOK'] as const).map((kind) => (
    <datalist key={kind} id={`q-${kind}`}>
      {all
        .filter((word) => word.kind === kind)
        .map((word) => (
          <option key={word.name} value={word.name} />
        ))}
    </datalist>
  ))
}
