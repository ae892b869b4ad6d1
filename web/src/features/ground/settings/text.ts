import type { Schemas } from '../../../api/client'
import { SCHOOLS } from '../../../shared/schools'
import type { School } from '../../../ui/Schools'

type Settings = Schemas['Settings']

export const STREAK_RULES: School[] = Object.entries(SCHOOLS).map(([value, { name, reasons }]) => ({
  value,
  label: name,
  reasons,
}))

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

export const THEMES: Record<Settings['look']['theme'], string> = {
  SYSTEM: 'As the machine says',
  LIGHT: 'Light',
  NIGHT: 'Night',
}
