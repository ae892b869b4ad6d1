import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Link, useNavigate } from 'react-router'
import { answer, api } from '../../api/client'
import { queries } from '../../api/queries'
import { pictureAt } from '../../shared/pictures'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import type { Quota } from './text'
import { wording } from './wording'

const SHOWN = 12

/** Pictures of what a promise was kept with: the best chosen ones, else from the first to the last; and their ranking. */
export function Pages({ quota }: { quota: Quota }) {
  const format = useFormats()
  const navigate = useNavigate()
  const client = useQueryClient()
  const say = useNotice()
  const pictures = useQuery(
    queries.entryPictures(
      quota.entries.map((e) => e.id),
      true,
    ),
  ).data
  const rankings = useQuery(queries.rankings()).data ?? []
  const pictured = quota.entries.flatMap((e) => {
    const picture = pictures?.[e.id]
    return picture ? [{ ...e, picture }] : []
  })
  const ranked = rankings.find((r) => r.id === quota.id)
  const rank = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/rankings/{id}', {
          // One ranking a promise: it has the promise's own id.
          params: { path: { id: quota.id } },
          body: { title: quota.terms.title, pictures: [...new Set(pictured.map((e) => e.picture))] },
        }),
      ),
    onSuccess: (made) => {
      void client.invalidateQueries({ queryKey: ['rankings'] })
      void navigate(`/look-back/favourites/${made.id}`)
    },
    onError: (error) => say(wording.notBegunMessage({ message: error.message })),
  })
  if (pictured.length === 0) {
    return null
  }
  const best = pictured.filter((e) => quota.best.includes(e.id))
  const shown = best.length > 0 ? best : pictured
  const step = Math.max(1, Math.ceil(shown.length / SHOWN))
  return (
    <section aria-labelledby="pages" className="mt-4">
      <h2 id="pages">{best.length > 0 ? wording.theBestPages() : wording.pagesFromTheFirstToThe()}</h2>
      <ol className="mt-1 grid grid-cols-6 gap-2 max-sm:grid-cols-3">
        {shown
          .filter((_, i) => i % step === 0)
          .map((e) => (
            <li key={e.id}>
              <img
                src={pictureAt(e.picture, 'SMALL')}
                alt={`${e.name}, ${format.dayMonth(e.day)}`}
                loading="lazy"
                className="plate border-hairline aspect-[3/4] w-full border object-contain"
              />
              <span className="text-faded block truncate text-sm">
                {format.dayMonth(e.day)}
                {e.mark != null && wording.markMark({ mark: e.mark })}
              </span>
            </li>
          ))}
      </ol>
      {ranked ? (
        <>
          <Favourites id={ranked.id} />
          <Link to={`/look-back/favourites/${ranked.id}`} className={`${LINE_LINK} no-print`}>
            {wording.goOnChoosing()}
          </Link>
        </>
      ) : (
        pictured.length > 1 && (
          <Button className="no-print" disabled={rank.isPending} onClick={() => rank.mutate()}>
            {wording.rankThemTwoAtATime()}
          </Button>
        )
      )}
    </section>
  )
}

function Favourites({ id }: { id: string }) {
  const format = useFormats()
  const ranking = useQuery(queries.ranking(id)).data
  return ranking && ranking.choices > 0 ? (
    <p className="mt-2">
      {wording.byYourOwnChoicesSettledJoin({
        settled: ranking.settled
          ? wording.settled()
          : wording.sureSure({ sure: format.percent(ranking.sure) }),
        join: ranking.ranked
          .slice(0, ranking.top)
          .map((p) => `${p.called ?? wording.aPicture()}${p.day ? ` (${format.dayMonth(p.day)})` : ''}`)
          .join(', '),
      })}
    </p>
  ) : null
}
