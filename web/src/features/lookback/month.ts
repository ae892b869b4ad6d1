import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'
import {
  became,
  best,
  drawn,
  habitsChanged,
  learned,
  mark,
  newTopics,
  paused,
  quoted,
  weekTitle,
  wentWrong,
  whatFor,
  type Fact,
} from './text'

export type Month = Schemas['MonthLetter']
type WeekOfMonth = Schemas['WeekOfMonth']

/** Where the letter of a month stands, by any of its days. */
export const monthAt = (day: string) => `/look-back/months/${day.slice(0, 7)}`

const A_WEEK = 7 * 86_400_000

/** How many weeks a month has, those to come among them. */
export const weeksOf = ({ from, to }: Month) => Math.ceil((Date.parse(to) - Date.parse(from)) / A_WEEK)

/** A week of a month by its place in the course, else by its dates. */
export const weekOfMonth = (w: WeekOfMonth, format: Formats) =>
  w.course ? weekTitle({ course: w.course, isoWeek: 0 }) : format.span(w.from, w.to)

/** Minutes a week, beside those of the month before. */
function beside(f: Month['facts'], format: Formats): string {
  const weekly = (minutes: number) => `${format.minutes(Math.round(minutes))} a week`
  const now = f.weekly == null ? '' : weekly(f.weekly)
  return f.weeklyBefore == null ? now : `${now && `${now}, `}${weekly(f.weeklyBefore)} in the month before`
}

function marks(f: Month['facts'], format: Formats): Fact[] {
  const of = (mean: number, entries: number) =>
    `${mark(mean, format)} in ${plural(entries, 'entry', 'entries')}`
  return f.meanMark == null
    ? []
    : [
        {
          name: 'Marks',
          says: of(f.meanMark, f.marked),
          beside: f.meanMarkBefore == null ? '' : `${of(f.meanMarkBefore, f.markedBefore)} the month before`,
          to: '/look-back/months',
        },
      ]
}

/** The facts of a month, each with where it comes from. */
export function monthFacts(m: Month, format: Formats): Fact[] {
  const { met, of } = m.exercises
  return [
    {
      name: 'Drawn',
      says: m.facts.days === 0 ? 'nothing this month' : drawn(m.facts, format),
      beside: beside(m.facts, format),
      to: `/day/${m.from}`,
    },
    ...paused(m, 'the whole month', format),
    ...(of > 0 ? [{ name: 'Planned', says: `${met} of ${plural(of, 'exercise')} met`, to: '/course' }] : []),
    ...marks(m.facts, format),
    ...newTopics(m),
    ...learned(m, format),
    ...best(m.facts),
    ...wentWrong(m, 'the month before'),
    ...whatFor(m.whatFor, format),
    ...habitsChanged(m.habits),
  ]
}

/** A month as Markdown; what the learner wrote is quoted line by line. */
export function monthMarkdown(m: Month, format: Formats): string {
  const part = (title: string, lines: string[]) => (lines.length > 0 ? ['', `## ${title}`, '', ...lines] : [])
  const words = (title: string, text: string) => part(title, text ? quoted(text) : [])
  return [
    `# ${format.monthYear(m.month)}`,
    '',
    format.fromTo(m.from, m.to),
    '',
    ...monthFacts(m, format).map((f) => `- **${f.name}**: ${f.says}${f.beside ? ` (${f.beside})` : ''}`),
    ...words('What I expected', m.expected),
    ...words('What I think of it', m.words),
    ...part(
      'Week by week',
      m.weeks.flatMap((w) => [
        `- ${weekOfMonth(w, format)}, ${format.minutes(w.minutes)}`,
        ...(w.words ? quoted(w.words).map((line) => `  ${line}`) : []),
      ]),
    ),
    ...part(
      'What became of the changes',
      m.became.map((b) => `- ${became(b, format)}`),
    ),
    ...words('Next month I expect', m.expects),
    '',
  ].join('\n')
}
