import type { Schemas } from '../../api/client'
import { aimWords } from '../../shared/bench/aim'
import { habitName } from '../../shared/bench/habit'
import { WEEKDAYS } from '../../shared/weekdays'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import { upperFirst } from '../../ui/text'

export type Review = Schemas['ReviewView']
export type Offer = Schemas['ToldOffer']

const UP_TO_FOUR = ['no', 'one', 'two', 'three', 'four']

/** A week by its place in the course, else by its dates. */
export const weekTitle = (review: Pick<Review, 'course' | 'isoWeek'>) =>
  review.course
    ? `${review.course.week == null ? '' : `Week ${review.course.week}: `}${review.course.weekTitle}`
    : `Calendar week ${review.isoWeek}`

/** A class of lengths in words: "20-40", "90-". */
export function sittingLength(name: string): string {
  const [from, to] = name.split('-')
  return to ? (from === '0' ? `up to ${to} min` : `${from} to ${to} min`) : `over ${from} min`
}

/** A class of hours in words: "09-12". */
export function hours(name: string): string {
  const [from, to] = name.split('-').map(Number)
  return from === 0
    ? `before ${to} o’clock`
    : to === 24
      ? `after ${from} o’clock`
      : `${from} to ${to} o’clock`
}

/** An offered change in two pieces: what it does, and what it follows from. */
export function offer(o: Offer, format: Formats): [string, string] {
  switch (o.kind) {
    case 'MORE_OF':
      return [
        `${plural(o.drawings, 'drawing')} more of ${o.topic} next week`,
        `${o.exercise}: ${o.drawn} of ${o.planned} drawn`,
      ]
    case 'WARM_UP':
      return [
        `${upperFirst(o.topic)} as a warm-up, ${format.minutes(o.minutes)}`,
        `rusty at ${format.percent(o.freshness)}${o.neededFor === o.topic ? '' : `, and needed for ${o.neededFor}`}`,
      ]
    case 'AIM':
      return [
        `“${o.remark}” as what to look for in the next sittings`,
        `said ${times(o.times)} this week${o.before > 0 ? ` and ${times(o.before)} in the four before` : ''}`,
      ]
    case 'FREE_SHARE':
      return [
        `Keep ${o.percent} % free instead of ${format.percent(o.kept)}`,
        `drawn freely: ${format.percent(o.drawn)} of four weeks`,
      ]
    case 'STRETCH':
      return [
        `${plural(o.days, 'day')} for ${o.title}`,
        `${format.percent(o.drawn)} of the planned minutes were drawn, ${format.percent(o.before)} the week before`,
      ]
    case 'LESS':
      return [
        `${format.minutes(o.minutes)} of work less in ${o.title}`,
        `so that it asks for what you draw: ${format.percent(o.drawn)} of the planned minutes, ${format.percent(o.before)} the week before`,
      ]
    case 'REPEAT':
      return [
        `${o.title} once more`,
        `what was to be looked for was found in ${format.percent(o.found)} of ${plural(o.answers, 'entry', 'entries')}`,
      ]
    case 'DETOUR':
      return [
        `A week for ${o.topic} before ${o.neededFor}`,
        `never drawn so far, and needed for ${o.neededFor}`,
      ]
    case 'MINUTES':
      return [
        o.minutes === 0
          ? `${WEEKDAYS[o.day]} as a rest day`
          : `${format.minutes(o.minutes)} on ${WEEKDAYS[o.day]}s instead of ${format.minutes(o.planned)}`,
        o.drawn === 0
          ? `nothing was drawn on the last four, with ${format.minutes(o.planned)} planned`
          : `${format.minutes(Math.round(o.drawn))} were drawn on the last four, on average; setting up comes to it`,
      ]
    case 'ORDER':
      return o.order === 'POSES_FIRST'
        ? [
            'Timed poses first, then the lesson',
            `lessons and studies are marked ${mark(o.marks, format)} after poses, ${mark(o.otherwise, format)} without`,
          ]
        : [
            'The lesson first, then timed poses',
            `lessons and studies are marked ${mark(o.marks, format)} without poses before, ${mark(o.otherwise, format)} after them`,
          ]
    case 'RESOURCE':
      return [`${o.resource} next from the shelf`, `it teaches ${o.topic}; nothing that you read now does`]
  }
}

