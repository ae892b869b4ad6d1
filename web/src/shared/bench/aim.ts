import type { Schemas } from '../../api/client'
import { wording } from './wording'

type Aim = Schemas['AimView']

/** What to do about a habit, as one would say it to oneself. */
export function aimWords({ kind, part, mean }: Pick<Aim, 'kind' | 'part' | 'mean'>): string {
  const little = mean < 0
  switch (kind) {
    case 'LENGTH':
      return wording.makeThePartLittle({ part, little })
    case 'TILT':
      return wording.tiltThePartLittle({ part, little })
    case 'LEAN':
      return wording.letTheWholeLeanLittle({ little })
    case 'TILT_RESPONSE':
      return little ? wording.pushTheTilts() : wording.calmTheTilts()
    case 'TAPER':
      return wording.letThePartNarrowLittle({ part, little })
    case 'AREA':
      return wording.makeThePartLittle2({ part, little })
    case 'DEPTH':
      return wording.little({ little, part })
  }
}
