import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { Refused } from '../../ui/Refused'
import { ENERGY, HARD, type Sitting } from './text'
import { wording } from './wording'

/** How a sitting felt; each press is kept at once. */
export function useFelt(sitting: Sitting) {
  const [felt, setFelt] = useState({ energy: sitting.felt.energyAfter, was: sitting.felt.was })
  const tell = useMutation({
    mutationFn: (body: { energy?: number | null; was?: number | null }) =>
      answer(
        api.PUT('/api/sittings/{id}/felt', {
          params: { path: { id: sitting.id } },
          body: { energy: body.energy ?? null, was: body.was ?? null },
        }),
      ),
  })
  const set = (more: Partial<typeof felt>) => {
    const next = { ...felt, ...more }
    setFelt(next)
    tell.mutate(next)
  }
  return { ...felt, set, error: tell.error, dread: sitting.felt.dread }
}

/** Energy in one press; how hard it was where it was told how hard it seemed. */
export function Felt({ felt }: { felt: ReturnType<typeof useFelt> }) {
  return (
    <>
      <Scale
        legend={wording.energyNow()}
        of={ENERGY}
        value={felt.energy}
        onChange={(energy) => felt.set({ energy })}
      />
      {felt.dread != null && (
        <Scale
          legend={wording.itSeemedDreadBeforehandHowHard({ dread: HARD[felt.dread - 1] ?? '' })}
          of={HARD}
          value={felt.was}
          onChange={(was) => felt.set({ was })}
        />
      )}
      <Refused error={felt.error} className="mt-2" />
    </>
  )
}

function Scale({
  legend,
  of,
  value,
  onChange,
}: {
  legend: string
  of: string[]
  value: number | null | undefined
  onChange: (value: number) => void
}) {
  return (
    <fieldset className="mt-3">
      <legend>{legend}</legend>
      <div className="flex flex-wrap gap-x-5">
        {of.map((name, i) => (
          <label key={name} className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
            <input
              type="radio"
              name={legend}
              className="size-4"
              checked={value === i + 1}
              onChange={() => onChange(i + 1)}
            />
            {name}
          </label>
        ))}
      </div>
    </fieldset>
  )
}
