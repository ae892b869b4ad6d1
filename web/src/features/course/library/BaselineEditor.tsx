import { Check } from '../../../ui/Check'
import { listed } from '../../../ui/lists'
import { useState } from 'react'
import { Field } from '../../../ui/Field'
import type { BaselineDocument } from './document'
import { wording } from '../wording'

/** What a course asks to be drawn unaided at its start, and when the same is drawn again. */
export function BaselineEditor({
  baseline,
  error,
  onChange,
}: {
  baseline: BaselineDocument | undefined
  error: string | undefined
  onChange: (baseline: BaselineDocument | undefined) => void
}) {
  const [text, setText] = useState((baseline?.subjects ?? []).join(', '))
  const again = baseline?.again ?? ['end']
  const change = (more: Partial<BaselineDocument>, typed = text) => {
    setText(typed)
    const named = listed(typed)
    onChange(
      named.length === 0
        ? undefined
        : { minutesEach: baseline?.minutesEach ?? 20, again, ...more, subjects: named },
    )
  }
  return (
    <div className="mb-4 grid gap-x-6 gap-y-2 sm:grid-cols-[2fr_1fr_1fr]">
      <Field
        label={wording.unaidedDrawingsOnTheFirstDay()}
        value={text}
        error={error}
        onChange={(e) => change({}, e.target.value)}
      />
      <Field
        label={wording.minutesForEach()}
        inputMode="numeric"
        disabled={!baseline}
        value={baseline ? String(baseline.minutesEach) : ''}
        onChange={(e) => change({ minutesEach: Number(e.target.value) || 0 })}
      />
      <fieldset disabled={!baseline}>
        <legend className="text-faded text-sm">{wording.theSameAgain()}</legend>
        {(['middle', 'end'] as const).map((moment) => (
          <Check
            key={moment}
            checked={baseline !== undefined && again.includes(moment)}
            onChange={(e) =>
              change({ again: e.target.checked ? [...again, moment] : again.filter((m) => m !== moment) })
            }
          >
            {moment === 'middle' ? wording.halfWay() : wording.atTheEnd()}
          </Check>
        ))}
      </fieldset>
    </div>
  )
}
