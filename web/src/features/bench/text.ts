import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { upperFirst } from '../../ui/text'

export type Comparison = Schemas['ComparisonView']
export type Told = Schemas['ComparisonFields']
export type Place = Schemas['LandmarkPlace']
export type Finding = Schemas['FindingView']
export type Held = NonNullable<Comparison['held']>

/** Whether a landmark is placed. */
export const has = (places: Place[], name: string) => places.some((p) => p.name === name)

/** How an attempt came about. */
export const WAYS: Record<Told['way'], string> = {
  UNAIDED: 'unaided, first impression',
  GUIDED: 'with my own guidelines',
  CORRECTED: 'guidelines corrected after the reference',
  TRACED: 'traced',
  MEMORY: 'from memory',
  OWN: 'own try before the solution',
  AFTER: 'after the solution',
}

const degrees = (value: number, format: Formats) => `${format.number(Math.round(Math.abs(value)))}°`

/** Below this tilt, in degrees, more or less of it says little. */
const UPRIGHT = 5

/** Too little, too much, or the other way, of something that has a side. */
export function measure(truth: number, yours: number): 'too little' | 'too much' | 'the other way' {
  if (Math.abs(yours) >= 0.5 && Math.abs(truth) >= 0.5 && Math.sign(yours) !== Math.sign(truth)) {
    return 'the other way'
  }
  return Math.abs(yours) < Math.abs(truth) ? 'too little' : 'too much'
}

const named = (subject: string) => upperFirst(subject)

/** A finding in two pieces: what to do about, and the figures. */
export function finding({ kind, subject, truth, yours }: Finding, format: Formats): [string, string] {
  switch (kind) {
    case 'LEAN':
      return Math.abs(truth) < 0.05
        ? [`The whole is turned ${yours > 0 ? 'clockwise' : 'anticlockwise'}.`, degrees(yours, format)]
        : [
            `The whole leans ${measure(truth, yours)}.`,
            `Yours ${degrees(yours, format)} from the plumb line, true ${degrees(truth, format)}.`,
          ]
    case 'TILT':
      if (Math.abs(truth) < UPRIGHT) {
        return [
          `${named(subject)}: turned ${degrees(yours - truth, format)} ${yours > truth ? 'clockwise' : 'anticlockwise'}.`,
          `It lies ${Math.abs(truth) < 0.5 ? 'plumb or level' : `${degrees(truth, format)} from plumb or level`}.`,
        ]
      }
      return [
        `${named(subject)}: tilts ${measure(truth, yours)}.`,
        `Yours ${degrees(yours, format)}, true ${degrees(truth, format)}.`,
      ]
    case 'LENGTH':
      return [
        `${named(subject)} ${format.percent(Math.abs(yours - 1))} ${yours < 1 ? 'short' : 'long'},`,
        'measured against the rest.',
      ]
    case 'PLACE':
      return [
        `${named(subject)} lies aside.`,
        `${format.percent(yours)} of the whole size from its place, though every part is right.`,
      ]
  }
}

/** Two landmarks that should share a line, and how the attempt has them. */
export function lineUp({ one, other, plumb, off }: Schemas['LineUp'], format: Formats, kept = false) {
  const truth = plumb
    ? `${upperFirst(one)} stands over ${other}`
    : `${upperFirst(one)} and ${other} are level`
  if (kept) {
    return `${truth}; yours too.`
  }
  const way = plumb ? (off < 0 ? 'to the left' : 'to the right') : off < 0 ? 'higher' : 'lower'
  return plumb
    ? `${truth}; in yours it is ${format.percent(Math.abs(off))} ${way}.`
    : `${truth}; in yours the first is ${format.percent(Math.abs(off))} ${way}.`
}

/** What is to be said where left and right, or the whole, are the wrong way round. */
export const SIDE_WORDS: Record<Held['sides']['verdict'], string> = {
  TRUE: '',
  UNKNOWN: 'The landmarks lie on one line, so it cannot be told whether the drawing is mirrored.',
  EXCHANGED: 'It fits when left and right are exchanged: were the landmarks placed on the other side?',
  MIRRORED: 'It fits when it is seen in a mirror: is the picture mirrored?',
  EITHER:
    'It fits when left and right are exchanged, and as well in a mirror. Which is it: the names or the picture?',
}

/** A new comparison. */
export const newTold = (
  title: string,
  template: string,
  reference: Told['reference'],
  attempt: string | null,
): Told => ({
  title,
  template,
  reference,
  attempt,
  way: 'UNAIDED',
  pushed: false,
  plumb: null,
  truth: [],
  drawn: [],
  invented: [],
  hidden: [],
  refused: [],
  notes: [],
})

const WHAT: Record<Finding['kind'], string> = {
  LEAN: 'the lean of the whole',
  TILT: 'tilt',
  LENGTH: 'length',
  PLACE: 'place',
}

const BECAME: [Schemas['ChangedFinding']['became'], string][] = [
  ['GONE', 'right now'],
  ['LESS', 'less off'],
  ['MORE', 'more off'],
  ['NEW', 'newly off'],
]

/** What became of differences since the try before: how many of each, and which; empty where nothing did. */
export const changed = (changes: Schemas['ChangedFinding'][]): { count: string; which: string }[] =>
  BECAME.flatMap(([became, words]) => {
    const these = changes.filter((c) => c.became === became).map((c) => c.finding)
    const names = these.map((f) => (f.kind === 'LEAN' ? WHAT.LEAN : `${f.subject} (${WHAT[f.kind]})`))
    return names.length > 0
      ? [{ count: `${names.length} ${words}`, which: `${upperFirst(words)}: ${names.join(', ')}.` }]
      : []
  })
