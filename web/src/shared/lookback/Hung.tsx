import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { pictureAt } from '../pictures'
import { wording } from './wording'

type Hung = Schemas['SeenPicture']

/** Where a picture of the board lies. */
export const hungAt = (p: Pick<Hung, 'picture' | 'from'>) =>
  p.from === 'PAGES' ? pictureAt(p.picture, 'LARGE') : `/api/references/pictures/${p.picture}`

/** How far down a board reaches, as a share of its breadth. */
export const boardHeight = (pictures: Hung[]) =>
  Math.max(0.4, ...pictures.map((p) => p.down + p.breadth / p.ratio))

/** The pictures of what all this is for, as they hang; nothing without any. */
export function HungBoard() {
  const pictures = useQuery(queries.hung()).data?.pictures ?? []
  return pictures.length === 0 ? null : (
    <div
      role="img"
      aria-label={wording.whatAllThisIsForPictures({ pictures: pictures.length })}
      className="relative w-full overflow-hidden"
      style={{ aspectRatio: `1 / ${boardHeight(pictures)}` }}
    >
      {pictures.map((p) => (
        <img
          key={p.picture}
          src={hungAt(p)}
          alt=""
          loading="lazy"
          className="plate border-hairline absolute border"
          style={{
            left: `${p.across * 100}%`,
            top: `${(p.down / boardHeight(pictures)) * 100}%`,
            width: `${p.breadth * 100}%`,
          }}
        />
      ))}
    </div>
  )
}
