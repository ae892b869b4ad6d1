import { useFormContext } from 'react-hook-form'
import { BOUNDS } from '../../../api/generated/bounds'
import { Check } from '../../../ui/Check'
import { useFormats } from '../../../ui/locale'
import { NumberField } from '../../../ui/NumberField'
import { type SettingsForm, whole } from './form'
import { wording } from '../wording'

/** How fast topics fade, and whether the program says so. */
export function TopicsSection() {
  const format = useFormats()
  const { register, formState } = useFormContext<SettingsForm>()
  const { errors } = formState
  return (
    <section aria-labelledby="topics">
      <h2 id="topics" className="border-ink mt-8 border-t pt-4">
        {wording.topics()}
      </h2>
      <p className="text-faded mb-3 max-w-prose">{wording.aTopicFadesWhileItIs()}</p>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-3">
        <NumberField
          label={wording.halfLifeDays()}
          bounds={BOUNDS.TopicSettings.halfLifeDays}
          error={errors.topics?.halfLifeDays?.message}
          {...register('topics.halfLifeDays', whole(BOUNDS.TopicSettings.halfLifeDays, format))}
        />
        <NumberField
          label={wording.fadingBelow()}
          bounds={BOUNDS.TopicSettings.fadingPercent}
          error={errors.topics?.fadingPercent?.message}
          {...register('topics.fadingPercent', whole(BOUNDS.TopicSettings.fadingPercent, format))}
        />
        <NumberField
          label={wording.rustyBelow()}
          hint={wording.fromAnHourOfPracticeOn()}
          bounds={BOUNDS.TopicSettings.rustyPercent}
          error={errors.topics?.rustyPercent?.message}
          {...register('topics.rustyPercent', whole(BOUNDS.TopicSettings.rustyPercent, format))}
        />
      </div>
      <div className="mt-3">
        <Check {...register('topics.rustSaid')}>{wording.todayOffersWarmUpsWhatIs()}</Check>
      </div>
    </section>
  )
}
