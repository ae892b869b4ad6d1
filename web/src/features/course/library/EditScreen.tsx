import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { queries, refreshAll } from '../../../api/queries'
import { useKept } from '../../../ui/useKept'
import { Button } from '../../../ui/Button'
import { CameBack } from '../../../ui/CameBack'
import { Field, TextField } from '../../../ui/Field'
import { useNotice } from '../../../ui/Notices'
import { Waiting } from '../../../ui/Waiting'
import { upperFirst } from '../../../ui/text'
import { LoadStrip, STROKES } from '../../../shared/course/LoadStrip'
import { moved, newCourse, newWeek, type CourseDocument } from './document'
import { BaselineEditor } from './BaselineEditor'
import { PlainLines } from './PlainLines'
import { WeekEditor } from './WeekEditor'
import { wording } from '../wording'
import { useSaid } from '../../../shared/said/useSaid'

const PAUSE_MS = 250

/** Writes or changes a course of the learner's own. */
export default function EditScreen() {
  const { id = 'new' } = useParams()
  const [params] = useSearchParams()
  const from = id === 'new' ? params.get('from') : id
  const source = useQuery({ ...queries.document(from ?? ''), enabled: from != null, staleTime: Infinity })
  if (from == null) {
    return <Editor begin={newCourse()} own={false} />
  }
  return (
    <Waiting query={source}>
      {(document) => {
        const course = document as CourseDocument
        const copy = params.get('as')
        return (
          <Editor
            begin={copy ? { ...course, id: copy, title: wording.titleCopy({ title: course.title }) } : course}
            own={id !== 'new'}
          />
        )
      }}
    </Waiting>
  )
}

/** Checks the course while it is written, a moment after the last key. */
function useChecked(course: CourseDocument): Schemas['Checked'] | undefined {
  const [settled, setSettled] = useState(course)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(course), PAUSE_MS)
    return () => clearTimeout(timer)
  }, [course])
  return useQuery({
    queryKey: ['courses', 'check', settled],
    queryFn: () => answer(api.POST('/api/courses/check', { body: settled as never })),
    placeholderData: (last) => last,
  }).data
}

/** The id that a title suggests; it follows the title until it is written otherwise. */
const idOf = (title: string) =>
  title
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')

function Editor({ begin, own }: { begin: CourseDocument; own: boolean }) {
  const kept = useKept(`course:${own ? 'own' : 'new'}:${begin.id}`, begin)
  const { value: course, set: setCourse } = kept
  const [dragged, setDragged] = useState<number>()
  const [unread, setUnread] = useState(false)
  const [openForm, setOpenForm] = useState(begin.weeks.some((week) => week.exercises.length > 0))
  const checked = useChecked(course)
  const client = useQueryClient()
  const navigate = useNavigate()
  const say = useNotice()
  const save = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/courses/{id}', {
          params: { path: { id: course.id }, query: { replace: own } },
          body: course as never,
        }),
      ),
    onSuccess: async () => {
      kept.forget()
      say(wording.savedTitleWhatYouFollowAlready({ title: course.title }))
      await refreshAll(client)
      navigate('/course/library')
    },
  })
  const setWeeks = (weeks: CourseDocument['weeks']) => setCourse({ ...course, weeks })
  const said = useSaid(checked?.reason != null)
  const why = checked?.reason ? said(checked.reason) : undefined
  const reason = why ? `${upperFirst(why)}.` : undefined
  const errorAt = (path: string) => (checked?.path === path ? reason : undefined)
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>{own ? wording.changeACourse() : wording.writeACourse()}</h1>
      <CameBack kept={kept} />
      <div className="my-4 grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <Field
          label={wording.title()}
          maxLength={120}
          value={course.title}
          error={errorAt('title')}
          onChange={(e) => {
            const title = e.target.value
            const follows = !own && course.id === idOf(course.title)
            setCourse({ ...course, title, id: follows ? idOf(title) : course.id })
          }}
        />
        <Field
          label={wording.idLowerCaseWordsJoinedBy()}
          value={course.id}
          readOnly={own}
          error={errorAt('id')}
          onChange={(e) => setCourse({ ...course, id: e.target.value })}
        />
        <div className="sm:col-span-2">
          <TextField
            label={wording.whatItIsFor()}
            value={course.summary ?? ''}
            error={errorAt('summary')}
            onChange={(e) => setCourse({ ...course, summary: e.target.value })}
          />
        </div>
      </div>
      <BaselineEditor
        baseline={course.baseline}
        error={checked?.path?.startsWith('baseline') ? reason : undefined}
        onChange={(baseline) => {
          const others = Object.entries(course).filter(([key]) => key !== 'baseline')
          const rest = Object.fromEntries(others) as CourseDocument
          setCourse(baseline ? { ...rest, baseline } : rest)
        }}
      />
      <PlainLines course={course} onWeeks={setWeeks} onUnread={setUnread} />
      <details open={openForm} onToggle={(e) => setOpenForm(e.currentTarget.open)}>
        <summary className="min-h-8 cursor-pointer font-medium pointer-coarse:min-h-11">
          {wording.theSameAsAFormWeek()}
        </summary>
        {course.weeks.map((week, i) => (
          <WeekEditor
            key={i}
            week={week}
            number={i + 1}
            course={course}
            load={checked?.loads[i]}
            path={checked?.path ?? undefined}
            reason={reason}
            onChange={(next) => setWeeks(course.weeks.map((w, j) => (j === i ? next : w)))}
            onMove={(to) => setWeeks(moved(course.weeks, i, to))}
            onRemove={() => setWeeks(course.weeks.filter((_, j) => j !== i))}
            onDrag={() => setDragged(i)}
            onDrop={() => {
              if (dragged !== undefined) {
                setWeeks(moved(course.weeks, dragged, i))
                setDragged(undefined)
              }
            }}
          />
        ))}
      </details>
      <div className="border-ink border-t py-3">
        <Button onClick={() => setWeeks([...course.weeks, newWeek(course.weeks.length + 1)])}>
          {wording.addAWeek()}
        </Button>
        {checked?.loads.some((week) => week.minutes > 0) && (
          <>
            <LoadStrip loads={checked.loads} />
            <p className="text-faded text-sm">{STROKES}</p>
          </>
        )}
        {checked?.reason != null && (
          <p role="alert" className="text-sanguine">
            {wording.notCompleteYetPlaceReason({
              place: checked.place ? wording.atPlace({ place: checked.place }) : '',
              reason: why ?? '',
            })}
          </p>
        )}
        {save.isError && (
          <p role="alert" className="text-sanguine">
            {save.error.message}
          </p>
        )}
        <div className="mt-3 flex gap-6">
          <Button
            look="ink"
            disabled={save.isPending || unread || checked?.reason != null}
            onClick={() => save.mutate()}
          >
            {wording.saveTheCourse()}
          </Button>
          <Button
            onClick={() => {
              kept.forget()
              navigate('/course/library')
            }}
          >
            {wording.cancel()}
          </Button>
        </div>
      </div>
    </div>
  )
}
