import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { BackOnPlan } from '../../shared/course/BackOnPlan'
import { CourseEnd } from '../../shared/course/CourseEnd'
import { HungBoard } from '../../shared/lookback/Hung'
import { Button, LINE_LINK } from '../../ui/Button'
import { later } from '../../ui/days'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Facts, Written } from './Letter'
import { monthAt } from './month'
import { timeNotKept } from './not-kept'
import { OwnWords } from './OwnWords'
import { Parts } from './Parts'
import { SameWords } from './SameWords'
import { StillWeak } from './StillWeak'
import { TakenAway } from './TakenAway'
import { changedAt, effect, keptAt, markdown, offer, type Review } from './text'
import { wording } from './wording'

/** One week as a letter: what it was on the left, what the learner makes of it on the right. */
export default function WeekScreen() {
  const { from = '' } = useParams()
  return (
    <Waiting query={useQuery(queries.review(from))}>
      {(review) => <Letter key={from} review={review} />}
    </Waiting>
  )
}

function Letter({ review }: { review: Review }) {
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="week">
        <Parts />
        <Facts review={review} />
        <SameWords from={review.from} />
        {!review.over && (
          <div className="mt-4">
            <CourseEnd named />
            <BackOnPlan />
          </div>
        )}
        {!review.over && (
          <div className="no-print mt-4 max-w-sm">
            <HungBoard />
          </div>
        )}
        <Neighbours review={review} />
      </Leaf>
      <Leaf second aria-label={wording.whatYouMakeOfIt()}>
        {review.state === 'CLOSED' ? <Closed review={review} /> : <Open review={review} />}
      </Leaf>
    </TwoLeaves>
  )
}

function Neighbours({ review }: { review: Review }) {
  return (
    <p className="no-print mt-6 flex flex-wrap gap-x-6">
      <Link to={`/look-back/weeks/${later(review.from, -7)}`} className={LINE_LINK}>
        {wording.theWeekBefore()}
      </Link>
      {review.over && (
        <Link to={`/look-back/weeks/${later(review.from, 7)}`} className={LINE_LINK}>
          {wording.theWeekAfter()}
        </Link>
      )}
      <Link to={monthAt(later(review.from, 3))} className={LINE_LINK}>
        {wording.itsMonth()}
      </Link>
      <Link to="/look-back/weeks" className={LINE_LINK}>
        {wording.allWeeks()}
      </Link>
    </p>
  )
}

/** Writes to a review; what another window wrote meanwhile is said and nothing typed is lost. */
function useReview(review: Review) {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const path = { params: { path: { from: review.from } } }
  const settled = (kept: Review) => {
    client.setQueryData(queries.review(review.from).queryKey, kept)
    return refreshAll(client)
  }
  const keep = useMutation({
    mutationFn: (body: { words: string; expects: string; state: Review['state'] }) =>
      answer(api.PUT('/api/reviews/{from}', { ...path, body: { version: review.version ?? null, ...body } })),
    onSuccess: settled,
    onError: (error) => say(timeNotKept('week', error)),
    onSettled: (_, error) => {
      if (error) {
        void client.invalidateQueries({ queryKey: queries.review(review.from).queryKey })
      }
    },
  })
  const take = useMutation({
    mutationFn: (key: string) =>
      answer(api.POST('/api/reviews/{from}/taken', { ...path, body: { id: crypto.randomUUID(), key } })),
    onSuccess: (kept, key) => {
      const taken = review.offers.find((o) => o.key === key)
      if (taken) {
        say(keptAt(taken.offer.kind))
      }
      return settled(kept)
    },
    onError: (error) => {
      say(wording.notTakenMessage({ message: error.message }))
      void client.invalidateQueries({ queryKey: queries.review(review.from).queryKey })
    },
  })
  const putAside = useMutation({
    mutationFn: (body: { key: string; aside: boolean }) =>
      answer(api.PUT('/api/reviews/{from}/aside', { ...path, body })),
    onSuccess: settled,
    onError: notKept,
  })
  return { keep, take, putAside }
}

