import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { useFormats } from '../../ui/locale'
import { useNotKept, useNotice } from '../../ui/Notices'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { useSettled } from '../../ui/useSettled'
import { Waiting } from '../../ui/Waiting'
import { SheetOnPicture, type Handle, type Spot } from './SheetOnPicture'
import { wording } from './wording'

type Paper = Schemas['PaperInPicture']

const CORNERS = [
  wording.upperLeftCorner(),
  wording.upperRightCorner(),
  wording.lowerRightCorner(),
  wording.lowerLeftCorner(),
]
const GUTTER = [wording.gutterAbove(), wording.gutterBelow()]

/** Milliseconds a corner must rest before the straightened page is drawn anew. */
const PAUSE = 250

/** The paper in a picture: its corners on the left, the page seen straight on the right. */
export default function StraightenScreen() {
  const { id = '' } = useParams()
  return (
    <Waiting query={useQuery(queries.paper(id))}>
      {(paper) => <Known key={`${id} ${paper.width} ${paper.height}`} id={id} paper={paper} />}
    </Waiting>
  )
}

function found(paper: Paper, percent: (share: number) => string): string {
  if (paper.kept) {
    return wording.theCornersAsYouKeptThem()
  }
  return paper.sure == null
    ? wording.noEdgeOfPaperStandsOut2()
    : wording.aGuessSurePutRightWhat({
        sure:
          paper.sure > 0.99
            ? wording.eachSideIsSeenAsAn()
            : wording.atLeastSureOfEachSide({ sure: percent(paper.sure) }),
      })
}

function Known({ id, paper }: { id: string; paper: Paper }) {
  const format = useFormats()
  const { keep, part, asItCame } = useKeeping(id, paper)
  const [corners, setCorners] = useState(paper.corners)
  const [even, setEven] = useState(paper.evenLight)
  const [two, setTwo] = useState(false)
  const [moved, setMoved] = useState<Spot[]>()
  const settled = useSettled(corners, PAUSE)
  const guess = useQuery({ ...queries.gutter(id, settled), enabled: two && !moved })
  const guessed = guess.data ?? paper.gutter
  const gutter = moved ?? [guessed.upper, guessed.lower]
  const seenGutter = useSettled(gutter, PAUSE)

  const handles: Handle[] = [
    ...corners.map((at, i) => ({ name: CORNERS[i] ?? '', at })),
    ...(two ? gutter.map((at, i) => ({ name: GUTTER[i] ?? '', at })) : []),
  ]
  const lines: [Spot, Spot][] = corners.map((at, i) => [at, corners[(i + 1) % corners.length] ?? at])
  if (two && gutter[0] && gutter[1]) {
    lines.push([gutter[0], gutter[1]])
  }
  const move = (index: number, to: Spot) =>
    index < corners.length
      ? setCorners(corners.map((at, i) => (i === index ? to : at)))
      : setMoved(gutter.map((at, i) => (i === index - corners.length ? to : at)))

  const sheets = two ? parted(settled, seenGutter) : [settled]
  return (
    <TwoLeaves>
      <Leaf aria-label={wording.thePictureAsItCame()}>
        <SheetOnPicture
          src={`/api/pictures/${id}/taken`}
          width={paper.width}
          height={paper.height}
          handles={handles}
          lines={lines}
          onMove={move}
        />
        <p className="text-faded mt-2 text-sm">{wording.dragACornerOrChooseIt()}</p>
      </Leaf>
      <Leaf second aria-labelledby="straighten">
        <h1 id="straighten">{wording.straighten()}</h1>
        <p className="text-faded" role="status">
          {found(paper, format.percent)}
        </p>
        <div className="mt-3 flex flex-wrap gap-x-6">
          <Check checked={two} onChange={(e) => setTwo(e.target.checked)}>
            {wording.twoPagesPartedWhereTheyMeet()}
          </Check>
          <Check checked={even} onChange={(e) => setEven(e.target.checked)}>
            {wording.evenOutTheLight()}
          </Check>
        </div>
        <div className="mt-3 flex gap-3">
          {sheets.map((sheet, i) => (
            <Preview
              key={sheets.length === 1 ? 'one' : i}
              id={id}
              corners={sheet}
              even={even}
              name={
                sheets.length === 1
                  ? wording.thePageSeenStraight()
                  : [wording.leftPage(), wording.rightPage()][i]
              }
            />
          ))}
        </div>
        <div className="mt-4 flex flex-wrap items-baseline gap-x-6 gap-y-2">
          {two && gutter[0] && gutter[1] ? (
            <Button
              look="ink"
              disabled={part.isPending}
              onClick={() =>
                part.mutate({ corners, even, upper: gutter[0] as Spot, lower: gutter[1] as Spot })
              }
            >
              {wording.partTheTwoPages()}
            </Button>
          ) : (
            <Button look="ink" disabled={keep.isPending} onClick={() => keep.mutate({ corners, even })}>
              {wording.keepItSo()}
            </Button>
          )}
          <Button onClick={() => asItCame.mutate()}>{wording.seeItAsItCame()}</Button>
          <Button look="quiet" onClick={() => setCorners(WHOLE)}>
            {wording.cornersOfThePicture()}
          </Button>
          <AnotherPage id={id} corners={corners} even={even} />
        </div>
      </Leaf>
    </TwoLeaves>
  )
}

