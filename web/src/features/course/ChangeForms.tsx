import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { BOUNDS } from '../../api/generated/bounds'
import { Check } from '../../ui/Check'
import { DateField } from '../../ui/DateField'
import { isDay, later } from '../../ui/days'
import { Field, SelectField } from '../../ui/Field'
import { NumberField, readWithin } from '../../ui/NumberField'
import { ChangeSheet } from '../../shared/plan/ChangeSheet'
import { weekTitle } from './text'
import type { Change } from '../../shared/plan/usePlanChanges'
import { wording } from './wording'

type Ruler = Schemas['RulerWeek'][]
/** The kinds that have a form of their own. */
export type Kind = Exclude<
  Change['kind'],
  | 'SLIDE'
  | 'LET_GO'
  | 'DROP'
  | 'PACE'
  | 'POLICY'
  | 'UNTIL_DONE'
  | 'MINUTES_A_DAY'
  | 'WARM_UP'
  | 'MORE_OF'
  | 'DETOUR_FOR_TOPIC'
>

/** What the sheet is about: the plan, its weeks, the week that is shown, and today. */
export type About = {
  placement: string
  ruler: Ruler
  week: Schemas['RulerWeek']
  today: string
  onClose: () => void
}

/** The form of one kind of change. */
export function ChangeForm({ kind, about }: { kind: Kind; about: About }) {
  switch (kind) {
    case 'STRETCH':
      return <Stretch about={about} />
    case 'PAUSE':
      return <Pause about={about} />
    case 'SWAP':
      return <Swap about={about} />
    case 'DETOUR_OF_COURSE':
      return <Detour about={about} />
    case 'EMPTY':
      return <Empty about={about} />
    case 'BASELINE':
      return <BaselineForm about={about} />
    case 'REPEAT':
      return (
        <Plain
          about={about}
          title={wording.takeThisWeekAgain()}
          description={wording.theSameExercisesOnceMoreRight2()}
          change={{ kind, week: about.week.key }}
        />
      )
    case 'SKIP':
      return (
        <Plain
          about={about}
          title={wording.goWithoutThisWeek()}
          description={
            about.week.from < about.today
              ? wording.itEndsWithYesterdayWhatYou()
              : wording.noneOfItIsAskedAnd()
          }
          change={{ kind, week: about.week.key }}
        />
      )
  }
}

const subject = (about: About) => weekTitle(about.week)
const NUMBER_OF_DAYS = BOUNDS.Stretch.days

function Plain({
  about,
  title,
  description,
  change,
}: {
  about: About
  title: string
  description: string
  change: Change
}) {
  return (
    <ChangeSheet {...about} week={about.week.key} title={title} description={description} changes={[change]}>
      <p>{subject(about)}</p>
    </ChangeSheet>
  )
}

function Stretch({ about }: { about: About }) {
  const format = useFormats()
  const [days, setDays] = useState(String(about.week.days === 7 ? 14 : about.week.days))
  const [open, setOpen] = useState(about.week.untilDone)
  const count = readWithin(days, NUMBER_OF_DAYS, format)
  const { key } = about.week
  const changes: Change[] = []
  if (open !== about.week.untilDone) {
    changes.push({ kind: 'UNTIL_DONE', week: key, on: open })
  }
  if (!open && count !== undefined) {
    changes.push({ kind: 'STRETCH', week: key, days: count })
  }
  return (
    <ChangeSheet
      {...about}
      week={key}
      title={wording.makeTheWeekLongerOrShorter()}
      description={wording.oneWeekOfTheCourseMay()}
      changes={changes.length > 0 ? changes : undefined}
    >
      <p>{wording.aboutDaysNow({ about: subject(about), days: about.week.days })}</p>
      <Check checked={open} onChange={(event) => setOpen(event.target.checked)}>
        {wording.untilItsWorkIsDoneHowever()}
      </Check>
      {!open && <DaysField label={wording.lengthInDays()} days={days} onDays={setDays} />}
    </ChangeSheet>
  )
}

function Pause({ about }: { about: About }) {
  const format = useFormats()
  const first = about.week.from > about.today ? about.week.from : about.today
  const [from, setFrom] = useState(first)
  const [days, setDays] = useState('2')
  const count = readWithin(days, NUMBER_OF_DAYS, format)
  const dates = Array.from({ length: count ?? 0 }, (_, i) => later(isDay(from) ? from : first, i)).filter(
    (date) => date <= about.week.to,
  )
  const changes: Change[] | undefined =
    !isDay(from) || dates.length === 0 ? undefined : [{ kind: 'PAUSE', week: about.week.key, dates }]
  return (
    <ChangeSheet
      {...about}
      week={about.week.key}
      title={wording.letOnlyThisCourseWait()}
      description={wording.theCourseWaitsOnTheseDays()}
      changes={changes}
    >
      <div className="grid grid-cols-2 gap-4">
        <DateField label={wording.from()} value={from} onChange={setFrom} />
        <NumberField
          needed
          label={wording.days()}
          bounds={NUMBER_OF_DAYS}
          value={days}
          onChange={(event) => setDays(event.target.value)}
          {...(count !== undefined && dates.length < count
            ? { hint: wording.datesOfThemLieInThis({ dates: dates.length }) }
            : {})}
        />
      </div>
    </ChangeSheet>
  )
}

