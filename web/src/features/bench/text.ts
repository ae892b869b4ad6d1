import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { upperFirst } from '../../ui/text'
import { wording } from './wording'

export type Comparison = Schemas['ComparisonView']
export type Told = Schemas['ComparisonFields']
export type Place = Schemas['LandmarkPlace']
export type Finding = Schemas['FindingView']
export type Held = NonNullable<Comparison['held']>

/** Whether a landmark is placed. */
export const has = (places: Place[], name: string) => places.some((p) => p.name === name)

/** How an attempt came about. */
export const WAYS: Record<Told['way'], string> = {
  UNAIDED: wording.unaidedFirstImpression(),
  GUIDED: wording.withMyOwnGuidelines(),
  CORRECTED: wording.guidelinesCorrectedAfterTheReference(),
  TRACED: wording.traced(),
  MEMORY: wording.fromMemory(),
  OWN: wording.ownTryBeforeTheSolution(),
  AFTER: wording.afterTheSolution(),
}

const degrees = (value: number, format: Formats) => `${format.number(Math.round(Math.abs(value)))}°`

/** Below this tilt, in degrees, more or less of it says little. */
const UPRIGHT = 5

/** Too little, too much, or the other way, of something that has a side. */
export function measure(truth: number, yours: number): string {
  if (Math.abs(yours) >= 0.5 && Math.abs(truth) >= 0.5 && Math.sign(yours) !== Math.sign(truth)) {
    return wording.theOtherWay()
  }
  return Math.abs(yours) < Math.abs(truth) ? wording.tooLittle() : wording.tooMuch()
}

const named = (subject: string) => upperFirst(subject)

/** A finding in two pieces: what to do about, and the figures. */
export function finding({ kind, subject, truth, yours }: Finding, format: Formats): [string, string] {
  switch (kind) {
    case 'LEAN':
      return Math.abs(truth) < 0.05
        ? [wording.theWholeIsTurnedYours({ yours: yours > 0 }), degrees(yours, format)]
        : [
            wording.theWholeLeansTruth({ truth: measure(truth, yours) }),
            wording.yoursYoursFromThePlumbLine({
              yours: degrees(yours, format),
              truth: degrees(truth, format),
            }),
          ]
    case 'TILT':
      if (Math.abs(truth) < UPRIGHT) {
        return [
          wording.subjectTurnedYoursYours2({
            subject: named(subject),
            yours: degrees(yours - truth, format),
            yours2: yours > truth,
          }),
          wording.itLiesTruth({
            truth:
              Math.abs(truth) < 0.5
                ? wording.plumbOrLevel()
                : wording.truthFromPlumbOrLevel({ truth: degrees(truth, format) }),
          }),
        ]
      }
      return [
        wording.subjectTiltsTruth({ subject: named(subject), truth: measure(truth, yours) }),
        wording.yoursYoursTrueTruth({ yours: degrees(yours, format), truth: degrees(truth, format) }),
      ]
    case 'LENGTH':
      return [
        `${named(subject)} ${format.percent(Math.abs(yours - 1))} ${yours < 1 ? 'short' : 'long'},`,
        wording.measuredAgainstTheRest(),
      ]
    case 'PLACE':
      return [
        wording.subjectLiesAside({ subject: named(subject) }),
        wording.yoursOfTheWholeSizeFrom({ yours: format.percent(yours) }),
      ]
  }
}

/** Two landmarks that should share a line, and how the attempt has them. */
export function lineUp({ one, other, plumb, off }: Schemas['LineUp'], format: Formats, kept = false) {
  const truth = plumb
    ? wording.oneStandsOverOther({ one: upperFirst(one), other })
    : wording.oneAndOtherAreLevel({ one: upperFirst(one), other })
  if (kept) {
    return wording.truthYoursToo({ truth })
  }
  const way = plumb ? (off < 0 ? wording.toTheLeft() : wording.toTheRight()) : off < 0 ? 'higher' : 'lower'
  return plumb
    ? wording.truthInYoursItIsOff({ truth, off: format.percent(Math.abs(off)), way })
    : wording.truthInYoursTheFirstIs({ truth, off: format.percent(Math.abs(off)), way })
}

/** What is to be said where left and right, or the whole, are the wrong way round. */
export const SIDE_WORDS: Record<Held['sides']['verdict'], string> = {
  TRUE: '',
  UNKNOWN: wording.theLandmarksLieOnOneLine(),
  EXCHANGED: wording.itFitsWhenLeftAndRight(),
  MIRRORED: wording.itFitsWhenItIsSeen(),
  EITHER: wording.itFitsWhenLeftAndRight2(),
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
  LEAN: wording.theLeanOfTheWhole(),
  TILT: wording.tilt(),
  LENGTH: wording.length(),
  PLACE: wording.place(),
}

const BECAME: [Schemas['ChangedFinding']['became'], string][] = [
  ['GONE', wording.rightNow()],
  ['LESS', wording.lessOff()],
  ['MORE', wording.moreOff()],
  ['NEW', wording.newlyOff()],
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
