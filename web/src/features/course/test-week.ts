import type { Schemas } from '../../api/client'

/** A week of the ruler, for tests. */
export const rulerWeek = (key: string, more: Partial<Schemas['RulerWeek']> = {}): Schemas['RulerWeek'] => ({
  key,
  number: Number(key) || null,
  role: 'COURSE',
  title: `Title ${key}`,
  from: '2026-03-02',
  to: '2026-03-08',
  days: 7,
  untilDone: false,
  doneShare: 0.5,
  passed: 0,
  checkpoint: false,
  ...more,
})
