import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'

/** When course and promises are more than the day: what gives way, in one press. */
export default function TooMuch({ today }: { today: Schemas['TodayView'] }) {
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const { course } = today
  const undo = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/course/changes/{id}', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError: (error) => say(`Not taken back: ${error.message}`),
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
            reason: 'promises filled the day',
          },
        }),
      )
      return id
    },
    onSuccess: (id) => {
      say('The course waits today and goes on tomorrow.', { label: 'Undo', run: () => undo.mutate(id) })
      return refreshAll(client)
    },
    onError: (error) => say(`Not changed: ${error.message}`),
  })
  return (
    <div className="mt-4">
      <p>
        Together this is {format.minutes(today.overMinutes)} more than the day has.{' '}
        {course?.mayWait
          ? 'What is promised has a date; the course can give way and end a day later.'
          : 'Draw what matters most; the rest is spread over the days left.'}
      </p>
      <p className="flex flex-wrap gap-x-5">
        {course?.mayWait && course.weekKey != null && (
          <Button
            disabled={wait.isPending}
            onClick={() =>
              course.weekKey && wait.mutate({ placement: course.placement, week: course.weekKey })
            }
          >
            Let {course.title} wait today
          </Button>
        )}
        {today.quotas.length > 0 && (
          <Link
            to="/quotas"
            className="text-faded hover:text-ink decoration-hairline inline-flex min-h-8 items-center underline underline-offset-4 pointer-coarse:min-h-11"
          >
            Change a promise instead
          </Link>
        )}
      </p>
    </div>
  )
}
