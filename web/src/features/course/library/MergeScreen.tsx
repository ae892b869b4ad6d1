import { Check } from '../../../ui/Check'
import { Refused } from '../../../ui/Refused'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { queries, refreshAll } from '../../../api/queries'
import { useFormats } from '../../../ui/locale'
import { Button } from '../../../ui/Button'
import { Options } from '../../../ui/Choices'
import { Field, SelectField } from '../../../ui/Field'
import { useNotice } from '../../../ui/Notices'
import { Waiting } from '../../../ui/Waiting'
import { LoadStrip } from '../../../shared/course/LoadStrip'
import { idFor, type CourseDocument } from './document'
import { wording } from '../wording'

/** Lays two courses into each other, shows the result, and keeps it as one of the learner's own. */
export default function MergeScreen() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>{wording.mergeTwoCourses()}</h1>
      <p className="text-faded mb-3">{wording.weeksAboutTheSameTopicJoin()}</p>
      <Waiting query={useQuery(queries.courses())}>{({ courses }) => <Merge courses={courses} />}</Waiting>
    </div>
  )
}

function Merge({ courses }: { courses: Schemas['Offer'][] }) {
  const [first, setFirst] = useState('')
  const [second, setSecond] = useState('')
  const [decided, setDecided] = useState<string[]>([])
  const [joins, setJoins] = useState<Record<string, As>>({})
  const [title, setTitle] = useState('')
  const named = (id: string) => courses.find((c) => c.id === id)?.title ?? ''
  const whole = title || wording.firstWithSecond({ first: named(first), second: named(second) }).slice(0, 120)
  const body = {
    first,
    second,
    decided,
    joins,
    id: idFor(
      whole,
      courses.map((c) => c.id),
    ),
    title: whole,
  }
  const ready = first !== '' && second !== '' && first !== second
  const preview = useQuery({
    queryKey: ['courses', 'merge', body],
    queryFn: () => answer(api.POST('/api/courses/merge', { body })),
    enabled: ready,
    placeholderData: keepPreviousData,
  })
  const pick = (label: string, value: string, set: (id: string) => void) => (
    <SelectField
      label={label}
      value={value}
      onChange={(event) => {
        set(event.target.value)
        setDecided([])
        setJoins({})
      }}
    >
      <option value="">{wording.choose()}</option>
      {courses.map((c) => (
        <option key={c.id} value={c.id}>
          {c.title}
        </option>
      ))}
    </SelectField>
  )
  return (
    <>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-3">
        {pick(wording.firstCourse(), first, setFirst)}
        {pick(wording.secondCourse(), second, setSecond)}
        <Field
          label={wording.titleOfTheMergedCourse()}
          maxLength={120}
          value={title}
          placeholder={ready ? whole : ''}
          onChange={(event) => setTitle(event.target.value)}
        />
      </div>
      {first !== '' && first === second && (
        <p role="alert" className="text-sanguine mt-2">
          {wording.aCourseCannotBeMergedWith({ first: named(first) })}
        </p>
      )}
      {ready && preview.isError && (
        <p role="alert" className="text-sanguine mt-2">
          {preview.error.message}
        </p>
      )}
      {ready && preview.data && (
        <Result
          merged={preview.data}
          decided={decided}
          onJoin={(id, as) => setJoins({ ...joins, [id]: as })}
          onDecide={(id) =>
            setDecided(decided.includes(id) ? decided.filter((d) => d !== id) : [...decided, id])
          }
        />
      )}
    </>
  )
}

type As = Schemas['Join']['as']

/** What can become of two weeks about the same topic. */
const JOINED: Record<As, string> = {
  BOTH: wording.bothInOneWeek(),
  RICHER: wording.onlyTheOneWithMoreWork(),
  PART_OF_EACH: wording.aPartOfEachAsLong(),
  TWO_WEEKS: wording.twoWeeks(),
}

const REASONS: Record<Schemas['Conflict']['reason'], string> = {
  NEEDED_FIRST: wording.theLaterOneNeedsIt(),
  FIRST_COURSE: wording.theFirstCourseHasItSo(),
  SECOND_COURSE: wording.theSecondCourseHasItSo(),
}

function Result({
  merged,
  decided,
  onJoin,
  onDecide,
}: {
  merged: Schemas['Merged']
  decided: string[]
  onJoin: (join: string, as: As) => void
  onDecide: (conflict: string) => void
}) {
  const format = useFormats()
  const client = useQueryClient()
  const navigate = useNavigate()
  const say = useNotice()
  const course = merged.document as CourseDocument
  const save = useMutation({
    mutationFn: () =>
      answer(api.PUT('/api/courses/{id}', { params: { path: { id: course.id } }, body: course as never })),
    onSuccess: async () => {
      say(wording.keptAsYourOwnTitle({ title: course.title }))
      await refreshAll(client)
      navigate('/course/library')
    },
  })
  return (
    <div className="wide:grid-cols-2 mt-5 grid gap-8">
      <section>
        <h2>{wording.weeks2({ weeks: course.weeks.length })}</h2>
        <p className="text-faded">
          {merged.joins.length === 0
            ? wording.noTwoWeeksAreAboutThe()
            : wording.pairsOfWeeksAboutTheSame({ joins: merged.joins.length })}
        </p>
        <LoadStrip loads={merged.loads} />
        <ol className="list-decimal pl-6">
          {course.weeks.map((week, i) => (
            <li key={i} className="py-0.5">
              {week.title}
              <span className={merged.loads[i]?.fits === false ? 'text-sanguine' : 'text-faded'}>
                {' '}
                · {format.minutes(merged.loads[i]?.minutes ?? 0)}
                {merged.loads[i]?.fits === false && wording.moreThanYourRoom()}
              </span>
              {merged.joins
                .filter((join) => join.week === i + 1)
                .map((join) => (
                  <SelectField
                    key={join.id}
                    label={wording.firstAndSecondBecome({ first: join.first, second: join.second })}
                    value={join.as}
                    onChange={(event) => onJoin(join.id, event.target.value as As)}
                  >
                    <Options of={JOINED} />
                  </SelectField>
                ))}
            </li>
          ))}
        </ol>
      </section>
      <section>
        <h2>{wording.conflicts()}</h2>
        {merged.conflicts.length === 0 && <p>{wording.noneTheOrdersAgree()}</p>}
        <ul>
          {merged.conflicts.map((conflict) => (
            <li key={conflict.id} className="border-hairline border-t py-2">
              <Check checked={decided.includes(conflict.id)} onChange={() => onDecide(conflict.id)}>
                {wording.earlierBeforeLater({ earlier: conflict.earlier, later: conflict.later })}{' '}
                <span className="text-faded">
                  ({REASONS[conflict.reason]}){' '}
                  {conflict.decided ? wording.holdsAsYouDecided() : wording.couldNotBeHadTickTo()}
                </span>
              </Check>
            </li>
          ))}
        </ul>
        <Refused error={save.error} />
        <Button look="ink" className="mt-3" disabled={save.isPending} onClick={() => save.mutate()}>
          {wording.keepAsMyOwnCourse()}
        </Button>
      </section>
    </div>
  )
}
