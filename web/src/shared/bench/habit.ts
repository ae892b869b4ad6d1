import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { upperFirst } from '../../ui/text'

export type Habit = Schemas['TendencyView']

const signed = (value: number, format: Formats, digits = 0) => {
  const factor = 10 ** digits
  const rounded = Math.round(value * factor) / factor
  return `${rounded < 0 ? '−' : '+'}${format.number(Math.abs(rounded))}`
}

/** A habit in words: what, how much with its interval, and in how many of how many. */
export function habit(h: Habit, format: Formats): { what: string; figures: string } {
  const count = `${h.same} of ${h.signed}${h.told > 0 ? `, ${h.told} of them in words` : ''}`
  const half = h.low != null && h.high != null ? (h.high - h.low) / 2 : undefined
  switch (h.kind) {
    case 'LENGTH': {
      const percent = (Math.exp(h.mean) - 1) * 100
      const plusMinus =
        h.low != null && h.high != null ? ((Math.exp(h.high) - Math.exp(h.low)) / 2) * 100 : undefined
      return {
        what: `${upperFirst(h.part)} ${h.mean < 0 ? 'short' : 'long'}`,
        figures: `${signed(percent, format)} %${between(plusMinus, format)}, ${count}`,
      }
    }
    case 'TILT':
      return {
        what: `${upperFirst(h.part)} ${h.mean < 0 ? 'tilted too little' : 'tilted too much'}`,
        figures: `${signed(h.mean, format, 1)}°${between(half, format)}, ${count}`,
      }
    case 'LEAN':
      return {
        what: `The whole leans ${h.mean < 0 ? 'too little' : 'too much'}`,
        figures: `${signed(h.mean, format, 1)}°${between(half, format)}, ${count}`,
      }
    case 'TILT_RESPONSE':
      return {
        what: h.mean < 0 ? 'Tilts tamed' : 'Tilts pushed',
        figures: `to ${share(h.mean, format)}${range(h, format)}, ${count}`,
      }
    case 'TAPER':
    case 'AREA': {
      const words =
        h.kind === 'AREA'
          ? h.mean < 0
            ? 'too small'
            : 'too large'
          : h.mean < 0
            ? 'narrows too much'
            : 'narrows too little'
      return {
        what: `${upperFirst(h.part)} ${words}`,
        figures: `${signed((Math.exp(h.mean) - 1) * 100, format)} %, ${count}`,
      }
    }
    case 'DEPTH':
      return {
        what: `${upperFirst(h.part)}: foreshortening ${h.mean < 0 ? 'tamed' : 'pushed'}`,
        figures: `to ${share(h.mean, format)}${range(h, format)}, ${count}`,
      }
  }
}

const between = (half: number | undefined, format: Formats) =>
  half === undefined ? '' : ` ± ${format.number(Math.round(half * 10) / 10)}`

const share = (less1: number, format: Formats) => format.percent(1 + less1)

const range = (h: Habit, format: Formats) =>
  h.low != null && h.high != null ? ` (${share(h.low, format)} to ${share(h.high, format)})` : ''

/** How much may be said of a habit. */
export const STANDING: Record<Habit['standing'], string> = {
  HOLDS: 'holds',
  MAY_BE_CHANCE: 'may be chance',
  TOO_FEW: 'too few yet',
}

/** What became of an aim. */
export const RESULT: Record<'GONE' | 'LESS' | 'SAME', string> = {
  GONE: 'gone',
  LESS: 'less than before',
  SAME: 'the same, or too early to say',
}

/** How long one drawing took. */
export const POSE_LENGTHS: Record<Schemas['HabitsView']['lengths'][number], string> = {
  QUICK: 'up to two minutes',
  SHORT: 'two to ten minutes',
  LONG: 'more than ten minutes',
}

const SAID: Record<Schemas['SaidHabitView']['along'], [less: string, more: string]> = {
  LENGTH: ['short', 'long'],
  BREADTH: ['thin', 'broad'],
  SIZE: ['small', 'large'],
  HEIGHT: ['low', 'high'],
  SIDE: ['far left', 'far right'],
  TILT: ['flat', 'tilted'],
}

/** What is told in words: "arm too thin". */
export const said = (part: string, along: keyof typeof SAID, more: boolean) =>
  `${part === '' ? 'the whole' : part} too ${SAID[along][more ? 1 : 0]}`

/** A sitting that practises a habit. */
export const practiceSitting = ({ kind, emphasis }: Schemas['Practice'], title: string) =>
  `/sitting?${new URLSearchParams({ cabinet: kind, emphasis, view: 'ANY', title }).toString()}`

/** What a habit is, in words alone. */
export function habitName({ kind, part, mean }: Pick<Habit, 'kind' | 'part' | 'mean'>): string {
  const little = mean < 0
  switch (kind) {
    case 'LENGTH':
      return `${part} ${little ? 'short' : 'long'}`
    case 'TILT':
      return `${part} tilted too ${little ? 'little' : 'much'}`
    case 'LEAN':
      return `the whole leaning too ${little ? 'little' : 'much'}`
    case 'TILT_RESPONSE':
      return `tilts ${little ? 'tamed' : 'pushed'}`
    case 'TAPER':
      return `${part} narrowing too ${little ? 'much' : 'little'}`
    case 'AREA':
      return `${part} too ${little ? 'small' : 'large'}`
    case 'DEPTH':
      return `${part}: foreshortening ${little ? 'tamed' : 'pushed'}`
  }
}
