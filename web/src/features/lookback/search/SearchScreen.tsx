import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense } from 'react'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../../api/client'
import { queries } from '../../../api/queries'
import { useFormats } from '../../../ui/locale'
import { Leaf, TwoLeaves } from '../../../ui/TwoLeaves'
import { Waiting } from '../../../ui/Waiting'
import { pictureAt } from '../../../shared/pictures'
import { EntryLine } from '../../../shared/entry/EntryLine'
import { useOpening } from '../../../ui/opening'
import { plain } from '../../../ui/text'
import { wording } from '../wording'

const EntryForm = lazy(() => import('../../../shared/entry/EntryForm'))

/** What was searched for: exercises on the left leaf, entries on the right. */
export default function SearchScreen() {
  const [params] = useSearchParams()
  const text = params.get('q') ?? ''
  const query = useQuery(queries.search(text))
  if (text.trim() === '') {
    return (
      <p className="p-8">
        {wording.writeWhatYouLookForInto()} <i>{wording.p41()}</i>.
      </p>
    )
  }
  return <Waiting query={query}>{(found) => <Found found={found} text={text} />}</Waiting>
}

function Found({ found, text }: { found: Schemas['Found']; text: string }) {
  const format = useFormats()
  const [editing, setEditing] = useOpening<Schemas['EntryView'] | undefined>(undefined)
  const { entries, total } = found.entries
  return (
    <TwoLeaves>
      <Leaf>
        <h1>“{text}”</h1>
        {found.days.length > 0 && (
          <>
            <h2 className="mt-4">{found.days.length > 1 ? wording.daysItCanMean() : wording.day()}</h2>
            <ul>
              {found.days.map((day) => (
                <li key={day} className="border-hairline border-t">
                  <Link to={`/day/${day}`} className="hover:bg-deeper block py-2 font-medium">
                    {format.fullDay(day)}
                  </Link>
                </li>
              ))}
            </ul>
          </>
        )}
        <Named text={text} />
        <h2 className="mt-4">{wording.exercises()}</h2>
        {found.exercises.length === 0 && <p className="text-faded">{wording.noneInYourCourse()}</p>}
        <ul>
          {found.exercises.map((exercise) => (
            <li key={exercise.exerciseId} className="border-hairline border-t">
              <Link
                to={`/course?plan=${exercise.placement}&week=${exercise.weekKey}`}
                className="hover:bg-deeper block py-2"
              >
                <span className="font-medium">{exercise.title}</span>
                <span className="text-faded">
                  {' '}
                  · {exercise.week == null ? '' : wording.weekWeekFound({ week: exercise.week })}
                  {exercise.weekTitle}
                </span>
              </Link>
            </li>
          ))}
        </ul>
        <Letters found={found.letters} />
      </Leaf>
      <Leaf>
        <Pages found={found.pages} />
        <h2 className="wide:mt-12">
          {wording.entries2()}{' '}
          <span className="text-faded font-sans text-base font-normal">
            {total > entries.length
              ? wording.theLatestEntriesOfTotal({ entries: entries.length, total: format.number(total) })
              : format.number(total)}
          </span>
        </h2>
        {entries.length === 0 && <p className="text-faded">{wording.noneSearchLooksAtExerciseTopic()}</p>}
        <ul>
          {entries.map((entry) => (
            <li key={entry.id} className="border-hairline border-t">
              <EntryLine
                entry={entry}
                day={format.dayMonth(entry.fields.day)}
                onOpen={() => setEditing(entry)}
              />
            </li>
          ))}
        </ul>
        <Suspense>{editing && <EntryForm entry={editing} onClose={() => setEditing(undefined)} />}</Suspense>
      </Leaf>
    </TwoLeaves>
  )
}

/** Pages that were found, by their small pictures. */
function Pages({ found }: { found: Schemas['FoundPages'] }) {
  const format = useFormats()
  const { pages, total } = found
  return pages.length === 0 ? null : (
    <section aria-labelledby="found-pages">
      <h2 id="found-pages" className="wide:mt-12">
        {wording.pages()}{' '}
        <span className="text-faded font-sans text-base font-normal">
          {total > pages.length
            ? wording.theLatestPagesOfTotal({ pages: pages.length, total: format.number(total) })
            : format.number(total)}
        </span>
      </h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(6.5rem,1fr))] gap-3 py-2">
        {pages.map((p) => (
          <li key={`${p.bookId} ${p.number}`}>
            <Link to={`/books/${p.bookId}/${p.number}`} className="hover:bg-deeper block">
              {p.picture ? (
                <img
                  src={pictureAt(p.picture, 'SMALL')}
                  alt=""
                  loading="lazy"
                  className="plate border-hairline h-28 w-full border object-contain"
                />
              ) : (
                <span className="border-hairline text-faded grid h-28 place-items-center border font-serif italic">
                  {wording.noPicture()}
                </span>
              )}
              <span className="block text-sm">
                {wording.pNumberOfBook({ number: p.number, book: p.book })}
              </span>
              <span className="text-faded block text-sm">
                {[p.about, p.day && format.dayMonth(p.day)].filter(Boolean).join(', ')}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What was written when looking back, each with the week or month it stands in. */
function Letters({ found }: { found: Schemas['FoundLetter'][] }) {
  const format = useFormats()
  return found.length === 0 ? null : (
    <>
      <h2 className="mt-4">{wording.inYourLetters()}</h2>
      <ul>
        {found.map(({ from, ofMonth, excerpt }, i) => (
          <li key={i} className="border-hairline border-t">
            <Link
              to={ofMonth ? `/look-back/months/${from.slice(0, 7)}` : `/look-back/weeks/${from}`}
              className="hover:bg-deeper block py-2"
            >
              <span className="font-serif text-lg">{excerpt}</span>{' '}
              <span className="text-faded">
                · {ofMonth ? format.monthYear(from) : wording.weekOfFrom({ from: format.dayMonthYear(from) })}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}

const PLACES = {
  TOPIC: { at: '/topics', called: 'topic' },
  BOOK: { at: '/books', called: 'book' },
  RESOURCE: { at: '/shelf', called: wording.onTheShelfFound() },
} as const

type Place = { id: string; title: string; at: string; called: string }

/** Topics, books, resources and promises whose name holds the words, each at its own page. */
function Named({ text }: { text: string }) {
  const names = useQuery(queries.names()).data?.names ?? []
  const quotas = useQuery(queries.quotas()).data ?? []
  const sought = plain(text.trim())
  const holds = (title: string) => plain(title).includes(sought)
  const found: Place[] = [
    ...Object.entries(PLACES).flatMap(([kind, place]) =>
      names
        .filter((name) => name.kind === kind && [name.text, ...name.spellings].some(holds))
        .map((name) => ({ id: name.id, title: name.text, ...place })),
    ),
    ...quotas
      .filter((quota) => holds(quota.terms.title))
      .map((quota) => ({ id: quota.id, title: quota.terms.title, at: '/quotas', called: 'promise' })),
  ]
  return found.length === 0 ? null : (
    <>
      <h2 className="mt-4">{wording.byName()}</h2>
      <ul>
        {found.slice(0, 12).map(({ id, title, at, called }) => (
          <li key={id} className="border-hairline border-t">
            <Link to={`${at}/${id}`} className="hover:bg-deeper block py-2 font-medium">
              {title} <span className="text-faded font-normal">· {called}</span>
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}
