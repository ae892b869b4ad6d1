import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { useFormats } from '../../ui/locale'
import { LINE_LINK } from '../../ui/Button'
import { Tally } from '../../ui/Tally'
import { beginShare } from '../../shared/begin'
import { respread, shareFigures, shareTally } from './text'
import { wording } from './wording'

/** Today's shares in the order of work, and what is kept free. */
export function ShareList({ today }: { today: Schemas['TodayView'] }) {
  const format = useFormats()
  if (today.shares.length === 0 && today.freeMinutes === 0 && today.appointments.length === 0) {
    return null
  }
  return (
    <ol className="mt-4">
      {today.appointments.map((a) => (
        <li key={a.title + a.start} className="border-hairline border-t py-3">
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <span className="font-medium">{a.title}</span>
            <span className="text-faded">
              {a.start.slice(0, 5)} · {format.minutes(a.minutes)}
            </span>
          </div>
        </li>
      ))}
      {today.shares.map((share) => (
        <ShareItem key={share.exerciseId} share={share} />
      ))}
      {today.freeMinutes > 0 && today.course != null && (
        <li className="border-hairline border-t py-3">
          <div className="flex flex-wrap items-baseline justify-between gap-x-4">
            <span className="font-medium">{wording.whateverYouLike()}</span>
            <span className="text-faded">{format.minutes(today.freeMinutes)}</span>
          </div>
          <p className="text-faded">
            {wording.keptFreeNothingIsCountedAgainst()}
            {today.overheadMinutes > 0 &&
              wording.overheadMinutesMoreAreForSettingUp({
                overheadMinutes: format.minutes(today.overheadMinutes),
              })}
          </p>
        </li>
      )}
    </ol>
  )
}

function ShareItem({ share }: { share: Schemas['ShareView'] }) {
  const format = useFormats()
  const done = share.left === 0
  const change = respread(share)
  return (
    <li className="border-hairline border-t py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <span className={done ? 'text-faded font-medium' : 'font-medium'}>
          {share.title}
          {share.course && <span className="text-faded font-normal"> · {share.course}</span>}
        </span>
        <span className="text-faded ml-auto text-right">
          {shareFigures(share, format)}
          {!done && (
            <Link
              to={beginShare(share)}
              className={`no-print ml-4 ${LINE_LINK}`}
              aria-label={wording.beginTitle({ title: share.title })}
            >
              {wording.begin()}
            </Link>
          )}
        </span>
      </div>
      {share.unit === 'DRAWINGS' && share.count > 1 && (
        <Tally done={share.done} planned={share.count} text={shareTally(share)} />
      )}
      {change && <p className="text-faded">{change}</p>}
      {share.appointed > 0 && (
        <p className="text-verdigris">{wording.appointedOfThemComeWithThe({ appointed: share.appointed })}</p>
      )}
      {(share.text || share.lookFor) && (
        <details className="no-print group" open={!share.drawnBefore}>
          <summary className="text-faded hover:text-ink decoration-hairline inline-block min-h-8 list-none leading-8 underline underline-offset-4 pointer-coarse:min-h-11">
            {wording.howAndWhatToLookFor()}
          </summary>
          <p>{share.text}</p>
          {share.lookFor && <p className="font-serif italic">{share.lookFor}</p>}
          <p className="text-faded">
            {[
              share.unit === 'DRAWINGS' &&
                wording.secondsEachEach({ secondsEach: format.each(share.secondsEach) }),
              share.source,
            ]
              .filter(Boolean)
              .join(', ')}
          </p>
        </details>
      )}
    </li>
  )
}
