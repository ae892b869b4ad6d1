import { useQuery } from '@tanstack/react-query'
import { Controller, useFieldArray, useFormContext } from 'react-hook-form'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries } from '../../../api/queries'
import { WEEKDAYS } from '../../../shared/weekdays'
import { Button } from '../../../ui/Button'
import { Check } from '../../../ui/Check'
import { DateField } from '../../../ui/DateField'
import { Field, Said } from '../../../ui/Field'
import { useFormats } from '../../../ui/locale'
import { NumberField } from '../../../ui/NumberField'
import { Schools } from '../../../ui/Schools'
import { day, type SettingsForm, whole } from './form'
import { setUpText } from '../../../shared/sitting/set-up'
import { DAY_ORDERS } from './text'

/** When there is time: weekdays, single dates, rest, pauses, and how a day is divided. */
export function TimeSection() {
  const format = useFormats()
  const { register, control, formState, watch } = useFormContext<SettingsForm>()
  const week = useFieldArray({ control, name: 'time.week' })
  const { errors } = formState
  return (
    <section aria-labelledby="time">
      <h2 id="time" className="border-ink mt-6 border-t pt-4">
        Time
      </h2>
      <p className="text-faded mb-3">
        Minutes you have on each weekday, for everything: setting up, the plan, and what you like. A change
        holds from today on; earlier weeks stay as they were.
      </p>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-4 xl:grid-cols-7">
        {week.fields.map((field, i) => {
          const name = WEEKDAYS[field.day]
          const rest = watch(`time.week.${i}.rest`)
          return (
            <div key={field.id}>
              <NumberField
                label={`${name}, minutes`}
                bounds={BOUNDS.Weekday.minutes}
                error={errors.time?.week?.[i]?.minutes?.message}
                {...register(`time.week.${i}.minutes`, whole(BOUNDS.Weekday.minutes, format))}
                readOnly={rest}
              />
              <Check {...register(`time.week.${i}.rest`)}>
                rest <span className="sr-only">on {name}</span>
              </Check>
            </div>
          )
        })}
      </div>
      <Said error={errors.time?.week?.message} />
      <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <SettingUp />
        <NumberField
          label="Free share, per cent of each day"
          hint="Kept for drawing what you like. Many keep 20, some half: all duty and the habit dies."
          bounds={BOUNDS.WorkSettings.freePercent}
          error={errors.work?.freePercent?.message}
          {...register('work.freePercent', whole(BOUNDS.WorkSettings.freePercent, format))}
        />
      </div>
      <div className="mt-4">
        <Schools legend="Order of the day" schools={DAY_ORDERS} input={register('work.dayOrder')} />
        <p className="text-faded mt-1 text-sm">
          What a course asks to be drawn unaided, before it teaches it, comes before either.
        </p>
      </div>
      <div className="wide:grid-cols-3 mt-6 grid gap-x-10 gap-y-6">
        <DayMinutes />
        <RestDays />
        <Pauses />
      </div>
    </section>
  )
}

/** What setting up costs: the learner's figure, or what sittings teach. */
function SettingUp() {
  const format = useFormats()
  const { register, formState, watch } = useFormContext<SettingsForm>()
  const learned = useQuery(queries.setUp()).data
  const byHand = watch('work.overheadByHand')
  return (
    <div>
      <NumberField
        label="Setting up and choosing references, minutes a drawing day"
        bounds={BOUNDS.WorkSettings.overheadMinutes}
        error={formState.errors.work?.overheadMinutes?.message}
        {...register('work.overheadMinutes', whole(BOUNDS.WorkSettings.overheadMinutes, format))}
      />
      <Check {...register('work.overheadByHand')}>this figure holds, whatever sittings tell</Check>
      {learned && !byHand && <p className="text-faded text-sm">{setUpText(learned)}</p>}
    </div>
  )
}

function DayMinutes() {
  const format = useFormats()
  const { register, control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'time.dayMinutes' })
  const { errors } = formState
  return (
    <div>
      <h3>Single dates with other minutes</h3>
      {fields.map((field, i) => (
        <div key={field.id} className="flex items-end gap-3">
          <FormDate label="Date" name={`time.dayMinutes.${i}.day`} />
          <NumberField
            label="Minutes"
            bounds={BOUNDS.DayMinutes.minutes}
            error={errors.time?.dayMinutes?.[i]?.minutes?.message}
            {...register(`time.dayMinutes.${i}.minutes`, whole(BOUNDS.DayMinutes.minutes, format))}
          />
          <Button look="quiet" onClick={() => remove(i)} aria-label="Remove this date">
            Remove
          </Button>
        </div>
      ))}
      <Said error={errors.time?.dayMinutes?.message} />
      <Button onClick={() => append({ day: '', minutes: '' })}>Add a date</Button>
    </div>
  )
}

function RestDays() {
  const { control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'time.restDays' })
  const { errors } = formState
  return (
    <div>
      <h3>Single rest days</h3>
      <p className="text-faded">Planned ahead. They neither add to a run nor break it.</p>
      {fields.map((field, i) => (
        <div key={field.id} className="flex items-end gap-3">
          <FormDate label="Date" name={`time.restDays.${i}.day`} />
          <Button look="quiet" onClick={() => remove(i)} aria-label="Remove this rest day">
            Remove
          </Button>
        </div>
      ))}
      <Said error={errors.time?.restDays?.message} />
      <Button onClick={() => append({ day: '' })}>Add a rest day</Button>
    </div>
  )
}

function Pauses() {
  const { register, control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'time.pauses' })
  const { errors } = formState
  return (
    <div>
      <h3>Pauses</h3>
      <p className="text-faded">
        Ill, away. They can be entered afterwards. Courses wait too when the pause is made under Course, “I
        was or will be away”.
      </p>
      {fields.map((field, i) => (
        <div key={field.id} className="border-hairline mb-2 border-b pb-2">
          <div className="grid grid-cols-2 gap-3">
            <FormDate label="From" name={`time.pauses.${i}.from`} />
            <FormDate label="To" name={`time.pauses.${i}.to`} />
          </div>
          <Field
            label="Reason"
            maxLength={BOUNDS.PauseSpan.reason.maxLength}
            {...register(`time.pauses.${i}.reason`)}
          />
          <Button look="quiet" onClick={() => remove(i)} aria-label="Remove this pause">
            Remove
          </Button>
        </div>
      ))}
      <Said error={errors.time?.pauses?.message} />
      <Button onClick={() => append({ from: '', to: '', reason: '' })}>Add a pause</Button>
    </div>
  )
}

/** A day of one of the lists. */
function FormDate({
  name,
  label,
}: {
  name:
    `time.dayMinutes.${number}.day` | `time.restDays.${number}.day` | `time.pauses.${number}.${'from' | 'to'}`
  label: string
}) {
  const format = useFormats()
  const { control } = useFormContext<SettingsForm>()
  return (
    <Controller
      name={name}
      control={control}
      rules={day(format)}
      render={({ field, fieldState }) => (
        <DateField
          label={label}
          value={field.value}
          error={fieldState.error?.message}
          onChange={field.onChange}
        />
      )}
    />
  )
}
