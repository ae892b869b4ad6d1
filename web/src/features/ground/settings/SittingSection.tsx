import { useFormContext } from 'react-hook-form'
import { BOUNDS } from '../../../api/generated/bounds'
import { Check } from '../../../ui/Check'
import { useFormats } from '../../../ui/locale'
import { NumberField } from '../../../ui/NumberField'
import { type SettingsForm, whole } from './form'
import { wording } from '../wording'

/** How sittings run. */
export function SittingSection() {
  const format = useFormats()
  const { register, formState } = useFormContext<SettingsForm>()
  const { errors } = formState
  return (
    <section aria-labelledby="sittings">
      <h2 id="sittings" className="border-ink mt-8 border-t pt-4">
        {wording.sittings()}
      </h2>
      <p className="text-faded mb-2 max-w-prose">{wording.aBreakEvery45To50()}</p>
      <div className="grid max-w-2xl gap-x-8 gap-y-3 sm:grid-cols-2">
        <NumberField
          label={wording.aBreakAfterSoManyMinutes()}
          bounds={BOUNDS.SittingSettings.breakEveryMinutes}
          error={errors.sittings?.breakEveryMinutes?.message}
          {...register('sittings.breakEveryMinutes', whole(BOUNDS.SittingSettings.breakEveryMinutes, format))}
        />
        <NumberField
          label={wording.minutesOfABreak()}
          bounds={BOUNDS.SittingSettings.breakMinutes}
          error={errors.sittings?.breakMinutes?.message}
          {...register('sittings.breakMinutes', whole(BOUNDS.SittingSettings.breakMinutes, format))}
        />
      </div>
      <Check {...register('sittings.sound')}>
        {wording.aChangeOfPoseIsHeard()}
        <span className="text-faded"> {wording.quietWhereTheMachineAsksFor()}</span>
      </Check>
      <Check {...register('sittings.flash')}>
        {wording.aChangeOfPoseIsSeen()}
        <span className="text-faded"> {wording.quietWhereTheMachineAsksFor()}</span>
      </Check>
    </section>
  )
}
