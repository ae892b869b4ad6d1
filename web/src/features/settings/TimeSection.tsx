import { useFieldArray, useFormContext } from 'react-hook-form'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Schools } from '../../ui/Schools'
import { type SettingsForm, whole } from './form'
import { DAY_ORDERS, WEEKDAY_NAMES } from './text'

const required = { required: 'This is empty.' }

/** When there is time: weekdays, single dates, rest, pauses, and how a day is divided. */
export function TimeSection() {
  const { register, control, formState, watch } = useFormContext<SettingsForm>()
  const week = useFieldArray({ control, name: 'week' })
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
          const name = WEEKDAY_NAMES[field.day]
          const rest = watch(`week.${i}.rest`)
          return (
            <div key={field.id}>
              <Field
                label={`${name}, minutes`}
                inputMode="numeric"
                error={errors.week?.[i]?.minutes?.message}
                {...register(`week.${i}.minutes`, whole(0, 960))}
                readOnly={rest}
              />
              <label className="flex min-h-8 items-center gap-2">
                <input type="checkbox" className="size-4" {...register(`week.${i}.rest`)} /> rest
                <span className="sr-only">on {name}</span>
              </label>
            </div>
          )
        })}
      </div>
      {errors.week?.message && (
        <p role="alert" className="text-sanguine">
          {errors.week.message}
        </p>
      )}
      <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <Field
          label="Setting up and choosing references, minutes a drawing day"
          inputMode="numeric"
          error={errors.overheadMinutes?.message}
          {...register('overheadMinutes', whole(0, 120))}
        />
        <Field
          label="Free share, per cent of each day"
          hint="Kept for drawing what you like. Many keep 20, some half: all duty and the habit dies."
          inputMode="numeric"
          error={errors.freePercent?.message}
          {...register('freePercent', whole(0, 90))}
        />
      </div>
      <div className="mt-4">
        <Schools legend="Order of the day" schools={DAY_ORDERS} input={register('dayOrder')} />
      </div>
      <div className="wide:grid-cols-3 mt-6 grid gap-x-10 gap-y-6">
        <DayMinutes />
        <RestDays />
        <Pauses />
      </div>
    </section>
  )
}

function DayMinutes() {
  const { register, control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'dayMinutes' })
  const { errors } = formState
  return (
    <div>
      <h3>Single dates with other minutes</h3>
      {fields.map((field, i) => (
        <div key={field.id} className="flex items-end gap-3">
          <Field
            label="Date"
            type="date"
            error={errors.dayMinutes?.[i]?.day?.message}
            {...register(`dayMinutes.${i}.day`, required)}
          />
          <Field
            label="Minutes"
            inputMode="numeric"
            error={errors.dayMinutes?.[i]?.minutes?.message}
            {...register(`dayMinutes.${i}.minutes`, whole(0, 960))}
          />
          <Button look="quiet" onClick={() => remove(i)} aria-label="Remove this date">
            Remove
          </Button>
        </div>
      ))}
      <ListError message={errors.dayMinutes?.message} />
      <Button onClick={() => append({ day: '', minutes: '' })}>Add a date</Button>
    </div>
  )
}

function RestDays() {
  const { register, control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'restDays' })
  const { errors } = formState
  return (
    <div>
      <h3>Single rest days</h3>
      <p className="text-faded">Planned ahead. They neither add to a run nor break it.</p>
      {fields.map((field, i) => (
        <div key={field.id} className="flex items-end gap-3">
          <Field
            label="Date"
            type="date"
            error={errors.restDays?.[i]?.day?.message}
            {...register(`restDays.${i}.day`, required)}
          />
          <Button look="quiet" onClick={() => remove(i)} aria-label="Remove this rest day">
            Remove
          </Button>
        </div>
      ))}
      <ListError message={errors.restDays?.message} />
      <Button onClick={() => append({ day: '' })}>Add a rest day</Button>
    </div>
  )
}

function Pauses() {
  const { register, control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'pauses' })
  const { errors } = formState
  return (
    <div>
      <h3>Pauses</h3>
      <p className="text-faded">Ill, away. They can be entered afterwards.</p>
      {fields.map((field, i) => (
        <div key={field.id} className="border-hairline mb-2 border-b pb-2">
          <div className="grid grid-cols-2 gap-3">
            <Field
              label="From"
              type="date"
              error={errors.pauses?.[i]?.from?.message}
              {...register(`pauses.${i}.from`, required)}
            />
            <Field
              label="To"
              type="date"
              error={errors.pauses?.[i]?.to?.message}
              {...register(`pauses.${i}.to`, required)}
            />
          </div>
          <Field label="Reason" maxLength={200} {...register(`pauses.${i}.reason`)} />
          <Button look="quiet" onClick={() => remove(i)} aria-label="Remove this pause">
            Remove
          </Button>
        </div>
      ))}
      <ListError message={errors.pauses?.message} />
      <Button onClick={() => append({ from: '', to: '', reason: '' })}>Add a pause</Button>
    </div>
  )
}

function ListError({ message }: { message: string | undefined }) {
  return message ? (
    <p role="alert" className="text-sanguine">
      {message}
    </p>
  ) : null
}
