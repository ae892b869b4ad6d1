import { useFormContext } from 'react-hook-form'
import { BOUNDS } from '../../../api/generated/bounds'
import { Check } from '../../../ui/Check'
import { useFormats } from '../../../ui/locale'
import { NumberField } from '../../../ui/NumberField'
import { type SettingsForm, whole } from './form'

/** How fast topics fade, and whether the program says so. */
export function TopicsSection() {
  const format = useFormats()
  const { register, formState } = useFormContext<SettingsForm>()
  const { errors } = formState
  return (
    <section aria-labelledby="topics">
      <h2 id="topics" className="border-ink mt-8 border-t pt-4">
        Topics
      </h2>
      <p className="text-faded mb-3 max-w-prose">
        A topic fades while it is not drawn: after its half-life it is half as fresh, and each return after
        three days or more makes the half-life longer, to a year at most. It is a reminder and no measure of
        skill.
      </p>
      <div className="grid gap-x-8 gap-y-4 sm:grid-cols-3">
        <NumberField
          label="Half-life, days"
          bounds={BOUNDS.TopicSettings.halfLifeDays}
          error={errors.topics?.halfLifeDays?.message}
          {...register('topics.halfLifeDays', whole(BOUNDS.TopicSettings.halfLifeDays, format))}
        />
        <NumberField
          label="Fading below, %"
          bounds={BOUNDS.TopicSettings.fadingPercent}
          error={errors.topics?.fadingPercent?.message}
          {...register('topics.fadingPercent', whole(BOUNDS.TopicSettings.fadingPercent, format))}
        />
        <NumberField
          label="Rusty below, %"
          hint="From an hour of practice on."
          bounds={BOUNDS.TopicSettings.rustyPercent}
          error={errors.topics?.rustyPercent?.message}
          {...register('topics.rustyPercent', whole(BOUNDS.TopicSettings.rustyPercent, format))}
        />
      </div>
      <div className="mt-3">
        <Check {...register('topics.rustSaid')}>
          Today offers warm-ups: what is rusty and needed soon, what was studied yesterday, an easy day after
          weeks away
        </Check>
      </div>
    </section>
  )
}
