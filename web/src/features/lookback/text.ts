import type { Schemas } from '../../api/client'
import { aimWords } from '../../shared/bench/aim'
import { habitName } from '../../shared/bench/habit'
import { WEEKDAYS } from '../../shared/weekdays'
import type { Formats } from '../../ui/locale'
import { timeOf } from '../../ui/counts'
import { upperFirst } from '../../ui/text'
import { wording } from './wording'

export type Review = Schemas['ReviewView']
export type Offer = Schemas['ToldOffer']

/** A week by its place in the course, else by its dates. */
export const weekTitle = (review: Pick<Review, 'course' | 'isoWeek'>) =>
  review.course
    ? `${review.course.week == null ? '' : wording.weekWeek({ week: review.course.week })}${review.course.weekTitle}`
    : wording.calendarWeekIsoWeek({ isoWeek: review.isoWeek })

/** A class of lengths in words: "20-40", "90-". */
export function sittingLength(name: string): string {
  const [from, to] = name.split('-')
  return to
    ? from === '0'
      ? wording.upToToMin({ to })
      : wording.fromToToMin({ from: from ?? '', to })
    : wording.overFromMin({ from: from ?? '' })
}

/** A class of hours in words: "09-12". */
export function hours(name: string): string {
  const [from, to] = name.split('-').map(Number)
  return from === 0
    ? wording.beforeToOclock({ to: to ?? '' })
    : to === 24
      ? wording.afterFromOclock({ from: from ?? '' })
      : wording.fromToToOclock({ from: from ?? '', to: to ?? '' })
}

/** An offered change in two pieces: what it does, and what it follows from. */
export function offer(o: Offer, format: Formats): [string, string] {
  switch (o.kind) {
    case 'MORE_OF':
      return [
        wording.drawingsMoreOfTopicNextWeek({ drawings: o.drawings, topic: o.topic }),
        wording.exerciseDrawnOfPlannedDrawn({ exercise: o.exercise, drawn: o.drawn, planned: o.planned }),
      ]
    case 'WARM_UP':
      return [
        wording.topicAsAWarmUpMinutes({ topic: upperFirst(o.topic), minutes: format.minutes(o.minutes) }),
        wording.rustyAtFreshnessNeededFor({
          freshness: format.percent(o.freshness),
          neededFor: o.neededFor === o.topic ? '' : wording.andNeededForNeededFor({ neededFor: o.neededFor }),
        }),
      ]
    case 'AIM':
      return [
        wording.remarkAsWhatToLookFor({ remark: o.remark }),
        wording.saidTimesThisWeekBefore({
          times: times(o.times),
          before: o.before > 0 ? wording.andBeforeInTheFourBefore({ before: times(o.before) }) : '',
        }),
      ]
    case 'FREE_SHARE':
      return [
        wording.keepPercentFreeInsteadOfKept({ percent: o.percent, kept: format.percent(o.kept) }),
        wording.drawnFreelyDrawnOfFourWeeks({ drawn: format.percent(o.drawn) }),
      ]
    case 'STRETCH':
      return [
        wording.daysForTitle({ days: o.days, title: o.title }),
        wording.drawnOfThePlannedMinutesWere({
          drawn: format.percent(o.drawn),
          before: format.percent(o.before),
        }),
      ]
    case 'LESS':
      return [
        wording.minutesOfWorkLessInTitle({ minutes: format.minutes(o.minutes), title: o.title }),
        wording.soThatItAsksForWhat({ drawn: format.percent(o.drawn), before: format.percent(o.before) }),
      ]
    case 'REPEAT':
      return [
        wording.titleOnceMore({ title: o.title }),
        wording.whatWasToBeLookedFor({ found: format.percent(o.found), answers: o.answers }),
      ]
    case 'DETOUR':
      return [
        wording.aWeekForTopicBeforeNeededFor({ topic: o.topic, neededFor: o.neededFor }),
        wording.neverDrawnSoFarAndNeeded({ neededFor: o.neededFor }),
      ]
    case 'MINUTES':
      return [
        o.minutes === 0
          ? wording.dayAsARestDay({ day: WEEKDAYS[o.day] })
          : wording.minutesOnDaySInsteadOf({
              minutes: format.minutes(o.minutes),
              day: WEEKDAYS[o.day],
              planned: format.minutes(o.planned),
            }),
        o.drawn === 0
          ? wording.nothingWasDrawnOnTheLast({ planned: format.minutes(o.planned) })
          : wording.drawnWereDrawnOnTheLast({ drawn: format.minutes(Math.round(o.drawn)) }),
      ]
    case 'ORDER':
      return o.order === 'POSES_FIRST'
        ? [
            wording.timedPosesFirstThenTheLesson(),
            wording.lessonsAndStudiesAreMarkedMarks({
              marks: mark(o.marks, format),
              otherwise: mark(o.otherwise, format),
            }),
          ]
        : [
            wording.theLessonFirstThenTimedPoses(),
            wording.lessonsAndStudiesAreMarkedMarks2({
              marks: mark(o.marks, format),
              otherwise: mark(o.otherwise, format),
            }),
          ]
    case 'RESOURCE':
      return [
        wording.resourceNextFromTheShelf({ resource: o.resource }),
        wording.itTeachesTopicNothingThatYou({ topic: o.topic }),
      ]
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
    SITTINGS: wording.theNextSittingsAskForIt(),
    SETTINGS: wording.theSettingsHoldItNow(),
    SHELF: wording.itComesNextOnTheShelf(),
    PLAN: wording.thePlanHoldsItNowIts(),
  })[HELD_BY[kind]]

