import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { beginWarmUp } from '../../shared/begin'
import { useWarmUps } from '../../shared/useWarmUps'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats, type Formats } from '../../ui/locale'
import { upperFirst } from '../../ui/text'
import { wording } from './wording'

type Asked = Schemas['AskedByTopics']
type Offer = Schemas['WarmUpOffer']

/** Warm-ups of today, those that may be put in, and what faded after days away. */
export function TopicsAsk({ topics: { warmUps, offers, away } }: { topics: Asked }) {
  const format = useFormats()
  const { put, remove } = useWarmUps()
  return (
    <>
      {away && (
        <section aria-label={wording.afterDaysAway()} className="mt-3">
          <p>
            {wording.daysDaysSinceYouLastDrew({ days: format.number(away.days) })}
            {away.faded.length > 0 &&
              wording.meanwhileFadedJoinTheyComeBack({ join: away.faded.map((f) => f.topic).join(', ') })}
          </p>
          {away.easy && (
            <p>
              {wording.anEasyDayToBeginWith({
                easyMinutes: format.minutes(away.easyMinutes),
                easy: away.easy,
              })}{' '}
              <Button disabled={put.isPending} onClick={() => away.easy && put.mutate({ topic: away.easy })}>
                {wording.putItIntoToday()}
              </Button>
            </p>
          )}
        </section>
      )}
      {warmUps.length > 0 && (
        <ul aria-label={wording.warmUps()} className="mt-4">
          {warmUps.map((w) => (
            <li
              key={w.id}
              className="border-hairline flex flex-wrap items-baseline justify-between gap-x-4 border-t py-2"
            >
              <span className={w.done ? 'text-faded' : ''}>
                <span className="font-medium">{wording.warmUpTopic({ topic: w.topic })}</span>
                {w.imagined && wording.fromImagination()}
                <span className="text-faded">
                  {w.room === 'SETTING_UP' ? wording.withinSettingUp() : wording.ofTheFreeShare()}
                </span>
              </span>
              <span className="text-faded">
                {w.done ? wording.done() : format.minutes(w.minutes)}
                {!w.done && (
                  <>
                    <Link
                      to={beginWarmUp(w)}
                      className={`no-print ml-4 ${LINE_LINK}`}
                      aria-label={wording.beginTopic({ topic: w.topic })}
                    >
                      {wording.begin()}
                    </Link>
                    <Button
                      look="quiet"
                      className="no-print ml-2"
                      onClick={() => remove.mutate(w.id)}
                      aria-label={wording.takeOutTopic({ topic: w.topic })}
                    >
                      {wording.takeOut()}
                    </Button>
                  </>
                )}
              </span>
            </li>
          ))}
        </ul>
      )}
      {offers.length > 0 && (
        <section aria-label={wording.warmUpsOffered()} className="no-print mt-3">
          <p className="text-faded">
            {wording.toWarmUpWith()}
            {offers[0]?.room === 'SETTING_UP' && wording.withinTheMinutesForSettingUp()}
            {offers[0]?.room === 'FREE_SHARE' && wording.ofTheMinutesKeptFree()}:
          </p>
          <ul>
            {offers.map((offer) => (
              <li key={offer.topic} className="flex flex-wrap items-baseline gap-x-3">
                <span>{sentence(offer, format)}</span>
                {offer.minutes > 0 ? (
                  <Button
                    look="quiet"
                    disabled={put.isPending}
                    aria-label={wording.warmUpMinutesTopic({
                      minutes: format.minutes(offer.minutes),
                      topic: offer.topic,
                    })}
                    onClick={() => put.mutate({ topic: offer.topic, imagined: offer.why === 'YESTERDAY' })}
                  >
                    {wording.warmUpMinutes({ minutes: format.minutes(offer.minutes) })}
                  </Button>
                ) : (
                  <span className="text-faded">{wording.noMinutesLeftForItToday()}</span>
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
    return wording.topicStudiedYesterdayOnceMoreFrom({ topic })
  }
  const when = week == null ? weekTitle : wording.weekWeek({ week })
  const needed =
    neededFor === topic
      ? wording.takenUpInWhen({ when })
      : wording.neededForNeededForInWhen({ neededFor, when })
  return wording.topicRustyFreshnessNeededFrom({
    topic: upperFirst(topic),
    freshness: format.percent(freshness),
    needed,
    from: from ? wording.fromFrom({ from: format.dayMonth(from) }) : '',
  })
}
