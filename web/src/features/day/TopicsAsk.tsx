import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { beginWarmUp } from '../../shared/begin'
import { useWarmUps } from '../../shared/useWarmUps'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats, type Formats } from '../../ui/locale'
import { upperFirst } from '../../ui/text'

type Asked = Schemas['AskedByTopics']
type Offer = Schemas['WarmUpOffer']

/** Warm-ups of today, those that may be put in, and what faded after days away. */
export function TopicsAsk({ topics: { warmUps, offers, away } }: { topics: Asked }) {
  const format = useFormats()
  const { put, remove } = useWarmUps()
  return (
    <>
      {away && (
        <section aria-label="After days away" className="mt-3">
          <p>
            {format.number(away.days)} days since you last drew.
            {away.faded.length > 0 &&
              ` Meanwhile faded: ${away.faded.map((f) => f.topic).join(', ')}. They come back with use.`}
          </p>
          {away.easy && (
            <p>
              An easy day to begin with: {format.minutes(away.easyMinutes)} of {away.easy}, which you know
              best. It counts in full.{' '}
              <Button disabled={put.isPending} onClick={() => away.easy && put.mutate({ topic: away.easy })}>
                Put it into today
              </Button>
            </p>
          )}
        </section>
      )}
      {warmUps.length > 0 && (
        <ul aria-label="Warm-ups" className="mt-4">
          {warmUps.map((w) => (
            <li
              key={w.id}
              className="border-hairline flex flex-wrap items-baseline justify-between gap-x-4 border-t py-2"
            >
              <span className={w.done ? 'text-faded' : ''}>
                <span className="font-medium">Warm up: {w.topic}</span>
                {w.imagined && ', from imagination'}
                <span className="text-faded">
                  {w.room === 'SETTING_UP' ? ' · within setting up' : ' · of the free share'}
                </span>
              </span>
              <span className="text-faded">
                {w.done ? 'done' : format.minutes(w.minutes)}
                {!w.done && (
                  <>
                    <Link
                      to={beginWarmUp(w)}
                      className={`no-print ml-4 ${LINE_LINK}`}
                      aria-label={`Begin ${w.topic}`}
                    >
                      Begin
                    </Link>
                    <Button
                      look="quiet"
                      className="no-print ml-2"
                      onClick={() => remove.mutate(w.id)}
                      aria-label={`Take out ${w.topic}`}
                    >
                      Take out
                    </Button>
                  </>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      {offers.length > 0 && (
        <section aria-label="Warm-ups offered" className="no-print mt-3">
          <p className="text-faded">
            To warm up with
            {offers[0]?.room === 'SETTING_UP' && ', within the minutes for setting up'}
            {offers[0]?.room === 'FREE_SHARE' && ', of the minutes kept free'}:
          </p>
          <ul>
            {offers.map((offer) => (
              <li key={offer.topic} className="flex flex-wrap items-baseline gap-x-3">
                <span>{sentence(offer, format)}</span>
                {offer.minutes > 0 ? (
                  <Button
                    look="quiet"
                    disabled={put.isPending}
                    aria-label={`Warm up, ${format.minutes(offer.minutes)}: ${offer.topic}`}
                    onClick={() => put.mutate({ topic: offer.topic, imagined: offer.why === 'YESTERDAY' })}
                  >
                    Warm up, {format.minutes(offer.minutes)}
                  </Button>
                ) : (
                  <span className="text-faded">no minutes left for it today</span>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  )
}

function sentence({ why, topic, freshness, neededFor, week, weekTitle, from }: Offer, format: Formats) {
  if (why === 'YESTERDAY') {
    return `${topic}, studied yesterday: once more, from imagination.`
  }
  const when = week == null ? weekTitle : `week ${week}`
  const needed = neededFor === topic ? `taken up in ${when}` : `needed for ${neededFor} in ${when}`
  return `${upperFirst(topic)}: rusty (${format.percent(freshness)}), ${needed}${from ? `, from ${format.dayMonth(from)}` : ''}.`
}
