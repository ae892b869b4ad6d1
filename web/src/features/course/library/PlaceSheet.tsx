import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { queries, refreshAll } from '../../../api/queries'
import { useFormats } from '../../../ui/locale'
import { Button } from '../../../ui/Button'
import { DateField } from '../../../ui/DateField'
import { isDay } from '../../../ui/days'
import { plural } from '../../../ui/plural'
import { Refused } from '../../../ui/Refused'
import { useNotice } from '../../../ui/Notices'
import { Cancel, Sheet } from '../../../ui/Sheet'
import { usePlace } from '../ChooseCourse'
import { LoadStrip } from '../../../shared/course/LoadStrip'
import { ownRoom } from '../../../shared/course/Offers'

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
      say('You follow it no more. Everything you drew for it stays.')
      return refreshAll(client)
    },
  })
  return (
    <Sheet open onClose={onClose} title={`Follow ${offer.title}`}>
      <form
        onSubmit={(event) => {
          event.preventDefault()
          place.mutate({ courseId: offer.id, start: first, side })
        }}
      >
        <p>
          {format.minutes(offer.minutes)} in {plural(offer.weeks, 'week')}. {ownRoom(offer, format)}
        </p>
        <LoadStrip loads={offer.weekLoads} />
        <fieldset className="my-3">
          <legend className="sr-only">As what</legend>
          <label className="flex min-h-8 items-center gap-2">
            <input type="radio" className="size-4" checked={!side} onChange={() => setSide(false)} /> as the
            main course
          </label>
          <label className="flex min-h-8 items-center gap-2">
            <input type="radio" className="size-4" checked={side} onChange={() => setSide(true)} /> beside the
            main course; where both have work they share the room, 70 to 30 until you change it
          </label>
        </fieldset>
        <DateField label="First day" required value={first} onChange={setStart} />
        {given && (
          <p className="mt-3">
            {given.title} ends with that. Everything you have drawn for it stays.{' '}
            <Button onClick={() => leave.mutate(given.placement)}>Only end {given.title}</Button>
          </p>
        )}
        <Refused error={place.error} className="mt-2" />
        <div className="mt-5 flex gap-6">
          <Button type="submit" look="ink" disabled={place.isPending || !isDay(first)}>
            Place it
          </Button>
          <Cancel />
        </div>
      </form>
    </Sheet>
  )
}
