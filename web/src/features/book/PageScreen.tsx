import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { EntryList } from '../../shared/entry/EntryList'
import { pictureAt, placePicture, type Picture } from '../../shared/pictures'
import { Button, LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { isForPage } from '../../ui/typing'
import { CaptionField } from './CaptionField'
import { LineageChain } from './LineageChain'
import { PageFacts } from './PageFacts'
import { PutIntoBook } from './PutIntoBook'
import { PutIn } from '../../shared/picture/PutIn'
import { STATES } from './text'
import { roomFor } from '../../shared/picture/room'
import { wording } from './wording'

type Page = Schemas['PageView']

/** A page: its picture on the left leaf, all that is known of it on the right. */
export default function PageScreen() {
  const { id = '', number = '1' } = useParams()
  const at = Number(number)
  return (
    <Waiting query={useQuery(queries.page(id, at))}>
      {(page) => <Known key={`${page.bookId} ${page.number}`} page={page} />}
    </Waiting>
  )
}

function Known({ page }: { page: Page }) {
  useNeighbours(page)
  return (
    <TwoLeaves>
      <Leaf aria-label={wording.pictures()}>
        <Pictures page={page} />
      </Leaf>
      <Leaf second aria-labelledby="page">
        <nav aria-label={wording.neighbours()} className="flex items-baseline gap-x-5">
          <Link to={`/books/${page.bookId}`} className={LINE_LINK}>
            {page.book}
          </Link>
          {page.before != null && (
            <Link
              to={`/books/${page.bookId}/${page.before}`}
              className={LINE_LINK}
              aria-keyshortcuts="ArrowLeft"
            >
              {wording.pBefore({ before: page.before })}
            </Link>
          )}
          {page.after != null && (
            <Link
              to={`/books/${page.bookId}/${page.after}`}
              className={LINE_LINK}
              aria-keyshortcuts="ArrowRight"
            >
              {wording.pAfter({ after: page.after })}
            </Link>
          )}
        </nav>
        <h1 id="page" className="mt-3">
          {wording.pageNumber({ number: page.number })}
        </h1>
        <p className="text-faded">
          {[
            page.state === 'UNTOUCHED' ? 'untouched' : STATES[page.state],
            page.told.words,
            page.told.favourite && wording.aFavourite(),
            (page.told.keptPrivate || page.bookKeptPrivate) && 'private',
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
        <EntryList
          title={page.layers.length > 1 ? wording.drawnHereLayerByLayer() : wording.drawnHere()}
          entries={page.layers}
          empty={wording.noEntryNamesThisPageLog({ number: page.number })}
          filling={undefined}
          onFilled={() => {}}
        />
        <Days page={page} />
        <Served page={page} />
        <LineageChain page={page} />
        <PageFacts page={page} />
        {page.loose && <PutIntoBook page={page} />}
      </Leaf>
    </TwoLeaves>
  )
}

/** The days of its layers, each leading there. */
function Days({ page }: { page: Page }) {
  const format = useFormats()
  const days = [...new Set(page.layers.map((e) => e.fields.day))]
  return days.length === 0 ? null : (
    <p className="text-faded mt-2 flex flex-wrap gap-x-4">
      {days.map((day) => (
        <Link key={day} to={`/day/${day}`} className="underline underline-offset-4">
          {format.fullDay(day)}
        </Link>
      ))}
    </p>
  )
}

/** Weeks of courses and promises that its entries served. */
function Served({ page }: { page: Page }) {
  return page.served.length === 0 ? null : (
    <p className="mt-2 flex flex-wrap gap-x-4">
      <span className="text-faded">{wording.itServed()}</span>
      {page.served.map((s) => (
        <Link key={s.address} to={s.address} className="underline underline-offset-4">
          {s.course == null
            ? s.name
            : s.week == null
              ? wording.courseTitle({ course: s.course, title: s.name })
              : wording.courseWeekTitle({ course: s.course, week: s.week, title: s.name })}
        </Link>
      ))}
    </p>
  )
}

/** The arrow keys lead to the neighbours, unless something is being filled in. */
function useNeighbours(page: Page) {
  const navigate = useNavigate()
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const to = { ArrowLeft: page.before, ArrowRight: page.after }[event.key]
      if (to != null && isForPage(event)) {
        event.preventDefault()
        void navigate(`/books/${page.bookId}/${to}`)
      }
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [navigate, page])
}

function Pictures({ page }: { page: Page }) {
  const [own, ...beside] = page.pictures
  return (
    <>
      {own ? (
        <OnePicture picture={own} page={page} />
      ) : (
        <p className="text-faded border-pencil grid min-h-80 place-items-center border border-dashed p-6 text-center font-serif italic">
          {wording.noPictureOfThisPageYet()}
        </p>
      )}
      {beside.map((picture) => (
        <OnePicture key={picture.id} picture={picture} page={page} />
      ))}
      <div className="mt-4">
        <PutIn
          folder={false}
          label={own ? wording.addADetailOrAnotherView() : wording.chooseItsPicture()}
          then={(picture) => placePicture(picture.id, page.bookId, page.number, own !== undefined)}
        />
      </div>
    </>
  )
}

function OnePicture({ picture, page }: { picture: Picture; page: Page }) {
  const [telling, setTelling] = useState(false)
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const onError = notKept
  const path = { params: { path: { id: picture.id } } }
  const put = useMutation({
    mutationFn: () => placePicture(picture.id, page.bookId, page.number, picture.beside),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const takeOff = useMutation({
    mutationFn: () => answer(api.DELETE('/api/pictures/{id}/page', path)),
    onSuccess: () => {
      say(wording.thePictureWaitsInTheTray(), { label: wording.undo(), run: () => put.mutate() })
      return refreshAll(client)
    },
    onError,
  })
  const turn = useMutation({
    mutationFn: () => answer(api.POST('/api/pictures/{id}/turn', path)),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const words = wording.pageNumberOfBookCaption({
    number: page.number,
    book: page.book,
    caption: picture.caption ? `: ${picture.caption}` : '',
  })
  return (
    <figure className="mb-4">
      <img
        src={`${pictureAt(picture.id, 'LARGE')}?v=${picture.version}`}
        width={picture.width}
        height={picture.height}
        alt={words}
        className="plate border-hairline max-w-full border object-contain"
        style={roomFor(picture, '68dvh')}
      />
      <figcaption className="text-faded flex flex-wrap items-baseline gap-x-5">
        <span>
          {picture.caption || (picture.beside ? wording.besideIt() : '')}{' '}
          {picture.taken &&
            wording.takenSliceSlice2({
              day: format.fullDay(picture.taken.slice(0, 10)),
              time: picture.taken.slice(11, 16),
            })}
        </span>
        <Button look="quiet" aria-expanded={telling} onClick={() => setTelling(!telling)}>
          {picture.caption ? wording.itsWords() : wording.saySomethingAboutIt()}
        </Button>
        <Button look="quiet" onClick={() => turn.mutate()}>
          {wording.turnIt()}
        </Button>
        <Link to={`/straighten/${picture.id}`} className="underline underline-offset-4">
          {picture.straight ? wording.straightened() : wording.straighten()}
        </Link>
        <Link to={`/recall/own/plates/new?picture=${picture.id}`} className="underline underline-offset-4">
          {wording.makeItAPlate()}
        </Link>
        <Button look="quiet" onClick={() => takeOff.mutate()}>
          {wording.takeItOffThisPage()}
        </Button>
        {picture.straight && (
          <a href={`/api/pictures/${picture.id}/whole`} className="underline underline-offset-4">
            {wording.inFullSize()}
          </a>
        )}
        <a href={`/api/pictures/${picture.id}`} className="underline underline-offset-4">
          {wording.asItCame()}
        </a>
      </figcaption>
      {telling && <CaptionField picture={picture} onKept={() => setTelling(false)} />}
    </figure>
  )
}
