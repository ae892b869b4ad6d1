import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import type { Schemas } from '../../../api/client'
import { queries } from '../../../api/queries'
import { EntryList } from '../../../shared/entry/EntryList'
import { LogLine } from '../../../shared/logline/LogLine'
import { LINE_LINK } from '../../../ui/Button'
import { DateField } from '../../../ui/DateField'
import { isDay, later } from '../../../ui/days'
import { useFormats } from '../../../ui/locale'
import { Leaf, TwoLeaves } from '../../../ui/TwoLeaves'
import { Waiting } from '../../../ui/Waiting'
import { became } from './text'
import { useOpening } from '../../../ui/opening'
import { wording } from './wording'

/** Any day: what became of it on the left leaf, its entries and what is missing on the right. */
export default function DayScreen() {
  const { day = '' } = useParams()
  return (
    <Waiting key={day} query={useQuery(queries.day(day))}>
      {(view) => (
        <TwoLeaves>
          <Facts view={view} />
          <Drawn view={view} />
        </TwoLeaves>
      )}
    </Waiting>
  )
}

function Facts({ view }: { view: Schemas['DayView'] }) {
  const format = useFormats()
  return (
    <Leaf>
      <h1>{format.longDay(view.day)}</h1>
      <p className="text-faded">{view.day.slice(0, 4)}</p>
      <p className="py-3">{became(view)}</p>
      {view.weeks.map((week) => (
        <p key={week.placement}>
          <Link to={`/course?plan=${week.placement}&week=${week.key}`} className={LINE_LINK}>
            {week.course}
            {week.number != null && wording.weekNumber({ number: week.number })}: {week.title}
          </Link>
        </p>
      ))}
      <nav aria-label={wording.otherDays()} className="no-print mt-5">
        <p className="flex flex-wrap gap-x-6">
          <Link to={`/day/${later(view.day, -1)}`} className={LINE_LINK}>
            {wording.theDayBefore()}
          </Link>
          <Link to={`/day/${later(view.day, 1)}`} className={LINE_LINK}>
            {wording.theDayAfter()}
          </Link>
          <Link to="/today" className={LINE_LINK}>
            {wording.today()}
          </Link>
        </p>
        <OtherDay />
      </nav>
    </Leaf>
  )
}

function OtherDay() {
  const navigate = useNavigate()
  const [wanted, setWanted] = useState('')
  return (
    <form
      className="mt-3 flex max-w-xs items-end gap-4"
      onSubmit={(event) => {
        event.preventDefault()
        if (isDay(wanted)) {
          navigate(`/day/${wanted}`)
        }
      }}
    >
      <DateField label={wording.anotherDay()} value={wanted} onChange={setWanted} />
      <button type="submit" className={`${LINE_LINK} shrink-0`}>
        {wording.open()}
      </button>
    </form>
  )
}

function Drawn({ view }: { view: Schemas['DayView'] }) {
  const format = useFormats()
  const [filling, setFilling] = useOpening<Schemas['EntryFields'] | undefined>(undefined)
  const ahead = view.day > view.today
  return (
    <Leaf second>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="mt-0">{wording.drawn()}</h2>
        {view.entries.length > 0 && (
          <p className="text-faded">
            {format.minutes(view.drawnMinutes)}
            {view.drawnDrawings > 0 && wording.drawings({ drawnDrawings: view.drawnDrawings })}
          </p>
        )}
      </div>
      {ahead ? (
        <p className="py-3">{wording.thisDayLiesAheadWhatIs()}</p>
      ) : (
        <>
          <LogLine
            day={view.day}
            today={view.today}
            example={wording.n3Boats12MinPenP()}
            onForm={setFilling}
          />
          <EntryList
            title={wording.entriesOfThisDay()}
            entries={view.entries}
            empty={wording.noneWhatIsMissingCanBe()}
            filling={filling}
            onFilled={() => setFilling(undefined)}
          />
        </>
      )}
    </Leaf>
  )
}
