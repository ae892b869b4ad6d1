import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { Plot } from '../../ui/Plot'
import { changed, WAYS, type Comparison } from './text'
import { wording } from './wording'

/** All attempts of the same reference, with what became better. */
export function Tries({ comparison }: { comparison: Comparison }) {
  const format = useFormats()
  const { tries } = comparison
  const known = tries.flatMap((t, i) =>
    t.meanOffset == null ? [] : [{ x: i + 1, y: t.meanOffset * 100, label: label(i) }],
  )
  function label(i: number) {
    const t = tries[i]
    return t?.meanOffset == null
      ? ''
      : wording.tryIDayMeanOffsetOffWay({
          i: i + 1,
          day: format.fullDay(t.day),
          meanOffset: format.number(Math.round(t.meanOffset * 1000) / 10),
          way: WAYS[t.way],
        })
  }
  const most = Math.max(1, ...known.map((p) => p.y))
  return (
    <section aria-labelledby="tries">
      <h2 id="tries">{wording.tries({ tries: tries.length })}</h2>
      {known.length > 1 && (
        <Plot
          name="mean offset of the landmarks in % of the size"
          points={known}
          most={most}
          marks={[{ at: Math.ceil(most), label: format.number(Math.ceil(most)) }]}
          ends={['first', 'last']}
          kind="line"
          width={260}
        />
      )}
      <ol className="text-sm">
        {tries.map((t, i) => (
          <li key={t.id}>
            {t.id === comparison.id ? (
              <strong>{wording.tryI({ i: i + 1 })}</strong>
            ) : (
              <Link to={`/bench/${t.id}`} className="underline underline-offset-4">
                {wording.tryI({ i: i + 1 })}
              </Link>
            )}
            <span className="text-faded">
              {' '}
              {t.meanOffset == null
                ? wording.notMeasured()
                : wording.meanOffsetOff2({ meanOffset: format.number(Math.round(t.meanOffset * 1000) / 10) })}
              {`, ${WAYS[t.way]}`}
            </span>
            {t.changes.length > 0 && <Changes changes={t.changes} />}
          </li>
        ))}
      </ol>
      {comparison.rest && <p className="text-faded">{wording.threeTriesWithoutChangeRestOr()}</p>}
    </section>
  )
}

/** How many differences changed since the try before, and which. */
function Changes({ changes }: { changes: Schemas['ChangedFinding'][] }) {
  const parts = changed(changes)
  return (
    <details className="text-faded">
      <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">
        {parts.map((p) => p.count).join(', ')}
      </summary>
      {parts.map((p) => (
        <p key={p.count} className="pl-4">
          {p.which}
        </p>
      ))}
    </details>
  )
}
