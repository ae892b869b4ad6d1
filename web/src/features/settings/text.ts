import type { Schemas } from '../../api/client'
import type { School } from '../../ui/Schools'

type Settings = Schemas['Settings']

export const RULE_NAMES: Record<Settings['streakRule'], string> = {
  EVERY_DAY: 'Every day',
  NEVER_TWICE: 'Never twice',
  WEEKLY_RHYTHM: 'Weekly rhythm',
}

export const STREAK_RULES: School[] = [
  {
    value: 'EVERY_DAY',
    label: RULE_NAMES.EVERY_DAY,
    reasons: [
      'One miss ends the run. Nothing to decide on a tired evening: it is simply done.',
      'Suits short pages and set hours; a lost long run can hurt.',
    ],
  },
  {
    value: 'NEVER_TWICE',
    label: RULE_NAMES.NEVER_TWICE,
    reasons: [
      'A single miss does not end the run, two in a row do.',
      'Life gets a day; the way back is always tomorrow. Lengths count practised days only.',
    ],
  },
  {
    value: 'WEEKLY_RHYTHM',
    label: RULE_NAMES.WEEKLY_RHYTHM,
    reasons: [
      'So many days a week, whichever they are; the run counts weeks.',
      'Suits shifts and families; a week can still be saved until the days run out.',
    ],
  },
]

export const DAY_ORDERS: School[] = [
  {
    value: 'LESSON_FIRST',
    label: 'Lesson first',
    reasons: ['Understand while the head is fresh,', 'then drills and timed poses, then use it.'],
  },
  {
    value: 'POSES_FIRST',
    label: 'Timed poses first',
    reasons: ['Loosen hand and eye before anything is explained,', 'so that the lesson meets a warm hand.'],
  },
]

export const THEMES: Record<Settings['theme'], string> = {
  SYSTEM: 'As the machine says',
  LIGHT: 'Light',
  NIGHT: 'Night',
}