/** A mean mark with one place. */
export const mark = (value: number, format: Formats) => format.number(Math.round(value * 10) / 10)

/** What holds a change that was taken. */
const HELD_BY: Record<Offer['kind'], 'SITTINGS' | 'SETTINGS' | 'SHELF' | 'PLAN'> = {
  MORE_OF: 'PLAN',
  WARM_UP: 'PLAN',
  AIM: 'SITTINGS',
  FREE_SHARE: 'SETTINGS',
  STRETCH: 'PLAN',
  LESS: 'PLAN',
  REPEAT: 'PLAN',
  DETOUR: 'PLAN',
  MINUTES: 'SETTINGS',
  ORDER: 'SETTINGS',
  RESOURCE: 'SHELF',
}

/** Where a change that was taken is kept. */
export const keptAt = (kind: Offer['kind']) =>
  ({
    SITTINGS: 'The next sittings ask for it.',
    SETTINGS: 'The settings hold it now.',
    SHELF: 'It comes next on the shelf.',
    PLAN: 'The plan holds it now; its history says why.',
  })[HELD_BY[kind]]

/** Where a change that was taken can be changed again; nothing where it goes by itself. */
export const changedAt = (kind: Offer['kind']): { to: string; name: string } | undefined =>
  ({
    SITTINGS: undefined,
    SETTINGS: { to: '/settings', name: 'In the settings' },
    SHELF: { to: '/shelf', name: 'On the shelf' },
    PLAN: { to: '/course', name: 'In the plan' },
  })[HELD_BY[kind]]

