import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { answer, api } from '../../api/client'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { plural } from '../../ui/plural'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Parts } from './Parts'

/** Rankings that were begun, and sets that one can be begun of. */
export default function FavouritesScreen() {
  const format = useFormats()
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="favourites">
        <Parts />
        <h1 id="favourites">Favourites</h1>
        <p className="text-faded max-w-prose">
          Two pictures at a time, the better one chosen. After some choices the best stand out, and it is said
          how sure that is.
        </p>
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
                    {format.dayMonthYear(r.madeOn)}, {plural(r.pictures, 'picture')},{' '}
                    {plural(r.choices, 'choice')}
                  </span>
                </li>
              ))}
            </ul>
          )}
        </Waiting>
      </Leaf>
      <Leaf second aria-label="Begin one">
        <Begin />
      </Leaf>
    </TwoLeaves>
  )
}

function Begin() {
  const books = useQuery(queries.books()).data ?? []
  return (
    <>
      <h2>Choose among</h2>
      <ul>
        <BeginOf title="Folded corners" params={{ favourites: 'true' }} />
        {books
          .filter((b) => !b.keptPrivate)
          .map((b) => (
            <BeginOf key={b.id} title={b.name} params={{ book: b.id }} />
          ))}
      </ul>
      <p className="text-faded mt-3 text-sm">
        Pictures of private pages stay out. A corner is folded on the page itself, in{' '}
        <Link to="/books" className={LINE_LINK}>
          Books
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
    onError: (error) => say(`Not begun: ${error.message}`),
  })
  return (
    <li className="border-hairline flex items-baseline border-b py-1">
      {title}
      <Button
        look="quiet"
        className="ml-auto"
        disabled={begin.isPending}
        onClick={() => begin.mutate()}
        aria-label={`Begin with ${title}`}
      >
        Begin
      </Button>
    </li>
  )
}
