import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { useNotKept } from '../../ui/Notices'
import { wording } from './wording'

/** Remarks under "went wrong" that the learner says mean the same; they are counted as one from then on. */
export function SameWords({ from }: { from: string }) {
  const [open, setOpen] = useState(false)
  return (
    <details className="no-print mt-3" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        {wording.twoRemarksThatMeanTheSame()}
      </summary>
      {open && <Told from={from} />}
    </details>
  )
}

function Told({ from }: { from: string }) {
  const told = useQuery(queries.remarks(from)).data
  const client = useQueryClient()
  const notKept = useNotKept()
  const [two, setTwo] = useState<[string, string]>(['', ''])
  const tell = useMutation({
    mutationFn: (body: Schemas['TwoRemarks']) =>
      answer(api.PUT('/api/reviews/{from}/remarks', { params: { path: { from } }, body })),
    onSuccess: () => {
      setTwo(['', ''])
      return refreshAll(client)
    },
    onError: notKept,
  })
  if (!told) {
    return null
  }
  const [one, other] = two
  const choices = (but: string) =>
    Object.fromEntries(told.remarks.filter((r) => r !== but).map((r) => [r, r]))
  return (
    <>
      {told.remarks.length < 2 ? (
        <p className="text-faded">{wording.fewerThanTwoWereWrittenIn()}</p>
      ) : (
        <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
          <SelectField
            label={wording.thisOne()}
            value={one}
            onChange={(e) => setTwo([e.target.value, other])}
          >
            <option value="">{wording.choose()}</option>
            <Options of={choices(other)} />
          </SelectField>
          <SelectField
            label={wording.andThisOne()}
            value={other}
            onChange={(e) => setTwo([one, e.target.value])}
          >
            <option value="">{wording.choose()}</option>
            <Options of={choices(one)} />
          </SelectField>
          <Button
            disabled={one === '' || other === '' || tell.isPending}
            onClick={() => tell.mutate({ one, other, same: true })}
          >
            {wording.countThemAsOne()}
          </Button>
        </div>
      )}
      <ul className="mt-2">
        {told.same.map((pair) => (
          <li
            key={`${pair.one} ${pair.other}`}
            className="border-hairline flex items-baseline gap-x-3 border-t py-1"
          >
            <span className="min-w-0 flex-1">
              {wording.oneAndOther({ one: pair.one, other: pair.other })}
            </span>
            <Button
              look="quiet"
              disabled={tell.isPending}
              aria-label={wording.partOneAndOther({ one: pair.one, other: pair.other })}
              onClick={() => tell.mutate({ ...pair, same: false })}
            >
              {wording.partThem()}
            </Button>
          </li>
        ))}
      </ul>
    </>
  )
}
