import { useFormContext } from 'react-hook-form'
import { BOUNDS } from '../../../api/generated/bounds'
import { TextField } from '../../../ui/Field'
import type { SettingsForm } from './form'
import { wording } from '../wording'

/** What all this is for, in the learner's words. */
export function WhatForSection() {
  const { register } = useFormContext<SettingsForm>()
  return (
    <section aria-labelledby="what-for">
      <h2 id="what-for" className="border-ink mt-6 border-t pt-4">
        {wording.whatFor()}
      </h2>
      <div className="max-w-2xl">
        <TextField
          label={wording.inOneSentenceItIsShown()}
          maxLength={BOUNDS.Settings.whatFor.maxLength}
          placeholder={wording.drawTheHarbourOnTheSpot()}
          {...register('whatFor')}
        />
      </div>
    </section>
  )
}
