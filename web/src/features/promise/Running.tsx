import { useState } from 'react'
import { Link } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Button, LINE_LINK } from '../../ui/Button'
import { Sheet } from '../../ui/Sheet'
import { beginQuota } from '../../shared/begin'
import { Goal } from '../../shared/lookback/Goal'
import { AsOneSheet, Kept } from './Kept'
import { Prompts } from './Prompts'
import { QuotaFan } from './QuotaFan'
import { RULES, units } from '../../shared/promise/quota-words'
import { noun, plural } from '../../ui/plural'
import {
  changes,
  dates,
  enough,
  isAtRisk,
  isDated,
  needed,
  promise,
  unitOf,
  verdict,
  weekly,
  type Quota,
} from './text'
import { useQuotas } from '../../shared/useQuotas'
import { useSaid } from './useSaid'

/** A promise under way: what today asks, how it will go, what would change that. */
export function Running({ quota }: { quota: Quota }) {
  const format = useFormats()
  const today = useQuery(queries.today()).data?.day ?? quota.progress.from
  const { end, remove } = useQuotas()
  const [ending, setEnding] = useState(false)
  const { progress: p, terms, forecast } = quota
  const unit = unitOf(terms)
  const lines = changes(quota, format)
  const asks = needed(quota, format)
  const said = useSaid(quota)
  return (
    <article aria-labelledby="quota">
      <h1 id="quota">{terms.title}</h1>
      <p className="text-faded">
        {promise(terms, format)}
        {terms.rules.length > 0 && ` · ${terms.rules.map((r) => RULES[r].name).join(', ')}`}
      </p>
      {forecast && (
        <>
          <p className={`mt-3 ${isAtRisk(quota) && !said ? 'text-sanguine' : ''}`}>
            {verdict(quota, format)}
          </p>
          {lines.length > 0 && (
            <>
              <p>{said ? 'A fair way on, each alone:' : 'What would change it, each alone:'}</p>
              <ul className="list-['–_'] pl-4">
                {lines.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
              <p className="flex flex-wrap gap-x-5">
                <Link to={`/quotas/${quota.id}/change`} className={LINE_LINK}>
                  Change it to one of these
                </Link>
                <Button look="quiet" onClick={() => setEnding(true)}>
                  {p.total === 0
                    ? 'Or end it'
                    : `Or end it: ${units(p.total, unit, format)} ${noun(p.total, 'is', 'are')} a result`}
                </Button>
              </p>
            </>
          )}
          <QuotaFan quota={quota} />
          {p.left > 0 && !weekly(terms) && <p className="text-faded">{dates(forecast, format)}</p>}
          {isDated(terms) && <p className="text-faded">{enough(forecast, p.neededPerDay, unit, format)}</p>}
        </>
      )}
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-6">
        {p.number != null && <Row name="Its drawing day">number {p.number}</Row>}
        <Row name="Today">
          {p.today === 0
            ? `nothing is asked${terms.start > today ? ` before ${format.dayMonth(terms.start)}` : ''}`
            : `${units(p.today, unit, format)}, ${p.doneToday} done${p.served > 0 ? `, ${p.served} ${noun(p.served, 'comes', 'come')} with the course` : ''}${p.bonusToday > 0 ? `, ${p.bonusToday} beyond it` : ''}`}
        </Row>
        {isDated(terms) && !lines.includes(asks) && <Row name="Needed">{asks}</Row>}
        {p.planned > 0 && (
          <Row name="Pace so far">
            {format.number(Math.round(p.pace * 10) / 10)} a drawing day
            {p.missed > 0 && `, ${plural(p.missed, 'day')} without`}
          </Row>
        )}
        {unit !== 'MINUTES' && unit !== 'PROMPTS' && (
          <Row name="Time each">
            {format.each(quota.secondsEach)}
            {quota.ownEntries > 0 && ` from ${plural(quota.ownEntries, 'entry', 'entries')}`}
          </Row>
        )}
      </dl>
      <Goal kind="PROMISE" about={quota.id} />
      <Kept quota={quota} />
      {p.weeks.length > 0 && (
        <>
          <h2 className="mt-5">Weeks so far</h2>
          <ol>
            {p.weeks.map((week) => (
              <li key={week.from} className="border-hairline flex justify-between border-t py-1">
                <span>from {format.dayMonth(week.from)}</span>
                <span>
                  {week.done} of {week.target}{' '}
                  <span className="text-faded">{week.met ? 'met' : 'missed'}</span>
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
      {terms.kind === 'PROMPT_LIST' && <Prompts quota={quota} today={today} />}
      <div className="mt-6 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        {unit !== 'PROMPTS' && (
          <Link to={beginQuota(quota)} className="bg-ink text-paper rounded-paper px-5 py-1 font-medium">
            Begin
          </Link>
        )}
        <Link to={`/quotas/${quota.id}/change`} className={LINE_LINK}>
          Change the terms
        </Link>
        <AsOneSheet quota={quota} />
        <Button onClick={() => setEnding(true)}>End it</Button>
      </div>
      {ending && (
        <Sheet
          open
          onClose={() => setEnding(false)}
          title={`End ${terms.title}`}
          description="Its record stays and can be gone on with, or taken again from the start later."
        >
          <p>{units(p.total, unit, format)} so far. A promise that was stopped is a result as well.</p>
          <div className="mt-5 flex flex-wrap gap-6">
            <Button look="ink" onClick={() => end.mutate(quota, { onSuccess: () => setEnding(false) })}>
              End it today
            </Button>
            <Button onClick={() => setEnding(false)}>Keep it running</Button>
            <Button className="text-sanguine ml-auto" onClick={() => remove.mutate(quota)}>
              Remove it with its prompts
            </Button>
          </div>
        </Sheet>
      )}
    </article>
  )
}

function Row({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <>
      <dt className="text-faded">{name}</dt>
      <dd>{children}</dd>
    </>
  )
}
