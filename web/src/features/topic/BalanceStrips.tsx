import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { BY, partName, remark } from './text'
import { wording } from './wording'

const INKS = ['bg-ink', 'bg-faded', 'bg-pencil', 'bg-ochre', 'bg-hairline']

/** How the minutes of the span divide, and what is one-sided. */
export function BalanceStrips({ coverage: { balance, remarks } }: { coverage: Schemas['CoverageView'] }) {
  const format = useFormats()
  if (balance.minutes === 0 && remarks.length === 0) {
    return null
  }
  return (
    <section aria-labelledby="balance" className="mt-6">
      <h2 id="balance">
        {wording.balance()}{' '}
        <span className="text-faded font-sans text-base">
          {wording.minutesDrawn({ minutes: format.minutes(balance.minutes) })}
        </span>
      </h2>
      {remarks.length > 0 && (
        <ul className="mt-1">
          {remarks.map((r) => (
            <li key={r.kind + r.topic + r.resource} className="flex flex-wrap items-baseline gap-x-4">
              <span className="text-sanguine">{remark(r, format)}</span>
              <RemarkAction remark={r} />
            </li>
          ))}
        </ul>
      )}
      {balance.minutes > 0 && (
        <div className="mt-3 grid gap-x-12 gap-y-5 md:grid-cols-2 xl:grid-cols-3">
          {balance.strips.map((strip) => (
            <Strip key={strip.by} strip={strip} minutes={balance.minutes} />
          ))}
        </div>
      )}
    </section>
  )
}

/** The one thing that can be done about a remark. */
function RemarkAction({ remark: { kind, topic } }: { remark: Schemas['BalanceRemark'] }) {
  switch (kind) {
    case 'NOTHING_FROM_LIFE':
      return (
        <Link to="/sitting?source=life" className={LINE_LINK}>
          {wording.aSittingFromLife()}
        </Link>
      )
    case 'NOTHING_FREE':
      return (
        <Link to="/settings#time" className={LINE_LINK}>
          {wording.keepAPartOfEachDay()}
        </Link>
      )
    case 'NOT_APPLIED':
      return (
        <Link
          to={`/sitting?topic=${encodeURIComponent(topic ?? '')}&title=${encodeURIComponent(topic ?? '')}`}
          className={LINE_LINK}
        >
          {wording.putItToUseInA()}
        </Link>
      )
    case 'ONE_RESOURCE':
    case 'ONE_KIND':
      return (
        <Link to={`/shelf?topic=${encodeURIComponent(topic ?? '')}`} className={LINE_LINK}>
          {wording.whatElseTeachesIt()}
        </Link>
      )
  }
}

function Strip({ strip, minutes }: { strip: Schemas['Strip']; minutes: number }) {
  const format = useFormats()
  const said = strip.parts.filter((part) => part.name !== '').length
  return (
    <div>
      <h3>{BY[strip.by]}</h3>
      <div aria-hidden className="mt-1 flex h-2.5 w-full gap-px">
        {strip.parts.map((part, i) => (
          <span
            key={part.name}
            className={part.name === '' ? 'border-hairline border' : INKS[Math.min(i, INKS.length - 1)]}
            style={{ width: `${(part.minutes / minutes) * 100}%` }}
          />
        ))}
      </div>
      <p className="text-faded mt-1 text-sm">
        {strip.parts
          .map((part) => `${partName(part.name)} ${format.percent(part.minutes / minutes)}`)
          .join(' · ')}
        {said > 1 && wording.asIfAsIfInEqualParts({ asIf: format.decimal(strip.asIf) })}
      </p>
    </div>
  )
}
