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
import { wording } from '../wording'

/** When there is time: weekdays, single dates, rest, pauses, and how a day is divided. */
export function TimeSection() {
  const format = useFormats()
  const { register, control, formState, watch } = useFormContext<SettingsForm>()
  const week = useFieldArray({ control, name: 'time.week' })
  const { errors } = formState
  return (
    <section aria-labelledby="time">
      <h2 id="time" className="border-ink mt-6 border-t pt-4">
        {wording.time()}
      </h2>
      <p className="text-faded mb-3">{wording.minutesYouHaveOnEachWeekday()}</p>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-4 xl:grid-cols-7">
        {week.fields.map((field, i) => {
          const name = WEEKDAYS[field.day]
          const rest = watch(`time.week.${i}.rest`)
          return (
            <div key={field.id}>
              <NumberField
                label={wording.nameMinutes({ name })}
                bounds={BOUNDS.Weekday.minutes}
                error={errors.time?.week?.[i]?.minutes?.message}
                {...register(`time.week.${i}.minutes`, whole(BOUNDS.Weekday.minutes, format))}
                readOnly={rest}
              />
              <Check {...register(`time.week.${i}.rest`)}>
                {wording.rest()} <span className="sr-only">{wording.onName({ name })}</span>
              </Check>
            </div>
          )
        })}
      </div>
      <Said error={errors.time?.week?.message} />
      <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-2">
        <SettingUp />
        <NumberField
          label={wording.freeSharePerCentOfEach()}
          hint={wording.keptForDrawingWhatYouLike()}
          bounds={BOUNDS.WorkSettings.freePercent}
          error={errors.work?.freePercent?.message}
          {...register('work.freePercent', whole(BOUNDS.WorkSettings.freePercent, format))}
        />
      </div>
      <div className="mt-4">
        <Schools legend={wording.orderOfTheDay()} schools={DAY_ORDERS} input={register('work.dayOrder')} />
        <p className="text-faded mt-1 text-sm">{wording.whatACourseAsksToBe()}</p>
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
        label={wording.settingUpAndChoosingReferencesMinutes()}
        bounds={BOUNDS.WorkSettings.overheadMinutes}
        error={formState.errors.work?.overheadMinutes?.message}
        {...register('work.overheadMinutes', whole(BOUNDS.WorkSettings.overheadMinutes, format))}
      />
      <Check {...register('work.overheadByHand')}>{wording.thisFigureHoldsWhateverSittingsTell()}</Check>
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
      <h3>{wording.singleDatesWithOtherMinutes()}</h3>
      {fields.map((field, i) => (
        <div key={field.id} className="flex items-end gap-3">
          <FormDate label={wording.date()} name={`time.dayMinutes.${i}.day`} />
          <NumberField
            label={wording.minutes()}
            bounds={BOUNDS.DayMinutes.minutes}
            error={errors.time?.dayMinutes?.[i]?.minutes?.message}
            {...register(`time.dayMinutes.${i}.minutes`, whole(BOUNDS.DayMinutes.minutes, format))}
          />
          <Button look="quiet" onClick={() => remove(i)} aria-label={wording.removeThisDate()}>
            {wording.remove()}
          </Button>
        </div>
      ))}
      <Said error={errors.time?.dayMinutes?.message} />
      <Button onClick={() => append({ day: '', minutes: '' })}>{wording.addADate()}</Button>
    </div>
  )
}

function RestDays() {
  const { control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'time.restDays' })
  const { errors } = formState
  return (
    <div>
      <h3>{wording.singleRestDays()}</h3>
      <p className="text-faded">{wording.plannedAheadTheyNeitherAddTo()}</p>
      {fields.map((field, i) => (
        <div key={field.id} className="flex items-end gap-3">
          <FormDate label={wording.date()} name={`time.restDays.${i}.day`} />
          <Button look="quiet" onClick={() => remove(i)} aria-label={wording.removeThisRestDay()}>
            {wording.remove()}
          </Button>
        </div>
      ))}
      <Said error={errors.time?.restDays?.message} />
      <Button onClick={() => append({ day: '' })}>{wording.addARestDay()}</Button>
    </div>
  )
}

function Pauses() {
  const { register, control, formState } = useFormContext<SettingsForm>()
  const { fields, append, remove } = useFieldArray({ control, name: 'time.pauses' })
  const { errors } = formState
  return (
    <div>
      <h3>{wording.pauses()}</h3>
      <p className="text-faded">{wording.illAwayTheyCanBeEntered()}</p>
      {fields.map((field, i) => (
        <div key={field.id} className="border-hairline mb-2 border-b pb-2">
          <div className="grid grid-cols-2 gap-3">
            <FormDate label={wording.from()} name={`time.pauses.${i}.from`} />
            <FormDate label={wording.to()} name={`time.pauses.${i}.to`} />
          </div>
          <Field
            label={wording.reason()}
            maxLength={BOUNDS.PauseSpan.reason.maxLength}
            {...register(`time.pauses.${i}.reason`)}
          />
          <Button look="quiet" onClick={() => remove(i)} aria-label={wording.removeThisPause()}>
            {wording.remove()}
          </Button>
        </div>
      ))}
      <Said error={errors.time?.pauses?.message} />
      <Button onClick={() => append({ from: '', to: '', reason: '' })}>{wording.addAPause()}</Button>
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
