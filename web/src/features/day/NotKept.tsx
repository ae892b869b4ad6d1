import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'

/** What stands in the way of keeping what is written. */
export function NotKept({ today }: { today: Pick<Schemas['TodayView'], 'copies' | 'disk'> }) {
  const format = useFormats()
  const { copies, disk } = today
  if (!copies && !disk) {
    return null
  }
  return (
    <div role="status" className="border-hairline text-sanguine wide:px-8 border-b px-4 py-2">
      {disk && <p>{disk} Until then nothing new is kept; what is here can be read.</p>}
      {copies && !disk && (
        <p>
          {copies.newest
            ? `No copy was made since ${format.weekdayDate(copies.newest)}. `
            : 'There is no copy yet. '}
          {copies.sentence} <Link to="/settings#copies">See to the copies</Link>
        </p>
      )}
    </div>
  )
}
