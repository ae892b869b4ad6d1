import { Fragment } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { Blot } from '../../ui/Blot'
import { useFormats, type Formats } from '../../ui/locale'
import { needsDecision, standing } from './text'
import { wording } from './wording'

type Coverage = Schemas['CoverageView']
type Row = Schemas['TopicRow']

/** Topics down, weeks or days across; names and what is said at each row's end stay in sight. */
export function TopicTable({ coverage }: { coverage: Coverage }) {
  const format = useFormats()
  const { columns, now, areas } = coverage
  const names = columns.map((column) => columnName(column, coverage, format))
  const size = columns.length > 40 ? 15 : columns.length > 26 ? 22 : 26
  return (
    <div className="mt-2 overflow-x-auto" role="group" aria-label={wording.topicsByWeek()}>
      <table className="w-full border-collapse">
        <thead>
          <tr className="text-faded text-sm">
            <th scope="col" className="bg-paper sticky left-0 z-10 text-left font-normal">
              <span className="sr-only">{wording.topic()}</span>
            </th>
            {columns.map((column, i) => (
              <th
                key={column.from}
                scope="col"
                className={`px-0 text-center font-normal ${i === now ? 'bg-deeper text-ink font-bold' : ''}`}
                style={{ minWidth: size }}
              >
                <span className="sr-only">{names[i]}</span>
                <span aria-hidden className="whitespace-nowrap">
                  {columnLabel(columns, i, coverage, format)}
                </span>
              </th>
            ))}
            <th scope="col" className="text-left font-normal">
              <span className="sr-only">{wording.howItStands()}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {areas.map((area) => (
            <Fragment key={area.name}>
              <tr>
                <th
                  scope="colgroup"
                  className="bg-paper sticky left-0 pt-2 text-left font-serif text-lg font-medium"
                >
                  {area.name || wording.inNoArea()}
                </th>
                {columns.map((column, i) => (
                  <td key={column.from} className={i === now ? 'bg-deeper' : ''} />
                ))}
                <td />
              </tr>
              {area.topics.map((row) => (
                <TopicLine key={row.name} row={row} coverage={coverage} names={names} size={size} />
              ))}
            </Fragment>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function TopicLine({
  row,
  coverage,
  names,
  size,
}: {
  row: Row
  coverage: Coverage
  /** Of the columns. */
  names: string[]
  size: number
}) {
  const format = useFormats()
  const { columns, now, blot } = coverage
  const cells = new Map(row.cells.map((cell) => [cell.column, cell]))
  const faded = row.state === 'FADING' || row.state === 'RUSTY'
  return (
    <tr className="border-hairline border-b">
      <th
        scope="row"
        className={`bg-paper sticky left-0 z-10 max-w-44 truncate pr-3 pl-3 text-left font-normal ${faded ? 'text-faded' : ''}`}
      >
        {row.id == null ? (
          row.name
        ) : (
          <Link
            to={`/topics/${row.id}`}
            className="hover:decoration-ink decoration-hairline inline-flex min-h-7 items-center underline underline-offset-4 pointer-coarse:min-h-11"
          >
            {row.name}
          </Link>
        )}
      </th>
      {columns.map((column, i) => {
        const cell = cells.get(i)
        return (
          <td
            key={column.from}
            className={`p-0 text-center leading-none ${i === now ? 'bg-deeper' : ''}`}
            title={cell && `${names[i]}: ${cellText(cell, format)}`}
          >
            {cell && (
              <span className="inline-grid place-items-center align-middle">
                <Blot
                  share={blot === 0 ? 0 : cell.minutes / blot}
                  planned={cell.inPlan ? (blot === 0 ? 0 : cell.planned / blot) : undefined}
                  strength={row.freshness ?? 1}
                  seed={i + row.name.length}
                  size={size}
                />
                <span className="sr-only">{cellText(cell, format)}</span>
              </span>
            )}
          </td>
        )
      })}
      <td className={`pl-3 text-sm whitespace-nowrap ${needsDecision(row) ? 'text-sanguine' : 'text-faded'}`}>
        {standing(row, format)}
      </td>
    </tr>
  )
}

function cellText({ minutes, planned, inPlan }: Schemas['TopicCell'], format: Formats): string {
  const said = [
    minutes > 0 && format.minutes(minutes),
    inPlan &&
      (planned > 0 ? wording.plannedPlanned({ planned: format.minutes(planned) }) : wording.planned2()),
  ].filter(Boolean)
  return said.join(', ') || wording.drawnNoMinutesTold()
}

const columnName = (column: Schemas['Column'], { window }: Coverage, format: Formats) =>
  column.number != null
    ? wording.weekNumberTitle({ number: column.number, title: column.title })
    : window === 'DAYS'
      ? format.weekdayDate(column.from)
      : `${column.title || wording.weekOf()} ${format.dayMonth(column.from)}`

/** What stands above a column where there is room. */
function columnLabel(columns: Schemas['Column'][], i: number, { window }: Coverage, format: Formats) {
  const column = columns[i]
  if (!column) {
    return ''
  }
  if (window === 'COURSE') {
    return column.number ?? '·'
  }
  if (window === 'DAYS') {
    return Number(column.from.slice(8))
  }
  const month = column.from.slice(5, 7)
  return month === columns[i - 1]?.from.slice(5, 7) ? '' : format.month(column.from)
}
