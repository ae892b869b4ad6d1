import type { Begun, Plan } from './text'

/** A sitting as it is being built; numbers are text until they are read. */
export type Built = {
  subject: string
  exercise: string
  prompt: Prompt | undefined
  timeOnly: boolean
  free: boolean
  source: string
  medium: string
  book: string
  /** Where each drawing fills a page: the first one; nothing where pages are not told. */
  page: string | undefined
  aim: string
  energy: string
  cue: string
  kind: Plan['kind']
  minutes: string
  eachMinutes: string
  rows: Row[]
  parts: string
  drill: Begun['drill']
  references: Begun['references']
  cabinet: NonNullable<Begun['cabinet']>
  foreshortening: NonNullable<Begun['foreshortening']>
  seed: number
}

/** A prompt of a list, and the topic it is drawn under. */
type Prompt = { id: string; topic: string }

/** A sitting that is being built while one looks into the cabinet: its address. */
export type UnderWay = { search: string }

/** What is typed of a sitting is kept under its address. */
export const keptAs = (search: string) => `sitting:${search}`

/** So many drawings of one length, as typed. */
export type Row = { count: string; each: string }

const MOST_ROWS = 40

const minutesOf = (seconds: number) => String(Math.round(seconds / 0.6) / 100)

/** Whether a sitting is begun of itself: its address tells no length. */
export const isFree = (params: URLSearchParams) => !(Number(params.get('each') ?? 0) > 0)

/** The sitting before, all but its subject, with what the address knows. */
export function likeLast(last: Begun, params: URLSearchParams): Built {
  const usual = newSitting(params)
  const { plan } = last
  const eachMinutes = plan.secondsEach == null ? usual.eachMinutes : minutesOf(plan.secondsEach)
  return {
    ...usual,
    kind: plan.kind,
    minutes: plan.minutes == null ? usual.minutes : String(plan.minutes),
    eachMinutes,
    rows: plan.rows?.map((row) => ({ count: String(row.count), each: minutesOf(row.seconds) })) ?? usual.rows,
    parts: plan.parts?.join(', ') ?? usual.parts,
    drill: last.drill,
    medium: usual.medium || (last.medium ?? ''),
    book: usual.book || (last.book ?? ''),
    references: params.has('cabinet') ? usual.references : last.references,
    cabinet: params.has('cabinet') ? usual.cabinet : (last.cabinet ?? usual.cabinet),
    foreshortening: params.has('cabinet')
      ? usual.foreshortening
      : (last.foreshortening ?? usual.foreshortening),
  }
}

/** What the address knows, and what is usual. */
export function newSitting(params: URLSearchParams): Built {
  const each = Number(params.get('each') ?? 0)
  const known = !isFree(params)
  const eachMinutes = known ? minutesOf(each) : '2'
  const cabinet = params.get('cabinet') as Built['cabinet'] | null
  const title = params.get('title') ?? ''
  const topic = params.get('topic') ?? title
  const prompt = params.get('prompt')
  return {
    // Of a share the exercise tells what counts; of a promise its topic does, whatever it is called.
    subject: params.has('exercise') || prompt ? title : topic,
    exercise: params.get('exercise') ?? '',
    prompt: prompt ? { id: prompt, topic } : undefined,
    timeOnly: params.has('plain'),
    free: !known,
    source: params.get('source') ?? '',
    medium: params.get('medium') ?? '',
    book: params.get('book') ?? '',
    page: params.get('page') ?? undefined,
    aim: '',
    energy: '',
    cue: '',
    kind: known ? 'OWN' : 'CLIMBING',
    minutes: '30',
    eachMinutes,
    rows: [{ count: params.get('count') ?? '10', each: eachMinutes }],
    parts: 'hands, feet, torso',
    drill: 'NONE',
    references: known && !cabinet ? 'NONE' : 'CABINET',
    cabinet: cabinet ?? 'STANDING',
    foreshortening: (params.get('foreshortening') as Built['foreshortening'] | null) ?? 'ANY',
    seed: Number(params.get('seed') ?? Math.floor(Math.random() * 1e9)),
  }
}

const number = (text: string) => Number(text.trim().replace(',', '.'))

const seconds = (minutes: string) => Math.round(number(minutes) * 60)

/** What is wrong with the minutes of a pose; nothing while they can be drawn. */
export function eachError(minutes: string): string | undefined {
  const each = seconds(minutes)
  return each >= 5 && each <= 28_800 ? undefined : `Minutes from 0.1 to 480, not “${minutes}”.`
}

/** What is wrong with a whole number; nothing while it lies within its bounds. */
function wholeError(typed: string, most: number): string | undefined {
  const value = number(typed)
  const good = typed.trim() !== '' && Number.isInteger(value) && value >= 1 && value <= most
  return good ? undefined : `A whole number from 1 to ${most}, not “${typed}”.`
}

export const minutesError = (minutes: string) => wholeError(minutes, 480)
export const pageError = (page: string) => wholeError(page, 9999)
export const countError = (count: string) => wholeError(count, 500)

/** One more row, half as many and twice as long as the last; the same rows once there are enough. */
export function longer(rows: Row[]): Row[] {
  const last = rows.at(-1)
  if (!last || rows.length >= MOST_ROWS) {
    return rows
  }
  const count = String(Math.max(1, Math.floor(number(last.count) / 2) || 1))
  const each = eachError(last.each) ? last.each : String(Math.min(480, number(last.each) * 2))
  return [...rows, { count, each }]
}

/** Whether a kind of ladder asks for the length of a pose. */
export const asksEach = (kind: Plan['kind']) => kind === 'ALL_QUICK' || kind === 'PARTS_ONLY'

/** The ladder that is asked for; nothing while a number cannot be read. */
export function planOf(built: Built): Plan | undefined {
  const { kind, rows } = built
  if (kind === 'OWN') {
    return rows.some((row) => countError(row.count) ?? eachError(row.each))
      ? undefined
      : { kind, rows: rows.map((row) => ({ count: number(row.count), seconds: seconds(row.each) })) }
  }
  if (minutesError(built.minutes) ?? (asksEach(kind) ? eachError(built.eachMinutes) : undefined)) {
    return undefined
  }
  const parts = built.parts
    .split(',')
    .map((part) => part.trim())
    .filter(Boolean)
  return {
    kind,
    minutes: number(built.minutes),
    ...(asksEach(kind) ? { secondsEach: seconds(built.eachMinutes) } : {}),
    ...(kind === 'PARTS_ONLY' ? { parts } : {}),
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
    topic: built.exercise ? null : (built.prompt?.topic ?? built.subject.trim()),
    promptId: built.prompt?.id ?? null,
    timeOnly: built.timeOnly,
    free: built.free,
    aim: built.aim,
    energy: built.energy === '' ? null : Number(built.energy),
    cue: built.cue,
    drill: built.drill,
    source: source || null,
    medium: built.medium.trim() || null,
    book: built.book.trim() || null,
    page: built.page === undefined ? null : number(built.page),
    references: built.references,
    cabinet: built.references === 'CABINET' ? built.cabinet : null,
    foreshortening: built.foreshortening,
    seed: built.seed,
  }
}
