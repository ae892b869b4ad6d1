import type { Schemas } from '../../api/client'

/** A ruler of units, inked as far as they are read; gaps stay white. */
export function ReadRuler({ spans, total }: { spans: Schemas['ReadSpan'][]; total: number }) {
  return (
    <svg viewBox="0 0 400 12" className="mt-1 h-3 w-full" preserveAspectRatio="none" aria-hidden>
      <rect x={0.5} y={1} width={399} height={10} fill="none" className="stroke-pencil" strokeWidth={1} />
      {spans.map((span) => (
        <rect
          key={span.from}
          x={((span.from - 1) / total) * 400}
          y={1}
          width={Math.max(1, ((span.to - span.from + 1) / total) * 400)}
          height={10}
          className="fill-ink"
        />
      ))}
    </svg>
  )
}
