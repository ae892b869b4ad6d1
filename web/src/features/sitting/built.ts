import { BOUNDS } from '../../api/generated/bounds'
import { listed } from '../../ui/lists'
import type { Formats } from '../../ui/locale'
import { readWithin, type NumberKind } from '../../ui/NumberField'
import type { Begun, Plan } from './text'
import { wording } from './wording'

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
  /** What is learned from, and which of its units. */
  resource: string
  unit: NonNullable<Begun['unit']> | undefined
  unitFrom: number | undefined
  /** Where each drawing fills a page: the first one; nothing where pages are not told. */
  page: string | undefined
  aim: string
  energy: string
  dread: string
  cue: string
  where: string
  kind: Plan['kind']
  minutes: string
  eachMinutes: string
  rows: Row[]
  parts: string
  drill: Begun['drill']
  references: Begun['references']
  /** The set of references; nothing for none. */
  referenceSet: string
  cabinet: NonNullable<Begun['cabinet']>
  emphasis: NonNullable<Begun['emphasis']>
  view: NonNullable<Begun['view']>
  seed: number
}

/** A prompt of a list, and the topic it is drawn under. */
type Prompt = { id: string; topic: string }

/** So many drawings of one length, as typed. */
export type Row = { count: string; each: string }

const MOST_ROWS = 40

const minutesOf = (seconds: number, format: Formats) => format.writeNumber(Math.round(seconds / 0.6) / 100)

/** Whether a sitting is begun of itself: its address tells no length. */
export const isFree = (params: URLSearchParams) =>
  !(Number(params.get('each') ?? 0) > 0) && !params.has('attempt')

/** The sitting before, all but its subject, with what the address knows. */
export function likeLast(last: Begun, params: URLSearchParams, format: Formats): Built {
  const usual = newSitting(params, format)
  const { plan } = last
  const eachMinutes = plan.secondsEach == null ? usual.eachMinutes : minutesOf(plan.secondsEach, format)
  return {
    ...usual,
    kind: plan.kind,
    minutes: plan.minutes == null ? usual.minutes : String(plan.minutes),
    eachMinutes,
    rows:
      plan.rows?.map((row) => ({ count: String(row.count), each: minutesOf(row.seconds, format) })) ??
      usual.rows,
    parts: plan.parts?.join(', ') ?? usual.parts,
    drill: last.drill,
    medium: usual.medium || (last.medium ?? ''),
    book: usual.book || (last.book ?? ''),
    references: params.has('cabinet') ? usual.references : last.references,
    cabinet: params.has('cabinet') ? usual.cabinet : (last.cabinet ?? usual.cabinet),
    emphasis: params.has('cabinet') ? usual.emphasis : (last.emphasis ?? usual.emphasis),
    view: params.has('cabinet') ? usual.view : (last.view ?? usual.view),
  }
}

/** What the address knows, and what is usual. */
export function newSitting(params: URLSearchParams, format: Formats): Built {
  const each = Number(params.get('each') ?? 0)
  const known = !isFree(params)
  const eachMinutes = each > 0 ? minutesOf(each, format) : '2'
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
    resource: params.get('resource') ?? '',
    unit: (params.get('unit') as Built['unit'] | null) ?? undefined,
    unitFrom: Number(params.get('from')) || undefined,
    page: params.get('page') ?? undefined,
    aim: params.get('aim') ?? '',
    energy: '',
    dread: '',
    cue: '',
    where: '',
    kind: params.has('attempt') ? 'ATTEMPT_FIRST' : known ? 'OWN' : 'CLIMBING',
    minutes: '30',
    eachMinutes,
    rows: [{ count: params.get('count') ?? '10', each: eachMinutes }],
    parts: wording.handsFeetTorso(),
    drill: 'NONE',
    references:
      params.has('set') && !cabinet
        ? 'FOLDER'
        : (known || params.has('attempt')) && !cabinet
          ? 'NONE'
          : 'CABINET',
    cabinet: cabinet ?? 'STANDING',
    emphasis: (params.get('emphasis') as Built['emphasis'] | null) ?? 'ANY',
    view: (params.get('view') as Built['view'] | null) ?? 'ANY',
    referenceSet: params.get('set') ?? '',
    seed: Number(params.get('seed') ?? Math.floor(Math.random() * 1e9)),
  }
}

