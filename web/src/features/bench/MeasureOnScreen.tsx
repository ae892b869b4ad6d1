import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answer, api } from '../../api/client'
import { queries } from '../../api/queries'
import { KeepWithPiece } from '../../shared/KeepWithPiece'
import { Button, LINE_LINK } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { LandmarkPicture } from '../../shared/picture/LandmarkPicture'
import type { Comparison, Place } from './text'
import { useComparison } from './useComparison'
import { wording } from './wording'

const WAYS = {
  HEADS: wording.headsTall(),
  UNIT: wording.byAUnitOfItsOwn(),
  PLUMB: wording.plumbAndLevel(),
  SQUARES: wording.squaresLaidOver(),
  EYE: wording.eyeLevel(),
}
type Way = keyof typeof WAYS

/** What is pressed, in its order. */
const POINTS: Record<Way, string[]> = {
  HEADS: [wording.topOfTheHead(), 'chin', 'soles'],
  UNIT: [
    wording.oneEndOfTheUnit(),
    wording.otherEndOfTheUnit(),
    wording.oneEndOfTheLength(),
    wording.otherEndOfTheLength(),
  ],
  PLUMB: [wording.thePoint()],
  SQUARES: [],
  EYE: ['first', 'second', 'third', 'fourth'].flatMap((edge) => [
    wording.edgeEdgeNear({ edge }),
    wording.edgeEdgeFar({ edge }),
  ]),
}

const HINTS: Record<Way, string> = {
  HEADS: wording.oneHeadFromItsTopTo(),
  UNIT: wording.anyLengthIsTheUnitOf(),
  PLUMB: wording.everythingOnTheUprightLineStands(),
  SQUARES: wording.wholeSquaresAsTheyCanBe(),
  EYE: wording.twoEdgesThatLeadAwayTo(),
}

/** Measuring on a picture of a pair. */
export default function MeasureOnScreen() {
  const { id = '' } = useParams()
  return (
    <Waiting query={useQuery(queries.comparison(id))}>
      {(comparison) => <MeasureOn key={id} comparison={comparison} />}
    </Waiting>
  )
}

function MeasureOn({ comparison }: { comparison: Comparison }) {
  const [yours, setYours] = useState(false)
  const [way, setWay] = useState<Way>('HEADS')
  const [columns, setColumns] = useState(6)
  const [placed, setPlaced] = useState<Place[]>([])
  const picture = yours && comparison.attempt ? comparison.attempt : comparison.reference
  const names = POINTS[way]
  const next = names.find((n) => !placed.some((p) => p.name === n))
  const at = (name: string) => placed.find((p) => p.name === name)
  const choose = (change: () => void) => {
    change()
    setPlaced([])
  }
  const result = useResult(way, placed, picture.ratio)
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="measure-on">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 id="measure-on">{wording.measuringOnThePicture()}</h1>
          <Link to={`/bench/${comparison.id}`} className={LINE_LINK}>
            {wording.thePair()}
          </Link>
        </div>
        <p role="status" className="min-h-6">
          {next ? (
            <>
              {wording.press()} <strong>{next}</strong>.
            </>
          ) : (
            wording.dragWhatDoesNotFit()
          )}
        </p>
        <div className="mt-2 max-w-xl">
          <LandmarkPicture
            src={picture.address}
            ratio={picture.ratio}
            name={yours ? wording.yourDrawing2() : wording.theReference()}
            landmarks={[]}
            places={placed}
            next={next}
            axes={[
              ...lines(way, placed),
              ...(way === 'SQUARES' ? squares(columns, picture.ratio) : []),
              ...result.lines,
            ]}
            onSet={(p) => setPlaced((was) => [...was.filter((q) => q.name !== p.name), p])}
            onTake={(name) => setPlaced((was) => was.filter((p) => p.name !== name))}
          />
        </div>
      </Leaf>
      <Leaf second aria-label={wording.whatComesOut()}>
        <div className="grid max-w-sm gap-3">
          <SelectField
            label={wording.measure()}
            value={way}
            onChange={(e) => choose(() => setWay(e.target.value as Way))}
          >
            <Options of={WAYS} />
          </SelectField>
          {comparison.attempt && (
            <SelectField
              label={wording.on()}
              value={yours ? 'yours' : 'reference'}
              onChange={(e) => choose(() => setYours(e.target.value === 'yours'))}
            >
              <Options of={{ reference: wording.theReference2(), yours: wording.yourDrawing() }} />
            </SelectField>
          )}
          {way === 'SQUARES' && (
            <SelectField
              label={wording.squaresAcross()}
              value={String(columns)}
              onChange={(e) => setColumns(Number(e.target.value))}
            >
              <Options of={Object.fromEntries([3, 4, 5, 6, 8, 10, 12].map((n) => [n, String(n)]))} />
            </SelectField>
          )}
        </div>
        <p className="text-faded mt-3 max-w-prose">{HINTS[way]}</p>
        {way === 'SQUARES' ? (
          <Link
            to={`/bench/measure?width=${Math.round(100 * picture.ratio)}&height=100&columns=${columns}`}
            className={LINE_LINK}
          >
            {wording.carryItOverToAPaper()}
          </Link>
        ) : (
          <p aria-live="polite" className="mt-3 font-serif text-xl">
            {result.words}
          </p>
        )}
        {result.words !== '' && (
          <Keep comparison={comparison} words={result.words} at={at(names.at(-1) ?? '')} />
        )}
        {placed.length > 0 && (
          <Button look="quiet" onClick={() => setPlaced([])}>
            {wording.takeAllPointsOff()}
          </Button>
        )}
      </Leaf>
    </TwoLeaves>
  )
}

