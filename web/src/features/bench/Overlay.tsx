import { useEffect, useState } from 'react'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import type { Comparison, Held } from './text'
import { wording } from './wording'

const BLINK = 700

/** The attempt laid over its reference, by opacity, blinking, or by what differs; foundation axes of both on it. */
export function Overlay({ comparison, held }: { comparison: Comparison; held: Held }) {
  const format = useFormats()
  const [opacity, setOpacity] = useState(60)
  const [differs, setDiffers] = useState(false)
  const [blinks, setBlinks] = useState(false)
  const hidden = useBlinking(blinks)
  const { reference, attempt } = comparison
  const height = 1 / reference.ratio
  const { scale, degrees, x, y } = held.over
  const over = `translate(${x} ${y}) rotate(${degrees}) scale(${scale})`
  const truth = new Map(reference.places.map((p) => [p.name, { x: p.x, y: p.y / reference.ratio }]))
  const ratio = attempt?.ratio ?? 1
  const drawn = new Map(comparison.fields.drawn.map((p) => [p.name, { x: p.x, y: p.y / ratio }]))
  const lines = (at: Map<string, { x: number; y: number }>, foundation: boolean) =>
    comparison.axes
      .filter((a) => !foundation || a.layer === 'FOUNDATION')
      .flatMap((a) => {
        const from = at.get(a.fromName)
        const to = at.get(a.toName)
        return from && to ? [{ name: a.name, from, to }] : []
      })
  return (
    <figure>
      <svg
        viewBox={`0 0 1 ${height}`}
        role="img"
        aria-label={wording.yourDrawingLaidOverTheReference()}
        className="plate border-hairline w-full border [&_line]:[vector-effect:non-scaling-stroke]"
      >
        {reference.address && (
          <image
            href={reference.address}
            className={reference.keptPrivate ? 'no-print' : ''}
            width={1}
            height={height}
            opacity={0.55}
          />
        )}
        {!hidden && (
          <g transform={over} opacity={differs ? 1 : opacity / 100}>
            {attempt?.address && (
              <image
                href={attempt.address}
                className={attempt.keptPrivate ? 'no-print' : ''}
                width={1}
                height={1 / ratio}
                preserveAspectRatio="none"
                style={{ mixBlendMode: differs ? 'difference' : 'multiply' }}
              />
            )}
            {lines(drawn, attempt?.address !== undefined && attempt.address !== '').map((l) => (
              <line
                key={l.name}
                x1={l.from.x}
                y1={l.from.y}
                x2={l.to.x}
                y2={l.to.y}
                className="stroke-on-picture"
                strokeWidth={2}
              />
            ))}
          </g>
        )}
        {lines(truth, true).map((l) => (
          <line
            key={l.name}
            x1={l.from.x}
            y1={l.from.y}
            x2={l.to.x}
            y2={l.to.y}
            className="stroke-sanguine"
            strokeWidth={2}
            strokeDasharray="5 3"
          />
        ))}
      </svg>
      <figcaption className="flex flex-wrap items-center gap-x-4 text-sm">
        <label className="text-faded flex items-center gap-2">
          {wording.laidOverOpacity({ opacity: format.percent(opacity / 100) })}
          <input
            type="range"
            min={0}
            max={100}
            step={5}
            value={opacity}
            disabled={differs}
            onChange={(e) => setOpacity(Number(e.target.value))}
            className="accent-ink w-24"
          />
        </label>
        <Button look="quiet" aria-pressed={blinks} onClick={() => setBlinks(!blinks)}>
          {blinks ? wording.stopBlinking() : wording.blink()}
        </Button>
        <Button look="quiet" aria-pressed={differs} onClick={() => setDiffers(!differs)}>
          {differs ? wording.laidOver() : wording.whatDiffers()}
        </Button>
      </figcaption>
    </figure>
  )
}

/** Whether it is hidden just now. */
function useBlinking(on: boolean) {
  const [hidden, setHidden] = useState(false)
  useEffect(() => {
    if (!on) {
      return
    }
    const timer = setInterval(() => setHidden((h) => !h), BLINK)
    return () => clearInterval(timer)
  }, [on])
  return on && hidden
}
