import { useMutation } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { Refused } from '../../../ui/Refused'
import { useShown } from '../../../ui/shown'
import { isTyping } from '../../../ui/typing'
import { Next } from './Next'
import { Mark, Picture, type Pin, type PlateData } from './Picture'
import { useAsked } from './useAsked'
import { wording } from '../wording'

const SAID: Record<Schemas['NamedResult']['verdict'], string> = {
  RIGHT: wording.yes(),
  SLIP: wording.yesButForASlip(),
  WRONG: wording.itIsThe(),
}

/** The place is given, its name is written; Latin ones are right as well. */
export function NameIt({ plate, pins }: { plate: PlateData; pins: Pin[] }) {
  const asked = useAsked()
  const [at, setAt] = useState(0)
  const [said, setSaid] = useState('')
  const [right, setRight] = useState(0)
  const field = useRef<HTMLFormElement>(null)
  const shown = useShown()
  useEffect(() => {
    if (!isTyping()) {
      field.current?.querySelector('input')?.focus()
    }
  }, [at, shown])
  const pin = pins[at]
  const name = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/recall/plates/{id}/named', {
          params: { path: { id: plate.id } },
          body: { pin: pin?.id ?? '', answer: said },
        }),
      ),
    onSuccess: (result) => setRight(right + (result.verdict === 'WRONG' ? 0 : 1)),
  })
  const verdict = name.data?.verdict
  const next = () => {
    name.reset()
    setSaid('')
    setAt(at + 1)
    if (at + 1 === pins.length) {
      void asked()
    }
  }
  if (!pin) {
    return (
      <>
        <p className="mt-4 font-serif text-xl">{wording.rightOfPinsByName({ right, pins: pins.length })}</p>
        <Next after={plate.id} />
      </>
    )
  }
  return (
    <div className="wide:grid-cols-[auto_1fr] grid gap-8">
      <Picture plate={plate}>
        <Mark pin={pin} label={verdict ? pin.name : '?'} strong />
      </Picture>
      <form
        ref={field}
        className="mt-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (verdict) {
            next()
          } else {
            name.mutate()
          }
        }}
      >
        <p className="text-faded">{wording.atOfPins({ at: at + 1, pins: pins.length })}</p>
        <Field
          key={pin.id}
          label={wording.whatIsItCalled()}
          value={said}
          readOnly={verdict !== undefined}
          maxLength={BOUNDS.NamedPin.answer.maxLength}
          onChange={(e) => setSaid(e.target.value)}
        />
        <p aria-live="polite" className="mt-2 font-serif text-xl">
          {verdict && (
            <>
              {SAID[verdict]}
              {pin.name}
              {pin.latin && <span className="text-faded italic"> {pin.latin}</span>}
            </>
          )}
        </p>
        <Button type="submit" look="ink" className="mt-2" disabled={name.isPending}>
          {verdict ? (at + 1 === pins.length ? wording.done() : wording.next()) : wording.sayIt()}
        </Button>
        <Refused error={name.error} />
      </form>
    </div>
  )
}