const WHOLE: Spot[] = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
]

function parted(corners: Spot[], gutter: Spot[]): Spot[][] {
  const [a, b, c, d] = corners
  const [upper, lower] = gutter
  return a && b && c && d && upper && lower
    ? [
        [a, upper, lower, d],
        [upper, b, c, lower],
      ]
    : [corners]
}

function Preview({
  id,
  corners,
  even,
  name,
}: {
  id: string
  corners: Spot[]
  even: boolean
  name: string | undefined
}) {
  const asked = `/api/pictures/${id}/straightened?corners=${corners
    .flatMap((s) => [s.x, s.y])
    .map((share) => share.toFixed(5))
    .join(',')}&even=${even}`
  const [refused, setRefused] = useState<string>()
  return (
    <figure className="min-w-0 flex-1">
      <img
        src={asked}
        alt={name}
        onError={() => setRefused(asked)}
        className={`plate border-hairline max-h-[58dvh] w-auto max-w-full border object-contain ${refused === asked ? 'hidden' : ''}`}
      />
      {refused === asked && (
        <p role="alert" className="text-sanguine">
          {wording.theseCornersGoAroundNoPage()}
        </p>
      )}
      <figcaption className="text-faded text-sm">{name}</figcaption>
    </figure>
  )
}

/** One more page out of the same picture, with the corners as they stand. */
function AnotherPage({ id, corners, even }: { id: string; corners: Spot[]; even: boolean }) {
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const another = useMutation({
    mutationFn: () =>
      answer(
        api.POST('/api/pictures/{id}/parts', {
          params: { path: { id } },
          body: { part: crypto.randomUUID(), sheet: { corners, evenLight: even } },
        }),
      ),
    onSuccess: () => {
      say(wording.whatLiesBetweenTheCornersWaits())
      return refreshAll(client)
    },
    onError: notKept,
  })
  return (
    <Button look="quiet" disabled={another.isPending} onClick={() => another.mutate()}>
      {wording.anotherPageOutOfIt()}
    </Button>
  )
}

type Sheet = { corners: Spot[]; even: boolean }

function useKeeping(id: string, before: Paper) {
  const navigate = useNavigate()
  const client = useQueryClient()
  const say = useNotice()
  const notKept = useNotKept()
  const path = { params: { path: { id } } }
  const straighten = ({ corners, even }: Sheet) =>
    answer(api.PUT('/api/pictures/{id}/paper', { ...path, body: { corners, evenLight: even } }))
  const plain = () => answer(api.DELETE('/api/pictures/{id}/paper', path))
  const restore = () =>
    before.kept ? straighten({ corners: before.corners, even: before.evenLight }) : plain()
  const done = async (words: string, undo: () => Promise<unknown>) => {
    say(words, { label: wording.undo(), run: () => void undo().then(() => refreshAll(client)) })
    await refreshAll(client)
    void navigate(-1)
  }
  const onError = notKept
  const keep = useMutation({
    mutationFn: straighten,
    onSuccess: (picture, asked) =>
      done(
        asked.even && !picture.evenLight
          ? wording.thePageIsSeenStraightIts()
          : wording.thePageIsSeenStraightThe(),
        restore,
      ),
    onError,
  })
  const asItCame = useMutation({
    mutationFn: plain,
    onSuccess: () => done(wording.thePictureIsSeenAsIt(), restore),
    onError,
  })
  const part = useMutation({
    mutationFn: ({ corners, even, upper, lower }: Sheet & { upper: Spot; lower: Spot }) =>
      answer(
        api.POST('/api/pictures/{id}/parting', {
          ...path,
          body: {
            part: crypto.randomUUID(),
            sheet: { corners, evenLight: even },
            gutter: { upper, lower },
          },
        }),
      ),
    onSuccess: ({ right, rightNumber }) =>
      done(
        rightNumber == null
          ? wording.twoPicturesNowTheLeftPage()
          : wording.twoPicturesNowTheRightPage({ rightNumber }),
        async () => {
          await answer(api.DELETE('/api/pictures/{id}', { params: { path: { id: right.id } } }))
          await restore()
        },
      ),
    onError,
  })
  return { keep, asItCame, part }
}
