import { useFormContext } from 'react-hook-form'
import { BOUNDS } from '../../../api/generated/bounds'
import { Check } from '../../../ui/Check'
import { useFormats } from '../../../ui/locale'
import { NumberField } from '../../../ui/NumberField'
import { type SettingsForm, whole } from './form'

/** How sittings run. */
export function SittingSection() {
  const format = useFormats()
  const { register, formState } = useFormContext<SettingsForm>()
  const { errors } = formState
  return (
    <section aria-labelledby="sittings">
      <h2 id="sittings" className="border-ink mt-8 border-t pt-4">
        Sittings
      </h2>
      <p className="text-faded mb-2 max-w-prose">
        A break every 45 to 50 minutes is usual: for the hand, the neck and the eyes.
      </p>
      <div className="grid max-w-2xl gap-x-8 gap-y-3 sm:grid-cols-2">
        <NumberField
          label="A break after so many minutes"
          bounds={BOUNDS.SittingSettings.breakEveryMinutes}
          error={errors.sittings?.breakEveryMinutes?.message}
          {...register('sittings.breakEveryMinutes', whole(BOUNDS.SittingSettings.breakEveryMinutes, format))}
        />
        <NumberField
          label="Minutes of a break"
          bounds={BOUNDS.SittingSettings.breakMinutes}
          error={errors.sittings?.breakMinutes?.message}
          {...register('sittings.breakMinutes', whole(BOUNDS.SittingSettings.breakMinutes, format))}
        />
      </div>
      <Check {...register('sittings.sound')}>
        A change of pose is heard
        <span className="text-faded"> quiet where the machine asks for less motion</span>
      </Check>
      <Check {...register('sittings.flash')}>
        A change of pose is seen as a short flash
        <span className="text-faded"> quiet where the machine asks for less motion</span>
      </Check>
    </section>
  )
}