/** Where a change that was taken can be changed again; nothing where it goes by itself. */
export const changedAt = (kind: Offer['kind']): { to: string; name: string } | undefined =>
  ({
    SITTINGS: undefined,
    SETTINGS: { to: '/settings', name: wording.inTheSettings() },
    SHELF: { to: '/shelf', name: wording.onTheShelf() },
    PLAN: { to: '/course', name: wording.inThePlan() },
  })[HELD_BY[kind]]

const times = (n: number) => wording.times({ n })

/** What the plan does with a change. */
export function effect(e: Schemas['PreviewView'], format: Formats): string {
  const end =
    e.before.end === e.after.end
      ? wording.theEndStaysOnEnd({ end: format.dayMonth(e.after.end) })
      : wording.theEndMovesFromEndTo({
          from: format.dayMonth(e.before.end),
          to: format.dayMonth(e.after.end),
        })
  const load =
    e.before.load != null && e.after.load != null && Math.abs(e.before.load - e.after.load) >= 0.01
      ? wording.theWeekAsksForLoadOf({
          load: format.percent(e.after.load),
          before: format.percent(e.before.load),
        })
      : ''
  const lacks = e.after.shortfalls.length > e.before.shortfalls.length ? wording.andNotAllOfItFits() : ''
  return `${end}${load}${lacks}`
}

/** What became of a change. */
export function became({ offer: o, stands, since }: Schemas['BecameView'], format: Formats): string {
  const [what] = offer(o, format)
  if (!stands) {
    return wording.whatTakenBack({ what })
  }
  switch (o.kind) {
    case 'MORE_OF':
      return wording.whatSinceDrawn({ what, since })
    case 'WARM_UP':
      return `${what}: ${since === 0 ? wording.notDrawn() : wording.drawingsSince({ since })}.`
    case 'AIM':
      return wording.whatSaidSinceTimesTheWeek({
        what,
        since: since === 0 ? wording.noMore() : times(since),
        times: times(o.times),
      })
    case 'DETOUR':
      return since === 0 ? wording.whatItStands({ what }) : wording.whatDrawingsSince({ what, since })
    case 'MINUTES':
      return since === 0
        ? wording.whatItStands({ what })
        : wording.whatSinceDrawn({ what, since: format.minutes(since) })
    case 'RESOURCE':
      return `${what}: ${since === 0 ? wording.notOpenedYet() : wording.sinceWithIt({ since: format.minutes(since) })}.`
    case 'FREE_SHARE':
    case 'STRETCH':
    case 'LESS':
    case 'REPEAT':
    case 'ORDER':
      return wording.whatItStands({ what })
  }
}

