import { Refused } from '../../ui/Refused'
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Button } from '../../ui/Button'
import { Waiting } from '../../ui/Waiting'
import { BrokenFiles, Offers } from '../../shared/Offers'

type Settings = Schemas['Settings']

const WEEKDAYS = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const

/** First day of the week where the browser's language is spoken. */
function weekStart(locale: string): Settings['weekStart'] {
  const named = new Intl.Locale(locale) as Intl.Locale & {
    getWeekInfo?: () => { firstDay: number }
    weekInfo?: { firstDay: number }
  }
  const first = (named.getWeekInfo?.() ?? named.weekInfo)?.firstDay ?? 1
  return WEEKDAYS[first - 1] ?? 'MONDAY'
}

/** The first page: follow a course, or only draw daily. Nothing else is asked. */
export default function FirstStart({ settings }: { settings: Settings }) {
  const format = useFormats()
  const client = useQueryClient()
  const navigate = useNavigate()
  const [chosen, setChosen] = useState<string>()
  const courses = useQuery(queries.courses())
  const offer = courses.data?.courses.find((c) => c.id === chosen)

  const begin = useMutation({
    mutationFn: async (course: Schemas['Offer'] | undefined) => {
      const locale = navigator.language
      await answer(
        api.PUT('/api/settings', {
          body: {
            ...settings,
            locale,
            zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
            weekStart: weekStart(locale),
            week: settings.week.map((day) => ({ ...day, minutes: course?.minutesADay ?? day.minutes })),
          },
        }),
      )
      if (course) {
        const { day } = await answer(api.GET('/api/today'))
        await answer(api.PUT('/api/course', { body: { courseId: course.id, start: day } }))
      }
      navigate('/today')
      await refreshAll(client)
    },
  })

  return (
    <main className="bg-paper spread rounded-paper mx-auto my-4 max-w-3xl px-5 py-8 sm:px-10">
      <h1>Humble Quill</h1>
      <p className="font-serif text-lg italic">What to draw today, and a line for what you drew.</p>
      <h2 className="mt-6 mb-1">Follow a course, or only draw daily</h2>
      <Waiting query={courses}>
        {({ courses: offers, broken }) => (
          <>
            <Offers courses={offers} chosen={chosen} onChoose={setChosen} room={false} />
            <BrokenFiles files={broken} />
          </>
        )}
      </Waiting>
      <div className="border-hairline bg-paper sticky bottom-0 border-t py-3">
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          <Button look="ink" disabled={!offer || begin.isPending} onClick={() => begin.mutate(offer)}>
            {offer ? `Begin ${offer.title} today` : 'Choose a course to begin'}
          </Button>
          <Button disabled={begin.isPending} onClick={() => begin.mutate(undefined)}>
            Begin with a daily habit
          </Button>
        </div>
        <p className="text-faded mt-1">
          {offer
            ? `It plans with ${format.minutes(offer.minutesADay)} on every day. Settings change that, and rest days, at any time.`
            : 'A daily habit has no plan: a line for what you drew, and the days as one stroke of the pen.'}
        </p>
      </div>
      <Refused error={begin.error} className="mt-3" />
    </main>
  )
}
