import type { Begun, Plan } from './text'

/** A sitting as it is being built; numbers are text until they are read. */
export type Built = {
  subject: string
  exercise: string
  timeOnly: boolean
  source: string
  medium: string
  aim: string
  energy: string
  cue: string
  kind: Plan['kind']
  minutes: string
  count: string
  eachMinutes: string
  parts: string
  drill: Begun['drill']
  references: Begun['references']
  cabinet: NonNullable<Begun['cabinet']>
  foreshortening: NonNullable<Begun['foreshortening']>
  seed: number
}

/** What the address knows, and what is usual. */
export function newSitting(params: URLSearchParams): Built {
  const each = Number(params.get('each') ?? 0)
  const known = each > 0
  const cabinet = params.get('cabinet') as Built['cabinet'] | null
  return {
    subject: params.get('title') ?? params.get('topic') ?? '',
    exercise: params.get('exercise') ?? '',
    timeOnly: params.has('plain'),
    source: params.get('source') ?? '',
    medium: params.get('medium') ?? '',
    aim: '',
    energy: '',
    cue: '',
    kind: known ? 'OWN' : 'CLIMBING',
    minutes: '30',
    count: params.get('count') ?? '10',
    eachMinutes: known ? String(Math.round(each / 0.6) / 100) : '2',
    parts: 'hands, feet, torso',
    drill: 'NONE',
    references: known && !cabinet ? 'NONE' : 'CABINET',
    cabinet: cabinet ?? 'STANDING',
    foreshortening: 'ANY',
    seed: Math.floor(Math.random() * 1e9),
  }
}

const number = (text: string) => Number(text.trim().replace(',', '.'))

/** The ladder that is asked for; nothing while a number cannot be read. */
export function planOf(built: Built): Plan | undefined {
  const minutes = number(built.minutes)
  const each = Math.round(number(built.eachMinutes) * 60)
  const count = number(built.count)
  const eachOk = each >= 5 && each <= 28_800
  if (built.kind === 'OWN') {
    const countOk = Number.isInteger(count) && count >= 1 && count <= 500
    return countOk && eachOk ? { kind: 'OWN', rows: [{ count, seconds: each }] } : undefined
  }
  if (!Number.isInteger(minutes) || minutes < 1 || minutes > 480) {
    return undefined
  }
  const needsEach = built.kind === 'ALL_QUICK' || built.kind === 'PARTS_ONLY'
  if (needsEach && !eachOk) {
    return undefined
  }
  const parts = built.parts
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean)
  return {
    kind: built.kind,
    minutes,
    ...(needsEach ? { secondsEach: each } : {}),
    ...(built.kind === 'PARTS_ONLY' ? { parts } : {}),
  }
}

/** What the server begins. */
export function begun(id: string, built: Built, plan: Plan): Begun {
  const source =
    built.source || (built.kind === 'MEMORY' ? 'memory' : built.references === 'NONE' ? '' : 'photo')
  return {
    id,
    plan,
    title: built.subject.trim(),
    exerciseId: built.exercise || null,
    topic: built.exercise ? null : built.subject.trim(),
    timeOnly: built.timeOnly,
    aim: built.aim,
    energy: built.energy === '' ? null : Number(built.energy),
    cue: built.cue,
    drill: built.drill,
    source: source || null,
    medium: built.medium.trim() || null,
    references: built.references,
    cabinet: built.references === 'CABINET' ? built.cabinet : null,
    foreshortening: built.foreshortening,
    seed: built.seed,
  }
}
