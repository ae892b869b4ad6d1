import { useMutation } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent } from 'react'
import { answer, api } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { Refused } from '../../../ui/Refused'
import { Next } from './Next'
import { Mark, Picture, type Pin, type PlateData } from './Picture'
import { useAsked } from './useAsked'
import { wording } from '../wording'

/** The name is given, its place is shown by a press, or by arrow keys and Enter. */
export function PlaceIt({ plate, pins }: { plate: PlateData; pins: Pin[] }) {
  const asked = useAsked()
  const board = useRef<HTMLButtonElement>(null)
  const [at, setAt] = useState(0)
  const [cross, setCross] = useState({ x: 0.5, y: 0.5 })
  const [told, setTold] = useState<boolean>()
  const [right, setRight] = useState(0)
  const pin = pins[at]
  const place = useMutation({
    mutationFn: (spot: { x: number; y: number }) =>
      answer(
        api.POST('/api/recall/plates/{id}/placed', {
          params: { path: { id: plate.id } },
          body: { pin: pin?.id ?? '', ...spot },
        }),
      ),
    onSuccess: (result) => {
      setTold(result.right)
      setRight(right + (result.right ? 1 : 0))
    },
  })
  const put = (x: number, y: number) => {
    if (told === undefined && !place.isPending) {
      setCross({ x, y })
      place.mutate({ x, y })
    }
  }
  const press = (event: KeyboardEvent) => {
    const step = event.shiftKey ? 0.05 : 0.01
    const by: Record<string, [number, number]> = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }
    const way = by[event.key]
    if (way && told === undefined) {
      event.preventDefault()
      const within = (v: number) => Math.min(1, Math.max(0, v))
      setCross({ x: within(cross.x + way[0]), y: within(cross.y + way[1]) })
    }
  }
  const next = () => {
    setTold(undefined)
    setAt(at + 1)
    if (at + 1 === pins.length) {
      void asked()
    }
    board.current?.focus()
  }
  if (!pin) {
    return (
      <>
        <p className="mt-4 font-serif text-xl">
          {wording.rightOfPinsInTheirPlace({ right, pins: pins.length })}
        </p>
        <Next after={plate.id} />
      </>
    )
  }
  return (
    <>
      <p className="mt-3 flex flex-wrap items-baseline gap-x-4" aria-live="polite">
        <span className="font-serif text-2xl">
          {told === undefined
            ? wording.whereIsTheName({ name: pin.name })
            : told
              ? wording.thereItIs()
              : wording.hereIsTheName({ name: pin.name })}
        </span>
        <span className="text-faded">{wording.atOfPins({ at: at + 1, pins: pins.length })}</span>
        {told !== undefined && (
          <Button look="ink" onClick={next}>
            {at + 1 === pins.length ? wording.done() : wording.next()}
          </Button>
        )}
      </p>
      <Refused error={place.error} />
      <Picture plate={plate}>
        <button
          ref={board}
          type="button"
          className="absolute inset-0 size-full cursor-crosshair"
          aria-label={wording.placeTheNameArrowKeysMove({ name: pin.name })}
          onKeyDown={press}
          onClick={(event) => {
            const box = event.currentTarget.getBoundingClientRect()
            if (told !== undefined) {
              next()
            } else if (event.detail === 0) {
              put(cross.x, cross.y)
            } else {
              put((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height)
            }
          }}
        />
        <span
          aria-hidden
          className="border-ink pointer-events-none absolute size-4 -translate-x-1/2 -translate-y-1/2 border-2"
          style={{ left: `${cross.x * 100}%`, top: `${cross.y * 100}%` }}
        />
        {told !== undefined && <Mark pin={pin} label={pin.name} strong={told} />}
      </Picture>
    </>
  )
}
