import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { wording } from './wording'

export type Plan = Schemas['SittingPlan']
export type Sitting = Schemas['SittingView']
export type Begun = Schemas['BegunSitting']

export const LADDERS: Record<Plan['kind'], { name: string; line: string }> = {
  OWN: { name: wording.yourOwnRows(), line: wording.soManyOfOneLengthThen() },
  ALL_QUICK: { name: wording.allQuick(), line: wording.oneLengthUntilTheTimeIs() },
  CLIMBING: { name: wording.climbing(), line: wording.from30SecondsUpToTen() },
  THUMBNAIL_THEN_FINISH: {
    name: wording.thumbnailThenFinish(),
    line: wording.aQuarterOfEachPoseSmall(),
  },
  PARTS_ONLY: { name: wording.partsOnly(), line: wording.handsFeetTorsoInTurn() },
  ATTEMPT_FIRST: {
    name: wording.ownTryFirst(),
    line: wording.drawItBeforeTheSolutionIs(),
  },
  MEMORY: { name: wording.fromMemory(), line: wording.lookHoldItInMindDraw() },
}

export const DRILLS: Record<Begun['drill'], { name: string; line: string }> = {
  NONE: { name: wording.none(), line: '' },
  STRAIGHT_LINES: { name: wording.straightLinesOnly(), line: wording.straightLinesOnlyEveryCurveIs() },
  SILHOUETTES: { name: wording.silhouettes(), line: wording.theOuterShapeAloneFilled() },
  JOINTS_AS_DOTS: { name: wording.jointsAsDots(), line: wording.dotsWhereTheJointsAreThen() },
  UPSIDE_DOWN: { name: wording.upsideDown(), line: wording.itStandsOnItsHeadDraw() },
  NEGATIVE_SHAPES: { name: wording.negativeShapes(), line: wording.onlyTheShapesBetweenAndAround() },
  PEN_WITHOUT_LIFTING: { name: wording.penWithoutLifting(), line: wording.thePenDoesNotLeaveThe() },
}

/** What is done in a step. */
export const STEPS: Record<Sitting['steps'][number]['kind'], string> = {
  POSE: wording.draw(),
  THUMBNAIL: wording.thumbnail(),
  FINISH: wording.finishItLarge(),
  LOOK: wording.lookPenDown(),
  HOLD: wording.holdItInMind(),
  RECALL: wording.drawWhatYouSaw(),
  REVEAL: wording.compare(),
  OWN_TRY: wording.drawItYourWayTheSolution(),
  AFTER: wording.onceMoreTheSolutionInView(),
  BREAK: wording.restHandNeckAndEyes(),
}

/** "1:30". */
export function clock(millis: number): string {
  const seconds = Math.max(0, Math.ceil(millis / 1000))
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`
}

/** "26 × 1.5 min, then 5 min rest, …" with equal steps together. */
export function rungs(ladder: Schemas['LadderView'], format: Formats): string {
  const groups: { name: string; part: string; seconds: number; count: number }[] = []
  for (const rung of ladder.rungs) {
    const last = groups.at(-1)
    const part = groups.length > 0 && rung.part ? 'parts' : rung.part && 'parts'
    const name = rung.goesOn ? wording.moreOfIt() : NAMES[rung.kind]
    if (last && last.name === name && last.seconds === rung.seconds && last.part === part) {
      last.count++
    } else {
      groups.push({ name, part, seconds: rung.seconds, count: 1 })
    }
  }
  const said = groups.map((g) => `${g.count > 1 ? `${g.count} × ` : ''}${format.each(g.seconds)}${g.name}`)
  return said.length > 14 ? `${said.slice(0, 14).join(', ')} …` : said.join(', ')
}

const NAMES: Record<Schemas['Rung']['kind'], string> = {
  POSE: '',
  THUMBNAIL: wording.thumbnail2(),
  FINISH: wording.finish(),
  LOOK: wording.look(),
  HOLD: wording.hold(),
  RECALL: wording.draw2(),
  REVEAL: wording.compare2(),
  OWN_TRY: wording.ownTry(),
  AFTER: wording.afterTheSolution(),
  BREAK: wording.rest(),
}

/** Energy from 1 on. */
export const ENERGY = [wording.veryLow(), wording.low(), wording.usual(), wording.good(), wording.high()]

/** How hard a sitting seems, or was, from 1 on. */
export const HARD = [
  wording.notAtAll(),
  wording.aLittle(),
  wording.rather(),
  wording.hard(),
  wording.veryHard(),
]
