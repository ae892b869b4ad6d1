import { Picture, type Pin, type PlateData } from './Picture'
import { spread } from './spread'
import { wording } from '../wording'

/** Least distance of two labels, as a share of the picture's height. */
const GAP = 0.045

/** The most labels that one side has room for. */
const MOST = 20

type Label = { pin: Pin; number: number; y: number }

/** Labels of one side, from top to bottom. */
function side(pins: { pin: Pin; number: number }[]): Label[] {
  const sorted = [...pins].sort((a, b) => a.pin.y - b.pin.y)
  const places = spread(
    sorted.map(({ pin }) => pin.y),
    GAP,
  )
  return sorted.map((label, i) => ({ ...label, y: places[i] ?? 0 }))
}

/** Labels left and right of a picture, each on the side of its pin while there is room. */
function sides(pins: Pin[]): { left: Label[]; right: Label[] } {
  const all = pins.map((pin, i) => ({ pin, number: i + 1 }))
  const byX = [...all].sort((a, b) => a.pin.x - b.pin.x)
  const beyond = byX.filter(({ pin }) => pin.x < 0.5).length
  const onLeft = Math.min(Math.max(beyond, pins.length - MOST), MOST)
  return { left: side(byX.slice(0, onLeft)), right: side(byX.slice(onLeft)) }
}

/** Whether names fit beside a plate; a broad one is too low for them. */
export const hasRoomBeside = (plate: PlateData) => plate.ratio < 1.1

/** A plate uncovered: its names beside it, each led to its pin; without room for them, numbers instead. */
export function Labels({ plate, got }: { plate: PlateData; got: string[] }) {
  if (!hasRoomBeside(plate)) {
    return (
      <div className="max-w-full" style={{ width: wording.minRatioDvh52rem({ ratio: plate.ratio * 64 }) }}>
        <Picture plate={plate}>
          <Rings plate={plate} got={got} look={NUMBERED} />
        </Picture>
      </div>
    )
  }
  const { left, right } = sides(plate.pins)
  return (
    <div
      className={`max-w-full ${left.length > 0 ? 'sm:pl-44' : ''} ${right.length > 0 ? 'sm:pr-44' : ''}`}
      style={{
        width: `calc(${plate.ratio * 64}dvh + ${(left.length > 0 ? 11 : 0) + (right.length > 0 ? 11 : 0)}rem)`,
      }}
    >
      <Picture plate={plate}>
        <svg
          viewBox="0 0 1 1"
          preserveAspectRatio="none"
          className="pointer-events-none absolute inset-0 hidden size-full overflow-visible sm:block"
          aria-hidden
        >
          {[...left.map((l) => ({ ...l, edge: 0 })), ...right.map((l) => ({ ...l, edge: 1 }))].map(
            ({ pin, y, edge }) => (
              <line
                key={pin.id}
                x1={pin.x}
                y1={pin.y}
                x2={edge}
                y2={y}
                className="stroke-sanguine/60"
                strokeWidth={1}
                vectorEffect="non-scaling-stroke"
              />
            ),
          )}
        </svg>
        <Rings plate={plate} got={got} look="size-3 max-sm:size-4.5 *:sm:hidden" />
        {left.map(({ pin, y }) => (
          <Name key={pin.id} pin={pin} y={y} at="right-full mr-1.5 text-right" />
        ))}
        {right.map(({ pin, y }) => (
          <Name key={pin.id} pin={pin} y={y} at="left-full ml-1.5" />
        ))}
      </Picture>
    </div>
  )
}

const NUMBERED = 'size-4.5'

function Rings({ plate, got, look }: { plate: PlateData; got: string[]; look: string }) {
  return plate.pins.map((pin, i) => (
    <span
      key={pin.id}
      className={`border-sanguine pointer-events-none absolute -translate-x-1/2 -translate-y-1/2 rounded-full border-2 text-center text-xs leading-3.5 ${look} ${got.includes(pin.id) ? 'bg-sanguine text-paper' : 'bg-paper'}`}
      style={{ left: `${pin.x * 100}%`, top: `${pin.y * 100}%` }}
    >
      <span>{i + 1}</span>
    </span>
  ))
}

function Name({ pin, y, at }: { pin: Pin; y: number; at: string }) {
  return (
    <span
      className={`absolute hidden w-42 -translate-y-1/2 truncate font-serif italic sm:block ${at}`}
      style={{ top: `${y * 100}%` }}
    >
      {pin.name}
    </span>
  )
}
