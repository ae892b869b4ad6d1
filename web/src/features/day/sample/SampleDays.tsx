import type { Schemas } from '../../../api/client'
import { PenLine } from '../../../shared/PenLine'
import { wording } from './wording'

const SAMPLE_MINUTES = [
  20, 35, 30, 45, 25, 60, 0, 30, 40, 20, 50, 35, 70, 0, 25, 30, -1, 45, 30, 55, 0, 40, 35, 50, 45, 60, 80, 0,
]

/** Twelve weeks as they could be drawn: rest on the seventh day, one missed in four weeks. */
const SAMPLE_DAYS: Schemas['Stroke'][] = Array.from({ length: 84 }, (_, i) => {
  const minutes = SAMPLE_MINUTES[i % SAMPLE_MINUTES.length] ?? 0
  return {
    date: String(i),
    mark: minutes > 0 ? 'INK' : minutes < 0 ? 'FORGIVEN' : 'REST',
    minutes: Math.max(0, minutes),
  }
})

/** What will stand where the days stand once the first one is drawn. */
export default function SampleDays() {
  return (
    <>
      <PenLine
        strokes={SAMPLE_DAYS}
        today=""
        text={wording.aSampleOfTheLineThat()}
        label={() => undefined}
        name={() => wording.aSample()}
        onDay={() => undefined}
        pencil
      />
      <p className="text-faded -mt-2 pb-1 text-sm">{wording.yourDaysWillStandHereAs()}</p>
    </>
  )
}
