import { useState } from 'react'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import type { Change } from './useComparison'
import { finding, lineUp, SIDE_WORDS, type Comparison, type Finding, type Held } from './text'
import { wording } from './wording'

/** What to put right first, then everything that was measured. */
export function Findings({ comparison, change }: { comparison: Comparison; change: Change }) {
  const { held, fields } = comparison
  const [all, setAll] = useState(false)
  const format = useFormats()
  if (!held) {
    return (
      <>
        <h2>{wording.fixFirst()}</h2>
        <p className="text-faded">{wording.setTwoLandmarksOrMoreOn()}</p>
      </>
    )
  }
  const judged = held.sides.verdict === 'TRUE' || held.sides.verdict === 'UNKNOWN'
  const refuse = (f: Finding) => change((was) => ({ refused: [...was.refused, f.key] }))
  const later = held.all.filter((f) => !held.first.some((g) => g.key === f.key))
  const open = later.filter((f) => !fields.refused.includes(f.key))
  return (
    <>
      <h2 className="border-ink border-b">{wording.fixFirst()}</h2>
      {SIDE_WORDS[held.sides.verdict] !== '' && held.counting > 2 && <p>{SIDE_WORDS[held.sides.verdict]}</p>}
      {held.sides.ask.map((p) => (
        <p key={p.left}>
          {wording.areLeftAndRightExchanged({ left: p.left, right: p.right })}{' '}
          <Exchange pair={p} change={change} />
        </p>
      ))}
      {held.first.length === 0 && judged && (
        <p>{wording.nothingIsOffByMoreThan({ counting: held.counting })}</p>
      )}
      <ol>
        {held.first.map((f, i) => (
          <Line key={f.key} number={i + 1} finding={f} onRefuse={() => refuse(f)} />
        ))}
      </ol>
      {open.length > 0 && (
        <p className="text-faded text-sm">
          {wording.moreThingsAreNotJudgedBefore({ open: open.length, first: held.first.length })}
        </p>
      )}
      {fields.refused.length > 0 && (
        <p className="text-faded text-sm">
          {wording.findingsWereMeantSo({ refused: fields.refused.length })}{' '}
          <Button look="quiet" onClick={() => change(() => ({ refused: [] }))}>
            {wording.judgeThemAgain()}
          </Button>
        </p>
      )}
      <Lines held={held} />
      {judged && held.tilt && (
        <p>
          {wording.youDrew()} <strong>{format.percent(held.tilt.share)}</strong> {wording.ofTheTilt()}
          <span className="text-faded">
            {' '}
            {wording.lowToHighOfParts({
              low: format.percent(held.tilt.low),
              high: format.percent(held.tilt.high),
              of: held.tilt.of,
            })}
          </span>
          .
        </p>
      )}
      {judged &&
        held.depths.map((d) => (
          <p key={d.name}>
            {wording.ofTheForeshorteningOfTheName({ name: d.name })}{' '}
            <strong>{format.percent(d.share)}</strong>.
          </p>
        ))}
      {judged &&
        held.tapers.map((t) => (
          <p key={t.name}>
            {wording.theFarEndOfTheName({ name: t.name })} <strong>{format.percent(t.share)}</strong>{' '}
            {wording.asBroadAsItShouldBe()}
          </p>
        ))}
      {judged &&
        held.areas.map((a) => (
          <p key={a.name}>
            {wording.theAreaOfTheNameIs({ name: a.name })} <strong>{format.percent(a.share)}</strong>{' '}
            {wording.ofTheTrueOne()}
          </p>
        ))}
      <Button look="quiet" aria-expanded={all} onClick={() => setAll(!all)}>
        {all ? wording.hideTheFigures() : wording.allFiguresOfParts({ parts: held.parts.length })}
      </Button>
      {all && <Figures held={held} later={open} />}
    </>
  )
}

function Line({ number, finding: f, onRefuse }: { number: number; finding: Finding; onRefuse: () => void }) {
  const format = useFormats()
  const [what, figures] = finding(f, format)
  return (
    <li className="border-hairline flex flex-wrap items-baseline gap-x-2 border-b py-1">
      <span className="font-medium">
        {number} {what}
      </span>
      <span className="text-faded">{figures}</span>
      <Button
        look="quiet"
        className="no-print ml-auto"
        onClick={onRefuse}
        aria-label={wording.meantSoSubject({ subject: f.subject })}
      >
        {wording.meantSo()}
      </Button>
    </li>
  )
}

function Lines({ held }: { held: Held }) {
  const format = useFormats()
  if (held.lineUps.length === 0 && !held.kept) {
    return null
  }
  return (
    <>
      <h2 className="mt-4">{wording.lineUps()}</h2>
      {held.lineUps.map((l) => (
        <p key={`${l.one} ${l.other}`}>{lineUp(l, format)}</p>
      ))}
      {held.kept && <p className="text-faded">{lineUp(held.kept, format, true)}</p>}
    </>
  )
}

function Exchange({ pair, change }: { pair: { left: string; right: string }; change: Change }) {
  const other = new Map([
    [pair.left, pair.right],
    [pair.right, pair.left],
  ])
  return (
    <Button
      look="quiet"
      onClick={() =>
        change((was) => ({ drawn: was.drawn.map((p) => ({ ...p, name: other.get(p.name) ?? p.name })) }))
      }
    >
      {wording.exchangeThem()}
    </Button>
  )
}

function Figures({ held, later }: { held: Held; later: Finding[] }) {
  const format = useFormats()
  const one = (value: number) => format.number(Math.round(value * 10) / 10)
  return (
    <>
      {later.map((f) => {
        const [what, figures] = finding(f, format)
        return (
          <p key={f.key} className="text-faded text-sm">
            {wording.laterWhatFigures({ what, figures })}
          </p>
        )
      })}
      <table className="w-full text-sm">
        <thead>
          <tr className="text-faded border-hairline border-b text-left">
            <th className="font-normal">{wording.part()}</th>
            <th className="font-normal">{wording.length()}</th>
            <th className="font-normal">{wording.trueTilt()}</th>
            <th className="font-normal">{wording.yours()}</th>
            <th className="font-normal">{wording.off()}</th>
          </tr>
        </thead>
        <tbody>
          {held.parts.map((p) => (
            <tr key={p.name}>
              <td>{p.name}</td>
              <td>{format.percent(p.ratio)}</td>
              <td>{one(p.tilt)}°</td>
              <td>{one(p.drawnTilt)}°</td>
              <td>{one(p.off)}°</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-faded text-sm">
        {wording.theDrawingWasLaidOverBy({
          onFoundation: held.onFoundation,
          meanOffset: format.percent(held.meanOffset),
        })}
      </p>
    </>
  )
}
