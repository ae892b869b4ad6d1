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
import { wording } from './wording'

const RULE_NAMES = Object.fromEntries(
  Object.entries(RULES).map(([rule, { name }]) => [rule, name]),
) as Record<keyof typeof RULES, string>

const COUNT: Record<Terms['kind'], string> = {
  SPRINT: wording.howMany(),
  DAILY_RUN: wording.howManyADay(),
  PROMPT_LIST: wording.howManyOfTheList(),
  RAMP: wording.howManyInTheFirstWeek(),
  STANDING: wording.howManyAWeek(),
  OWN_TIME: wording.howMany(),
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
        <legend className="sr-only">{wording.kindOfPromise()}</legend>
        <Choices name="kind" of={KINDS} value={kind} onChange={(kind) => onChange(ofKind(draft, kind))} />
      </fieldset>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <div className="col-span-2">
          <Field
            {...box('title', wording.title())}
            maxLength={BOUNDS.QuotaTerms.title.maxLength}
            required
            placeholder={wording.mooringPosts()}
          />
        </div>
        {number('count', COUNT[kind], { required: true })}
        {kind === 'PROMPT_LIST' ? (
          <span />
        ) : (
          <SelectField
            label={wording.countedIn()}
            value={draft.unit === 'PROMPTS' ? 'DRAWINGS' : draft.unit}
            onChange={(e) => set({ unit: e.target.value as Terms['unit'] })}
          >
            {(['DRAWINGS', 'PAGES', 'MINUTES'] as const).map((unit) => (
              <option key={unit} value={unit}>
                {UNITS[unit]}
              </option>
            ))}
          </SelectField>
        )}
        {date('start', wording.from())}
        {(kind === 'SPRINT' || kind === 'PROMPT_LIST') && date('due', wording.to())}
        {kind === 'DAILY_RUN' && number('days', wording.drawingDays())}
        {kind === 'RAMP' && number('step', wording.moreEachWeekThatIsMet())}
        {kind === 'RAMP' && number('weeks', wording.weeks())}
        {draft.unit !== 'MINUTES' && (
          <div>
            {number('minutesEach', wording.minutesEachAsYouExpect())}
            <Check checked={draft.insists === true} onChange={(e) => set({ insists: e.target.checked })}>
              {wording.thisFigureHoldsWhateverOwnEntries()}
            </Check>
          </div>
        )}
        {number('minutesADay', wording.minutesADayForIt(), { placeholder: wording.allOfTheDay() })}
      </div>
      <Check checked={draft.beside} onChange={(e) => set({ beside: e.target.checked })}>
        {wording.theseMinutesComeOnTopOf()}{' '}
        <span className="text-faded">
          {draft.beside ? wording.theCourseKeepsItsOwn() : wording.nowTheyAreTakenFromThe()}
        </span>
      </Check>
      {kind !== 'PROMPT_LIST' && (
        <fieldset>
          <legend className="font-medium">{wording.whatCountsWhereAFieldIs()}</legend>
          <div className="grid grid-cols-2 gap-x-6 gap-y-3">
            {named('topic', wording.topic())}
            <ExerciseField {...box('exercise', wording.exercise())} none={wording.anyWord()} />
            {named('medium', wording.medium())}
            {named('source', wording.source())}
            {named('book', wording.book())}
          </div>
        </fieldset>
      )}
      <Checks
        legend={wording.restDaysBesidesYourOwn()}
        of={WEEKDAYS}
        short={(name) => name.slice(0, 2)}
        chosen={draft.rest}
        error={error('rest')}
        onChange={(rest) => set({ rest })}
      />
      <Checks
        legend={wording.toKeepToTheLogAsks()}
        of={RULE_NAMES}
        chosen={draft.rules}
        onChange={(rules) => set({ rules })}
      />
      {kind !== 'RAMP' && kind !== 'STANDING' && kind !== 'OWN_TIME' && (
        <Schools
          legend={wording.aMissedDay()}
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
