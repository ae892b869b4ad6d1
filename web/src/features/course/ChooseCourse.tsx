import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { DateField } from '../../ui/DateField'
import { isDay } from '../../ui/days'
import { Refused } from '../../ui/Refused'
import { useNotice } from '../../ui/Notices'
import { Waiting } from '../../ui/Waiting'
import { BrokenFiles, Offers } from '../../shared/course/Offers'
import { wording } from './wording'

/** Lays a course on the calendar. */
export function usePlace(onDone: () => void) {
  const client = useQueryClient()
  const say = useNotice()
  return useMutation({
    mutationFn: (body: { courseId: string; start: string; side: boolean }) =>
      answer(api.PUT('/api/course', { body })),
    onSuccess: () => {
      say(wording.theCourseIsLaidOnYour())
      onDone()
      return refreshAll(client)
    },
  })
}

/** Picks a course and its first day, where none is followed yet. */
export function ChooseCourse({ onDone }: { onDone: () => void }) {
  const today = useQuery(queries.today()).data?.day
  const [courseId, setCourseId] = useState<string>()
  const [start, setStart] = useState<string>()
  const place = usePlace(onDone)
  return (
    <Waiting query={useQuery(queries.courses())}>
      {(courses) => (
        <form
          onSubmit={(event) => {
            event.preventDefault()
            const first = start ?? today
            if (courseId && first && isDay(first)) {
              place.mutate({ courseId, start: first, side: false })
            }
          }}
        >
          <Offers courses={courses.courses} chosen={courseId} onChoose={setCourseId} />
          <BrokenFiles files={courses.broken} />
          <div className="mt-4 flex flex-wrap items-end gap-6">
            <div className="w-44">
              <DateField
                label={wording.firstDay()}
                required
                value={start ?? today ?? ''}
                onChange={setStart}
              />
            </div>
            <Button type="submit" look="ink" disabled={!courseId || place.isPending}>
              {wording.placeIt()}
            </Button>
          </div>
          <Refused error={place.error} className="mt-2" />
        </form>
      )}
    </Waiting>
  )
}
