type Spot = { x: number; y: number }

const ZOOM = 5
const GLASS = 132

/** What lies under a point, enlarged, in the corner that is farthest from it. */
export function Glass({ src, at, frame }: { src: string; at: Spot; frame: DOMRect }) {
  const middle = GLASS / 2
  return (
    <div
      aria-hidden
      className="border-ink bg-deeper pointer-events-none absolute overflow-hidden border-2"
      style={{
        width: GLASS,
        height: GLASS,
        [at.x < 0.5 ? 'right' : 'left']: 4,
        [at.y < 0.5 ? 'bottom' : 'top']: 4,
        backgroundImage: `url("${src}")`,
        backgroundRepeat: 'no-repeat',
        backgroundSize: `${frame.width * ZOOM}px ${frame.height * ZOOM}px`,
        backgroundPosition: `${middle - at.x * frame.width * ZOOM}px ${middle - at.y * frame.height * ZOOM}px`,
      }}
    >
      <span className="bg-sanguine absolute top-1/2 left-0 h-px w-full" />
      <span className="bg-sanguine absolute top-0 left-1/2 h-full w-px" />
    </div>
  )
}
