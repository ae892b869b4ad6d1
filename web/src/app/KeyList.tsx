import { Sheet } from '../ui/Sheet'
import { Key } from '../ui/Key'
import { SECTIONS } from './sections'
import { wording } from './wording'

const KEYS = [
  ...SECTIONS.map((section, i) => [String(i + 1), section.label] as const),
  ['L', wording.writeInTheLogLine()],
  ['S', wording.beginASitting()],
  [wording.enter(), wording.saveTheLogLine()],
  ['← →', wording.onTheRulerTheWeekBefore()],
  ['← → ↑ ↓', wording.amongPagesOfABookOn()],
  ['/', wording.search()],
  ['?', wording.thisList()],
  [wording.esc(), wording.closeWhatIsOpenLeaveA()],
] as const

/** Every key in one list. */
export default function KeyList({ onClose }: { onClose: () => void }) {
  return (
    <Sheet open onClose={onClose} title={wording.keys()}>
      <dl className="grid grid-cols-[5rem_1fr] gap-y-2">
        {KEYS.map(([key, meaning]) => (
          <div key={key} className="contents">
            <dt>
              <Key name={key} />
            </dt>
            <dd>{meaning}</dd>
          </div>
        ))}
      </dl>
    </Sheet>
  )
}
