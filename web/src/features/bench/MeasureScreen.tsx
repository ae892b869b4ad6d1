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
          <h1 id="measure">Measuring</h1>
          <Link to="/bench" className={LINE_LINK}>
            Bench
          </Link>
        </div>
        <Grid />
      </Leaf>
      <Leaf second aria-label="More helps">
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
      <h2 id="grid">Carry over by squares</h2>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <NumberField label="Reference, width" {...width.field} />
        <NumberField label="Reference, height" {...height.field} />
        <Field label="Paper" value={paper} onChange={(e) => setPaper(e.target.value)} />
        <NumberField label="Margin, mm" {...margin.field} />
        <NumberField label="Squares across" {...columns.field} />
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
                {grid.data.grid.columns} × {grid.data.grid.rows} squares
              </p>
              <p>On the reference {one(grid.data.grid.referenceCell)} each, in its own unit.</p>
              <p>On the paper {one(grid.data.grid.paperCell)} mm each.</p>
              <p className="text-faded">
                With the reference told in millimetres it becomes {one(grid.data.enlarges)} times as large.
              </p>
              <p className="text-faded">
                Free paper: {one(grid.data.grid.left)} mm at each side, {one(grid.data.grid.top)} mm above and
                below.
              </p>
              <a
                href={`/api/measure/grid.pdf?${new URLSearchParams(
                  Object.entries(known).map(([k, v]) => [k, String(v)]),
                ).toString()}`}
                className={LINE_LINK}
                target="_blank"
                rel="noreferrer"
              >
                Print it in true size
              </a>
              <KeepWithPiece
                words={`${grid.data.grid.columns} × ${grid.data.grid.rows} squares, ${one(grid.data.grid.paperCell)} mm each on ${known.paper}, ${one(grid.data.enlarges)} times as large.`}
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

const CANONS = { '7.5': 'usual, 7½ heads', '8': 'idealised, 8 heads', '5': 'a child of about five, 5 heads' }

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
      <h2 id="heads">Heads tall, and room on the sheet</h2>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <Field label="Paper" value={paper} onChange={(e) => setPaper(e.target.value)} />
        <NumberField label="Margin above and below, mm" {...margin.field} />
        <NumberField label="How many heads" {...heads.field} />
        <SelectField
          label="A canon"
          value=""
          onChange={(e) =>
            heads.field.onChange({ target: { value: format.writeNumber(Number(e.target.value)) } })
          }
        >
          <option value="">choose one</option>
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
              One head is <strong>{one(ruler.data.head)} mm</strong>. Marks from the upper edge:{' '}
              {ruler.data.marks.map(one).join(', ')} mm.
            </p>
            <KeepWithPiece
              words={`${one(ruler.data.heads)} heads on ${settled}: one head is ${one(ruler.data.head)} mm.`}
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
      <h2 id="third">A third point from two angles</h2>
      <div className="grid grid-cols-3 gap-x-6 gap-y-3">
        <NumberField label="Known distance" {...base.field} />
        <NumberField label="Angle at the first, °" {...first.field} />
        <NumberField label="Angle at the second, °" {...second.field} />
      </div>
      {point.error ? (
        <Refused error={point.error} className="mt-2" />
      ) : (
        point.data &&
        known && (
          <p aria-live="polite" className="mt-2">
            <strong>{two(point.data.along)}</strong> along from the first,{' '}
            <strong>{two(point.data.up)}</strong> away from the line.{' '}
            <span className="text-faded">
              {point.data.error == null
                ? 'Read a degree wrong it may lie anywhere.'
                : `Read a degree wrong it lies up to ${two(point.data.error)} elsewhere.`}
            </span>
          </p>
        )
      )}
    </section>
  )
}
