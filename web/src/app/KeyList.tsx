import { Sheet } from '../ui/Sheet'
import { Key } from '../ui/Key'
import { SECTIONS } from './sections'

const KEYS = [
  ...SECTIONS.map((section, i) => [String(i + 1), section.label] as const),
  ['L', 'Write in the log line'],
  ['S', 'Begin a sitting'],
  ['Enter', 'Save the log line'],
  ['← →', 'On the ruler: the week before or after'],
  ['← → ↑ ↓', 'Among pages of a book; on a page and in the tray: the one before or after'],
  ['/', 'Search'],
  ['?', 'This list'],
  ['Esc', 'Close what is open; leave a field, so that the other keys work'],
] as const

/** Every key in one list. */
export default function KeyList({ onClose }: { onClose: () => void }) {
  return (
    <Sheet open onClose={onClose} title="Keys">
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
