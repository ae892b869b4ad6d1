/** Outlines of ink that fell on paper, around 0 with a mean radius of 1. */
const SHAPES = [3, 17, 29, 41, 53].map(outline)

function outline(seed: number): string {
  const points = Array.from({ length: 9 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 9
    const radius = 1 + 0.12 * Math.sin(2 * angle + seed) + 0.08 * Math.cos(3 * angle + 1.3 * seed)
    return [radius * Math.cos(angle), radius * Math.sin(angle)] as const
  })
  const middle = (i: number) => {
    const [x, y] = points[i % 9] ?? [0, 0]
    const [u, v] = points[(i + 1) % 9] ?? [0, 0]
    return `${((x + u) / 2).toFixed(2)} ${((y + v) / 2).toFixed(2)}`
  }
  const curves = points.map(
    (_, i) => `Q${(points[(i + 1) % 9] ?? [0, 0]).map((n) => n.toFixed(2)).join(' ')} ${middle(i + 1)}`,
  )
  return `M${middle(0)}${curves.join('')}Z`
}

/**
 * A blot whose area is what it stands for; the largest is as wide as its box.
 *
 * @param seed tells blots beside each other apart
 */
export function Blot({
  share,
  planned,
  strength,
  seed,
  size,
}: {
  /** Drawn, of the largest, 0 to 1. */
  share: number
  /** Still planned, of the largest, 0 to 1; drawn as a dashed pencil line. */
  planned: number | undefined
  /** How fresh the ink is, 0 to 1. */
  strength: number
  seed: number
  /** Of the box, in pixels. */
  size: number
}) {
  const radius = (of: number) => (of > 0 ? Math.max(1.6, (size / 2.3) * Math.sqrt(of)) : 0)
  return (
    <svg width={size} height={size} viewBox={`${-size / 2} ${-size / 2} ${size} ${size}`} aria-hidden>
      {share > 0 && (
        <path
          d={SHAPES[seed % SHAPES.length]}
          transform={`scale(${radius(share).toFixed(2)}) rotate(${(seed * 47) % 360})`}
          className="fill-ink"
          opacity={0.3 + 0.7 * strength}
        />
      )}
      {planned !== undefined && (
        <circle
          r={Math.max(3, radius(planned))}
          fill="none"
          className="stroke-pencil"
          strokeDasharray="2.5 2"
          strokeWidth={1.2}
        />
      )}
    </svg>
  )
}
