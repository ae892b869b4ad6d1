import { useFormContext } from 'react-hook-form'
import { Field, SelectField } from '../../../ui/Field'
import type { SettingsForm } from './form'
import { WEEKDAYS } from '../../../shared/weekdays'
import { THEMES } from './text'

/** How pages look, and whose customs dates follow. */
export function PagesSection() {
  const { register, formState } = useFormContext<SettingsForm>()
  const { errors } = formState
  return (
    <section aria-labelledby="pages">
      <h2 id="pages" className="border-ink mt-8 border-t pt-4">
        Pages
      </h2>
      <div className="mt-2 grid gap-x-8 gap-y-4 sm:grid-cols-2 xl:grid-cols-4">
        <SelectField label="Paper" {...register('look.theme')}>
          {Object.entries(THEMES).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <Field
          label="Language of dates and numbers"
          hint="A tag such as en-GB, de, pt-BR."
          error={errors.look?.locale?.message}
          {...register('look.locale', { required: 'This is empty.' })}
        />
        <SelectField label="The week begins on" {...register('time.weekStart')}>
          {Object.entries(WEEKDAYS).map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </SelectField>
        <Field
          label="Time zone"
          list="zones"
          error={errors.time?.zone?.message}
          {...register('time.zone', { required: 'This is empty.' })}
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
