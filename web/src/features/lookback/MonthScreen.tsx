import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { BestAndWeakest, FactList } from './Letter'
import { monthAt, monthFacts, monthMarkdown, weekOfMonth, weeksOf, type Month } from './month'
import { timeNotKept } from './not-kept'
import { OwnWords } from './OwnWords'
import { Parts } from './Parts'
import { TakenAway } from './TakenAway'
import { became } from './text'
import { wording } from './wording'

const LONGEST = BOUNDS.ChangedMonth.words.maxLength

/** One month as a letter, put together from its weeks. */
export default function MonthScreen() {
  const { month = '' } = useParams()
  return (
    <Waiting query={useQuery(queries.month(`${month}-01`))}>
      {(letter) => <Letter key={month} month={letter} />}
    </Waiting>
  )
}

function Letter({ month }: { month: Month }) {
  const format = useFormats()
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="month">
        <Parts />
        <h1 id="month">{format.monthYear(month.month)}</h1>
        <p className="text-faded border-ink border-b pb-2">
          {format.span(month.from, month.to)},{' '}
          {month.over
            ? wording.weeks2({ weeks: month.weeks.length })
            : wording.weekWeeksOfMonthNotOver({ weeks: month.weeks.length, month: weeksOf(month) })}
        </p>
        <FactList facts={monthFacts(month, format)} />
        <BestAndWeakest of={month.facts} />
        {month.became.length > 0 && (
          <>
            <h2 className="mt-5">{wording.whatBecameOfTheChanges()}</h2>
            <ul>
              {month.became.map((b, i) => (
                <li key={i}>{became(b, format)}</li>
              ))}
            </ul>
          </>
        )}
        <p className="no-print text-faded mt-5 max-w-prose text-sm">{wording.aWeekBelongsToTheMonth()}</p>
        <Neighbours month={month.month} />
      </Leaf>
      <Leaf second aria-label={wording.whatYouMakeOfIt()}>
        <Written month={month} />
      </Leaf>
    </TwoLeaves>
  )
}

function Neighbours({ month }: { month: string }) {
  const months = useQuery(queries.months()).data ?? []
  const at = months.findIndex((m) => m.month === month)
  const [after, before] = [months[at - 1], months[at + 1]]
  return (
    <p className="no-print mt-4 flex flex-wrap gap-x-6">
      {before && (
        <Link to={monthAt(before.month)} className={LINE_LINK}>
          {wording.theMonthBefore2()}
        </Link>
      )}
      {after && (
        <Link to={monthAt(after.month)} className={LINE_LINK}>
          {wording.theMonthAfter()}
        </Link>
      )}
      <Link to="/look-back/months" className={LINE_LINK}>
        {wording.allMonths()}
      </Link>
    </p>
  )
}

/** Writes to a month; what another window wrote meanwhile is said and nothing typed is lost. */
function useKeep({ month, version }: Month) {
  const client = useQueryClient()
  const say = useNotice()
  const { queryKey } = queries.month(month)
  return useMutation({
    mutationFn: (body: { words: string; expects: string }) =>
      answer(
        api.PUT('/api/look-back/months/{month}', {
          params: { path: { month } },
          body: { version: version ?? null, ...body },
        }),
      ),
    onSuccess: (kept) => {
      client.setQueryData(queryKey, kept)
      say(wording.kept())
      return client.invalidateQueries({ queryKey: ['look-back'] })
    },
    onError: (error) => {
      say(timeNotKept('month', error))
      return client.invalidateQueries({ queryKey })
    },
  })
}

function Written({ month }: { month: Month }) {
  const format = useFormats()
  const keep = useKeep(month)
  const [words, setWords] = useState(month.words)
  const [expects, setExpects] = useState(month.expects)
  return (
    <>
      {month.expected && (
        <>
          <h2>{wording.whatIExpected()}</h2>
          <p className="font-serif text-lg whitespace-pre-wrap italic">“{month.expected}”</p>
        </>
      )}
      <OwnWords
        label={wording.whatIThinkOfIt()}
        rows={4}
        maxLength={LONGEST}
        value={words}
        onChange={setWords}
      />
      <Weeks weeks={month.weeks} />
      <OwnWords
        label={wording.nextMonthIExpect()}
        hint={wording.oneSentenceToBeReadIn2()}
        rows={2}
        maxLength={LONGEST}
        value={expects}
        onChange={setExpects}
      />
      <div className="no-print mt-4 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <Button look="ink" disabled={keep.isPending} onClick={() => keep.mutate({ words, expects })}>
          {wording.keepIt()}
        </Button>
        <TakenAway
          file={`month ${month.month.slice(0, 7)}`}
          markdown={() => monthMarkdown({ ...month, words, expects }, format)}
        />
      </div>
    </>
  )
}

/** What was written week by week. */
function Weeks({ weeks }: { weeks: Month['weeks'] }) {
  const format = useFormats()
  return (
    <>
      <h2 className="mt-4">{wording.weekByWeek()}</h2>
      <ul>
        {weeks.map((w) => (
          <li key={w.from} className="border-hairline border-b py-1.5">
            <p className="flex flex-wrap items-baseline gap-x-3">
              <Link to={`/look-back/weeks/${w.from}`} className="underline underline-offset-4">
                {weekOfMonth(w, format)}
              </Link>
              <span className="text-faded">
                {w.course && `${format.span(w.from, w.to)}, `}
                {format.minutes(w.minutes)}, {wording.drawings({ drawings: w.drawings })}
              </span>
            </p>
            {w.words ? (
              <p className="font-serif text-lg whitespace-pre-wrap">{w.words}</p>
            ) : (
              <p className="text-faded">
                {w.state === 'CLOSED'
                  ? wording.closedWithoutWords()
                  : w.state === 'SKIPPED'
                    ? wording.passedOver2()
                    : wording.notLookedBackOn()}
              </p>
            )}
          </li>
        ))}
      </ul>
    </>
  )
}
