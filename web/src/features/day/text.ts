import type { Schemas } from '../../api/client'
import { SCHOOLS, type Streak } from '../../shared/schools'
import type { Formats } from '../../ui/locale'
import { plural } from '../../ui/plural'

type Today = Schemas['TodayView']
type Share = Schemas['ShareView']

export function counted(count: number, unit: Share['unit'], format: Formats): string {
  return unit === 'MINUTES' ? `${format.number(count)} min` : format.number(count)
}

/** "8 of 12 left, 24 min", as far as each part is needed. */
export function shareFigures(share: Share, format: Formats): string {
  if (share.unit === 'MINUTES') {
    return share.left === 0 ? `${format.number(share.count)} min, done` : `${format.number(share.left)} min`
  }
  if (share.left === 0) {
    return share.bonus > 0 ? `${share.count} done, ${share.bonus} beyond it` : `${share.count} done`
  }
  const left = share.done > 0 ? `${share.left} of ${share.count} left` : format.number(share.count)
  return `${left} · ${format.minutes(share.minutesLeft)}`
}

export function shareTally(share: Share): string {
  return `${share.done} of ${share.count} ${share.unit === 'MINUTES' ? 'minutes' : 'drawings'} done`
}

/** Why today's share is not what the week first planned. */
export function respread(share: Share): string | undefined {
  const { was, missed } = share
  if (was == null || missed == null) {
    return undefined
  }
  if (missed > 0) {
    return `${share.count} instead of ${was}: ${missed} ${missed === 1 ? 'was' : 'were'} left from the days before.`
  }
  if (missed < 0) {
    return `${share.count} instead of ${was}: ${-missed} more than planned so far.`
  }
  return `${share.count} instead of ${was}: the days have other room than when the week began.`
}

/** The run in one sentence, by the learner's own rule. */
export function run(streak: Streak): string {
  const { current, unit, forgiven } = streak
  if (current === 0) {
    return streak.longest > 0
      ? `No run just now; the longest had ${plural(streak.longest, unit === 'WEEKS' ? 'week' : 'day')}.`
      : 'The first drawing begins the line.'
  }
  if (unit === 'WEEKS') {
    return `${plural(current, 'week')} in a row in your rhythm.`
  }
  const misses =
    forgiven === 0
      ? ''
      : forgiven === 1
        ? ', with one miss between'
        : `, with ${plural(forgiven, 'single miss', 'single misses')} between`
  return `${plural(current, 'practised day')} in a row${misses}.`
}

/** What today means for the run. */
export function atStake(streak: Streak, today: Today): string {
  if (streak.todayPractised) {
    return 'Today is already in.'
  }
  if (streak.todayDecides) {
    const length = streak.unit === 'WEEKS' ? plural(streak.current, 'week') : String(streak.current)
    return `Miss today and the run of ${length} ends.`
  }
  if (today.rest) {
    return 'Today is rest; the run waits.'
  }
  return today.pause == null ? 'Today is still open.' : 'Paused; the run waits.'
}

/** What the rest of the week still decides. */
export const stillOpen = (streak: Streak) => SCHOOLS[streak.rule].stillOpen(streak)

/** A usual caution in words; it names the figure and leaves judgement to the learner, their doctor or the maker. */
export function caution(c: Schemas['Caution'], format: Formats): string {
  switch (c.kind) {
    case 'BREAK':
      return `${format.minutes(c.minutes)} today: rest hand, neck and eyes every ${c.usualMinutes} to 50 minutes. Pain that stays belongs to a doctor.`
    case 'SUDDEN_INCREASE':
      return `${format.minutes(c.minutes)} in seven days, where ${format.minutes(c.usualMinutes)} were usual. Hands like slow increases; rest is allowed.`
    case 'BLADE':
      return 'Blades slip when they are blunt: cut away from the hand that holds, and keep the cap on.'
    case 'DUST_AND_FUMES':
      return 'Charcoal and pastel make dust, fixative makes fumes: open a window, do not blow, and follow the maker’s sheet.'
  }
}

/** The pen line in words. */
export function penLineText(strokes: Schemas['Stroke'][]): string {
  const count = (mark: Schemas['Stroke']['mark']) => strokes.filter((s) => s.mark === mark).length
  return `Twelve weeks: ${plural(count('INK'), 'practised day')}, ${count('REST')} of rest or pause, ${plural(count('FORGIVEN'), 'single miss', 'single misses')}, ${count('GAP')} without practice.`
}

/** A line as it could be written today, in figures of the day's first open share. */
export function example(shares: Share[]): string {
  const share = shares.find((s) => s.left > 0)
  if (!share) {
    return '3 boats, 12 min, pen, p 12, 4/5'
  }
  const count = share.unit === 'MINUTES' || share.left === 1 ? '' : `${share.left} `
  return `${count}${share.title.toLowerCase()}, ${share.minutesLeft} min, pen, p 12, 4/5`
}

/** One day of the pen line, where the pointer rests on it. */
export function strokeName(stroke: Schemas['Stroke'], format: Formats): string {
  const what = {
    INK: stroke.minutes > 0 ? format.minutes(stroke.minutes) : 'drawn',
    REST: 'rest or pause',
    FORGIVEN: 'missed; the run went on',
    GAP: 'nothing drawn',
    OPEN: 'today',
    AHEAD: 'ahead',
  }[stroke.mark]
  return `${format.weekdayDate(stroke.date)}: ${what}`
}

const SAMPLE_MINUTES = [
  20, 35, 30, 45, 25, 60, 0, 30, 40, 20, 50, 35, 70, 0, 25, 30, -1, 45, 30, 55, 0, 40, 35, 50, 45, 60, 80, 0,
]

/** Twelve weeks as they could be drawn: rest on the seventh day, one missed in four weeks. */
export const SAMPLE_DAYS: Schemas['Stroke'][] = Array.from({ length: 84 }, (_, i) => {
  const minutes = SAMPLE_MINUTES[i % SAMPLE_MINUTES.length] ?? 0
  return {
    date: String(i),
    mark: minutes > 0 ? 'INK' : minutes < 0 ? 'FORGIVEN' : 'REST',
    minutes: Math.max(0, minutes),
  }
})
