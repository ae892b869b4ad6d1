import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { DEPTHS } from '../../shared/entry/study'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { recallAt } from '../../shared/topic/recall'
import { useDepth } from '../../shared/topic/told-topic'
import { wording } from './wording'

type Depth = NonNullable<Schemas['RecallLine']['speaksFor']>

const deeper = (one: Depth, other: Depth | null | undefined) => {
  const all = Object.keys(DEPTHS)
  return other == null || all.indexOf(one) > all.indexOf(other)
}

/** Plates and orders of steps that belong to a topic; nothing where there are none. */
export function RecallOf({ topic }: { topic: Schemas['TopicView'] }) {
  const depth = useDepth(topic.id)
  const format = useFormats()
  const things = useQuery(queries.recall()).data?.things ?? []
  const mine = things.filter((s) => s.topics.includes(topic.name))
  return mine.length === 0 ? null : (
    <section aria-labelledby="recall-of" className="no-print mt-5">
      <h2 id="recall-of">{wording.toRecall()}</h2>
      <ul>
        {mine.map((s) => (
          <li key={s.kind + s.id}>
            <Link to={recallAt(s)} className={LINE_LINK}>
              {s.title}
            </Link>
            <span className="text-faded">
              {s.times > 0
                ? wording.thereRightOfTimes2({ right: s.right, times: s.times })
                : s.way
                  ? wording.askedForSoon()
                  : wording.notAskedFor()}
              {s.due && s.times > 0 && wording.nextOnDue2({ due: format.dayMonth(s.due) })}
            </span>
            {s.speaksFor && deeper(s.speaksFor, topic.depth) && (
              <p className="text-faded text-sm">
                {wording.drawnWholeAfterDaysWhichSpeaks({ held: s.held, speaksFor: DEPTHS[s.speaksFor] })}{' '}
                <Button look="quiet" onClick={() => depth.mutate(s.speaksFor ?? null)}>
                  {wording.markItSo()}
                </Button>
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
