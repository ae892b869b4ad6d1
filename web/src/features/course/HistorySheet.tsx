import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { Sheet } from '../../ui/Sheet'
import { Waiting } from '../../ui/Waiting'
import { KEPT, tell } from './text'
import { usePlanChanges } from '../../shared/plan/usePlanChanges'
import { wording } from './wording'
import { Said } from '../../shared/said/Said'

/** What became of the plan, as a story; what nothing was built on can be taken back. */
export function HistorySheet({ placement, onClose }: { placement: string; onClose: () => void }) {
  const { undo } = usePlanChanges(placement)
  return (
    <Sheet open onClose={onClose} title={wording.howThePlanCameToBe()}>
      <Waiting query={useQuery(queries.history(placement))}>
        {(lines) =>
          lines.length === 0 ? (
            <p>{wording.thePlanIsAsTheCourse()}</p>
          ) : (
            <ol>
              {[...lines].reverse().map((line) => (
                <Line key={line.id} line={line} onUndo={() => undo.mutate(line.id)} busy={undo.isPending} />
              ))}
            </ol>
          )
        }
      </Waiting>
    </Sheet>
  )
}

function Line({ line, onUndo, busy }: { line: Schemas['HistoryLine']; onUndo: () => void; busy: boolean }) {
  const format = useFormats()
  return (
    <li className="border-hairline border-t py-3">
      <p className="text-faded text-sm">
        {format.fullDay(line.madeOn)}
        {line.automatic && wording.byItselfAsTheWayWith()}
      </p>
      {line.changes.map((made, i) => (
        <p key={i} className={line.undone ? 'text-faded line-through' : ''}>
          {tell(made, format)}
        </p>
      ))}
      {line.reason && (
        <p className="font-serif italic">
          <Said message={line.reason} />
        </p>
      )}
      <p className="text-faded">
        {line.undone
          ? wording.takenBack()
          : line.endBefore === line.endAfter
            ? wording.theEndStayedOnEndAfter({ endAfter: format.dayMonthYear(line.endAfter) })
            : wording.theEndMovedFromEndBeforeTo({
                endBefore: format.dayMonthYear(line.endBefore),
                endAfter: format.dayMonthYear(line.endAfter),
              })}
        {!line.undone && line.kept != null && wording.itStaysKept({ kept: KEPT[line.kept] })}
      </p>
      {!line.undone && line.kept == null && (
        <Button disabled={busy} onClick={onUndo}>
          {wording.takeItBack()}
        </Button>
      )}
    </li>
  )
}
