import { useQuery } from '@tanstack/react-query'
import { useFormContext } from 'react-hook-form'
import type { Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries } from '../../../api/queries'
import { Field } from '../../../ui/Field'
import { type Formats, useFormats } from '../../../ui/locale'
import { NumberField } from '../../../ui/NumberField'
import { Schools } from '../../../ui/Schools'
import { timeOf } from '../../../ui/counts'
import { type SettingsForm, whole } from './form'
import { SCHOOLS } from '../../../shared/schools'
import { STREAK_RULES } from './text'
import { wording } from '../wording'

/** How days are counted: the school, its numbers, and what each school would say today. */
export function CountingSection() {
  const format = useFormats()
  const { register, formState } = useFormContext<SettingsForm>()
  const { errors } = formState
  return (
    <section aria-labelledby="counting">
      <h2 id="counting" className="border-ink mt-8 border-t pt-4">
        {wording.countingDays()}
      </h2>
      <p className="text-faded mb-3">{wording.plannedRestAndPausesAreNeutral()}</p>
      <Schools legend={wording.rule()} schools={STREAK_RULES} input={register('counting.school')} />
      <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-3">
        <NumberField
          label={wording.daysAWeekForTheWeekly()}
          bounds={BOUNDS.CountingSettings.daysPerWeek}
          error={errors.counting?.daysPerWeek?.message}
          {...register('counting.daysPerWeek', whole(BOUNDS.CountingSettings.daysPerWeek, format))}
        />
        <NumberField
          label={wording.aDayCountsFromSoMany()}
          hint={wording.n0AnyEntryCounts()}
          bounds={BOUNDS.CountingSettings.floorMinutes}
          error={errors.counting?.floorMinutes?.message}
          {...register('counting.floorMinutes', whole(BOUNDS.CountingSettings.floorMinutes, format))}
        />
        <NumberField
          label={wording.aNewDayBeginsAtHour()}
          hint={wording.n3WhatYouDrawAt01()}
          bounds={BOUNDS.TimeSettings.rolloverHour}
          error={errors.time?.rolloverHour?.message}
          {...register('time.rolloverHour', whole(BOUNDS.TimeSettings.rolloverHour, format))}
        />
      </div>
      <div className="mt-4 max-w-md">
        <Field
          label={wording.whatYouCountBesideTheDrawings()}
          hint={wording.oneThingSuchAsErasuresOr()}
          maxLength={BOUNDS.CountingSettings.ownFigure.maxLength}
          error={errors.counting?.ownFigure?.message}
          {...register('counting.ownFigure')}
        />
      </div>
      <AllRules />
    </section>
  )
}

function AllRules() {
  const format = useFormats()
  const streaks = useQuery(queries.streaks()).data
  if (!streaks) {
    return null
  }
  return (
    <div className="mt-4 overflow-x-auto">
      <table className="w-full text-left">
        <caption className="pb-1 text-left font-medium">{wording.whatEachWouldSayToday()}</caption>
        <thead>
          <tr className="text-faded">
            <th scope="col" className="font-normal">
              {wording.rule()}
            </th>
            <th scope="col" className="font-normal">
              {wording.runNow()}
            </th>
            <th scope="col" className="font-normal">
              {wording.longest()}
            </th>
          </tr>
        </thead>
        <tbody>
          {streaks.map((s) => (
            <tr key={s.rule} className="border-hairline border-t align-top">
              <th scope="row" className="py-1 pr-4 font-medium">
                {SCHOOLS[s.rule].name}
                {s.own && <span className="text-faded font-normal"> {wording.yours()}</span>}
              </th>
              <td className="py-1 pr-4">{run(s.current, s.currentFrom, s.currentTo, s, format)}</td>
              <td className="py-1">{run(s.longest, s.longestFrom, s.longestTo, s, format)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function run(
  length: number,
  from: string | null | undefined,
  to: string | null | undefined,
  { unit }: Schemas['StreakView'],
  format: Formats,
): string {
  const words = timeOf(length, unit)
  return from && to ? `${words}, ${format.fromTo(from, to)}` : wording.none()
}
