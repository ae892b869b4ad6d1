import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { refreshAll } from '../../../api/queries'
import { Button } from '../../../ui/Button'
import { useFormats } from '../../../ui/locale'
import { useNotice } from '../../../ui/Notices'
import { wording } from './wording'

/** When course and promises are more than the day: what gives way, in one press. */
export default function TooMuch({ today }: { today: Schemas['TodayView'] }) {
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const { course } = today
  const undo = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/course/changes/{id}', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError: (error) => say(wording.notTakenBackMessage({ message: error.message })),
  })
  const wait = useMutation({
    mutationFn: async ({ placement, week }: { placement: string; week: string }) => {
      const id = crypto.randomUUID()
      await answer(
        api.POST('/api/course/{placement}/changes', {
          params: { path: { placement } },
          body: {
            id,
            changes: [{ kind: 'PAUSE', week, dates: [today.day] }],
            reason: wording.promisesFilledTheDay(),
          },
        }),
      )
      return id
    },
    onSuccess: (id) => {
      say(wording.theCourseWaitsTodayAndGoes(), { label: wording.undo(), run: () => undo.mutate(id) })
      return refreshAll(client)
    },
    onError: (error) => say(wording.notChangedMessage({ message: error.message })),
  })
  return (
    <div className="mt-4">
      <p>
        {wording.togetherThisIsOverMinutesMoreThan({
          overMinutes: format.minutes(today.overMinutes),
          mayWait: Boolean(course?.mayWait),
        })}
      </p>
      <p className="flex flex-wrap gap-x-5">
        {course?.mayWait && course.weekKey != null && (
          <Button
            disabled={wait.isPending}
            onClick={() =>
              course.weekKey && wait.mutate({ placement: course.placement, week: course.weekKey })
            }
          >
            {wording.letTitleWaitToday({ title: course.title })}
          </Button>
        )}
        {today.quotas.length > 0 && (
          <Link
            to="/quotas"
            className="text-faded hover:text-ink decoration-hairline inline-flex min-h-8 items-center underline underline-offset-4 pointer-coarse:min-h-11"
          >
            {wording.changeAPromiseInstead()}
          </Link>
        )}
      </p>
    </div>
  )
}
