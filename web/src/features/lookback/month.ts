import type { Schemas } from '../../api/client'
import type { Formats } from '../../ui/locale'
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
import { wording } from './wording'

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
  const weekly = (minutes: number) => wording.minutesAWeek({ minutes: format.minutes(Math.round(minutes)) })
  const now = f.weekly == null ? '' : weekly(f.weekly)
  return f.weeklyBefore == null
    ? now
    : wording.nowWeeklyBeforeInTheMonthBefore({
        now: now && `${now}, `,
        weeklyBefore: weekly(f.weeklyBefore),
      })
}

function marks(f: Month['facts'], format: Formats): Fact[] {
  const of = (mean: number, entries: number) => wording.meanInEntries({ mean: mark(mean, format), entries })
  return f.meanMark == null
    ? []
    : [
        {
          name: wording.marks(),
          says: of(f.meanMark, f.marked),
          beside:
            f.meanMarkBefore == null
              ? ''
              : wording.meanMarkBeforeTheMonthBefore({
                  meanMarkBefore: of(f.meanMarkBefore, f.markedBefore),
                }),
          to: '/look-back/months',
        },
      ]
}

/** The facts of a month, each with where it comes from. */
export function monthFacts(m: Month, format: Formats): Fact[] {
  const { met, of } = m.exercises
  return [
    {
      name: wording.drawn(),
      says: m.facts.days === 0 ? wording.nothingThisMonth() : drawn(m.facts, format),
      beside: beside(m.facts, format),
      to: `/day/${m.from}`,
    },
    ...paused(m, wording.theWholeMonth(), format),
    ...(of > 0
      ? [{ name: wording.planned(), says: wording.metOfExercisesMet2({ met, of }), to: '/course' }]
      : []),
    ...marks(m.facts, format),
    ...newTopics(m),
    ...learned(m, format),
    ...best(m.facts),
    ...wentWrong(m, wording.theMonthBefore()),
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
    ...words(wording.whatIExpected(), m.expected),
    ...words(wording.whatIThinkOfIt(), m.words),
    ...part(
      wording.weekByWeek(),
      m.weeks.flatMap((w) => [
        `- ${weekOfMonth(w, format)}, ${format.minutes(w.minutes)}`,
        ...(w.words ? quoted(w.words).map((line) => `  ${line}`) : []),
      ]),
    ),
    ...part(
      wording.whatBecameOfTheChanges(),
      m.became.map((b) => `- ${became(b, format)}`),
    ),
    ...words(wording.nextMonthIExpect(), m.expects),
    '',
  ].join('\n')
}
