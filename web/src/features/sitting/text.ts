import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'

export type Plan = Schemas['SittingPlan']
export type Sitting = Schemas['SittingView']
export type Begun = Schemas['BegunSitting']

export const LADDERS: Record<Plan['kind'], { name: string; line: string }> = {
  OWN: { name: 'Your own rows', line: 'So many of one length, then so many of another.' },
  ALL_QUICK: { name: 'All quick', line: 'One length until the time is over.' },
  CLIMBING: { name: 'Climbing', line: 'From 30 seconds up to ten minutes.' },
  THUMBNAIL_THEN_FINISH: {
    name: 'Thumbnail, then finish',
    line: 'A quarter of each pose small, the rest large.',
  },
  PARTS_ONLY: { name: 'Parts only', line: 'Hands, feet, torso in turn.' },
  ATTEMPT_FIRST: {
    name: 'Own try first',
    line: 'Draw it before the solution is shown, look, draw it once more after it.',
  },
  MEMORY: { name: 'From memory', line: 'Look, hold it in mind, draw it hidden, compare.' },
}

export const DRILLS: Record<Begun['drill'], { name: string; line: string }> = {
  NONE: { name: 'none', line: '' },
  STRAIGHT_LINES: { name: 'straight lines only', line: 'Straight lines only: every curve is a few of them.' },
  SILHOUETTES: { name: 'silhouettes', line: 'The outer shape alone, filled.' },
  JOINTS_AS_DOTS: { name: 'joints as dots', line: 'Dots where the joints are, then join them.' },
  UPSIDE_DOWN: { name: 'upside down', line: 'It stands on its head: draw shapes, not names.' },
  NEGATIVE_SHAPES: { name: 'negative shapes', line: 'Only the shapes between and around.' },
  PEN_WITHOUT_LIFTING: { name: 'pen without lifting', line: 'The pen does not leave the paper.' },
}

/** What is done in a step. */
export const STEPS: Record<Sitting['steps'][number]['kind'], string> = {
  POSE: 'Draw',
  THUMBNAIL: 'Thumbnail',
  FINISH: 'Finish it large',
  LOOK: 'Look, pen down',
  HOLD: 'Hold it in mind',
  RECALL: 'Draw what you saw',
  REVEAL: 'Compare',
  OWN_TRY: 'Draw it your way, the solution hidden',
  AFTER: 'Once more, the solution in view',
  BREAK: 'Rest hand, neck and eyes',
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
    const name = rung.goesOn ? ' more of it' : NAMES[rung.kind]
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
  THUMBNAIL: ' thumbnail',
  FINISH: ' finish',
  LOOK: ' look',
  HOLD: ' hold',
  RECALL: ' draw',
  REVEAL: ' compare',
  OWN_TRY: ' own try',
  AFTER: ' after the solution',
  BREAK: ' rest',
}

/** Energy from 1 on. */
export const ENERGY = ['very low', 'low', 'usual', 'good', 'high']

/** How hard a sitting seems, or was, from 1 on. */
export const HARD = ['not at all', 'a little', 'rather', 'hard', 'very hard']