const { minutes: WHOLE, secondsEach: SECONDS } = BOUNDS.SittingPlan

/** What the numbers of a sitting may be. */
export const NUMBERS = {
  minutes: WHOLE,
  each: { min: SECONDS.min / 60, max: SECONDS.max / 60, decimals: true },
  count: BOUNDS.PoseRow.count,
  page: BOUNDS.BegunSitting.page,
} satisfies Record<string, NumberKind>

const read = (text: string, of: keyof typeof NUMBERS, format: Formats) =>
  readWithin(text, NUMBERS[of], format)

const seconds = (minutes: number) => Math.max(SECONDS.min, Math.round(minutes * 60))

/** The first page; nothing while it is not told or cannot be read. */
export const pageOf = (built: Built, format: Formats) =>
  built.page === undefined ? undefined : read(built.page, 'page', format)

/** One more row, half as many and twice as long as the last; the same rows once there are enough. */
export function longer(rows: Row[], format: Formats): Row[] {
  const last = rows.at(-1)
  if (!last || rows.length >= MOST_ROWS) {
    return rows
  }
  const count = format.writeNumber(Math.max(1, Math.floor((read(last.count, 'count', format) ?? 2) / 2)))
  const each = read(last.each, 'each', format)
  return [
    ...rows,
    {
      count,
      each: each === undefined ? last.each : format.writeNumber(Math.min(NUMBERS.each.max, each * 2)),
    },
  ]
}

/** Whether a kind of ladder asks for the length of a pose. */
export const asksEach = (kind: Plan['kind']) => kind === 'ALL_QUICK' || kind === 'PARTS_ONLY'

/** The ladder that is asked for; nothing while a number cannot be read. */
export function planOf(built: Built, format: Formats): Plan | undefined {
  const { kind } = built
  if (kind === 'OWN') {
    const rows = built.rows.map((row) => ({
      count: read(row.count, 'count', format),
      each: read(row.each, 'each', format),
    }))
    return rows.some((row) => row.count === undefined || row.each === undefined)
      ? undefined
      : { kind, rows: rows.map((row) => ({ count: row.count ?? 1, seconds: seconds(row.each ?? 1) })) }
  }
  const minutes = read(built.minutes, 'minutes', format)
  const each = read(built.eachMinutes, 'each', format)
  if (minutes === undefined || (asksEach(kind) && each === undefined)) {
    return undefined
  }
  return {
    kind,
    minutes,
    ...(asksEach(kind) && each !== undefined ? { secondsEach: seconds(each) } : {}),
    ...(kind === 'PARTS_ONLY' ? { parts: listed(built.parts) } : {}),
  }
}

/** What the server begins. */
export function begun(id: string, built: Built, plan: Plan, format: Formats): Begun {
  const source =
    built.source ||
    (built.kind === 'MEMORY'
      ? 'memory'
      : built.kind === 'ATTEMPT_FIRST'
        ? wording.lessonAlong()
        : built.references === 'NONE'
          ? ''
          : 'photo')
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
    dread: built.dread === '' ? null : Number(built.dread),
    cue: built.cue,
    where: built.where.trim() || null,
    drill: built.drill,
    source: source || null,
    medium: built.medium.trim() || null,
    book: built.book.trim() || null,
    resource: built.resource.trim() || null,
    unit: built.resource.trim() ? (built.unit ?? null) : null,
    unitFrom: built.resource.trim() && built.unit ? (built.unitFrom ?? null) : null,
    page: pageOf(built, format) ?? null,
    references: built.references,
    referenceSet: built.references === 'NONE' ? null : built.referenceSet || null,
    cabinet: built.references === 'CABINET' ? built.cabinet : null,
    emphasis: built.emphasis,
    view: built.view,
    seed: built.seed,
  }
}
