import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { queries, refreshAll } from '../../../api/queries'
import { useFormats } from '../../../ui/locale'
import { Button } from '../../../ui/Button'
import { DateField } from '../../../ui/DateField'
import { isDay } from '../../../ui/days'
import { Refused } from '../../../ui/Refused'
import { useNotice } from '../../../ui/Notices'
import { Cancel, Sheet } from '../../../ui/Sheet'
import { usePlace } from '../ChooseCourse'
import { LoadStrip } from '../../../shared/course/LoadStrip'
import { ownRoom } from '../../../shared/course/Offers'
import { wording } from '../wording'

/** Before a course is followed: what it asks, from when, and beside what. */
export function PlaceSheet({ offer, onClose }: { offer: Schemas['Offer']; onClose: () => void }) {
  const format = useFormats()
  const navigate = useNavigate()
  const client = useQueryClient()
  const say = useNotice()
  const course = useQuery(queries.course()).data
  const [start, setStart] = useState<string>()
  const [side, setSide] = useState(false)
  const place = usePlace(() => navigate('/course'))
  const first = start ?? course?.today ?? ''
  const given = course?.followed.find((plan) => plan.side === side)
  const leave = useMutation({
    mutationFn: (placement: string) =>
      answer(api.DELETE('/api/course/{placement}', { params: { path: { placement } } })),
    onSuccess: () => {
      say(wording.youFollowItNoMoreEverything())
      return refreshAll(client)
    },
  })
  return (
    <Sheet open onClose={onClose} title={wording.followTitle({ title: offer.title })}>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          place.mutate({ courseId: offer.id, start: first, side })
        }}
      >
        <p>
          {wording.minutesInWeeksOffer({
            minutes: format.minutes(offer.minutes),
            weeks: offer.weeks,
            offer: ownRoom(offer, format),
          })}
        </p>
        <LoadStrip loads={offer.weekLoads} />
        <fieldset className="my-3">
          <legend className="sr-only">{wording.asWhat()}</legend>
          <label className="flex min-h-8 items-center gap-2">
            <input type="radio" className="size-4" checked={!side} onChange={() => setSide(false)} />{' '}
            {wording.asTheMainCourse()}
          </label>
          <label className="flex min-h-8 items-center gap-2">
            <input type="radio" className="size-4" checked={side} onChange={() => setSide(true)} />{' '}
            {wording.besideTheMainCourseWhereBoth()}
          </label>
        </fieldset>
        <DateField label={wording.firstDay()} required value={first} onChange={setStart} />
        {given && (
          <p className="mt-3">
            {wording.titleEndsWithThatEverythingYou({ title: given.title })}{' '}
            <Button onClick={() => leave.mutate(given.placement)}>
              {wording.onlyEndTitle({ title: given.title })}
            </Button>
          </p>
        )}
        <Refused error={place.error} className="mt-2" />
        <div className="mt-5 flex gap-6">
          <Button type="submit" look="ink" disabled={place.isPending || !isDay(first)}>
            {wording.placeIt()}
          </Button>
          <Cancel />
        </div>
      </form>
    </Sheet>
  )
}
