import { Refused } from '../../../ui/Refused'
import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries, refreshAll } from '../../../api/queries'
import { Field } from '../../../ui/Field'
import { useFormats } from '../../../ui/locale'
import { NumberField, readWithin } from '../../../ui/NumberField'
import { useSettled } from '../../../ui/useSettled'
import { Button } from '../../../ui/Button'
import { Waiting } from '../../../ui/Waiting'
import { BrokenFiles, Offers } from '../../../shared/course/Offers'
import { WEEKDAYS } from '../../../shared/weekdays'
import { wording } from '../wording'

type Settings = Schemas['Settings']

const PAUSE_MS = 300
const ORDER = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const

/** First day of the week where the browser's language is spoken. */
function weekStart(locale: string): Settings['time']['weekStart'] {
  const named = new Intl.Locale(locale) as Intl.Locale & {
    getWeekInfo?: () => { firstDay: number }
    weekInfo?: { firstDay: number }
  }
  const first = (named.getWeekInfo?.() ?? named.weekInfo)?.firstDay ?? 1
  return ORDER[first - 1] ?? 'MONDAY'
}

/** The first page: what for, when there is time, and a course that fits, or only the habit. */
export default function FirstStart({ settings }: { settings: Settings }) {
  const format = useFormats()
  const client = useQueryClient()
  const navigate = useNavigate()
  const [whatFor, setWhatFor] = useState('')
  const [typed, setTyped] = useState(() => settings.time.week.map((day) => String(day.minutes)))
  const [chosen, setChosen] = useState<string>()
  const firstDay = useRef<HTMLInputElement>(null)

  const read = (texts: string[]) => {
    const minutes = texts.map((text) => readWithin(text, BOUNDS.Weekday.minutes, format))
    return minutes.every((m) => m !== undefined) ? minutes : undefined
  }
  const week = read(typed)
  const settled = useSettled(typed, PAUSE_MS)
  const courses = useQuery({ ...queries.courses(read(settled)), placeholderData: keepPreviousData })
  const offer = courses.data?.courses.find((c) => c.id === chosen)

  const begin = useMutation({
    mutationFn: async (course: Schemas['Offer'] | undefined) => {
      const locale = navigator.language
      await answer(
        api.PUT('/api/settings', {
          body: {
            ...settings,
            whatFor,
            look: { ...settings.look, locale },
            time: {
              ...settings.time,
              zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
              weekStart: weekStart(locale),
              week: settings.time.week.map((day, i) => ({
                ...day,
                minutes: week?.[i] ?? day.minutes,
                rest: week?.[i] === 0,
              })),
            },
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
      <h1>{wording.humbleQuill()}</h1>
      <p className="font-serif text-lg italic">{wording.whatToDrawTodayAndA()}</p>
      <h2 className="mt-6 mb-1">{wording.whatIsItFor()}</h2>
      <Field
        label={wording.oneSentenceShownAgainWhenEnergy()}
        maxLength={BOUNDS.Settings.whatFor.maxLength}
        placeholder={wording.drawTheHarbourOnTheSpot()}
        value={whatFor}
        onChange={(event) => setWhatFor(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault()
            firstDay.current?.focus()
          }
        }}
      />
      <h2 className="mt-6 mb-1">{wording.howManyMinutesOnWhichDays()}</h2>
      <p className="text-faded">{wording.forAllOfItSettingUp()}</p>
      <div className="grid grid-cols-4 gap-x-5 gap-y-2 sm:grid-cols-7">
        {settings.time.week.map((day, i) => (
          <NumberField
            key={day.day}
            ref={i === 0 ? firstDay : undefined}
            needed
            label={WEEKDAYS[day.day].slice(0, 3)}
            aria-label={wording.dayMinutes({ day: WEEKDAYS[day.day] })}
            bounds={BOUNDS.Weekday.minutes}
            value={typed[i] ?? ''}
            onChange={(event) => setTyped(typed.with(i, event.target.value))}
          />
        ))}
      </div>
      <h2 className="mt-6 mb-1">{wording.followACourseOrOnlyDraw()}</h2>
      <Waiting query={courses}>
        {({ courses: offers, broken }) => (
          <>
            <Offers courses={offers} chosen={chosen} onChoose={setChosen} />
            <BrokenFiles files={broken} />
          </>
        )}
      </Waiting>
      <div className="border-hairline bg-paper sticky bottom-0 border-t py-3">
        <div className="flex flex-wrap gap-x-6 gap-y-2">
          <Button
            look="ink"
            disabled={!offer || !week || begin.isPending}
            onClick={() => begin.mutate(offer)}
          >
            {offer ? wording.beginTitleToday({ title: offer.title }) : wording.chooseACourseToBegin()}
          </Button>
          <Button disabled={!week || begin.isPending} onClick={() => begin.mutate(undefined)}>
            {wording.beginWithADailyHabit()}
          </Button>
        </div>
        {offer ? (
          <Fit offer={offer} onGive={() => setTyped(typed.map(() => String(offer.minutesADay)))} />
        ) : (
          <p className="text-faded mt-1">{wording.aDailyHabitHasNoPlan()}</p>
        )}
      </div>
      <Refused error={begin.error} className="mt-3" />
    </main>
  )
}

/** Whether the course fits the minutes above, and what would make it fit. */
function Fit({ offer, onGive }: { offer: Schemas['Offer']; onGive: () => void }) {
  const format = useFormats()
  const over = offer.weekLoads.filter((week) => !week.fits).length
  return over === 0 ? (
    <p className="text-verdigris mt-1">{wording.everyWeekFitsYourMinutesSettings()}</p>
  ) : (
    <p className="mt-1">
      {wording.overYourMinutesAsTheyStand({
        over:
          over === offer.weekLoads.length
            ? wording.noWeekFits()
            : wording.overOfWeeksWeeksDoNot({ over, weeks: offer.weeks }),
      })}{' '}
      <Button onClick={onGive}>
        {wording.giveEveryDayMinutesADay({ minutesADay: format.minutes(offer.minutesADay) })}
      </Button>
    </p>
  )
}
