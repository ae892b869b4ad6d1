import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { answer, api } from '../../api/client'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Parts } from './Parts'
import { wording } from './wording'

/** Rankings that were begun, and sets that one can be begun of. */
export default function FavouritesScreen() {
  const format = useFormats()
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="favourites">
        <Parts />
        <h1 id="favourites">{wording.favourites()}</h1>
        <p className="text-faded max-w-prose">{wording.twoPicturesAtATimeThe()}</p>
        <Waiting query={useQuery(queries.rankings())}>
          {(rankings) => (
            <ul className="mt-3">
              {rankings.map((r) => (
                <li
                  key={r.id}
                  className="border-hairline flex flex-wrap items-baseline gap-x-3 border-b py-1.5"
                >
                  <Link
                    to={`/look-back/favourites/${r.id}`}
                    className="font-serif text-lg underline underline-offset-4"
                  >
                    {r.title}
                  </Link>
                  <span className="text-faded">
                    {format.dayMonthYear(r.madeOn)}, {wording.pictures({ pictures: r.pictures })},{' '}
                    {wording.choices({ choices: r.choices })}
                  </span>
                </li>
              ))}
            </ul>
          )}
        </Waiting>
      </Leaf>
      <Leaf second aria-label={wording.beginOne()}>
        <Begin />
      </Leaf>
    </TwoLeaves>
  )
}

function Begin() {
  const books = useQuery(queries.books()).data ?? []
  return (
    <>
      <h2>{wording.chooseAmong()}</h2>
      <ul>
        <BeginOf title={wording.foldedCorners()} params={{ favourites: 'true' }} />
        {books
          .filter((b) => !b.keptPrivate)
          .map((b) => (
            <BeginOf key={b.id} title={b.name} params={{ book: b.id }} />
          ))}
      </ul>
      <p className="text-faded mt-3 text-sm">
        {wording.picturesOfPrivatePagesStayOut()}{' '}
        <Link to="/books" className={LINE_LINK}>
          {wording.books()}
        </Link>
        .
      </p>
    </>
  )
}

function BeginOf({ title, params }: { title: string; params: Record<string, string> }) {
  const client = useQueryClient()
  const navigate = useNavigate()
  const say = useNotice()
  const begin = useMutation({
    mutationFn: async () => {
      const { pages } = await answer(api.GET('/api/sheet', { params: { query: params } }))
      const id = crypto.randomUUID()
      const pictures = pages.map((p) => p.picture)
      return answer(api.PUT('/api/rankings/{id}', { params: { path: { id } }, body: { title, pictures } }))
    },
    onSuccess: (made) => {
      void client.invalidateQueries({ queryKey: ['rankings'] })
      void navigate(`/look-back/favourites/${made.id}`)
    },
    onError: (error) => say(wording.notBegunMessage({ message: error.message })),
  })
  return (
    <li className="border-hairline flex items-baseline border-b py-1">
      {title}
      <Button
        look="quiet"
        className="ml-auto"
        disabled={begin.isPending}
        onClick={() => begin.mutate()}
        aria-label={wording.beginWithTitle({ title })}
      >
        {wording.begin()}
      </Button>
    </li>
  )
}