function WeekOptions({ weeks }: { weeks: Ruler }) {
  return weeks.map((week) => (
    <option key={week.key} value={week.key}>
      {weekTitle(week)}
    </option>
  ))
}

function Swap({ about }: { about: About }) {
  const others = about.ruler.filter((w) => w.key !== about.week.key && w.from > about.today)
  const [other, setOther] = useState(others[0]?.key ?? '')
  return (
    <ChangeSheet
      {...about}
      week={about.week.key}
      title={wording.changePlaces()}
      changes={other ? [{ kind: 'SWAP', week: about.week.key, other }] : undefined}
    >
      <SelectField
        label={wording.aboutChangesPlacesWith({ about: subject(about) })}
        value={other}
        onChange={(event) => setOther(event.target.value)}
      >
        <WeekOptions weeks={others} />
      </SelectField>
    </ChangeSheet>
  )
}

/** Weeks before which something can be put: those that have not begun. */
const ahead = (about: About) => about.ruler.filter((w) => w.from > about.today)
const nextAhead = (about: About) =>
  (about.week.from > about.today ? about.week.key : ahead(about)[0]?.key) ?? ''

function Detour({ about }: { about: About }) {
  const courses = useQuery(queries.courses()).data?.courses ?? []
  const [before, setBefore] = useState(nextAhead(about))
  const [courseId, setCourseId] = useState('')
  const [numbers, setNumbers] = useState<number[]>([])
  const offer = courses.find((c) => c.id === courseId)
  const change: Change = { kind: 'DETOUR_OF_COURSE', week: before, courseId, courseWeeks: numbers }
  return (
    <ChangeSheet
      {...about}
      week={before}
      title={wording.aDetour()}
      description={wording.weeksFromAnotherCourseBecauseSomething()}
      changes={before && offer && numbers.length > 0 ? [change] : undefined}
    >
      <SelectField
        label={wording.before()}
        value={before}
        onChange={(event) => setBefore(event.target.value)}
      >
        <WeekOptions weeks={ahead(about)} />
      </SelectField>
      <SelectField
        label={wording.fromTheCourse()}
        value={courseId}
        onChange={(event) => {
          setCourseId(event.target.value)
          setNumbers([])
        }}
      >
        <option value="">{wording.choose()}</option>
        {courses.map((c) => (
          <option key={c.id} value={c.id}>
            {c.title}
          </option>
        ))}
      </SelectField>
      {offer && (
        <fieldset className="max-h-48 overflow-y-auto">
          <legend className="text-faded text-sm">{wording.weeks()}</legend>
          {offer.weekLoads.map((week, i) => (
            <Check
              key={i}
              checked={numbers.includes(i + 1)}
              onChange={(event) =>
                setNumbers(
                  event.target.checked
                    ? [...numbers, i + 1].sort((a, b) => a - b)
                    : numbers.filter((n) => n !== i + 1),
                )
              }
            >
              {i + 1} · {week.title}
            </Check>
          ))}
        </fieldset>
      )}
    </ChangeSheet>
  )
}

function Empty({ about }: { about: About }) {
  const format = useFormats()
  const [before, setBefore] = useState(nextAhead(about))
  const [days, setDays] = useState('7')
  const count = readWithin(days, NUMBER_OF_DAYS, format)
  return (
    <ChangeSheet
      {...about}
      week={before}
      title={wording.emptyDays()}
      description={wording.timeWithoutAnythingPlannedToCatch()}
      changes={count && before ? [{ kind: 'EMPTY', week: before, days: count }] : undefined}
    >
      <SelectField
        label={wording.before()}
        value={before}
        onChange={(event) => setBefore(event.target.value)}
      >
        <WeekOptions weeks={ahead(about)} />
      </SelectField>
      <DaysField label={wording.days()} days={days} onDays={setDays} />
    </ChangeSheet>
  )
}

function DaysField({ label, days, onDays }: { label: string; days: string; onDays: (days: string) => void }) {
  return (
    <NumberField
      needed
      label={label}
      bounds={NUMBER_OF_DAYS}
      value={days}
      onChange={(event) => onDays(event.target.value)}
    />
  )
}

function BaselineForm({ about }: { about: About }) {
  const format = useFormats()
  const [topic, setTopic] = useState('')
  const last = about.ruler.at(-1)
  return (
    <ChangeSheet
      {...about}
      week={about.week.key}
      title={wording.oneSubjectNowAndAgainLater()}
      description={wording.oneUnaidedDrawingInThisWeek()}
      changes={topic.trim() ? [{ kind: 'BASELINE', week: about.week.key, topic: topic.trim() }] : undefined}
    >
      <Field
        label={wording.subject()}
        maxLength={BOUNDS.SubjectAgain.topic.maxLength}
        value={topic}
        onChange={(event) => setTopic(event.target.value)}
        hint={last ? wording.againBetweenFrom({ from: format.range(last.from, last.to) }) : ''}
      />
    </ChangeSheet>
  )
}
