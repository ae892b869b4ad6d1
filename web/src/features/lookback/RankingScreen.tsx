import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useEffectEvent, useRef } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { plural } from '../../ui/plural'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { isForPage } from '../../ui/typing'
import { POSE_LENGTHS } from '../../shared/bench/habit'
import { Liked } from './Liked'
import { Parts } from './Parts'

type Ranking = Schemas['RankingView']

const SHOWN = 12

const SHARED: Record<Schemas['SharedByTop']['what'], string> = {
  MEDIUM: 'medium',
  SOURCE: 'source',
  SUBJECT: 'subject',
  LENGTH: 'time for one drawing',
  FACET: 'what it shows',
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
  const path = { params: { path: { id: r.id } } }
  const settled = (kept: Ranking) => client.setQueryData(queries.ranking(r.id).queryKey, kept)
  const onError = (error: Error) => {
    say(`Not kept: ${error.message}`)
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
      say(`${r.title} is removed.`, { label: 'Undo', run: () => putBack.mutate() })
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
            <p>Which is the better one? Press it, or the arrow key on its side.</p>
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
                    alt={i === 0 ? 'The left picture' : 'The right picture'}
                    className="plate aspect-[3/4] max-h-[55dvh] w-full object-contain"
                  />
                </button>
              ))}
            </div>
          </>
        ) : (
          <p className="mt-2">
            {r.ranked.length < 2
              ? 'Too few of its pictures are left to choose between.'
              : 'The best are settled. More pictures can be ranked in another set.'}
          </p>
        )}
        <p className="mt-3 flex flex-wrap items-baseline gap-x-6">
          <span className="text-faded">{plural(r.choices, 'choice')} so far</span>
          {r.choices > 0 && (
            <Button look="quiet" onClick={() => back.mutate()} disabled={back.isPending}>
              Take the last one back
            </Button>
          )}
          <Button look="quiet" onClick={() => remove.mutate()}>
            Remove this ranking
          </Button>
          <Link to="/look-back/favourites" className={LINE_LINK}>
            All rankings
          </Link>
        </p>
      </Leaf>
      <Leaf second aria-label="The order so far">
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
      <h2>The order so far</h2>
      <p>
        {r.choices === 0
          ? 'No choice yet.'
          : r.settled
            ? `The best ${r.top === 1 ? 'one is' : `${r.top} are`} settled.`
            : r.notSettled
              ? `Not settled: ${format.percent(r.sure)} sure of the best ${r.top} after ${plural(r.choices, 'choice')}. They may be as good as each other.`
              : `${format.percent(r.sure)} sure of the best ${r.top}; settled from 80 % on.`}
      </p>
      {r.shared.length > 0 && !r.settled && <p className="mt-2">What they share, for now:</p>}
      {r.shared.length > 0 && (
        <ul className={r.settled ? 'mt-2' : ''}>
          {r.shared.map((s) => (
            <li key={s.what}>
              {s.top} of the best {s.ofTop}: {shared(s)}
              <span className="text-faded">
                {' '}
                ({SHARED[s.what]}; {s.rest} of the other {s.ofRest})
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
              alt={p.called ?? 'a picture'}
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
        <p className="text-faded text-sm">and {r.ranked.length - SHOWN} more after them</p>
      )}
      <Liked ranking={r} onSay={onSay} />
    </>
  )
}
