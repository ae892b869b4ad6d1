import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { pictureAt, placePicture } from '../../shared/pictures'
import { Button, LINE_LINK } from '../../ui/Button'
import { Key } from '../../ui/Key'
import { useFormats, type Formats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { readWithin } from '../../ui/NumberField'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { isForPage } from '../../ui/typing'
import { Inbox } from './Inbox'
import { PicturesInRow } from './PicturesInRow'
import { useLooking, type Looking } from './useLooking'
import { PageChoice } from '../../shared/picture/PageChoice'
import { PutIn } from '../../shared/picture/PutIn'
import { roomFor } from '../../shared/picture/room'
import { wording } from './wording'

type Waits = Schemas['WaitingPicture']
type Proposed = Schemas['ProposedPage']

/** Pictures that wait: one large, with the page it most likely belongs to; Enter takes it, arrows move on. */
export default function TrayScreen() {
  // Kept above both, so that what was taken in is still told when the first picture arrives.
  const looking = useLooking()
  return (
    <Waiting query={useQuery(queries.tray())}>
      {({ waiting }) =>
        waiting.length === 0 ? <Empty looking={looking} /> : <Tray waiting={waiting} looking={looking} />
      }
    </Waiting>
  )
}

function Empty({ looking }: { looking: Looking }) {
  return (
    <Leaf>
      <h1>{wording.tray()}</h1>
      <p className="text-faded py-3">{wording.noPictureWaitsPicturesOfPages()}</p>
      <PutIn label={wording.choosePictures()} />
      <Inbox looking={looking} />
      <p className="mt-4">
        <Link to="/books" className={LINE_LINK}>
          {wording.toTheBooks()}
        </Link>
      </p>
    </Leaf>
  )
}

/** On what a proposal rests, in words. */
const RESTS: Record<Proposed['rests'], string> = {
  DAY_AND_COUNT: wording.asManyPicturesWereTakenThat(),
  DAY: 'a guess: drawn on the day the picture was taken, but the counts differ',
  DAYS_BEFORE: 'a guess: drawn some days before the picture was taken',
  LATELY: wording.aGuessDrawnLatelyAndWithout(),
  NEXT_PAGE: wording.aGuessTheNextPageOf(),
}

function sentence(p: Proposed, format: Formats): string {
  const drawn = p.day ? wording.drawnOnDay({ day: format.weekdayDate(p.day) }) : ''
  return wording.pNumberOfBookDrawnAbout({
    number: p.number,
    book: p.book,
    drawn,
    about: p.about && `: ${p.about}`,
  })
}

function Tray({ waiting, looking }: { waiting: Waits[]; looking: Looking }) {
  const format = useFormats()
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const books = useQuery(queries.books()).data?.filter((b) => !b.removed) ?? []
  // In the address, so that one comes back to the picture that was straightened.
  const [params, setParams] = useSearchParams()
  const chosen = params.get('picture')
  const setChosen = (id: string | undefined) => setParams(id ? { picture: id } : {}, { replace: true })
  const at = Math.max(
    0,
    waiting.findIndex((w) => w.picture.id === chosen),
  )
  const { picture, proposed } = waiting[at] as Waits
  const [other, setOther] = useState<{ of: string; book: string; number: string }>()
  const mine = other?.of === picture.id ? other : undefined
  const book = mine?.book ?? proposed?.bookId ?? books.find((b) => b.inUse)?.id ?? books[0]?.id ?? ''
  const number = mine ? mine.number : (proposed?.number.toString() ?? '')
  const page = readWithin(number, BOUNDS.PlaceOnPage.number, format)
  // By picture and not by whether one is on its way: Enter for the next one is never passed over.
  const placing = useRef<string>(undefined)
  const onError = notKept
  const takeOff = useMutation({
    mutationFn: (id: string) => answer(api.DELETE('/api/pictures/{id}/page', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const place = useMutation({
    mutationFn: () => placePicture(picture.id, book, page ?? 1),
    onSuccess: (placed) => {
      setChosen(waiting[at + 1]?.picture.id ?? waiting[at - 1]?.picture.id)
      const name = books.find((b) => b.id === book)?.name
      say(wording.onPPageOfNameBeside({ page: page ?? '', name: name ?? '', beside: placed.beside }), {
        label: wording.undo(),
        run: () => {
          placing.current = undefined
          takeOff.mutate(picture.id)
        },
      })
      // The next Enter must not wait until everything was read anew.
      client.setQueryData(queries.tray().queryKey, (tray) =>
        tray ? { waiting: tray.waiting.filter((w) => w.picture.id !== placed.id) } : tray,
      )
      void refreshAll(client)
    },
    onError: (error) => {
      placing.current = undefined
      onError(error)
    },
  })
  const back = useMutation({
    mutationFn: (id: string) => answer(api.POST('/api/pictures/{id}/back', { params: { path: { id } } })),
    onSuccess: () => refreshAll(client),
    onError,
  })
  const remove = useMutation({
    mutationFn: () => answer(api.DELETE('/api/pictures/{id}', { params: { path: { id: picture.id } } })),
    onSuccess: () => {
      say(wording.originalNameIsOutOfTheTray({ originalName: picture.originalName }), {
        label: wording.undo(),
        run: () => back.mutate(picture.id),
      })
      return refreshAll(client)
    },
    onError,
  })
  const move = (way: number) => setChosen(waiting[(at + way + waiting.length) % waiting.length]?.picture.id)
  const take = () => {
    if (page !== undefined && book && placing.current !== picture.id) {
      placing.current = picture.id
      place.mutate()
    }
  }
  useTrayKeys(move, take)
  return (
    <TwoLeaves>
      <Leaf aria-label={wording.picture()}>
        <img
          src={`${pictureAt(picture.id, 'LARGE')}?v=${picture.version}`}
          width={picture.width}
          height={picture.height}
          alt={picture.originalName}
          className="plate border-hairline max-w-full border object-contain"
          style={roomFor(picture, '70dvh')}
        />
      </Leaf>
      <Leaf second aria-labelledby="tray">
        <div className="flex flex-wrap items-baseline justify-between gap-x-5">
          <h1 id="tray">{wording.tray()}</h1>
          <Link to="/books" className={LINE_LINK}>
            {wording.toTheBooks()}
          </Link>
        </div>
        <p className="text-faded">
          {wording.pictureAtOfWaitingOriginalNameTaken({
            at: at + 1,
            waiting: waiting.length,
            originalName: picture.originalName,
            taken: picture.taken
              ? wording.takenSliceSlice22({
                  day: format.fullDay(picture.taken.slice(0, 10)),
                  time: picture.taken.slice(11, 16),
                })
              : wording.theCameraToldNoTime(),
          })}
        </p>
        <div aria-live="polite" className="mt-3">
          {proposed && !mine ? (
            <>
              <p className="font-serif text-xl">{sentence(proposed, format)}</p>
              <p className="text-faded">{RESTS[proposed.rests]}</p>
            </>
          ) : (
            !mine && <p>{wording.nothingTellsWhichPageThisIs()}</p>
          )}
        </div>
        <div className="mt-3">
          <PageChoice
            book={book}
            number={number}
            onChange={(chosen, typed) => setOther({ of: picture.id, book: chosen, number: typed })}
            onEnter={take}
          />
        </div>
        <div className="mt-4 flex flex-wrap items-baseline gap-x-6 gap-y-2">
          <Button look="ink" disabled={page === undefined || !book} onClick={take}>
            {wording.putItThere()} <Key name="Enter" />
          </Button>
          <Button onClick={() => move(-1)}>{wording.before()}</Button>
          <Button onClick={() => move(1)}>{wording.next()}</Button>
          <Link to={`/straighten/${picture.id}`} className={LINE_LINK}>
            {picture.straight ? wording.straightened() : wording.straighten()}
          </Link>
          <Button look="quiet" onClick={() => remove.mutate()}>
            {wording.noPageOfMine()}
          </Button>
        </div>
        <ul className="mt-6 flex flex-wrap gap-2" aria-label={wording.allThatWait()}>
          {waiting.map((w, i) => (
            <li key={w.picture.id}>
              <button
                type="button"
                onClick={() => setChosen(w.picture.id)}
                aria-label={wording.pictureIOriginalName({ i: i + 1, originalName: w.picture.originalName })}
                aria-current={i === at ? 'true' : undefined}
                className={`block border-2 ${i === at ? 'border-ink' : 'border-hairline'}`}
              >
                <img
                  src={`${pictureAt(w.picture.id, 'SMALL')}?v=${w.picture.version}`}
                  alt=""
                  loading="lazy"
                  className="plate size-14 object-cover"
                />
              </button>
            </li>
          ))}
        </ul>
        <PicturesInRow
          from={picture.id}
          book={book}
          bookName={books.find((b) => b.id === book)?.name ?? ''}
          first={page}
        />
        <div className="mt-6">
          <PutIn label={wording.chooseMore()} />
          <Inbox looking={looking} />
        </div>
      </Leaf>
    </TwoLeaves>
  )
}

/** Enter takes the proposal, the arrows move on; not while something is being filled in. */
function useTrayKeys(move: (way: number) => void, take: () => void) {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null
      if (!isForPage(event) || target?.closest('button, a')) {
        return
      }
      if (event.key === 'Enter') {
        take()
      } else if (event.key === 'ArrowRight') {
        move(1)
      } else if (event.key === 'ArrowLeft') {
        move(-1)
      } else {
        return
      }
      event.preventDefault()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  })
}
