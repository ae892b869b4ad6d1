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
import { useNotice } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Facts, Written } from './Letter'
import { monthAt } from './month'
import { notKept } from './not-kept'
import { OwnWords } from './OwnWords'
import { Parts } from './Parts'
import { SameWords } from './SameWords'
import { StillWeak } from './StillWeak'
import { TakenAway } from './TakenAway'
import { changedAt, effect, keptAt, markdown, offer, type Review } from './text'

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
      <Leaf second aria-label="What you make of it">
        {review.state === 'CLOSED' ? <Closed review={review} /> : <Open review={review} />}
      </Leaf>
    </TwoLeaves>
  )
}

function Neighbours({ review }: { review: Review }) {
  return (
    <p className="no-print mt-6 flex flex-wrap gap-x-6">
      <Link to={`/look-back/weeks/${later(review.from, -7)}`} className={LINE_LINK}>
        The week before
      </Link>
      {review.over && (
        <Link to={`/look-back/weeks/${later(review.from, 7)}`} className={LINE_LINK}>
          The week after
        </Link>
      )}
      <Link to={monthAt(later(review.from, 3))} className={LINE_LINK}>
        Its month
      </Link>
      <Link to="/look-back/weeks" className={LINE_LINK}>
        All weeks
      </Link>
    </p>
  )
}

/** Writes to a review; what another window wrote meanwhile is said and nothing typed is lost. */
function useReview(review: Review) {
  const client = useQueryClient()
  const say = useNotice()
  const path = { params: { path: { from: review.from } } }
  const settled = (kept: Review) => {
    client.setQueryData(queries.review(review.from).queryKey, kept)
    return refreshAll(client)
  }
  const keep = useMutation({
    mutationFn: (body: { words: string; expects: string; state: Review['state'] }) =>
      answer(api.PUT('/api/reviews/{from}', { ...path, body: { version: review.version ?? null, ...body } })),
    onSuccess: settled,
    onError: (error) => say(notKept('week', error)),
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
      say(`Not taken: ${error.message}`)
      void client.invalidateQueries({ queryKey: queries.review(review.from).queryKey })
    },
  })
  const putAside = useMutation({
    mutationFn: (body: { key: string; aside: boolean }) =>
      answer(api.PUT('/api/reviews/{from}/aside', { ...path, body })),
    onSuccess: settled,
    onError: (error) => say(`Not kept: ${error.message}`),
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
          <h2>What I expected</h2>
          <p className="font-serif text-lg whitespace-pre-wrap italic">“{review.expected}”</p>
        </>
      ) : (
        <p className="text-faded">Nothing was expected of this week in writing.</p>
      )}
      <OwnWords label="What I think of it" rows={3} maxLength={longest} value={words} onChange={setWords} />
      <StillWeak weak={review.weak} />
      <h2 className={`mt-4 ${review.taken.length === 0 ? 'no-print' : ''}`}>What follows</h2>
      <p className="no-print text-faded text-sm">
        {review.offers.length === 0
          ? 'Nothing is offered from what this week shows.'
          : 'Offered from what the week shows. Nothing changes before you have seen what it does.'}
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
                aria-label={`Take it: ${what}`}
                onClick={() => take.mutate(key)}
              >
                Take it
              </Button>
              <Button
                look="quiet"
                disabled={putAside.isPending}
                aria-label={`Not now: ${what}`}
                onClick={() => putAside.mutate({ key, aside: true })}
              >
                Not now
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
                {what}, <em>not now</em>; offered again in four weeks if it still follows
              </span>
              <Button
                look="quiet"
                disabled={putAside.isPending}
                aria-label={`Offer it again: ${what}`}
                onClick={() => putAside.mutate({ key, aside: false })}
              >
                Offer it again
              </Button>
            </li>
          )
        })}
        {review.taken.map((o, i) => {
          const changed = changedAt(o.kind)
          return (
            <li key={`taken ${i}`} className="border-hairline flex items-baseline gap-x-3 border-b py-1.5">
              <span className="min-w-0 flex-1">
                {offer(o, format)[0]}, <em>taken</em>
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
          A change of your own
        </Link>
      </p>
      <OwnWords
        label="Next week I expect"
        hint="one sentence, to be read in a week"
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
          Close the week
        </Button>
        <Button disabled={keep.isPending} onClick={() => keep.mutate({ words, expects, state: 'OPEN' })}>
          Keep it, still open
        </Button>
        {review.state === 'SKIPPED' ? (
          <span className="text-faded">Passed over; it can be written all the same.</span>
        ) : (
          <Button
            look="quiet"
            disabled={keep.isPending}
            onClick={() => keep.mutate({ words, expects, state: 'SKIPPED' })}
          >
            Pass this week over
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
        <p className="text-faded">Closed without words.</p>
      )}
      <div className="no-print mt-5 flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <Button
          disabled={keep.isPending}
          onClick={() => keep.mutate({ words: review.words, expects: review.expects, state: 'OPEN' })}
        >
          Open it again
        </Button>
        <TakenAway file={`week ${review.from}`} markdown={() => markdown(review, format)} />
      </div>
    </>
  )
}
