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
import { wording } from './wording'

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
              <p>{said ? wording.aFairWayOnEachAlone() : wording.whatWouldChangeItEachAlone()}</p>
              <ul className="list-['–_'] pl-4">
                {lines.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
              <p className="flex flex-wrap gap-x-5">
                <Link to={`/quotas/${quota.id}/change`} className={LINE_LINK}>
                  {wording.changeItToOneOfThese()}
                </Link>
                <Button look="quiet" onClick={() => setEnding(true)}>
                  {p.total === 0
                    ? wording.orEndIt()
                    : wording.orEndItTotalAreA({ total: units(p.total, unit, format), count: p.total })}
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
        {p.number != null && (
          <Row name={wording.itsDrawingDay()}>{wording.numberNumber({ number: p.number })}</Row>
        )}
        <Row name={wording.today()}>
          {p.today === 0
            ? wording.nothingIsAskedStart({
                start:
                  terms.start > today ? wording.beforeStart({ start: format.dayMonth(terms.start) }) : '',
              })
            : wording.todayDoneTodayDoneServedBonusToday({
                today: units(p.today, unit, format),
                doneToday: p.doneToday,
                served: p.served > 0 ? wording.servedComeWithTheCourse({ served: p.served }) : '',
                bonusToday: p.bonusToday > 0 ? wording.bonusTodayBeyondIt({ bonusToday: p.bonusToday }) : '',
              })}
        </Row>
        {isDated(terms) && !lines.includes(asks) && <Row name={wording.needed()}>{asks}</Row>}
        {p.planned > 0 && (
          <Row name={wording.paceSoFar()}>
            {wording.paceADrawingDay({ pace: format.number(Math.round(p.pace * 10) / 10) })}
            {p.missed > 0 && wording.daysWithout({ missed: p.missed })}
          </Row>
        )}
        {unit !== 'MINUTES' && unit !== 'PROMPTS' && (
          <Row name={wording.timeEach()}>
            {format.each(quota.secondsEach)}
            {quota.ownEntries > 0 && wording.fromEntries({ ownEntries: quota.ownEntries })}
          </Row>
        )}
      </dl>
      <Goal kind="PROMISE" about={quota.id} />
      <Kept quota={quota} />
      {p.weeks.length > 0 && (
        <>
          <h2 className="mt-5">{wording.weeksSoFar()}</h2>
          <ol>
            {p.weeks.map((week) => (
              <li key={week.from} className="border-hairline flex justify-between border-t py-1">
                <span>{wording.fromFrom({ from: format.dayMonth(week.from) })}</span>
                <span>
                  {wording.doneOfTarget({ done: week.done, target: week.target })}{' '}
                  <span className="text-faded">{week.met ? wording.met() : wording.missed()}</span>
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
            {wording.begin()}
          </Link>
        )}
        <Link to={`/quotas/${quota.id}/change`} className={LINE_LINK}>
          {wording.changeTheTerms()}
        </Link>
        <AsOneSheet quota={quota} />
        <Button onClick={() => setEnding(true)}>{wording.endIt()}</Button>
      </div>
      {ending && (
        <Sheet
          open
          onClose={() => setEnding(false)}
          title={wording.endTitle({ title: terms.title })}
          description={wording.itsRecordStaysAndCanBe()}
        >
          <p>{wording.totalSoFarAPromiseThat({ total: units(p.total, unit, format) })}</p>
          <div className="mt-5 flex flex-wrap gap-6">
            <Button look="ink" onClick={() => end.mutate(quota, { onSuccess: () => setEnding(false) })}>
              {wording.endItToday()}
            </Button>
            <Button onClick={() => setEnding(false)}>{wording.keepItRunning()}</Button>
            <Button className="text-sanguine ml-auto" onClick={() => remove.mutate(quota)}>
              {wording.removeItWithItsPrompts()}
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
