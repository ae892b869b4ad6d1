import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotKept } from '../../ui/Notices'
import { figureName, type Series } from './series'
import { wording } from './wording'

/** Where phases begin, set by the learner: any weeks, or left to the figures again. */
export function PhaseBegins({ all }: { all: Series[] }) {
  const format = useFormats()
  const client = useQueryClient()
  const notKept = useNotKept()
  const [figure, setFigure] = useState<Series['figure']>()
  const series = all.find((s) => s.figure === figure)
  const set = useMutation({
    mutationFn: (weeks: string[] | null) =>
      answer(api.PUT('/api/look-back/phases/boundaries', { body: { figure: figure ?? 'MARK', weeks } })),
    onSuccess: () => client.invalidateQueries({ queryKey: ['look-back'] }),
    onError: notKept,
  })
  const there = series?.phases.slice(1).map((p) => p.from) ?? []
  // What is on its way counts already, so that a second press does not undo the first.
  const begins = (set.isPending ? set.variables : undefined) ?? there
  return (
    <details className="no-print mt-2">
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        {wording.setWhereAPhaseBegins()}
      </summary>
      <SelectField
        label={wording.ofWhichFigure()}
        value={figure ?? ''}
        onChange={(e) => setFigure((e.target.value || undefined) as Series['figure'] | undefined)}
      >
        <option value="">{wording.choose()}</option>
        {all.map((s) => (
          <option key={s.figure} value={s.figure}>
            {figureName(s)}
          </option>
        ))}
      </SelectField>
      {series && (
        <>
          <fieldset className="mt-2">
            <legend className="text-faded text-sm">{wording.aPhaseBeginsWithTheWeek()}</legend>
            <div className="max-h-56 overflow-y-auto">
              {series.values.slice(1).map((v) => (
                <Check
                  key={v.from}
                  checked={begins.includes(v.from)}
                  onChange={(e) =>
                    set.mutate(
                      e.target.checked ? [...begins, v.from] : begins.filter((week) => week !== v.from),
                    )
                  }
                >
                  {format.dayMonthYear(v.from)}
                </Check>
              ))}
            </div>
          </fieldset>
          {series.ownBoundaries && (
            <Button look="quiet" onClick={() => set.mutate(null)}>
              {wording.leaveItToTheFiguresAgain()}
            </Button>
          )}
        </>
      )}
    </details>
  )
}