function Open({ review }: { review: Review }) {
  const format = useFormats()
  const { keep, take, putAside } = useReview(review)
  const [words, setWords] = useState(review.words)
  const [expects, setExpects] = useState(review.expects)
  const longest = BOUNDS.ChangedReview.words.maxLength
  return (
    <>
      {review.expected ? (
        <>
          <h2>{wording.whatIExpected()}</h2>
          <p className="font-serif text-lg whitespace-pre-wrap italic">“{review.expected}”</p>
        </>
      ) : (
        <p className="text-faded">{wording.nothingWasExpectedOfThisWeek()}</p>
      )}
      <OwnWords
        label={wording.whatIThinkOfIt()}
        rows={3}
        maxLength={longest}
        value={words}
        onChange={setWords}
      />
      <StillWeak weak={review.weak} />
      <h2 className={`mt-4 ${review.taken.length === 0 ? 'no-print' : ''}`}>{wording.whatFollows()}</h2>
      <p className="no-print text-faded text-sm">
        {review.offers.length === 0
          ? wording.nothingIsOfferedFromWhatThis()
          : wording.offeredFromWhatTheWeekShows()}
      </p>
      <ul>
        {review.offers.map(({ key, offer: o, effect: does }) => {
          const [what, why] = offer(o, format)
          return (
            <li key={key} className="no-print border-hairline flex items-baseline gap-x-3 border-b py-1.5">
              <span className="min-w-0 flex-1">
                <strong className="font-medium">{what}</strong> <span className="text-faded">{why}</span>
                {does && <span className="text-faded block text-sm">{effect(does, format)}</span>}
              </span>
              <Button
                look="quiet"
                disabled={take.isPending}
                aria-label={wording.takeItWhat({ what })}
                onClick={() => take.mutate(key)}
              >
                {wording.takeIt()}
              </Button>
              <Button
                look="quiet"
                disabled={putAside.isPending}
                aria-label={wording.notNowWhat({ what })}
                onClick={() => putAside.mutate({ key, aside: true })}
              >
                {wording.notNow()}
              </Button>
            </li>
          )
        })}
        {review.aside.map(({ key, offer: o }) => {
          const [what] = offer(o, format)
          return (
            <li
              key={`aside ${key}`}
              className="no-print border-hairline flex items-baseline gap-x-3 border-b py-1.5"
            >
              <span className="text-faded min-w-0 flex-1">
                {what}, <em>{wording.notNow2()}</em>
                {wording.offeredAgainInFourWeeksIf()}
              </span>
              <Button
                look="quiet"
                disabled={putAside.isPending}
                aria-label={wording.offerItAgainWhat({ what })}
                onClick={() => putAside.mutate({ key, aside: false })}
              >
                {wording.offerItAgain()}
              </Button>
            </li>
          )
        })}
        {review.taken.map((o, i) => {
          const changed = changedAt(o.kind)
          return (
            <li key={`taken ${i}`} className="border-hairline flex items-baseline gap-x-3 border-b py-1.5">
              <span className="min-w-0 flex-1">
                {offer(o, format)[0]}, <em>{wording.taken()}</em>
              </span>
              {changed && (
                <Link to={changed.to} className={`${LINE_LINK} no-print`}>
                  {changed.name}
                </Link>
              )}
            </li>
          )
        })}
      </ul>
      <p className="no-print mt-2">
        <Link to="/course" className={LINE_LINK}>
          {wording.aChangeOfYourOwn()}
        </Link>
      </p>
      <OwnWords
        label={wording.nextWeekIExpect()}
        hint={wording.oneSentenceToBeReadIn()}
        rows={2}
        maxLength={longest}
        value={expects}
        onChange={setExpects}
      />
      <div className="no-print mt-4 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <Button
          look="ink"
          disabled={keep.isPending}
          onClick={() => keep.mutate({ words, expects, state: 'CLOSED' })}
        >
          {wording.closeTheWeek()}
        </Button>
        <Button disabled={keep.isPending} onClick={() => keep.mutate({ words, expects, state: 'OPEN' })}>
          {wording.keepItStillOpen()}
        </Button>
        {review.state === 'SKIPPED' ? (
          <span className="text-faded">{wording.passedOverItCanBeWritten()}</span>
        ) : (
          <Button
            look="quiet"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ words, expects, state: 'SKIPPED' })}
          >
            {wording.passThisWeekOver()}
          </Button>
        )}
        <TakenAway
          file={`week ${review.from}`}
          markdown={() => markdown({ ...review, words, expects }, format)}
        />
      </div>
    </>
  )
}

function Closed({ review }: { review: Review }) {
  const format = useFormats()
  const { keep } = useReview(review)
  return (
    <>
      <Written review={review} />
      {review.words === '' && review.taken.length === 0 && (
        <p className="text-faded">{wording.closedWithoutWords()}</p>
      )}
      <div className="no-print mt-5 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <Button
          disabled={keep.isPending}
          onClick={() => keep.mutate({ words: review.words, expects: review.expects, state: 'OPEN' })}
        >
          {wording.openItAgain()}
        </Button>
        <TakenAway file={`week ${review.from}`} markdown={() => markdown(review, format)} />
      </div>
    </>
  )
}