/** A fact of the week: what it is called, what it says, what it is held against. */
export type Fact = { name: string; says: string; beside?: string; to?: string }

/** A topic that felt weak, and what was drawn of it since. */
const stillWeak = ({ name, since, wished, felt }: Schemas['WeakTopic'], format: Formats) =>
  wording.nameSinceSinceDrawn({
    name,
    since: format.dayMonth(since),
    drawn:
      felt.drawn < wished
        ? wording.drawnOfWishedMoreDrawingsMade({ drawn: felt.drawn, wished })
        : wording.drawingsMadeWishedWereWishedFor({ drawn: felt.drawn, wished }),
  })

/** Marks before a topic felt weak and since; empty where one of the two is missing. */
function marksSince({ before, since }: Schemas['FeltWeak'], format: Formats): string {
  const marked = ({ mean, entries }: Schemas['Marked']) =>
    mean == null ? '' : wording.meanInEntries({ mean: mark(mean, format), entries })
  return before.mean == null || since.mean == null
    ? ''
    : wording.markedBeforeOfFourWeeksBefore({ before: marked(before), since: marked(since) })
}

type Letter = Pick<Review, 'from' | 'to' | 'pauses' | 'newTopics' | 'read' | 'recalled' | 'remarks'>

const marked = (page: Schemas['MarkedPage']) =>
  wording.pageMarkMark({
    page: page.page == null ? page.called : wording.pPage({ page: page.page }),
    mark: page.mark,
  })

/** What was drawn. */
export const drawn = (f: Pick<Review['facts'], 'told' | 'minutes' | 'drawings' | 'days'>, format: Formats) =>
  wording.told({ told: f.told, minutes: format.minutes(f.minutes), drawings: f.drawings, days: f.days })

/** What of pauses lies in it. */
export const paused = (r: Letter, whole: string, format: Formats): Fact[] =>
  r.pauses.map((p) => ({
    name: wording.paused(),
    says: p.from === r.from && p.to === r.to ? whole : format.span(p.from, p.to),
    beside: p.reason,
    to: '/settings',
  }))

/** Topics first touched. */
export const newTopics = (r: Letter): Fact[] =>
  r.newTopics.length > 0 ? [{ name: wording.newWord(), says: r.newTopics.join(', '), to: '/topics' }] : []

/** What was read, and what was recalled. */
export const learned = (r: Letter, format: Formats): Fact[] => [
  ...r.read.map((b) => ({
    name: wording.read(),
    says: `${b.resource}, ${b.unit} ${b.spans.map(({ from, to }) => (from === to ? from : wording.readFromTo({ from, to }))).join(', ')}`,
    beside: format.minutes(b.minutes),
    to: '/shelf',
  })),
  ...r.recalled.map((a) => ({
    name: wording.recalled(),
    says: wording.titleRightOfAsked({ title: a.title, right: a.right, asked: a.asked }),
    beside: a.due ? wording.nextOnDue({ due: format.dayMonth(a.due) }) : '',
    to: '/recall',
  })),
]

/** The best and the weakest marked. */
export const best = (f: Pick<Review['facts'], 'best' | 'weakest'>): Fact[] =>
  f.best && f.weakest
    ? [
        {
          name: wording.best(),
          says: marked(f.best),
          beside: wording.weakestWeakest({ weakest: marked(f.weakest) }),
          to: `/day/${f.best.day}`,
        },
      ]
    : []