/** The result is pinned to the pair, or kept with a piece. */
function Keep({ comparison, words, at }: { comparison: Comparison; words: string; at: Place | undefined }) {
  const { change } = useComparison(comparison)
  const kept = comparison.fields.notes.some((n) => n.text === words)
  return (
    <div className="no-print mt-2 flex flex-wrap items-end gap-x-6">
      <Button
        look="quiet"
        disabled={kept}
        onClick={() =>
          change((was) => ({ notes: [...was.notes, { x: at?.x ?? 0.5, y: at?.y ?? 0.1, text: words }] }))
        }
      >
        {kept ? wording.keptWithThePair() : wording.keepWithThePair()}
      </Button>
      <KeepWithPiece words={words} />
    </div>
  )
}

const line = (x1: number, y1: number, x2: number, y2: number): [Place, Place] => [
  { name: `${x1} ${y1}`, x: x1, y: y1 },
  { name: `${x2} ${y2}`, x: x2, y: y2 },
]

/** Lines between what is placed. */
function lines(way: Way, placed: Place[]): [Place, Place][] {
  const at = (name: string | undefined) => placed.find((p) => p.name === name)
  if (way === 'PLUMB') {
    const point = placed[0]
    return point ? [line(point.x, 0, point.x, 1), line(0, point.y, 1, point.y)] : []
  }
  const pairs: [number, number][] =
    way === 'HEADS'
      ? [
          [0, 1],
          [1, 2],
        ]
      : way === 'UNIT'
        ? [
            [0, 1],
            [2, 3],
          ]
        : way === 'EYE'
          ? [
              [0, 1],
              [2, 3],
              [4, 5],
              [6, 7],
            ]
          : []
  return pairs.flatMap(([a, b]): [Place, Place][] => {
    const from = at(POINTS[way][a])
    const to = at(POINTS[way][b])
    return from && to ? [[from, to]] : []
  })
}

function squares(columns: number, ratio: number): [Place, Place][] {
  const rows = columns / ratio
  return [
    ...Array.from({ length: columns - 1 }, (_, i) => line((i + 1) / columns, 0, (i + 1) / columns, 1)),
    ...Array.from({ length: Math.ceil(rows) - 1 }, (_, i) => line(0, (i + 1) / rows, 1, (i + 1) / rows)),
  ]
}

/** What the placed points tell; the server does the sums. */
function useResult(way: Way, placed: Place[], ratio: number): { words: string; lines: [Place, Place][] } {
  const format = useFormats()
  const all = POINTS[way].map((name) => placed.find((p) => p.name === name))
  const known = all.filter((p): p is Place => p !== undefined)
  const whole = known.length === all.length && all.length > 0
  const numbers = (points: Place[]) => points.flatMap((p) => [p.x, p.y / ratio])
  const [a, b, c] = known
  const ends = way === 'HEADS' && a && b && c ? numbers([a, b, a, c]) : numbers(known)
  const units = useQuery({
    queryKey: ['measure', 'units', ends],
    queryFn: () => answer(api.GET('/api/measure/units', { params: { query: { ends } } })),
    enabled: whole && (way === 'HEADS' || way === 'UNIT'),
    placeholderData: (last) => last,
    retry: false,
  }).data
  const eye = useQuery({
    queryKey: ['measure', 'eye-level', ends],
    queryFn: () => answer(api.GET('/api/measure/eye-level', { params: { query: { edges: ends } } })),
    enabled: whole && way === 'EYE',
    placeholderData: (last) => last,
    retry: false,
  }).data
  const one = (value: number) => format.number(Math.round(value * 10) / 10)
  if (!whole) {
    return { words: '', lines: [] }
  }
  if (way === 'HEADS') {
    return { words: units ? wording.countHeadsTall({ count: one(units.count) }) : '', lines: [] }
  }
  if (way === 'UNIT') {
    return {
      words: units ? wording.theLengthIsUnits({ count: Math.round(units.count * 100) / 100 }) : '',
      lines: [],
    }
  }
  if (way === 'EYE' && eye) {
    const { left, right, degrees, down } = eye
    const seen = (p: { x: number; y: number }) => ({ x: p.x, y: p.y * ratio })
    const l = left && seen(left)
    const r = right && seen(right)
    if (l && r && degrees != null && down != null) {
      const height = down * ratio
      return {
        words: wording.theEyeLevelLiesHeightDegrees({
          height:
            height < 0
              ? wording.aboveThePicture()
              : height > 1
                ? wording.belowThePicture()
                : wording.heightDown({ height: format.percent(height) }),
          degrees:
            Math.abs(degrees) < 1
              ? wording.level()
              : wording.degreesOffLevel({ degrees: one(Math.abs(degrees)) }),
        }),
        lines: [
          line(l.x, l.y, r.x, r.y),
          ...known
            .filter((_, i) => i % 2 === 1)
            .map((p, i): [Place, Place] => {
              const to = i < 2 ? l : r
              return [p, { name: wording.nameMeets({ name: p.name }), ...to }]
            }),
        ],
      }
    }
    return {
      words: wording.l({ l: Boolean(l) }),
      lines: [],
    }
  }
  return { words: '', lines: [] }
}
