import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useEffectEvent, useRef } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { isForPage } from '../../ui/typing'
import { POSE_LENGTHS } from '../../shared/bench/habit'
import { Liked } from './Liked'
import { Parts } from './Parts'
import { wording } from './wording'

type Ranking = Schemas['RankingView']

const SHOWN = 12

const SHARED: Record<Schemas['SharedByTop']['what'], string> = {
  MEDIUM: wording.medium(),
  SOURCE: wording.source(),
  SUBJECT: wording.subject(),
  LENGTH: wording.timeForOneDrawing(),
  FACET: wording.whatItShows(),
}

const shared = ({ what, value }: Schemas['SharedByTop']) =>
  what === 'LENGTH' ? POSE_LENGTHS[value as keyof typeof POSE_LENGTHS] : value

/** Two pictures to choose between on the left, the order so far on the right. */
export default function RankingScreen() {
  const { id = '' } = useParams()
  return <Waiting query={useQuery(queries.ranking(id))}>{(r) => <Choosing key={id} ranking={r} />}</Waiting>
}

function Choosing({ ranking: r }: { ranking: Ranking }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const say = useNotice()
  const notKept = useNotKept()
  const path = { params: { path: { id: r.id } } }
  const settled = (kept: Ranking) => client.setQueryData(queries.ranking(r.id).queryKey, kept)
  const onError = (error: Error) => {
    notKept(error)
    void client.invalidateQueries({ queryKey: ['rankings'] })
  }
  // The answer brings the next pair with another version: a choice between that pair is never too early.
  const chosenOn = useRef<number>(undefined)
  const choose = useMutation({
    mutationFn: ([winner, loser]: [string, string]) =>
      answer(
        api.POST('/api/rankings/{id}/choices', { ...path, body: { version: r.version, winner, loser } }),
      ),
    onSuccess: settled,
    onError: (error) => {
      chosenOn.current = undefined
      onError(error)
    },
  })
  const tellWords = useMutation({
    mutationFn: (words: Omit<Schemas['PictureWords'], 'version'>) =>
      answer(api.PUT('/api/rankings/{id}/words', { ...path, body: { version: r.version, ...words } })),
    onSuccess: settled,
    onError,
  })
  const back = useMutation({
    mutationFn: () =>
      answer(
        api.DELETE('/api/rankings/{id}/choices/last', {
          params: { path: { id: r.id }, query: { version: r.version } },
        }),
      ),
    onSuccess: settled,
    onError,
  })
  const putBack = useMutation({
    mutationFn: () => answer(api.POST('/api/rankings/{id}/back', path)),
    onSuccess: () => client.invalidateQueries({ queryKey: ['rankings'] }),
    onError,
  })
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE('/api/rankings/{id}', path)),
    onSuccess: () => {
      say(wording.titleIsRemoved({ title: r.title }), { label: wording.undo(), run: () => putBack.mutate() })
      void client.invalidateQueries({ queryKey: ['rankings'] })
      void navigate('/look-back/favourites')
    },
    onError,
  })
  const pick = (winner?: string, loser?: string) => {
    if (winner && loser && chosenOn.current !== r.version) {
      chosenOn.current = r.version
      choose.mutate([winner, loser])
    }
  }
  const press = useEffectEvent((event: KeyboardEvent) => {
    // A key that is held down would choose between pairs that nobody has looked at.
    if (event.repeat || !isForPage(event)) {
      return
    }
    if (event.key === 'ArrowLeft') {
      pick(r.next?.one, r.next?.other)
    } else if (event.key === 'ArrowRight') {
      pick(r.next?.other, r.next?.one)
    }
  })
  useEffect(() => {
    const listen = (event: KeyboardEvent) => press(event)
    document.addEventListener('keydown', listen)
    return () => document.removeEventListener('keydown', listen)
  }, [])
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="ranking">
        <Parts />
        <h1 id="ranking">{r.title}</h1>
        {r.next ? (
          <>
            <p>{wording.whichIsTheBetterOnePress()}</p>
            <div className="mt-3 grid grid-cols-2 gap-3">
              {[r.next.one, r.next.other].map((picture, i) => (
                <button
                  key={picture}
                  type="button"
                  className="border-hairline hover:border-ink border"
                  onClick={() => pick(picture, i === 0 ? r.next?.other : r.next?.one)}
                >
                  <img
                    src={`/api/pictures/${picture}/LARGE`}
                    alt={i === 0 ? wording.theLeftPicture() : wording.theRightPicture()}
                    className="plate aspect-[3/4] max-h-[55dvh] w-full object-contain"
                  />
                </button>
              ))}
            </div>
          </>
        ) : (
          <p className="mt-2">
            {r.ranked.length < 2 ? wording.tooFewOfItsPicturesAre() : wording.theBestAreSettledMorePictures()}
          </p>
        )}
        <p className="mt-3 flex flex-wrap items-baseline gap-x-6">
          <span className="text-faded">{wording.choicesSoFar({ choices: r.choices })}</span>
          {r.choices > 0 && (
            <Button look="quiet" onClick={() => back.mutate()} disabled={back.isPending}>
              {wording.takeTheLastOneBack()}
            </Button>
          )}
          <Button look="quiet" onClick={() => remove.mutate()}>
            {wording.removeThisRanking()}
          </Button>
          <Link to="/look-back/favourites" className={LINE_LINK}>
            {wording.allRankings()}
          </Link>
        </p>
      </Leaf>
      <Leaf second aria-label={wording.theOrderSoFar()}>
        <Order ranking={r} onSay={(words) => tellWords.mutate(words)} />
      </Leaf>
    </TwoLeaves>
  )
}

