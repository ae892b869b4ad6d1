import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Button, LINE_LINK } from '../../ui/Button'
import { Fan } from '../../ui/Fan'
import { TextField } from '../../ui/Field'
import { Goal } from '../../shared/lookback/Goal'
import { AsOneSheet, Kept } from './Kept'
import { Pages } from './Pages'
import { units } from '../../shared/promise/quota-words'
import { BOUNDS } from '../../api/generated/bounds'
import { Check } from '../../ui/Check'
import { OUTCOMES, promise, unitOf, weekly, went, type Quota } from './text'
import { useQuotas } from '../../shared/useQuotas'
import { wording } from './wording'

const THIRDS = [wording.firstThird(), wording.secondThird(), wording.lastThird()]

/** What a promise came to: the count, the time, how it changed, the best pages, one sentence. */
export function Ended({ quota }: { quota: Quota }) {
  const format = useFormats()
  const navigate = useNavigate()
  const today = useQuery(queries.today()).data?.day
  const { again, goOn, remove } = useQuotas()
  const { record, before, terms, progress } = quota
  const unit = unitOf(terms)
  return (
    <article aria-labelledby="quota">
      <h1 id="quota">{terms.title}</h1>
      <p className="text-faded">
        {promise(terms, format)}
        {quota.outcome !== 'RUNNING' && ` · ${OUTCOMES[quota.outcome]}`}
        {quota.endedOn && wording.onEndedOn({ endedOn: format.dayMonth(quota.endedOn) })}
      </p>
      <p className="my-3 font-serif text-2xl">
        {format.number(record.done)}
        {!weekly(terms) && wording.ofAsked({ asked: format.number(record.asked) })}{' '}
        {wording.toLowerCaseOnDaysMinutes({
          toLowerCase: unit.toLowerCase(),
          days: record.days,
          minutes: format.minutes(record.minutes),
        })}
      </p>
      {!weekly(terms) && (
        <Fan
          from={terms.start}
          today={progress.due}
          due={progress.due}
          asked={record.asked}
          curve={record.curve}
          before={before?.curve}
          reach={[]}
          text={wording.doneOfAskedInTheEnd({
            done: record.done,
            asked: record.asked,
            before: before
              ? wording.doneOfAskedTheTimeBefore({ done: before.done, asked: before.asked })
              : '',
          })}
          label={format.dayMonth}
        />
      )}
      <table className="mt-3 w-full text-left">
        <caption className="sr-only">{wording.whatItCameTo()}</caption>
        <thead>
          <tr className="text-faded">
            <td />
            <th scope="col" className="font-normal">
              {wording.thisTime()}
            </th>
            {before && (
              <th scope="col" className="font-normal">
                {wording.theTimeBefore()}
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {rows(record, unit, format).map(([name, mine], i) => (
            <tr key={name} className="border-hairline border-t">
              <th scope="row" className="text-faded py-1 pr-4 font-normal">
                {name}
              </th>
              <td className="pr-6">{mine}</td>
              {before && <td>{rows(before, unit, format)[i]?.[1]}</td>}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2">{went(record, format)}</p>
      <Kept quota={quota} />
      <Pages quota={quota} />
      <p className="no-print flex flex-wrap gap-x-5">
        <AsOneSheet quota={quota} />
        <Button look="quiet" onClick={() => window.print()}>
          {wording.printThisReportOrKeepIt()}
        </Button>
      </p>
      <Goal kind="PROMISE" about={quota.id} />
      <Learned quota={quota} />
      <div className="no-print mt-6 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        {today && (
          <Button
            look="ink"
            disabled={again.isPending}
            onClick={() =>
              again.mutate(
                { quota, id: crypto.randomUUID(), start: today },
                { onSuccess: (made) => navigate(`/quotas/${made.id}`) },
              )
            }
          >
            {wording.takeItAgain()}
          </Button>
        )}
        {quota.endedOn && <Button onClick={() => goOn.mutate(quota)}>{wording.goOnWithIt()}</Button>}
        {quota.againOf && (
          <Link to={`/quotas/${quota.againOf}`} className={LINE_LINK}>
            {wording.theTimeBefore2()}
          </Link>
        )}
        <Button
          className="text-sanguine"
          onClick={() => remove.mutate(quota, { onSuccess: () => navigate('/quotas') })}
        >
          {wording.remove()}
        </Button>
      </div>
    </article>
  )
}

function rows(
  record: Schemas['QuotaRecord'],
  unit: Schemas['QuotaTerms']['unit'],
  format: ReturnType<typeof useFormats>,
): [string, string][] {
  const thirds = (values: number[], show: (value: number) => string) =>
    values.map((value, i) => (value > 0 ? `${show(value)} ${THIRDS[i]}` : undefined)).filter(Boolean)
  const pace = thirds(record.pace, format.each)
  const marks = thirds(record.marks, (m) => format.number(Math.round(m * 10) / 10))
  return [
    ['count', units(record.done, unit, format)],
    ['days', record.span === 0 ? '0' : wording.daysOfSpan({ days: record.days, span: record.span })],
    ['time', format.minutes(record.minutes)],
    [wording.medianTimeEach(), pace.join(', ') || wording.notTold()],
    [wording.meanMark(), marks.join(', ') || wording.noMarks()],
  ]
}

function Learned({ quota }: { quota: Quota }) {
  const format = useFormats()
  const { keepResult } = useQuotas()
  const [learned, setLearned] = useState(quota.learned)
  const [best, setBest] = useState(quota.best)
  const changed = learned !== quota.learned || best.join() !== quota.best.join()
  return (
    <form
      className="mt-5"
      onSubmit={(event) => {
        event.preventDefault()
        keepResult.mutate({ quota, learned, best })
      }}
    >
      {quota.entries.length > 0 && (
        <details open={quota.best.length === 0 || undefined}>
          <summary className="min-h-8 pointer-coarse:min-h-11">
            <span className="font-serif text-lg">{wording.theBestPages()}</span>{' '}
            <span className="text-faded">{wording.bestChosen({ best: best.length })}</span>
          </summary>
          <ul className="max-h-60 overflow-y-auto" aria-label={wording.entries()}>
            {quota.entries.map((entry) => (
              <li key={entry.id} className="border-hairline border-t">
                <Check
                  checked={best.includes(entry.id)}
                  onChange={(event) =>
                    setBest(event.target.checked ? [...best, entry.id] : best.filter((id) => id !== entry.id))
                  }
                >
                  {format.weekdayDate(entry.day)}{' '}
                  <span className="text-faded">
                    {entry.name} · {entry.units}
                    {entry.mark != null && wording.markMark2({ mark: entry.mark })}
                  </span>
                </Check>
              </li>
            ))}
          </ul>
        </details>
      )}
      <div className="mt-3">
        <TextField
          label={wording.oneSentenceWhatWasLearned()}
          maxLength={BOUNDS.QuotaResult.learned.maxLength}
          value={learned}
          onChange={(e) => setLearned(e.target.value)}
        />
      </div>
      <Button type="submit" disabled={!changed || keepResult.isPending} className="mt-2">
        {wording.keepIt()}
      </Button>
    </form>
  )
}
