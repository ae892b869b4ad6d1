import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { answer, api } from '../../api/client'
import { KeepWithPiece } from '../../shared/KeepWithPiece'
import { LINE_LINK } from '../../ui/Button'
import { Field, SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField, readWithin, type NumberKind } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { useSettled } from '../../ui/useSettled'
import { wording } from './wording'

const PAUSE = 300
const SIDE: NumberKind = { min: 0.1, max: 100_000, decimals: true }
const MARGIN: NumberKind = { min: 0, max: 500, decimals: true }
const SQUARES: NumberKind = { min: 1, max: 60 }
const HEADS: NumberKind = { min: 3, max: 10, decimals: true }
const ANGLE: NumberKind = { min: 0.1, max: 179.9, decimals: true }

/** Measuring helps that need no picture: each computes as soon as its numbers can be read. */
export default function MeasureScreen() {
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="measure">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 id="measure">{wording.measuring()}</h1>
          <Link to="/bench" className={LINE_LINK}>
            {wording.bench()}
          </Link>
        </div>
        <Grid />
      </Leaf>
      <Leaf second aria-label={wording.moreHelps()}>
        <Heads />
        <ThirdPoint />
      </Leaf>
    </TwoLeaves>
  )
}

/** A number as typed, with what is wrong with it. */
function useNumber(first: string, kind: NumberKind) {
  const format = useFormats()
  const [text, setText] = useState(first)
  const settled = useSettled(text, PAUSE)
  return {
    value: readWithin(settled, kind, format),
    field: {
      value: text,
      bounds: kind,
      decimals: kind.decimals ?? false,
      onChange: (event: { target: { value: string } }) => setText(event.target.value),
    },
  }
}

function Grid() {
  const format = useFormats()
  const [params] = useSearchParams()
  const width = useNumber(params.get('width') ?? '10', SIDE)
  const height = useNumber(params.get('height') ?? '15', SIDE)
  const margin = useNumber('10', MARGIN)
  const columns = useNumber(params.get('columns') ?? '6', SQUARES)
  const [paper, setPaper] = useState('A4')
  const settled = useSettled(paper, PAUSE)
  const known =
    width.value !== undefined &&
    height.value !== undefined &&
    margin.value !== undefined &&
    columns.value !== undefined &&
    settled.trim() !== ''
      ? {
          width: width.value,
          height: height.value,
          margin: margin.value,
          columns: columns.value,
          paper: settled,
        }
      : undefined
  const grid = useQuery({
    queryKey: ['measure', 'grid', known],
    queryFn: () => answer(api.GET('/api/measure/grid', { params: { query: known ?? nothing() } })),
    enabled: known !== undefined,
    placeholderData: (last) => last,
    retry: false,
  })
  const one = (value: number) => format.number(Math.round(value * 10) / 10)
  return (
    <section aria-labelledby="grid" className="mt-3">
      <h2 id="grid">{wording.carryOverBySquares()}</h2>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <NumberField label={wording.referenceWidth()} {...width.field} />
        <NumberField label={wording.referenceHeight()} {...height.field} />
        <Field label={wording.paper()} value={paper} onChange={(e) => setPaper(e.target.value)} />
        <NumberField label={wording.marginMm()} {...margin.field} />
        <NumberField label={wording.squaresAcross()} {...columns.field} />
      </div>
      {grid.error ? (
        <Refused error={grid.error} className="mt-3" />
      ) : (
        grid.data &&
        known && (
          <div className="mt-3 flex flex-wrap gap-6" aria-live="polite">
            <GridPicture view={grid.data} />
            <div>
              <p className="font-serif text-xl">
                {wording.columnsRowsSquares({ columns: grid.data.grid.columns, rows: grid.data.grid.rows })}
              </p>
              <p>
                {wording.onTheReferenceReferenceCellEachIn({
                  referenceCell: one(grid.data.grid.referenceCell),
                })}
              </p>
              <p>{wording.onThePaperPaperCellMmEach({ paperCell: one(grid.data.grid.paperCell) })}</p>
              <p className="text-faded">
                {wording.withTheReferenceToldInMillimetres({ enlarges: one(grid.data.enlarges) })}
              </p>
              <p className="text-faded">
                {wording.freePaperLeftMmAtEach({
                  left: one(grid.data.grid.left),
                  top: one(grid.data.grid.top),
                })}
              </p>
              <a
                href={`/api/measure/grid.pdf?${new URLSearchParams(
                  Object.entries(known).map(([k, v]) => [k, String(v)]),
                ).toString()}`}
                className={LINE_LINK}
                target="_blank"
                rel="noreferrer"
              >
                {wording.printItInTrueSize()}
              </a>
              <KeepWithPiece
                words={wording.columnsRowsSquaresPaperCellMmEach({
                  columns: grid.data.grid.columns,
                  rows: grid.data.grid.rows,
                  paperCell: one(grid.data.grid.paperCell),
                  paper: known.paper,
                  enlarges: one(grid.data.enlarges),
                })}
              />
            </div>
          </div>
        )
      )}
    </section>
  )
}

function nothing(): never {
  throw new Error('asked before the numbers can be read')
}

