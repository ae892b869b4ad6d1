import { Link } from 'react-router'
import type { Schemas } from '../../../api/client'
import { useFormats } from '../../../ui/locale'
import { wording } from './wording'
import { useSaid } from '../../../shared/said/useSaid'

/** What stands in the way of keeping what is written. */
export default function NotKept({ today }: { today: Pick<Schemas['TodayView'], 'copies' | 'disk'> }) {
  const format = useFormats()
  const { copies, disk } = today
  const said = useSaid(copies != null || disk != null)
  return (
    <div role="status" className="border-hairline text-sanguine wide:px-8 border-b px-4 py-2">
      {disk && <p>{wording.diskUntilThenNothingNewIs({ disk: said(disk) })}</p>}
      {copies && !disk && (
        <p>
          {copies.newest
            ? wording.noCopyWasMadeSinceNewest({ newest: format.weekdayDate(copies.newest) })
            : wording.thereIsNoCopyYet()}
          {said(copies.reason)} <Link to="/settings#copies">{wording.seeToTheCopies()}</Link>
        </p>
      )}
    </div>
  )
}
