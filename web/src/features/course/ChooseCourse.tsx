import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useNotice } from '../../ui/Notices'
import { Waiting } from '../../ui/Waiting'
import { BrokenFiles, Offers } from './Offers'

/** Picks a course and its first day. */
export function ChooseCourse({ onDone, leavable = false }: { onDone: () => void; leavable?: boolean }) {
  const client = useQueryClient()
  const say = useNotice()
  const today = useQuery(queries.today()).data?.day
  const [courseId, setCourseId] = useState<string>()
  const [start, setStart] = useState<string>()
  const done = (text: string) => async () => {
    say(text)
    onDone()
    await refreshAll(client)
  }
  const place = useMutation({
    mutationFn: (body: { courseId: string; start: string }) => answer(api.PUT('/api/course', { body })),
    onSuccess: done('The course is laid on your calendar.'),
  })
  const leave = useMutation({
    mutationFn: () => answer(api.DELETE('/api/course')),
    onSuccess: done('You follow no course now.'),
  })
  const failed = place.error ?? leave.error
  return (
    <Waiting query={useQuery(queries.courses())}>
      {(courses) => (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            const first = start ?? today
            if (courseId && first) {
              place.mutate({ courseId, start: first })
            }
          }}
        >
          <Offers courses={courses.courses} chosen={courseId} onChoose={setCourseId} />
          <BrokenFiles files={courses.broken} />
          <div className="mt-4 flex flex-wrap items-end gap-6">
            <div className="w-44">
              <Field
                label="First day"
                type="date"
                value={start ?? today ?? ''}
                onChange={(e) => setStart(e.target.value)}
                required
              />
            </div>
            <Button type="submit" look="ink" disabled={!courseId || place.isPending}>
              Place it
            </Button>
            {leavable && <Button onClick={() => leave.mutate()}>Follow none</Button>}
          </div>
          {failed && (
            <p role="alert" className="text-sanguine mt-2">
              {failed.message}
            </p>
          )}
        </form>
      )}
    </Waiting>
  )
}
