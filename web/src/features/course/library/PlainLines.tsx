import { useQuery } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { answer, api, type Schemas } from '../../../api/client'
import { TextField } from '../../../ui/Field'
import { enumerated } from '../../../ui/lists'
import { useSettled } from '../../../ui/useSettled'
import type { CourseDocument } from './document'
import { fromLines, toLines } from './lines'
import { wording } from '../wording'

const PAUSE = 300
const LONGEST = 20_000

const PROPOSED: Record<Schemas['ReadExercise']['proposed'][number], string> = {
  COUNT: wording.howMuch(),
  LENGTH: wording.howLongEach(),
  TOPIC: wording.theTopic(),
}

/**
 * A course as one would note it on paper. What is written becomes weeks and exercises at once; what is changed
 * in the form is written anew here.
 */
export function PlainLines({
  course,
  onWeeks,
  onUnread,
}: {
  course: CourseDocument
  onWeeks: (weeks: CourseDocument['weeks']) => void
  /** Told while lines are written that the course does not say yet. */
  onUnread: (unread: boolean) => void
}) {
  const written = toLines(course)
  // What the course was when the text last said it; once the form changes it, the text is written anew.
  const [said, setSaid] = useState(written)
  const [text, setText] = useState(written)
  const [writing, setWriting] = useState(false)
  const settled = useSettled(text, PAUSE)
  const read = useQuery({
    queryKey: ['syllabus', settled],
    queryFn: () => answer(api.POST('/api/syllabus', { body: { text: settled } })),
    enabled: writing,
    placeholderData: (last) => last,
    staleTime: Infinity,
  })
  const taken = useRef(written)
  const { data } = read
  useEffect(() => {
    if (writing && data && !read.isPlaceholderData && taken.current !== settled) {
      taken.current = settled
      const weeks = fromLines(data, course)
      setSaid(toLines({ ...course, weeks }))
      onWeeks(weeks)
      onUnread(settled !== text)
    }
  }, [writing, data, read.isPlaceholderData, course, onWeeks, onUnread, settled, text])
  const shown = written === said ? text : written
  const proposals = (writing ? (data?.weeks ?? []) : []).flatMap((week, i) =>
    week.exercises
      .filter((e) => e.proposed.length > 0)
      .map((e) => ({ week: week.number ?? i + 1, exercise: e })),
  )
  return (
    <section aria-labelledby="plain-lines" className="mb-4">
      <h2 id="plain-lines">{wording.inPlainLines()}</h2>
      <TextField
        label={wording.aWeeksTitleThenAnExercise()}
        hint={wording.n200Gestures90SEachPhoto()}
        rows={Math.min(18, Math.max(6, shown.split('\n').length + 1))}
        maxLength={LONGEST}
        value={shown}
        placeholder={wording.week1Lines70Lines1()}
        onChange={(e) => {
          setWriting(true)
          onUnread(e.target.value !== taken.current)
          setSaid(written)
          setText(e.target.value)
        }}
      />
      <div aria-live="polite">
        {read.isError && (
          <p role="alert" className="text-sanguine">
            {read.error.message}
          </p>
        )}
        {writing && data && data.empty.length > 0 && (
          <p className="text-sanguine">
            {wording.empty2({ empty: data.empty.length === 1, join: data.empty.join(', ') })}
          </p>
        )}
        {proposals.map(({ week, exercise: e }) => (
          <p key={`${week} ${e.line}`} className="text-faded">
            {wording.weekWeek({ week })} <span className="font-serif italic">{e.line}</span>
            {wording.proposedMapDrawings({
              map: enumerated(e.proposed.map((p) => PROPOSED[p])),
              drawings:
                e.drawings != null
                  ? wording.drawingsOfMinutesEachMin({
                      drawings: e.drawings,
                      minutesEach: e.minutesEach ?? '',
                    })
                  : wording.minutesMin({ minutes: e.minutes ?? '' }),
            })}
            {e.proposed.includes('TOPIC') && `, ${e.topics.join(', ')}`}.
          </p>
        ))}
      </div>
    </section>
  )
}
