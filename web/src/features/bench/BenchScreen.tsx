import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import type { Schemas } from '../../api/client'
import { Habits } from './Habits'
import { InWords } from './InWords'
import { OwnTemplates } from './OwnTemplates'
import { finding, WAYS } from './text'
import { wording } from './wording'

/** All pairs, and the habits they show. */
export default function BenchScreen() {
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="bench">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 id="bench">{wording.bench()}</h1>
          <span className="flex gap-6">
            <Link to="/bench/measure" className={LINE_LINK}>
              {wording.measuring()}
            </Link>
            <Link to="/bench/new" className={LINE_LINK}>
              {wording.anotherPair()}
            </Link>
          </span>
        </div>
        <p className="text-faded max-w-prose">{wording.yourDrawingBesideItsReferenceWhere()}</p>
        <Waiting query={useQuery(queries.comparisons())}>
          {(lines) =>
            lines.length === 0 ? (
              <p className="mt-4">{wording.noPairYetDrawAFigure()}</p>
            ) : (
              <ul className="mt-4">
                {lastTries(lines).map((line) => (
                  <Line key={line.id} line={line} />
                ))}
              </ul>
            )
          }
        </Waiting>
      </Leaf>
      <Leaf second aria-label={wording.habits()}>
        <Habits />
        <InWords />
        <a href="/api/bench/figures.csv" className={LINE_LINK} download>
          {wording.allFiguresAsCsv()}
        </a>
        <OwnTemplates />
      </Leaf>
    </TwoLeaves>
  )
}

/** The newest try of each reference leads to the others. */
const lastTries = (lines: Schemas['ComparisonLine'][]) => lines.filter((l) => l.number === l.tries)

function Line({ line }: { line: Schemas['ComparisonLine'] }) {
  const format = useFormats()
  const first = line.first ? finding(line.first, format) : undefined
  return (
    <li className="border-hairline flex items-center gap-3 border-b py-2">
      {[line.reference, line.attempt].map((src, i) =>
        src ? (
          <img
            key={i}
            src={src}
            alt=""
            loading="lazy"
            className="plate border-hairline size-16 shrink-0 border object-contain"
          />
        ) : (
          <span key={i} className="border-hairline size-16 shrink-0 border border-dashed" />
        ),
      )}
      <div className="min-w-0">
        <Link to={`/bench/${line.id}`} className="font-serif text-lg underline underline-offset-4">
          {line.title || line.template}
          {line.tries > 1 && wording.tryNumberOfTries({ number: line.number, tries: line.tries })}
        </Link>
        <p className="text-faded text-sm">
          {format.fullDay(line.day)} · {WAYS[line.way]}
          {line.meanOffset != null &&
            wording.meanOffsetOff({ meanOffset: format.number(Math.round(line.meanOffset * 1000) / 10) })}
        </p>
        <p className="text-sm">
          {first
            ? first.join(' ')
            : line.meanOffset == null
              ? wording.notMeasuredYet()
              : wording.nothingBeyondTheTolerance()}
        </p>
      </div>
    </li>
  )
}
