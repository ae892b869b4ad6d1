import { useEffect, useRef } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { wording } from './wording'

type Week = Schemas['WeekTable']
type Row = Schemas['Row']
type Cell = Schemas['Cell']

/** What all days of a week, be it longer than seven, have of its width, in percent. */
const DAYS_SHARE = 66.5

/** One week: days across, exercises down; pencil is planned, ink is done. */
export function WeekTable({ week, today }: { week: Week; today: string }) {
  const format = useFormats()
  const now = useRef<HTMLTableCellElement>(null)
  useEffect(() => {
    const cell = now.current
    const box = cell?.closest('div')
    const names = cell?.parentElement?.firstElementChild
    if (cell && box && names) {
      // Only the table moves, to where today stands beside the names: the page stays at its beginning.
      box.scrollLeft += cell.getBoundingClientRect().left - names.getBoundingClientRect().right
    }
  }, [week.key])
  return (
    <div className="mt-4 scroll-pl-60 overflow-x-auto">
      <table className="w-full min-w-[680px] print:min-w-0">
        <thead>
          <tr>
            <th scope="col" className="bg-paper sticky left-0 text-left font-normal">
              <span className="sr-only">{wording.exercise()}</span>
            </th>
            {week.days.map((day) => (
              <th
                key={day.date}
                ref={day.date === today ? now : undefined}
                scope="col"
                style={{ width: `${DAYS_SHARE / week.days.length}%` }}
                className={`py-1.5 ${day.date === today ? 'font-bold' : 'text-faded font-normal'}`}
                {...(day.date === today ? { 'aria-current': 'date' } : {})}
              >
                <Link
                  to={day.date === today ? '/today' : `/day/${day.date}`}
                  className="decoration-hairline inline-block min-h-8 min-w-6 underline underline-offset-4 print:no-underline pointer-coarse:min-h-11"
                >
                  {format.shortDay(day.date)}
                </Link>
                {day.appointments.map((a) => (
                  <span key={a.title} className="text-verdigris block text-sm font-normal">
                    {a.start.slice(0, 5)} {a.title}
                  </span>
                ))}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {week.rows.map((row) => (
            <ExerciseRow key={row.exerciseId} row={row} week={week} today={today} />
          ))}
        </tbody>
        <tfoot>
          <tr className="border-ink border-t">
            <th scope="row" className="bg-paper sticky left-0 py-2 text-left font-medium">
              {wording.roomUsed()}
              <span className="text-faded block text-sm font-normal">
                {wording.freeShareAndSettingUpAre()}
              </span>
            </th>
            {week.days.map((day) => (
              <td key={day.date} className="text-faded px-1 py-2 text-center">
                {day.closed
                  ? wording.waits()
                  : day.rest
                    ? wording.noRoom()
                    : wording.usedMinutesOfRoomMinutes({
                        usedMinutes: day.usedMinutes,
                        roomMinutes: day.roomMinutes,
                      })}
              </td>
            ))}
          </tr>
        </tfoot>
      </table>
    </div>
  )
}

function ExerciseRow({ row, week, today }: { row: Row; week: Week; today: string }) {
  const format = useFormats()
  const quantity =
    row.unit === 'MINUTES'
      ? wording.quantityMin({ quantity: row.quantity })
      : wording.quantitySecondsEachEach({ quantity: row.quantity, secondsEach: format.each(row.secondsEach) })
  return (
    <tr className="border-hairline border-t">
      <th
        scope="row"
        className="bg-paper sticky left-0 max-w-36 py-1.5 pr-3 text-left font-medium sm:max-w-none"
      >
        {row.text ? (
          <details>
            <summary className="list-none">{row.title}</summary>
            <p className="max-w-prose font-normal">{row.text}</p>
            <p className="max-w-prose font-serif font-normal italic">{row.lookFor}</p>
          </details>
        ) : (
          row.title
        )}
        <span className="text-faded block text-sm font-normal">
          {quantity}
          {row.source && ` · ${row.source}`}
          {row.done > 0 && wording.doneDone({ done: row.done })}
        </span>
      </th>
      {row.cells.map((cell, i) => {
        const date = week.days[i]?.date ?? ''
        return (
          <td key={date} className={`text-center ${date === today ? 'bg-deeper' : ''}`}>
            <CellMark cell={cell} ahead={date >= today} />
          </td>
        )
      })}
    </tr>
  )
}

function CellMark({ cell, ahead }: { cell: Cell; ahead: boolean }) {
  if (ahead && cell.appointed > 0 && cell.done === 0) {
    return (
      <span className="italic">
        <span className="text-faded">{cell.share}</span>{' '}
        <span className="text-verdigris text-sm">
          {wording.appointedThere({ appointed: cell.appointed })}
        </span>
      </span>
    )
  }
  if (cell.missed) {
    return (
      <span
        role="img"
        aria-label={wording.missedShareWerePlanned({ share: cell.share })}
        className="border-faded mx-auto block w-6 border-t"
      />
    )
  }
  if (ahead && cell.share > cell.done) {
    return cell.done > 0 ? (
      <span>
        <b>{cell.done}</b>
        <span className="text-faded italic"> {wording.ofShare({ share: cell.share })}</span>
      </span>
    ) : (
      <span className="text-faded italic">{cell.share}</span>
    )
  }
  return cell.done > 0 ? <b>{cell.done}</b> : null
}
