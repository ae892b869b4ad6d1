import type { Schemas } from '../../api/client'
import { useFormats, type Formats } from '../../ui/locale'
import { LoadStrip } from './LoadStrip'
import { wording } from './wording'
import { Said } from '../said/Said'

type Offer = Schemas['Offer']

/** What a course asks for; against the learner's own room, once there is one. */
export function OfferFacts({ offer, room = true }: { offer: Offer; room?: boolean }) {
  const format = useFormats()
  return (
    <>
      <span className="text-faded">
        {' '}
        {wording.weeksMinutesInAll({ weeks: offer.weeks, minutes: format.minutes(offer.minutes) })}
      </span>
      <span className="block">{offer.summary}</span>
      <LoadStrip loads={offer.weekLoads} room={room} />
      <span className="text-faded block text-sm">
        {room ? ownRoom(offer, format) : `${asks(offer, format)}. ${fitsWith(offer, format)}`}
      </span>
    </>
  )
}

/** Whether the fullest week fits the learner's own room, and what the pace would have to be. */
export function ownRoom(offer: Offer, format: Formats): string {
  const begin = asks(offer, format)
  const even = fitsWith(offer, format)
  if (offer.load == null || offer.pace == null) {
    return wording.beginYouHaveNoRoomSet({ begin, even })
  }
  const load = Math.round(offer.load * 100)
  if (offer.pace < 1) {
    return wording.beginOfYourRoomMinutesLoadAt({
      begin,
      roomMinutes: format.minutes(offer.roomMinutes),
      load,
      pace: Math.floor(offer.pace * 100),
      even,
    })
  }
  const uneven = offer.weekLoads.filter((week) => !week.fits).length
  const fits = wording.beginOfYourRoomMinutesLoad({
    begin,
    roomMinutes: format.minutes(offer.roomMinutes),
    load,
  })
  return uneven === 0 ? fits : wording.unevenWeeks({ fits, uneven, weeks: offer.weeks, even })
}

const asks = (offer: Offer, format: Formats) =>
  wording.itsFullestWeekTakesMax({ max: format.minutes(Math.max(...offer.weekLoads.map((w) => w.minutes))) })

const fitsWith = (offer: Offer, format: Formats) =>
  wording.itFitsWhenEveryDayHas({ minutesADay: format.minutes(offer.minutesADay) })

/** Courses to choose from, each with what it asks. */
export function Offers({
  courses,
  chosen,
  onChoose,
  room = true,
}: {
  courses: Offer[]
  /** Whether the learner has set minutes of their own to measure against. */
  room?: boolean
  chosen: string | undefined
  onChoose: (id: string) => void
}) {
  return (
    <fieldset>
      <legend className="sr-only">{wording.course()}</legend>
      {courses.map((course) => (
        <label key={course.id} className="border-hairline flex gap-3 border-t py-3">
          <input
            type="radio"
            name="course"
            className="mt-1.5 size-4 shrink-0"
            checked={chosen === course.id}
            onChange={() => onChoose(course.id)}
          />
          <span className="min-w-0">
            <span className="font-serif text-lg font-medium">{course.title}</span>
            <OfferFacts offer={course} room={room} />
          </span>
        </label>
      ))}
    </fieldset>
  )
}

/** Course files that were refused, each with the place and the reason. */
export function BrokenFiles({ files }: { files: Schemas['BrokenFile'][] }) {
  return files.map((file) => (
    <p key={file.file} className="border-hairline border-t py-2">
      <span className="text-sanguine">{wording.fileWasRefused({ file: file.file })}</span>
      {file.place && wording.atPlace({ place: file.place })}: <Said message={file.reason} />.
    </p>
  ))
}
