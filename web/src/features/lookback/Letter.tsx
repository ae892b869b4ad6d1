import { Link } from 'react-router'
import { useFormats } from '../../ui/locale'
import { pictureAt } from '../../shared/pictures'
import { became, facts, offer, weekTitle, type Fact, type Review } from './text'
import { wording } from './wording'

/** Facts as they stand in a letter, each leading to where it comes from. */
export function FactList({ facts }: { facts: Fact[] }) {
  return (
    <dl className="mt-3 grid grid-cols-[7rem_1fr] gap-x-3 gap-y-1.5 max-sm:grid-cols-1">
      {facts.map((fact, i) => (
        <div key={i} className="contents">
          <dt className="text-faded">{fact.name}</dt>
          <dd className="max-sm:mb-1">
            {fact.to ? (
              <Link to={fact.to} className="hover:underline">
                {fact.says}
              </Link>
            ) : (
              fact.says
            )}{' '}
            {fact.beside && <span className="text-faded">{fact.beside}</span>}
          </dd>
        </div>
      ))}
    </dl>
  )
}

/** The best and the weakest marked, side by side; nothing where one of them has no picture. */
export function BestAndWeakest({ of: { best, weakest } }: { of: Pick<Review['facts'], 'best' | 'weakest'> }) {
  return best?.picture && weakest?.picture ? (
    <div className="mt-4 flex gap-4">
      {[best, weakest].map((page) => (
        <figure key={page.entry} className="w-40">
          <img
            src={pictureAt(page.picture ?? '', 'SMALL')}
            alt={wording.calledMarkMark({ called: page.called, mark: page.mark })}
            className="plate border-hairline aspect-[3/4] w-full border object-contain"
          />
          <figcaption className="text-faded text-sm">
            {wording.markMarkCalled({ mark: page.mark, called: page.called })}
          </figcaption>
        </figure>
      ))}
    </div>
  ) : null
}

/** The facts of a week: the left leaf of its letter. */
export function Facts({ review }: { review: Review }) {
  const format = useFormats()
  return (
    <>
      <h1 id="week">{weekTitle(review)}</h1>
      <p className="text-faded border-ink border-b pb-2">
        {format.span(review.from, review.to)}
        {!review.over && wording.notOverYet()}
      </p>
      <FactList facts={facts(review, format)} />
      <BestAndWeakest of={review.facts} />
      {review.became.length > 0 && (
        <>
          <h2 className="mt-5">{wording.whatBecameOfLastWeeksChanges()}</h2>
          <ul>
            {review.became.map((b, i) => (
              <li key={i}>{became(b, format)}</li>
            ))}
          </ul>
        </>
      )}
    </>
  )
}

/** What was written and taken, to be read. */
export function Written({ review }: { review: Review }) {
  const format = useFormats()
  return (
    <>
      {review.expected && (
        <>
          <h2>{wording.whatIExpected()}</h2>
          <p className="font-serif text-lg whitespace-pre-wrap italic">“{review.expected}”</p>
        </>
      )}
      {review.words && (
        <>
          <h2 className="mt-4">{wording.whatIThinkOfIt()}</h2>
          <p className="font-serif text-lg whitespace-pre-wrap">{review.words}</p>
        </>
      )}
      {review.taken.length > 0 && (
        <>
          <h2 className="mt-4">{wording.whatFollows()}</h2>
          <ul>
            {review.taken.map((o, i) => {
              const [what, why] = offer(o, format)
              return (
                <li key={i}>
                  {what} <span className="text-faded">{why}</span>
                </li>
              )
            })}
          </ul>
        </>
      )}
      {review.expects && (
        <>
          <h2 className="mt-4">{wording.nextWeekIExpect()}</h2>
          <p className="font-serif text-lg whitespace-pre-wrap italic">{review.expects}</p>
        </>
      )}
    </>
  )
}