/** What went wrong again; `before` is the time before that it is held against. */
export const wentWrong = (r: Letter, before: string): Fact[] =>
  r.remarks.length > 0
    ? [
        {
          name: wording.wentWrong(),
          says: r.remarks.map((w) => `“${w.words}” ${times(w.times)}`).join(' · '),
          beside: r.remarks.some((w) => w.before > 0)
            ? wording.suchRemarksInBefore({
                reduce: r.remarks.map((w) => w.before).reduce((a, b) => a + b, 0),
                before,
              })
            : '',
        },
      ]
    : []

/** What all this is for, and what served it. */
export const whatFor = (serving: Review['whatFor'], format: Formats): Fact[] =>
  serving
    ? [
        {
          name: wording.whatFor(),
          says: serving.aim,
          beside:
            serving.topics.length === 0
              ? ''
              : wording.minutesOfOfInFourWeeks({
                  minutes: format.minutes(serving.minutes),
                  of: format.minutes(serving.of),
                  join: serving.topics.join(', '),
                }),
          to: '/look-back/what-for',
        },
      ]
    : []

/** Habits that came or went. */
export const habitsChanged = (habits: Review['habits']): Fact[] =>
  habits.length > 0
    ? [
        {
          name: wording.habitsChanged(),
          says: habits
            .map((h) =>
              h.came ? wording.habitNew({ habit: habitName(h) }) : wording.habitGone({ habit: habitName(h) }),
            )
            .join(' · '),
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
      name: wording.drawn(),
      says: f.days === 0 ? wording.nothingThisWeek() : drawn(f, format),
      beside:
        f.before == null
          ? wording.theFirstWeekTheNextOnes()
          : f.weeksBefore === 1
            ? wording.beforeInTheWeekBefore({ before: format.minutes(Math.round(f.before)) })
            : wording.beforeAWeekInTheWeeksBefore({
                before: format.minutes(Math.round(f.before)),
                weeksBefore: f.weeksBefore,
              }),
      to: `/day/${r.from}`,
    },
    ...paused(r, wording.theWholeWeek(), format),
    r.planned.length > 0
      ? {
          name: wording.planned(),
          says: wording.metOfExercisesMet({ met: met.length, planned: r.planned.length }),
          beside: unmet
            .slice(0, 3)
            .map((p) =>
              wording.titleLeftMinutesCounted({
                title: p.title,
                left: p.left,
                minutesCounted: p.minutesCounted,
              }),
            )
            .join(' · '),
          to: '/course',
        }
      : undefined,
    {
      name: wording.run(),
      says: timeOf(r.run.length, r.run.unit),
      to: '/look-back/year',
    },
    ...newTopics(r),
    r.rusty.length > 0
      ? {
          name: wording.goingRusty(),
          says: r.rusty.map((t) => t.topic).join(', '),
          beside: r.rusty[0]
            ? wording.firstNeededWeek({
                week:
                  r.rusty[0].week == null
                    ? wording.inWeekTitle({ weekTitle: r.rusty[0].weekTitle })
                    : wording.inWeekWeek({ week: r.rusty[0].week }),
              })
            : '',
          to: '/topics',
        }
      : undefined,
    ...r.weak.map((t) => ({
      name: wording.feltWeak(),
      says: stillWeak(t, format),
      beside: marksSince(t.felt, format),
      to: `/topics/${t.topic}`,
    })),
    ...learned(r, format),
    ...best(f),
    ...wentWrong(r, wording.theFourWeeksBefore()),
    ...whatFor(r.whatFor, format),
    r.suitingLength
      ? { name: wording.lengthThatSuits(), says: sittingLength(r.suitingLength), to: '/look-back/sittings' }
      : undefined,
    ...habitsChanged(r.habits),
    r.aims.length > 0
      ? { name: wording.habits(), says: r.aims.map(aimWords).join(' · '), to: '/bench' }
      : undefined,
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
    wording.readFromTo({ from: format.dayMonthYear(r.from), to: format.dayMonthYear(r.to) }),
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