function Order({
  ranking: r,
  onSay,
}: {
  ranking: Ranking
  onSay: (words: Omit<Schemas['PictureWords'], 'version'>) => void
}) {
  const format = useFormats()
  return (
    <>
      <h2>{wording.theOrderSoFar()}</h2>
      <p>
        {r.choices === 0
          ? wording.noChoiceYet()
          : r.settled
            ? wording.theBestTopSettled({
                top: r.top === 1 ? wording.oneIs() : wording.topAre({ top: r.top }),
              })
            : r.notSettled
              ? wording.notSettledSureSureOfThe({
                  sure: format.percent(r.sure),
                  top: r.top,
                  choices: r.choices,
                })
              : wording.sureSureOfTheBestTop({ sure: format.percent(r.sure), top: r.top })}
      </p>
      {r.shared.length > 0 && !r.settled && <p className="mt-2">{wording.whatTheyShareForNow()}</p>}
      {r.shared.length > 0 && (
        <ul className={r.settled ? 'mt-2' : ''}>
          {r.shared.map((s) => (
            <li key={s.what}>
              {wording.topOfTheBestOfTopS({ top: s.top, ofTop: s.ofTop, s: shared(s) })}
              <span className="text-faded">
                {' '}
                {wording.whatRestOfTheOtherOfRest({ what: SHARED[s.what], rest: s.rest, ofRest: s.ofRest })}
              </span>
            </li>
          ))}
        </ul>
      )}
      <ol className="mt-3 grid grid-cols-4 gap-2 max-sm:grid-cols-3">
        {r.ranked.slice(0, SHOWN).map((p, i) => (
          <li key={p.picture}>
            <img
              src={`/api/pictures/${p.picture}/SMALL`}
              alt={p.called ?? wording.aPicture()}
              loading="lazy"
              className={`plate border-hairline aspect-[3/4] w-full border object-contain ${i < r.top ? '' : 'opacity-70'}`}
            />
            <span className="text-faded block truncate text-sm">
              {i + 1}
              {p.called && ` ${p.called}`}
            </span>
          </li>
        ))}
      </ol>
      {r.ranked.length > SHOWN && (
        <p className="text-faded text-sm">
          {wording.andRankedMoreAfterThem({ ranked: r.ranked.length - SHOWN })}
        </p>
      )}
      <Liked ranking={r} onSay={onSay} />
    </>
  )
}
