import type { Schemas } from '../../api/client'

type Aim = Schemas['AimView']

/** What to do about a habit, as one would say it to oneself. */
export function aimWords({ kind, part, mean }: Pick<Aim, 'kind' | 'part' | 'mean'>): string {
  const little = mean < 0
  switch (kind) {
    case 'LENGTH':
      return `Make the ${part} ${little ? 'longer' : 'shorter'}`
    case 'TILT':
      return `Tilt the ${part} ${little ? 'more' : 'less'}`
    case 'LEAN':
      return `Let the whole lean ${little ? 'more' : 'less'}`
    case 'TILT_RESPONSE':
      return little ? 'Push the tilts' : 'Calm the tilts'
    case 'TAPER':
      return `Let the ${part} narrow ${little ? 'less' : 'more'}`
    case 'AREA':
      return `Make the ${part} ${little ? 'larger' : 'smaller'}`
    case 'DEPTH':
      return `${little ? 'Push' : 'Calm'} the foreshortening: ${part}`
  }
}
