import { useFormContext } from 'react-hook-form'
import { Field, SelectField } from '../../../ui/Field'
import type { SettingsForm } from './form'
import { WEEKDAYS } from '../../../shared/weekdays'
import { THEMES } from './text'
import { wording } from '../wording'

/** How pages look, and whose customs dates follow. */
export function PagesSection() {
  const { register, formState } = useFormContext<SettingsForm>()
  const { errors } = formState
  return (
    <section aria-labelledby="pages">
      <h2 id="pages" className="border-ink mt-8 border-t pt-4">
        {wording.pages()}
      </h2>
      <div className="mt-2 grid gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-4">
        <SelectField label={wording.paper()} {...register('look.theme')}>
          {Object.entries(THEMES).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <Field
          label={wording.languageOfDatesAndNumbers()}
          hint={wording.aTagSuchAsEnGb()}
          error={errors.look?.locale?.message}
          {...register('look.locale', { required: wording.thisIsEmpty() })}
        />
        <SelectField label={wording.theWeekBeginsOn()} {...register('time.weekStart')}>
          {Object.entries(WEEKDAYS).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <Field
          label={wording.timeZone()}
          list="zones"
          error={errors.time?.zone?.message}
          {...register('time.zone', { required: wording.thisIsEmpty() })}
        />
      </div>
      <datalist id="zones">
        {Intl.supportedValuesOf('timeZone').map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </section>
  )
}