function GridPicture({
  view: { grid, paperWidth, paperHeight },
}: {
  view: {
    grid: { columns: number; rows: number; paperCell: number; left: number; top: number }
    paperWidth: number
    paperHeight: number
  }
}) {
  const right = grid.left + grid.columns * grid.paperCell
  const bottom = grid.top + grid.rows * grid.paperCell
  return (
    <svg
      viewBox={`0 0 ${paperWidth} ${paperHeight}`}
      className="border-hairline plate h-64 border [&_line]:[vector-effect:non-scaling-stroke]"
      aria-hidden
    >
      {Array.from({ length: grid.columns + 1 }, (_, i) => grid.left + i * grid.paperCell).map((x) => (
        <line
          key={`x${x}`}
          x1={x}
          x2={x}
          y1={grid.top}
          y2={bottom}
          className="stroke-on-picture"
          opacity={0.6}
        />
      ))}
      {Array.from({ length: grid.rows + 1 }, (_, i) => grid.top + i * grid.paperCell).map((y) => (
        <line
          key={`y${y}`}
          x1={grid.left}
          x2={right}
          y1={y}
          y2={y}
          className="stroke-on-picture"
          opacity={0.6}
        />
      ))}
    </svg>
  )
}

const CANONS = {
  '7.5': wording.usual7Heads(),
  '8': wording.idealised8Heads(),
  '5': wording.aChildOfAboutFive5(),
}

function Heads() {
  const format = useFormats()
  const [paper, setPaper] = useState('A4')
  const settled = useSettled(paper, PAUSE)
  const margin = useNumber('15', MARGIN)
  const heads = useNumber(format.writeNumber(7.5), HEADS)
  const known =
    margin.value !== undefined && heads.value !== undefined && settled.trim() !== ''
      ? { paper: settled, margin: margin.value, heads: heads.value }
      : undefined
  const ruler = useQuery({
    queryKey: ['measure', 'heads', known],
    queryFn: () => answer(api.GET('/api/measure/heads', { params: { query: known ?? nothing() } })),
    enabled: known !== undefined,
    placeholderData: (last) => last,
    retry: false,
  })
  const one = (value: number) => format.number(Math.round(value * 10) / 10)
  return (
    <section aria-labelledby="heads">
      <h2 id="heads">{wording.headsTallAndRoomOnThe()}</h2>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <Field label={wording.paper()} value={paper} onChange={(e) => setPaper(e.target.value)} />
        <NumberField label={wording.marginAboveAndBelowMm()} {...margin.field} />
        <NumberField label={wording.howManyHeads()} {...heads.field} />
        <SelectField
          label={wording.aCanon()}
          value=""
          onChange={(e) =>
            heads.field.onChange({ target: { value: format.writeNumber(Number(e.target.value)) } })
          }
        >
          <option value="">{wording.chooseOne()}</option>
          {Object.entries(CANONS).map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </SelectField>
      </div>
      {ruler.error ? (
        <Refused error={ruler.error} className="mt-2" />
      ) : (
        ruler.data &&
        known && (
          <>
            <p aria-live="polite" className="mt-2">
              {wording.oneHeadIs()} <strong>{wording.headMm({ head: one(ruler.data.head) })}</strong>
              {wording.marksFromTheUpperEdgeJoin({ join: ruler.data.marks.map(one).join(', ') })}
            </p>
            <KeepWithPiece
              words={wording.headsHeadsOnSettledOneHead({
                heads: one(ruler.data.heads),
                settled,
                head: one(ruler.data.head),
              })}
            />
          </>
        )
      )}
    </section>
  )
}

function ThirdPoint() {
  const format = useFormats()
  const base = useNumber('10', { min: 0.01, max: 100_000, decimals: true })
  const first = useNumber('45', ANGLE)
  const second = useNumber('60', ANGLE)
  const known =
    base.value !== undefined && first.value !== undefined && second.value !== undefined
      ? { base: base.value, first: first.value, second: second.value }
      : undefined
  const point = useQuery({
    queryKey: ['measure', 'triangulation', known],
    queryFn: () => answer(api.GET('/api/measure/triangulation', { params: { query: known ?? nothing() } })),
    enabled: known !== undefined,
    placeholderData: (last) => last,
    retry: false,
  })
  const two = (value: number) => format.number(Math.round(value * 100) / 100)
  return (
    <section aria-labelledby="third" className="mt-6">
      <h2 id="third">{wording.aThirdPointFromTwoAngles()}</h2>
      <div className="grid grid-cols-3 gap-x-6 gap-y-3">
        <NumberField label={wording.knownDistance()} {...base.field} />
        <NumberField label={wording.angleAtTheFirst()} {...first.field} />
        <NumberField label={wording.angleAtTheSecond()} {...second.field} />
      </div>
      {point.error ? (
        <Refused error={point.error} className="mt-2" />
      ) : (
        point.data &&
        known && (
          <p aria-live="polite" className="mt-2">
            <strong>{two(point.data.along)}</strong> {wording.alongFromTheFirst()}{' '}
            <strong>{two(point.data.up)}</strong> {wording.awayFromTheLine()}{' '}
            <span className="text-faded">
              {point.data.error == null
                ? wording.readADegreeWrongItMay()
                : wording.readADegreeWrongItLies({ error: two(point.data.error) })}
            </span>
          </p>
        )
      )}
    </section>
  )
}
