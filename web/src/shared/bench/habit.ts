import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { upperFirst } from '../../ui/text'
import { wording } from './wording'

export type Habit = Schemas['TendencyView']

const signed = (value: number, format: Formats, digits = 0) => {
  const factor = 10 ** digits
  const rounded = Math.round(value * factor) / factor
  return `${rounded < 0 ? '−' : '+'}${format.number(Math.abs(rounded))}`
}

/** A habit in words: what, how much with its interval, and in how many of how many. */
export function habit(h: Habit, format: Formats): { what: string; figures: string } {
  const count = wording.sameOfSigned({
    same: h.same,
    signed: h.signed,
    inWords: h.told > 0 ? wording.toldOfThemInWords({ told: h.told }) : '',
  })
  const half = h.low != null && h.high != null ? (h.high - h.low) / 2 : undefined
  switch (h.kind) {
    case 'LENGTH': {
      const percent = (Math.exp(h.mean) - 1) * 100
      const plusMinus =
        h.low != null && h.high != null ? ((Math.exp(h.high) - Math.exp(h.low)) / 2) * 100 : undefined
      return {
        what:
          h.mean < 0
            ? wording.partShort({ part: upperFirst(h.part) })
            : wording.partLong({ part: upperFirst(h.part) }),
        figures: `${signed(percent, format)} %${between(plusMinus, format)}, ${count}`,
      }
    }
    case 'TILT':
      return {
        what: `${upperFirst(h.part)} ${h.mean < 0 ? wording.tiltedTooLittle() : wording.tiltedTooMuch()}`,
        figures: `${signed(h.mean, format, 1)}°${between(half, format)}, ${count}`,
      }
    case 'LEAN':
      return {
        what: wording.theWholeLeansMean({ mean: h.mean < 0 }),
        figures: `${signed(h.mean, format, 1)}°${between(half, format)}, ${count}`,
      }
    case 'TILT_RESPONSE':
      return {
        what: upperFirst(h.mean < 0 ? wording.tiltsTamed() : wording.tiltsPushed()),
        figures: wording.toMeanHCount({ mean: share(h.mean, format), range: range(h, format), count }),
      }
    case 'TAPER':
    case 'AREA': {
      const words =
        h.kind === 'AREA'
          ? h.mean < 0
            ? wording.tooSmall()
            : wording.tooLarge()
          : h.mean < 0
            ? wording.narrowsTooMuch()
            : wording.narrowsTooLittle()
      return {
        what: `${upperFirst(h.part)} ${words}`,
        figures: `${signed((Math.exp(h.mean) - 1) * 100, format)} %, ${count}`,
      }
    }
    case 'DEPTH':
      return {
        what: wording.partForeshorteningMean({ part: upperFirst(h.part), mean: h.mean < 0 }),
        figures: wording.toMeanHCount({ mean: share(h.mean, format), range: range(h, format), count }),
      }
  }
}

const between = (half: number | undefined, format: Formats) =>
  half === undefined ? '' : ` ± ${format.number(Math.round(half * 10) / 10)}`

const share = (less1: number, format: Formats) => format.percent(1 + less1)

const range = (h: Habit, format: Formats) =>
  h.low != null && h.high != null
    ? wording.lowToHigh({ low: share(h.low, format), high: share(h.high, format) })
    : ''

/** How much may be said of a habit. */
export const STANDING: Record<Habit['standing'], string> = {
  HOLDS: wording.holds(),
  MAY_BE_CHANCE: wording.mayBeChance(),
  TOO_FEW: wording.tooFewYet(),
}

/** What became of an aim. */
export const RESULT: Record<'GONE' | 'LESS' | 'SAME', string> = {
  GONE: wording.gone(),
  LESS: wording.lessThanBefore(),
  SAME: wording.theSameOrTooEarlyTo(),
}

/** How long one drawing took. */
export const POSE_LENGTHS: Record<Schemas['HabitsView']['lengths'][number], string> = {
  QUICK: wording.upToTwoMinutes(),
  SHORT: wording.twoToTenMinutes(),
  LONG: wording.moreThanTenMinutes(),
}

const SAID: Record<Schemas['SaidHabitView']['along'], [less: string, more: string]> = {
  LENGTH: ['short', 'long'],
  BREADTH: ['thin', 'broad'],
  SIZE: ['small', 'large'],
  HEIGHT: ['low', 'high'],
  SIDE: [wording.farLeft(), wording.farRight()],
  TILT: ['flat', 'tilted'],
}

/** What is told in words: "arm too thin". */
export const said = (part: string, along: keyof typeof SAID, more: boolean) =>
  wording.partTooMuch({ part: part === '' ? wording.theWhole() : part, how: SAID[along][more ? 1 : 0] })

/** A sitting that practises a habit. */
export const practiceSitting = ({ kind, emphasis }: Schemas['Practice'], title: string) =>
  `/sitting?${new URLSearchParams({ cabinet: kind, emphasis, view: 'ANY', title }).toString()}`

/** What a habit is, in words alone. */
export function habitName({ kind, part, mean }: Pick<Habit, 'kind' | 'part' | 'mean'>): string {
  const little = mean < 0
  switch (kind) {
    case 'LENGTH':
      return little ? wording.partShort({ part }) : wording.partLong({ part })
    case 'TILT':
      return wording.partTiltedTooLittle({ part, little })
    case 'LEAN':
      return wording.theWholeLeaningTooLittle({ little })
    case 'TILT_RESPONSE':
      return little ? wording.tiltsTamed() : wording.tiltsPushed()
    case 'TAPER':
      return wording.partNarrowingTooLittle({ part, little })
    case 'AREA':
      return little ? wording.partTooSmall({ part }) : wording.partTooLarge({ part })
    case 'DEPTH':
      return wording.partForeshorteningLittle({ part, little })
  }
}
