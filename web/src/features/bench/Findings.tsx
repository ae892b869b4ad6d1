import { useState } from 'react'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { noun, plural } from '../../ui/plural'
import type { Change } from './useComparison'
import { finding, lineUp, SIDE_WORDS, type Comparison, type Finding, type Held } from './text'

/** What to put right first, then everything that was measured. */
export function Findings({ comparison, change }: { comparison: Comparison; change: Change }) {
  const { held, fields } = comparison
  const [all, setAll] = useState(false)
  const format = useFormats()
  if (!held) {
    return (
      <>
        <h2>Fix first</h2>
        <p className="text-faded">
          Set two landmarks or more on your drawing; after three the places of the others are proposed.
        </p>
      </>
    )
  }
  const judged = held.sides.verdict === 'TRUE' || held.sides.verdict === 'UNKNOWN'
  const refuse = (f: Finding) => change((was) => ({ refused: [...was.refused, f.key] }))
  const later = held.all.filter((f) => !held.first.some((g) => g.key === f.key))
  const open = later.filter((f) => !fields.refused.includes(f.key))
  return (
    <>
      <h2 className="border-ink border-b">Fix first</h2>
      {SIDE_WORDS[held.sides.verdict] !== '' && held.counting > 2 && <p>{SIDE_WORDS[held.sides.verdict]}</p>}
      {held.sides.ask.map((p) => (
        <p key={p.left}>
          Are {p.left} and {p.right} exchanged? <Exchange pair={p} change={change} />
        </p>
      ))}
      {held.first.length === 0 && judged && (
        <p>Nothing is off by more than the tolerance in {plural(held.counting, 'landmark')}.</p>
      )}
      <ol>
        {held.first.map((f, i) => (
          <Line key={f.key} number={i + 1} finding={f} onRefuse={() => refuse(f)} />
        ))}
      </ol>
      {open.length > 0 && (
        <p className="text-faded text-sm">
          {plural(open.length, 'more thing is', 'more things are')} not judged before{' '}
          {noun(held.first.length, 'this is', 'these are')} right.
        </p>
      )}
      {fields.refused.length > 0 && (
        <p className="text-faded text-sm">
          {plural(fields.refused.length, 'finding was', 'findings were')} meant so.{' '}
          <Button look="quiet" onClick={() => change(() => ({ refused: [] }))}>
            Judge them again
          </Button>
        </p>
      )}
      <Lines held={held} />
      {judged && held.tilt && (
        <p>
          You drew <strong>{format.percent(held.tilt.share)}</strong> of the tilt
          <span className="text-faded">
            {' '}
            ({format.percent(held.tilt.low)} to {format.percent(held.tilt.high)}, {held.tilt.of} parts)
          </span>
          .
        </p>
      )}
      {judged &&
        held.depths.map((d) => (
          <p key={d.name}>
            Of the foreshortening of the {d.name} you drew <strong>{format.percent(d.share)}</strong>.
          </p>
        ))}
      {judged &&
        held.tapers.map((t) => (
          <p key={t.name}>
            The far end of the {t.name} is <strong>{format.percent(t.share)}</strong> as broad as it should
            be.
          </p>
        ))}
      {judged &&
        held.areas.map((a) => (
          <p key={a.name}>
            The area of the {a.name} is <strong>{format.percent(a.share)}</strong> of the true one.
          </p>
        ))}
      <Button look="quiet" aria-expanded={all} onClick={() => setAll(!all)}>
        {all ? 'Hide the figures' : `All figures of ${plural(held.parts.length, 'part')}`}
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
        aria-label={`Meant so: ${f.subject}`}
      >
        Meant so
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
      <h2 className="mt-4">Line-ups</h2>
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
      Exchange them
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
            Later: {what} {figures}
          </p>
        )
      })}
      <table className="w-full text-sm">
        <thead>
          <tr className="text-faded border-hairline border-b text-left">
            <th className="font-normal">part</th>
            <th className="font-normal">length</th>
            <th className="font-normal">true tilt</th>
            <th className="font-normal">yours</th>
            <th className="font-normal">off</th>
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
        The drawing was laid over by {held.onFoundation ? 'its foundation' : 'all its landmarks'}; on the
        whole they lie {format.percent(held.meanOffset)} of the size from their places.
      </p>
    </>
  )
}
