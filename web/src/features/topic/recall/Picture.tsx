import type { ReactNode, Ref } from 'react'
import type { Schemas } from '../../../api/client'
import { wording } from '../wording'

export type PlateData = Schemas['PlateView']
export type Pin = PlateData['pins'][number]

/** Where the picture of a plate lies. */
export const platePicture = (id: string) => `/api/recall/plates/${id}/picture`

/** The picture of a plate, with something on it. */
export function Picture({
  plate,
  children,
  ref,
}: {
  plate: PlateData
  children?: ReactNode
  ref?: Ref<HTMLDivElement>
}) {
  return (
    <div
      ref={ref}
      className="relative mt-3 max-w-full"
      style={{ aspectRatio: plate.ratio, width: wording.min100RatioDvh({ ratio: plate.ratio * 64 }) }}
    >
      <img
        src={platePicture(plate.id)}
        alt={plate.title}
        draggable={false}
        className="plate border-hairline absolute inset-0 size-full border"
      />
      {children}
    </div>
  )
}

/** A pin with its name beside it, or a number. */
export function Mark({ pin, label, strong = false }: { pin: Pin; label: string; strong?: boolean }) {
  const left = pin.x > 0.7
  return (
    <span
      className="pointer-events-none absolute"
      style={{ left: `${pin.x * 100}%`, top: `${pin.y * 100}%` }}
    >
      <span
        className={`absolute -top-1.5 -left-1.5 size-3 rounded-full border-2 ${strong ? 'border-sanguine bg-sanguine' : 'border-sanguine bg-paper'}`}
      />
      {label && (
        <span
          className={`bg-paper/85 absolute -top-3 rounded-sm px-1 text-sm whitespace-nowrap ${left ? 'right-3' : 'left-3'}`}
        >
          {label}
        </span>
      )}
    </span>
  )
}
