import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { enumerated } from '../../ui/lists'
import { useFormats } from '../../ui/locale'
import { Button, LINE_LINK } from '../../ui/Button'
import { Tally } from '../../ui/Tally'
import { RULES, units } from '../../shared/promise/quota-words'
import { beginPrompt, beginPromised } from '../../shared/begin'
import { useQuotas } from '../../shared/useQuotas'
import { wording } from './wording'

type Today = Schemas['TodayView']

/** What running quotas ask of today; what the course brings along is not asked twice. */
export function QuotaShares({ quotas }: { quotas: Today['quotas'] }) {
  const format = useFormats()
  if (quotas.length === 0) {
    return null
  }
  return (
    <section aria-labelledby="due-quotas" className="mt-5">
      <h2 id="due-quotas">{wording.promised()}</h2>
      <ul>
        {quotas.map((q) => (
          <li key={q.id} className="border-hairline border-t py-3">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
              <Link
                to={`/quotas/${q.id}`}
                className="decoration-hairline font-medium underline underline-offset-4"
              >
                {q.title}
              </Link>
              <span className="text-faded ml-auto text-right">
                {figures(q, format)}
                {(q.left > 0 || q.kind === 'OWN_TIME') && <Begin quota={q} />}
              </span>
            </div>
            {q.today > 1 && q.unit !== 'MINUTES' && (
              <Tally
                done={q.doneToday}
                planned={q.today}
                text={wording.doneTodayOfTodayToday({ doneToday: q.doneToday, today: q.today })}
              />
            )}
            {q.left > 0 && q.nextPrompt && <p className="font-serif text-lg">{q.nextPrompt.words}</p>}
            {q.served > 0 && (
              <p className="text-faded">
                {wording.servedOfItComeWithThe({ served: units(q.served, q.unit, format), count: q.served })}
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** Draws what is open, or the next prompt; a list with no prompt picked has to be opened first. */
function Begin({ quota: q }: { quota: Today['quotas'][number] }) {
  const [to, label, words] =
    q.unit !== 'PROMPTS'
      ? [beginPromised(q), wording.beginTitle({ title: q.title }), wording.begin()]
      : q.nextPrompt
        ? [
            beginPrompt(q, q.secondsEach, q.nextPrompt),
            wording.beginWords({ words: q.nextPrompt.words }),
            wording.begin(),
          ]
        : [`/quotas/${q.id}`, wording.toThePromptsOfTitle({ title: q.title }), wording.prompts()]
  return (
    <Link to={to} className={`no-print ml-4 ${LINE_LINK}`} aria-label={label}>
      {words}
    </Link>
  )
}

function figures(q: Today['quotas'][number], format: ReturnType<typeof useFormats>): string {
  if (q.kind === 'OWN_TIME') {
    return wording.inYourOwnTimeDoneOf({ done: format.number(q.done), asked: units(q.asked, q.unit, format) })
  }
  const number = q.number == null ? '' : wording.drawingDayNumber({ number: q.number })
  if (q.today === 0) {
    return wording.numberNothingToday({ number })
  }
  if (q.left === 0) {
    return `${number}${q.bonus > 0 ? wording.doneTodayDoneBonusBeyondIt({ doneToday: q.doneToday, bonus: q.bonus }) : q.served > 0 ? wording.comesWithTheCourse() : wording.countDone({ count: q.doneToday })}`
  }
  const time = q.unit === 'MINUTES' || q.minutesLeft === 0 ? '' : ` · ${format.minutes(q.minutesLeft)}`
  return wording.numberLeftLeftTime({ number, left: units(q.left, q.unit, format), time })
}

/** Rules that today's entries leave open: asked kindly, answered or left. */
export function OpenRules({ asked }: { asked: Today['asked'] }) {
  const { rule } = useQuotas()
  if (asked.length === 0) {
    return null
  }
  return (
    <section aria-label={wording.rulesYouWantedToKeep()} className="mt-4">
      {asked.slice(0, 4).map((open) => (
        <p key={`${open.entryId} ${open.rule}`} className="flex flex-wrap items-baseline gap-x-4">
          <span className="text-faded">
            {wording.entryForWantedBy({ entry: open.entry, wantedBy: enumerated(open.wantedBy) })}
          </span>
          {RULES[open.rule].ask}
          <Button look="quiet" onClick={() => rule.mutate({ open, kept: true })}>
            {wording.yes()}
          </Button>
          <Button look="quiet" onClick={() => rule.mutate({ open, kept: false })}>
            {wording.no()}
          </Button>
        </p>
      ))}
    </section>
  )
}
