import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { queries } from '../../api/queries'
import { habit, practiceSitting, RESULT } from '../../shared/bench/habit'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { wording } from './wording'

const MOST = 4

/** What comes back from drawing to drawing of this topic, as far as it holds. */
export function TopicHabits({ topic }: { topic: string }) {
  const format = useFormats()
  const templates = useQuery(queries.tendencies({ topic })).data?.templates ?? []
  const held = templates.flatMap((t) =>
    t.tendencies
      .filter((h) => h.standing === 'HOLDS' || (h.aim && !h.aim.ended))
      .slice(0, MOST)
      .map((h) => ({ template: t.template, h })),
  )
  if (templates.length === 0) {
    return null
  }
  return (
    <section aria-labelledby="topic-habits" className="mt-6">
      <h2 id="topic-habits">{wording.habits()}</h2>
      <p className="text-faded text-sm">
        {wording.ofDrawingsHeldBesideTheirReferences({
          reduce: templates.reduce((sum, t) => sum + t.comparisons, 0),
        })}{' '}
        <Link to="/bench" className={LINE_LINK}>
          {wording.bench()}
        </Link>
        .
      </p>
      {held.length === 0 && <p>{wording.noneThatHoldsSoFar()}</p>}
      <ul>
        {held.map(({ template, h }) => {
          const { what, figures } = habit(h, format)
          return (
            <li
              key={`${template} ${h.kind} ${h.part}`}
              className="border-hairline flex flex-wrap items-baseline gap-x-2 border-b py-1"
            >
              <span className="font-medium">{what}</span>
              <span>{figures}</span>
              {h.aim && !h.aim.ended && (
                <span className="text-faded">
                  {wording.yourAimResult({ result: h.aim.result ? `: ${RESULT[h.aim.result]}` : '' })}
                </span>
              )}
              {h.practice && (
                <Link to={practiceSitting(h.practice, what)} className={`${LINE_LINK} ml-auto`}>
                  {wording.practiseIt()}
                </Link>
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
