import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { SetLine } from '../../shared/sitting/SetLine'
import { ChangeSheet } from '../../shared/plan/ChangeSheet'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { wording } from './wording'

/** Topics of a week: what was drawn of them, what on the shelf teaches them, and which come up but once. */
export function WeekTopics({
  placement,
  week,
  over,
}: {
  placement: string
  week: string
  /** Whether the week is over, so that what was not touched is said. */
  over: boolean
}) {
  const format = useFormats()
  const { data } = useQuery(queries.courseTopics(placement, week))
  const [returning, setReturning] = useState<Schemas['TopicOnce']>()
  if (!data || data.topics.length === 0) {
    return <WeekSets placement={placement} week={week} />
  }
  const untouched = data.topics.filter((t) => t.minutes === 0)
  return (
    <section aria-labelledby="week-topics">
      <h2 id="week-topics">{wording.topicsOfThisWeek()}</h2>
      <p>
        {data.topics.map((t, i) => (
          <span key={t.topic}>
            {i > 0 && ' · '}
            {t.id ? (
              <Link to={`/topics/${t.id}`} className="underline underline-offset-4">
                {t.topic}
              </Link>
            ) : (
              t.topic
            )}{' '}
            <span className="text-faded">
              {t.minutes > 0 ? format.minutes(t.minutes) : wording.nothingDrawn()}
            </span>
          </span>
        ))}
      </p>
      {over && untouched.length > 0 && (
        <p className="text-sanguine">
          {wording.plannedAndNotTouchedJoin({ join: untouched.map((t) => t.topic).join(', ') })}
        </p>
      )}
      {data.teachers.length > 0 && (
        <p className="text-faded">
          {wording.onTheShelf()}{' '}
          {data.teachers.map((r, i) => (
            <span key={r.id}>
              {i > 0 && ', '}
              <Link to={`/shelf/${r.id}`} className="underline underline-offset-4">
                {r.name}
              </Link>
            </span>
          ))}
        </p>
      )}
      <WeekSets placement={placement} week={week} />
      {data.once.length > 0 && (
        <details>
          <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
            {wording.topicsComeUpOnceAndNever({ once: data.once.length })}
          </summary>
          <ul>
            {data.once.map((once) => (
              <li key={once.topic}>
                {once.topic}
                <span className="text-faded">
                  {once.number != null && wording.weekNumber2({ number: once.number })}
                </span>{' '}
                {once.returns.length > 0 && (
                  <Button
                    look="quiet"
                    aria-label={wording.addShortReturnsForTopic({
                      returns: once.returns.length,
                      topic: once.topic,
                    })}
                    onClick={() => setReturning(once)}
                  >
                    {wording.addShortReturns({ returns: once.returns.length })}
                  </Button>
                )}
              </li>
            ))}
          </ul>
        </details>
      )}
      {returning && (
        <ChangeSheet
          title={wording.shortReturnsTopic({ topic: returning.topic })}
          description={wording.tenMinutesAsAWarmUp()}
          placement={placement}
          week={returning.returns[0] ?? week}
          changes={returning.returns.map((key) => ({
            kind: 'WARM_UP',
            week: key,
            topic: returning.topic,
            minutes: 10,
          }))}
          onClose={() => setReturning(undefined)}
        />
      )}
    </section>
  )
}

/** References gathered for a week or for one of its exercises. */
function WeekSets({ placement, week }: { placement: string; week: string }) {
  const sets = useQuery(queries.referenceSets()).data ?? []
  const exercises = useQuery(queries.course()).data?.exercises ?? []
  const own = exercises.filter((e) => e.placement === placement && e.weekKey === week)
  const mine = sets.filter(
    ({ fields }) =>
      (fields.placement === placement && fields.weekKey === week) ||
      own.some((e) => e.exerciseId === fields.exerciseId),
  )
  return mine.length === 0 ? null : (
    <ul aria-label={wording.referencesForThisWeek()}>
      {mine.map((set) => (
        <li key={set.id} className="flex flex-wrap items-baseline gap-x-4">
          <SetLine set={set} />
        </li>
      ))}
    </ul>
  )
}
