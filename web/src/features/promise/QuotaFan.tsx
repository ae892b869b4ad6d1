import { useQuery } from '@tanstack/react-query'
import { queries } from '../../api/queries'
import { useFormats } from '../../ui/locale'
import { Fan } from '../../ui/Fan'
import { units } from '../../shared/promise/quota-words'
import { dates, isDated, unitOf, weekly, type QuotaLine } from './text'
import { wording } from './wording'

/** The fan of a promise under way; nothing before it has begun. */
export function QuotaFan({ quota, small = false }: { quota: QuotaLine; small?: boolean }) {
  const format = useFormats()
  const { progress: p, terms, forecast } = quota
  const today = useQuery(queries.today()).data?.day ?? p.from
  return (
    forecast && (
      <Fan
        from={p.from}
        today={today}
        due={isDated(terms) ? p.due : undefined}
        asked={p.asked}
        curve={p.curve}
        before={weekly(terms) ? undefined : quota.before?.curve}
        reach={forecast.fan}
        text={wording.doneOfAskedOnTodayForecast({
          done: p.done,
          asked: units(p.asked, unitOf(terms), format),
          today: format.dayMonth(today),
          forecast: dates(forecast, format),
        })}
        label={format.dayMonth}
        small={small}
      />
    )
  )
}
