import type { Schemas } from '../../../api/client'
import { SCHOOLS } from '../../../shared/schools'
import type { School } from '../../../ui/Schools'
import { wording } from '../wording'

type Settings = Schemas['Settings']

export const STREAK_RULES: School[] = Object.entries(SCHOOLS).map(([value, { name, reasons }]) => ({
  value,
  label: name,
  reasons,
}))

export const DAY_ORDERS: School[] = [
  {
    value: 'LESSON_FIRST',
    label: wording.lessonFirst(),
    reasons: [wording.understandWhileTheHeadIsFresh(), wording.thenDrillsAndTimedPosesThen()],
  },
  {
    value: 'POSES_FIRST',
    label: wording.timedPosesFirst(),
    reasons: [wording.loosenHandAndEyeBeforeAnything(), wording.soThatTheLessonMeetsA()],
  },
]

export const THEMES: Record<Settings['look']['theme'], string> = {
  SYSTEM: wording.asTheMachineSays(),
  LIGHT: wording.light(),
  NIGHT: wording.night(),
}