const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`)

/** What the plan does with a change. */
export function effect(e: Schemas['PreviewView'], format: Formats): string {
  const end =
    e.before.end === e.after.end
      ? `the end stays on ${format.dayMonth(e.after.end)}`
      : `the end moves from ${format.dayMonth(e.before.end)} to ${format.dayMonth(e.after.end)}`
  const load =
    e.before.load != null && e.after.load != null && Math.abs(e.before.load - e.after.load) >= 0.01
      ? `, the week asks for ${format.percent(e.after.load)} of its time instead of ${format.percent(e.before.load)}`
      : ''
  const lacks = e.after.shortfalls.length > e.before.shortfalls.length ? ', and not all of it fits' : ''
  return `${end}${load}${lacks}`
}

/** What became of a change. */
export function became({ offer: o, stands, since }: Schemas['BecameView'], format: Formats): string {
  const [what] = offer(o, format)
  if (!stands) {
    return `${what}: taken back.`
  }
  switch (o.kind) {
    case 'MORE_OF':
      return `${what}: ${since} drawn.`
    case 'WARM_UP':
      return `${what}: ${since === 0 ? 'not drawn' : `${plural(since, 'drawing')} since`}.`
    case 'AIM':
      return `${what}: said ${since === 0 ? 'no more' : times(since)}, ${times(o.times)} the week before.`
    case 'DETOUR':
      return since === 0 ? `${what}: it stands.` : `${what}: ${plural(since, 'drawing')} since.`
    case 'MINUTES':
      return since === 0 ? `${what}: it stands.` : `${what}: ${format.minutes(since)} drawn.`
    case 'RESOURCE':
      return `${what}: ${since === 0 ? 'not opened yet' : `${format.minutes(since)} with it`}.`
    case 'FREE_SHARE':
    case 'STRETCH':
    case 'LESS':
    case 'REPEAT':
    case 'ORDER':
      return `${what}: it stands.`
  }
}

/** A fact of the week: what it is called, what it says, what it is held against. */
export type Fact = { name: string; says: string; beside?: string; to?: string }

/** A topic that felt weak, and what was drawn of it since. */
export const stillWeak = ({ name, since, wished, felt }: Schemas['WeakTopic'], format: Formats) =>
  `${name}, since ${format.dayMonth(since)}: ${
    felt.drawn < wished
      ? `${felt.drawn} of ${wished} more drawings made`
      : `${plural(felt.drawn, 'drawing')} made, ${wished} were wished for`
  }`

/** Marks before a topic felt weak and since; empty where one of the two is missing. */
function marksSince({ before, since }: Schemas['FeltWeak'], format: Formats): string {
  const marked = ({ mean, entries }: Schemas['Marked']) =>
    mean == null ? '' : `${mark(mean, format)} in ${plural(entries, 'entry', 'entries')}`
  return before.mean == null || since.mean == null
    ? ''
    : `marked ${marked(before)} of four weeks before, ${marked(since)} since`
}

type Letter = Pick<Review, 'from' | 'to' | 'pauses' | 'newTopics' | 'read' | 'recalled' | 'remarks'>

const marked = (page: Schemas['MarkedPage']) =>
  `${page.page == null ? page.called : `p ${page.page}`}, mark ${page.mark}`

/** What was drawn. */
export const drawn = (f: Pick<Review['facts'], 'told' | 'minutes' | 'drawings' | 'days'>, format: Formats) =>
  `${f.told ? '' : 'about '}${format.minutes(f.minutes)}, ${plural(f.drawings, 'drawing')} on ${plural(f.days, 'day')}`

/** What of pauses lies in it. */
export const paused = (r: Letter, whole: string, format: Formats): Fact[] =>
  r.pauses.map((p) => ({
    name: 'Paused',
    says: p.from === r.from && p.to === r.to ? whole : format.span(p.from, p.to),
    beside: p.reason,
    to: '/settings',
  }))

/** Topics first touched. */
export const newTopics = (r: Letter): Fact[] =>
  r.newTopics.length > 0 ? [{ name: 'New', says: r.newTopics.join(', '), to: '/topics' }] : []

/** What was read, and what was recalled. */
export const learned = (r: Letter, format: Formats): Fact[] => [
  ...r.read.map((b) => ({
    name: 'Read',
    says: `${b.resource}, ${b.unit} ${b.spans.map(({ from, to }) => (from === to ? from : `${from} to ${to}`)).join(', ')}`,
    beside: format.minutes(b.minutes),
    to: '/shelf',
  })),
  ...r.recalled.map((a) => ({
    name: 'Recalled',
    says: `${a.title}, ${a.right} of ${a.asked}`,
    beside: a.due ? `next on ${format.dayMonth(a.due)}` : '',
    to: '/recall',
  })),
]

/** The best and the weakest marked. */
export const best = (f: Pick<Review['facts'], 'best' | 'weakest'>): Fact[] =>
  f.best && f.weakest
    ? [
        {
          name: 'Best',
          says: marked(f.best),
          beside: `weakest: ${marked(f.weakest)}`,
          to: `/day/${f.best.day}`,
        },
      ]
    : []

/** What went wrong again; `before` is the time before that it is held against. */
export const wentWrong = (r: Letter, before: string): Fact[] =>
  r.remarks.length > 0
    ? [
        {
          name: 'Went wrong',
          says: r.remarks.map((w) => `“${w.words}” ${times(w.times)}`).join(' · '),
          beside: r.remarks.some((w) => w.before > 0)
            ? `${plural(
                r.remarks.map((w) => w.before).reduce((a, b) => a + b, 0),
                'such remark',
              )} in ${before}`
            : '',
        },
      ]
    : []

/** What all this is for, and what served it. */
export const whatFor = (serving: Review['whatFor'], format: Formats): Fact[] =>
  serving
    ? [
        {
          name: 'What for',
          says: serving.aim,
          beside:
            serving.topics.length === 0
              ? ''
              : `${format.minutes(serving.minutes)} of ${format.minutes(serving.of)} in four weeks went into ${serving.topics.join(', ')}`,
          to: '/look-back/what-for',
        },
      ]
    : []

/** Habits that came or went. */
export const habitsChanged = (habits: Review['habits']): Fact[] =>
  habits.length > 0
    ? [
        {
          name: 'Habits changed',
          says: habits.map((h) => `${h.came ? 'new' : 'gone'}: ${habitName(h)}`).join(' · '),
          to: '/bench',
        },
      ]
    : []

/** The facts of a week, each with where it comes from. */
export function facts(r: Review, format: Formats): Fact[] {
  const f = r.facts
  const met = r.planned.filter((p) => p.left === 0)
  const unmet = r.planned.filter((p) => p.left > 0)
  const all: (Fact | undefined)[] = [
    {
      name: 'Drawn',
      says: f.days === 0 ? 'nothing this week' : drawn(f, format),
      beside:
        f.before == null
          ? 'the first week; the next ones can be held against it'
          : f.weeksBefore === 1
            ? `${format.minutes(Math.round(f.before))} in the week before`
            : `${format.minutes(Math.round(f.before))} a week in the ${UP_TO_FOUR[f.weeksBefore]} before`,
      to: `/day/${r.from}`,
    },
    ...paused(r, 'the whole week', format),
    r.planned.length > 0
      ? {
          name: 'Planned',
          says: `${met.length} of ${plural(r.planned.length, 'exercise')} met`,
          beside: unmet
            .slice(0, 3)
            .map((p) => `${p.title}, ${p.left}${p.minutesCounted ? ' min' : ''} left`)
            .join(' · '),
          to: '/course',
        }
      : undefined,
    {
      name: 'Run',
      says: plural(r.run.length, r.run.unit === 'DAYS' ? 'day' : 'week'),
      to: '/look-back/year',
    },
    ...newTopics(r),
    r.rusty.length > 0
      ? {
          name: 'Going rusty',
          says: r.rusty.map((t) => t.topic).join(', '),
          beside: r.rusty[0]
            ? `first needed ${r.rusty[0].week == null ? `in ${r.rusty[0].weekTitle}` : `in week ${r.rusty[0].week}`}`
            : '',
          to: '/topics',
        }
      : undefined,
    ...r.weak.map((t) => ({
      name: 'Felt weak',
      says: stillWeak(t, format),
      beside: marksSince(t.felt, format),
      to: `/topics/${t.topic}`,
    })),
    ...learned(r, format),
    ...best(f),
    ...wentWrong(r, 'the four weeks before'),
    ...whatFor(r.whatFor, format),
    r.suitingLength
      ? { name: 'Length that suits', says: sittingLength(r.suitingLength), to: '/look-back/sittings' }
      : undefined,
    ...habitsChanged(r.habits),
    r.aims.length > 0 ? { name: 'Habits', says: r.aims.map(aimWords).join(' · '), to: '/bench' } : undefined,
  ]
  return all.filter((fact): fact is Fact => fact !== undefined)
}

/** What the learner wrote, as Markdown. */
export const quoted = (text: string) => text.split('\n').map((line) => `> ${line}`)

/** The letter as Markdown; what the learner wrote is quoted line by line. */
export function markdown(r: Review, format: Formats): string {
  const lines = [
    `# ${weekTitle(r)}`,
    '',
    `${format.dayMonthYear(r.from)} to ${format.dayMonthYear(r.to)}`,
    '',
    ...facts(r, format).map((f) => `- **${f.name}**: ${f.says}${f.beside ? ` (${f.beside})` : ''}`),
  ]
  if (r.expected) {
    lines.push('', '## What I expected', '', ...quoted(r.expected))
  }
  if (r.words) {
    lines.push('', '## What I think of it', '', ...quoted(r.words))
  }
  if (r.became.length > 0) {
    lines.push(
      '',
      '## What became of last week’s changes',
      '',
      ...r.became.map((b) => `- ${became(b, format)}`),
    )
  }
  if (r.taken.length > 0) {
    lines.push('', '## What follows', '', ...r.taken.map((o) => `- ${offer(o, format).join('; ')}`))
  }
  if (r.expects) {
    lines.push('', '## Next week I expect', '', ...quoted(r.expects))
  }
  return `${lines.join('\n')}\n`
}
