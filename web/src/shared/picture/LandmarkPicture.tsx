import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react'
import { Glass } from '../../ui/Glass'
import { useFormats } from '../../ui/locale'
import type { Schemas } from '../../api/client'
import { wording } from './wording'

type Place = Schemas['LandmarkPlace']
type Landmark = Schemas['ComparisonView']['landmarks'][number]

const STEP = 0.002
const LONG_STEP = 0.02

/** A pointer that moves less, in pixels, is held still. */
const STILL = 4

const WAYS: Partial<Record<string, [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

const within = (share: number) => Math.min(1, Math.max(0, share))

/**
 * A picture with its landmarks. They are set by a press on the picture, moved by mouse, touch or arrow keys and
 * seen through a glass meanwhile; those proposed are dashed and count once they are pressed or moved.
 */
export function LandmarkPicture({
  src,
  ratio,
  name,
  landmarks,
  places,
  proposed = [],
  next,
  axes = [],
  onSet,
  onTake,
  pins = [],
  onPin,
}: {
  src: string
  /** Width ÷ height. */
  ratio: number
  name: string
  landmarks: Landmark[]
  places: Place[]
  proposed?: Place[]
  /** The landmark that a press on the picture sets. */
  next?: string | undefined
  /** Lines between landmarks. */
  axes?: [Place, Place][]
  /** Left out where nothing can be set. */
  onSet?: (place: Place) => void
  /** Takes a landmark off again. */
  onTake?: (name: string) => void
  /** Words pinned to places, by their numbers. */
  pins?: { x: number; y: number; text: string }[]
  onPin?: (index: number, to: { x: number; y: number }) => void
}) {
  const frame = useRef<HTMLDivElement>(null)
  const [moving, setMoving] = useState<{ place: Place; box: DOMRect }>()
  const [fresh, setFresh] = useState<string>()
  const at = (event: { clientX: number; clientY: number }) => {
    const box = frame.current?.getBoundingClientRect()
    return (
      box && {
        box,
        x: within((event.clientX - box.left) / box.width),
        y: within((event.clientY - box.top) / box.height),
      }
    )
  }
  const shown = [
    ...places.map((place) => ({ place, sure: true })),
    ...proposed.map((place) => ({ place, sure: false })),
  ].map(({ place, sure }) => ({ place: moving?.place.name === place.name ? moving.place : place, sure }))
  const take = (place: Place) => {
    const box = frame.current?.getBoundingClientRect()
    setMoving(box && { place, box })
  }
  /**
   * What moves a ring: by pointer and keys it moves at once and is kept when it is let go. A set ring that is
   * pressed and not moved is in the way of the landmark asked for, which is set there.
   */
  const movingOf = (place: Place, keep: (place: Place) => void, inTheWay = false) => ({
    onGrab: () => take(place),
    onDrag: (event: PointerEvent) => {
      const spot = at(event)
      if (spot) {
        setMoving({ place: { name: place.name, x: spot.x, y: spot.y }, box: spot.box })
      }
    },
    onPress: (event: PointerEvent) => {
      const spot = at(event)
      if (inTheWay && next && onSet && spot) {
        setMoving(undefined)
        onSet({ name: next, x: spot.x, y: spot.y })
        return true
      }
      return false
    },
    onStep: (dx: number, dy: number) =>
      take({ name: place.name, x: within(place.x + dx), y: within(place.y + dy * ratio) }),
    onDrop: () => {
      if (moving?.place.name === place.name) {
        keep(moving.place)
        setMoving(undefined)
      }
    },
    onLeave: () => setMoving(undefined),
  })
  return (
    <div
      ref={frame}
      className="border-hairline relative w-full [overflow:clip] border select-none [overflow-clip-margin:8px]"
      style={{ aspectRatio: ratio }}
    >
      {src ? (
        <img src={src} alt={name} className="plate size-full object-fill" draggable={false} />
      ) : (
        <p className="text-faded p-4">{wording.thePictureIsGoneWhatWas()}</p>
      )}
      <Axes axes={axes} />
      {next && onSet && src && (
        <button
          type="button"
          aria-label={wording.setNextWithTheKeyboardIt({ next })}
          className="absolute inset-0 cursor-crosshair"
          onClick={(event) => {
            const spot = event.detail === 0 ? { x: 0.5, y: 0.5 } : at(event)
            if (spot) {
              setFresh(event.detail === 0 ? next : undefined)
              onSet({ name: next, x: spot.x, y: spot.y })
            }
          }}
        />
      )}
      {shown.map(({ place, sure }) => (
        <Ring
          key={place.name}
          place={place}
          says={sure ? place.name : wording.nameProposed({ name: place.name })}
          look={ringLook(landmarks.find((l) => l.name === place.name)?.foundation ?? false, sure)}
          fixed={!onSet}
          focus={fresh === place.name}
          {...movingOf(place, onSet ?? (() => undefined), sure)}
          onTake={onTake && sure ? () => onTake(place.name) : undefined}
        />
      ))}
      {pins.map((pin, i) => {
        const name = wording.noteNumber({ number: i + 1 })
        const place = moving?.place.name === name ? moving.place : { name, x: pin.x, y: pin.y }
        return (
          <Ring
            key={name}
            place={place}
            says={`${name}, ${pin.text}`}
            look="bg-ink text-paper size-4 text-center text-xs leading-4"
            label={String(i + 1)}
            fixed={!onPin}
            focus={false}
            {...movingOf(place, ({ x, y }) => onPin?.(i, { x, y }), true)}
            onTake={undefined}
          />
        )
      })}
      {moving && src && <Glass src={src} at={moving.place} frame={moving.box} />}
    </div>
  )
}

function Axes({ axes }: { axes: [Place, Place][] }) {
  return (
    <svg
      viewBox="0 0 1 1"
      preserveAspectRatio="none"
      className="pointer-events-none absolute inset-0 size-full overflow-visible [&_line]:[vector-effect:non-scaling-stroke]"
      aria-hidden
    >
      {axes.map(([a, b]) => (
        <line
          key={`${a.name} ${b.name}`}
          x1={a.x}
          y1={a.y}
          x2={b.x}
          y2={b.y}
          className="stroke-sanguine"
          strokeWidth={1.5}
        />
      ))}
    </svg>
  )
}

const ringLook = (foundation: boolean, sure: boolean) =>
  `size-3.5 rounded-full border-2 bg-paper/60 ${foundation ? 'border-sanguine' : 'border-ink'} ${sure ? '' : 'border-dashed opacity-70'}`

function Ring({
  place,
  says,
  look,
  label = '',
  fixed,
  focus,
  onGrab,
  onDrag,
  onPress,
  onDrop,
  onStep,
  onLeave,
  onTake,
}: {
  place: Place
  /** What it is, before its place is told. */
  says: string
  look: string
  label?: string
  fixed: boolean
  /** Whether it was set by the keyboard just now. */
  focus: boolean
  onGrab: () => void
  onDrag: (event: PointerEvent) => void
  /** Pressed and not moved: whether that meant something else than the ring. */
  onPress: (event: PointerEvent) => boolean
  onDrop: () => void
  onStep: (dx: number, dy: number) => void
  onLeave: () => void
  onTake: (() => void) | undefined
}) {
  const format = useFormats()
  const button = useRef<HTMLButtonElement>(null)
  /** Where the pointer was put down, until it moved away from there. */
  const start = useRef<{ x: number; y: number }>(undefined)
  useEffect(() => {
    if (focus) {
      button.current?.focus()
    }
  }, [focus])
  const percent = (share: number) => format.number(Math.round(share * 1000) / 10)
  const style = { left: `${place.x * 100}%`, top: `${place.y * 100}%` }
  if (fixed) {
    return (
      <span
        style={style}
        className="pointer-events-none absolute -translate-x-1/2 -translate-y-1/2"
        title={place.name}
      >
        <span className={`block ${look}`}>{label}</span>
      </span>
    )
  }
  const press = (event: KeyboardEvent) => {
    const way = WAYS[event.key]
    const step = event.shiftKey ? LONG_STEP : STEP
    if (way) {
      event.preventDefault()
      onStep(way[0] * step, way[1] * step)
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault()
      onGrab()
    } else if ((event.key === 'Delete' || event.key === 'Backspace') && onTake) {
      event.preventDefault()
      onTake()
    }
  }
  return (
    <button
      ref={button}
      type="button"
      aria-label={wording.saysXFromTheLeftY({ says, x: percent(place.x), y: percent(place.y) })}
      title={says}
      style={style}
      onPointerDown={(event) => {
        start.current = { x: event.clientX, y: event.clientY }
        event.currentTarget.setPointerCapture(event.pointerId)
        event.currentTarget.focus()
        onGrab()
      }}
      onPointerMove={(event) => {
        const from = start.current
        const still = from && Math.hypot(event.clientX - from.x, event.clientY - from.y) < STILL
        if (event.currentTarget.hasPointerCapture(event.pointerId) && !still) {
          start.current = undefined
          onDrag(event)
        }
      }}
      onPointerUp={(event) => {
        const pressed = start.current !== undefined
        start.current = undefined
        if (!pressed || !onPress(event)) {
          onDrop()
        }
      }}
      onKeyDown={press}
      onKeyUp={onDrop}
      onBlur={onLeave}
      className="absolute grid size-8 -translate-x-1/2 -translate-y-1/2 cursor-move touch-none place-items-center focus:z-10 pointer-coarse:size-11"
    >
      <span className={look}>{label}</span>
    </button>
  )
}
