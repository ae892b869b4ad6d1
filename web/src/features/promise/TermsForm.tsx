import type { Problem } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { ExerciseField } from '../../shared/course/ExerciseField'
import { NameField } from '../../shared/NameField'
import { RULES, UNITS } from '../../shared/promise/quota-words'
import { WEEKDAYS } from '../../shared/weekdays'
import { Check, Checks } from '../../ui/Check'
import { Choices } from '../../ui/Choices'
import { DateField } from '../../ui/DateField'
import { Field, SelectField } from '../../ui/Field'
import { NumberField, type NumberKind } from '../../ui/NumberField'
import { refusedAt } from '../../ui/Refused'
import { Schools } from '../../ui/Schools'
import { NUMBERS, ofKind, type Draft, type Errors } from './draft'
import { KINDS, MISSED, type Terms } from './text'

const RULE_NAMES = Object.fromEntries(
  Object.entries(RULES).map(([rule, { name }]) => [rule, name]),
) as Record<keyof typeof RULES, string>

const COUNT: Record<Terms['kind'], string> = {
  SPRINT: 'How many',
  DAILY_RUN: 'How many a day',
  PROMPT_LIST: 'How many of the list',
  RAMP: 'How many in the first week',
  STANDING: 'How many a week',
  OWN_TIME: 'How many',
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
    errors[field] ?? refusedAt(refused, field === 'minutesEach' ? 'secondsEach' : field)
  const box = (field: keyof Draft & string, label: string) => ({
    label,
    name: field,
    value: String(draft[field] ?? ''),
    error: error(field),
    onChange: (e: { target: { value: string } }) => set({ [field]: e.target.value }),
  })
  const number = (field: keyof typeof NUMBERS, label: string, more: object = {}) => {
    const { decimals, ...bounds }: NumberKind = NUMBERS[field]
    return <NumberField bounds={bounds} decimals={decimals} {...box(field, label)} {...more} />
  }
  const date = (field: 'start' | 'due', label: string) => (
    <DateField {...box(field, label)} onChange={(day) => set({ [field]: day })} />
  )
  const named = (field: 'topic' | 'medium' | 'source' | 'book', label: string) => (
    <NameField
      kind={field.toUpperCase() as Uppercase<typeof field>}
      maxLength={BOUNDS.QuotaTerms[field].maxLength}
      {...box(field, label)}
    />
  )
  const { kind } = draft
  return (
    <div className="mt-3 grid gap-4">
      <fieldset>
        <legend className="sr-only">Kind of promise</legend>
        <Choices name="kind" of={KINDS} value={kind} onChange={(kind) => onChange(ofKind(draft, kind))} />
      </fieldset>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <div className="col-span-2">
          <Field
            {...box('title', 'Title')}
            maxLength={BOUNDS.QuotaTerms.title.maxLength}
            required
            placeholder="Mooring posts"
          />
        </div>
        {number('count', COUNT[kind], { required: true })}
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
                {UNITS[unit]}s
              </option>
            ))}
          </SelectField>
        )}
        {date('start', 'From')}
        {(kind === 'SPRINT' || kind === 'PROMPT_LIST') && date('due', 'To')}
        {kind === 'DAILY_RUN' && number('days', 'Drawing days')}
        {kind === 'RAMP' && number('step', 'More each week that is met')}
        {kind === 'RAMP' && number('weeks', 'Weeks')}
        {draft.unit !== 'MINUTES' && (
          <div>
            {number('minutesEach', 'Minutes each, as you expect')}
            <Check checked={draft.insists === true} onChange={(e) => set({ insists: e.target.checked })}>
              this figure holds, whatever own entries tell
            </Check>
          </div>
        )}
        {number('minutesADay', 'Minutes a day for it', { placeholder: 'all of the day' })}
      </div>
      <Check checked={draft.beside} onChange={(e) => set({ beside: e.target.checked })}>
        These minutes come on top of the day’s{' '}
        <span className="text-faded">
          {draft.beside ? 'The course keeps its own.' : 'Now they are taken from the course’s days.'}
        </span>
      </Check>
      {kind !== 'PROMPT_LIST' && (
        <fieldset>
          <legend className="font-medium">What counts; where a field is empty, anything counts</legend>
          <div className="grid grid-cols-2 gap-x-6 gap-y-3">
            {named('topic', 'Topic')}
            <ExerciseField {...box('exercise', 'Exercise')} none="any" />
            {named('medium', 'Medium')}
            {named('source', 'Source')}
            {named('book', 'Book')}
          </div>
        </fieldset>
      )}
      <Checks
        legend="Rest days, besides your own"
        of={WEEKDAYS}
        short={(name) => name.slice(0, 2)}
        chosen={draft.rest}
        error={error('rest')}
        onChange={(rest) => set({ rest })}
      />
      <Checks
        legend="To keep to; the log asks kindly and never blocks"
        of={RULE_NAMES}
        chosen={draft.rules}
        onChange={(rules) => set({ rules })}
      />
      {kind !== 'RAMP' && kind !== 'STANDING' && kind !== 'OWN_TIME' && (
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
