import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../../api/client'
import { refreshAll } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { Check } from '../../../ui/Check'
import { useFormats } from '../../../ui/locale'
import { useNotice } from '../../../ui/Notices'
import { Refused } from '../../../ui/Refused'
import { hasRoomBeside, Labels } from './Labels'
import { Next } from './Next'
import type { PlateData } from './Picture'
import { useAsked } from './useAsked'
import { wording } from '../wording'

/** Drawn from memory on paper, then uncovered and ticked. */
export function DrawIt({ plate }: { plate: PlateData }) {
  const format = useFormats()
  const client = useQueryClient()
  const asked = useAsked()
  const say = useNotice()
  const [open, setOpen] = useState(false)
  const [got, setGot] = useState<string[]>([])
  const [due, setDue] = useState<string>()
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/recall/plates/{id}/drawn', { params: { path: { id: plate.id } }, body: { got } }),
      ),
    onSuccess: (result) => {
      setDue(result.due)
      return asked()
    },
  })
  const log = useMutation({
    mutationFn: async () => {
      const { day } = await answer(api.GET('/api/today'))
      return answer(
        api.POST('/api/entries', {
          body: {
            id: crypto.randomUUID(),
            fields: {
              day,
              topic: plate.topics[0] ?? plate.title,
              drawings: 1,
              minutes: 3,
              source: 'memory',
              wentWrong: '',
              nextTime: '',
              note: plate.title,
            },
          },
        }),
      )
    },
    onSuccess: () => {
      say(wording.logged1DrawingFromMemory())
      return refreshAll(client)
    },
  })
  if (!open) {
    return (
      <div className="mt-4 max-w-prose">
        <p className="font-serif text-xl">{wording.drawItFromMemoryOnPaper()}</p>
        <p className="text-faded">{wording.thenUncoverThePlateAndSee()}</p>
        <Button look="ink" className="mt-4" onClick={() => setOpen(true)}>
          {wording.uncover()}
        </Button>
      </div>
    )
  }
  return (
    <div className="wide:grid-cols-[auto_1fr] grid gap-8">
      <Labels plate={plate} got={got} />
      <div>
        {due ? (
          <>
            <p className="mt-3 font-serif text-xl">
              {wording.gotOfPinsWereThere({ got: got.length, pins: plate.pins.length })}
            </p>
            <p>{wording.itIsAskedForAgainOn({ due: format.dayMonthYear(due) })}</p>
            <Button className="mt-3" disabled={log.isPending || log.isSuccess} onClick={() => log.mutate()}>
              {log.isSuccess ? wording.loggedAsADrawingFromMemory() : wording.logItAsADrawingFrom()}
            </Button>
            <Refused error={log.error} />
            <Next after={plate.id} />
          </>
        ) : (
          <>
            <fieldset className="mt-3">
              <legend className="font-serif text-lg">{wording.tickWhatYourDrawingHas()}</legend>
              {plate.pins.map((p, i) => (
                <Check
                  key={p.id}
                  checked={got.includes(p.id)}
                  onChange={(e) => setGot(e.target.checked ? [...got, p.id] : got.filter((g) => g !== p.id))}
                >
                  <span aria-hidden className={`text-faded ${hasRoomBeside(plate) ? 'sm:hidden' : ''}`}>
                    {i + 1}{' '}
                  </span>
                  {p.name}
                  {p.latin && <span className="text-faded italic"> {p.latin}</span>}
                </Check>
              ))}
            </fieldset>
            <p className="mt-3 flex gap-5">
              <Button look="ink" disabled={keep.isPending} onClick={() => keep.mutate()}>
                {wording.keepIt()}
              </Button>
              <Button onClick={() => setGot(plate.pins.map((p) => p.id))}>{wording.allOfThem()}</Button>
            </p>
            <Refused error={keep.error} />
          </>
        )}
      </div>
    </div>
  )
}
