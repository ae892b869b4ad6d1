import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type MouseEvent } from 'react'
import { Link, useNavigate } from 'react-router'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { refreshAll } from '../../api/queries'
import { OwnFigureField } from '../../shared/entry/OwnFigureField'
import { NO_STUDY, ownFault, toStudyDraft } from '../../shared/entry/study'
import { pages, posesText, type Entry, type Fields } from '../../shared/entry/fields'
import { useUnjudged } from '../../shared/useUnjudged'
import { useEntryWrites } from '../../shared/entry/useEntryWrites'
import { useCabinetKinds } from '../../shared/sitting/cabinet'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { numberFault, NumberField } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { Waiting } from '../../ui/Waiting'
import { Felt, useFelt } from './Felt'
import type { Sitting } from './text'
import { wording } from './wording'

/** After a sitting: its entry is there already; one line of words and the mark may be added. */
export function Closing({ sitting }: { sitting: Sitting }) {
  const { entryId } = sitting
  const entry = useQuery({
    queryKey: ['entries', entryId],
    queryFn: () => answer(api.GET('/api/entries/{id}', { params: { path: { id: entryId ?? '' } } })),
    enabled: entryId != null,
  })
  return (
    <main className="bg-paper text-ink grid min-h-dvh place-items-center px-5 py-8">
      <div className="w-full max-w-xl">
        <h1>{sitting.title}</h1>
        {entryId == null ? (
          <Nothing />
        ) : (
          <Waiting query={entry}>
            {(e) =>
              sitting.little ? <Little entry={e} sitting={sitting} /> : <Logged entry={e} sitting={sitting} />
            }
          </Waiting>
        )}
      </div>
    </main>
  )
}

function useLeave() {
  const navigate = useNavigate()
  const client = useQueryClient()
  return async () => {
    await refreshAll(client)
    navigate('/today')
  }
}

function Nothing() {
  const leave = useLeave()
  return (
    <>
      <p className="my-4">{wording.nothingWasDrawnLongEnoughTo()}</p>
      <Button look="ink" onClick={leave}>
        {wording.toToday()}
      </Button>
    </>
  )
}

/** After the smallest page: it counts, and nothing is asked. */
function Little({ entry, sitting }: { entry: Entry; sitting: Sitting }) {
  const format = useFormats()
  const leave = useLeave()
  const felt = useFelt(sitting)
  return (
    <>
      <p className="my-4 font-serif text-xl">
        {wording.minutesOrEstimateWithASubjectYouKnow({
          minutesOrEstimate: format.minutes(entry.minutesOrEstimate),
        })}
      </p>
      <Felt felt={felt} />
      <Button look="ink" className="mt-5" onClick={leave}>
        {wording.toToday()}
      </Button>
    </>
  )
}

function Logged({ entry, sitting }: { entry: Entry; sitting: Sitting }) {
  const format = useFormats()
  const leave = useLeave()
  const navigate = useNavigate()
  const { change, remove } = useEntryWrites()
  const [fields, setFields] = useState(entry.fields)
  const unjudged = useUnjudged(entry.fields.book)
  const [drawings, setDrawings] = useState(String(fields.drawings ?? ''))
  const [lastPage, setLastPage] = useState(String(fields.pageTo ?? ''))
  const [own, setOwn] = useState(() => toStudyDraft(fields.study, format))
  const [setUp, setSetUp] = useState(String(sitting.setUpMinutes ?? ''))
  const felt = useFelt(sitting)
  const set = (more: Partial<Fields>) => setFields({ ...fields, ...more })
  const attempted = fields.study?.how === 'ATTEMPTED_FIRST'
  const first = fields.pageFrom ?? 0
  const pageBounds = { min: first, max: BOUNDS.EntryFields.pageTo.max }
  const bad =
    numberFault(setUp, BOUNDS.SetUpTold.minutes, format) ??
    numberFault(drawings, BOUNDS.EntryFields.drawings, format) ??
    ownFault(own, format) ??
    (first > 0 ? numberFault(lastPage || '0', pageBounds, format) : undefined)
  const tell = useMutation({
    mutationFn: (minutes: number) =>
      answer(
        api.PUT('/api/sittings/{id}/set-up', { params: { path: { id: sitting.id } }, body: { minutes } }),
      ),
  })
  const save = async (next: () => void) => {
    const told = format.readNumber(setUp)
    if (told !== undefined && told !== sitting.setUpMinutes) {
      await tell.mutateAsync(told).catch(() => undefined)
    }
    change.mutate(
      {
        id: entry.id,
        version: entry.version,
        fields: {
          ...fields,
          study:
            own.ownFigure || fields.study
              ? {
                  ...NO_STUDY,
                  ...fields.study,
                  ownFigure: own.ownFigure || null,
                  ownCount: format.readNumber(own.ownCount) ?? null,
                }
              : fields.study,
          drawings: format.readNumber(drawings) ?? null,
          pageTo: first > 0 ? format.readNumber(lastPage) : null,
        },
      },
      { onSuccess: next },
    )
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        if (!bad) {
          void save(leave)
        }
      }}
    >
      <p className="my-4 font-serif text-xl">
        {wording.logged()}{' '}
        {entry.fields.drawings != null && wording.drawingsIn({ drawings: entry.fields.drawings })}
        {format.minutes(entry.minutesOrEstimate)}
        {fields.poses?.length ? `, ${posesText(fields.poses, format)}` : ''}
        {fields.book && wording.inBook({ book: fields.book })}
        {first > 0 && `, ${pages(entry.fields, true)}`}.
      </p>
      {sitting.known && !unjudged && (
        <ToBench
          known={sitting.known}
          title={sitting.title}
          onGo={(event, to) => {
            if (!bad) {
              event.preventDefault()
              void save(() => void navigate(to))
            }
          }}
        />
      )}
      <div className="mt-4 grid gap-3">
        {entry.fields.drawings != null && (
          <NumberField
            label={wording.drawingsIfItWereMoreOr()}
            bounds={BOUNDS.EntryFields.drawings}
            value={drawings}
            onChange={(e) => setDrawings(e.target.value)}
          />
        )}
        <NumberField
          label={wording.settingUpAndChoosingTookMinutes()}
          hint={wording.besideTheDrawingItTeachesThe()}
          bounds={BOUNDS.SetUpTold.minutes}
          value={setUp}
          onChange={(e) => setSetUp(e.target.value)}
        />
        {first > 0 && (
          <NumberField
            label={wording.lastPageIfTheyFilledMore()}
            bounds={pageBounds}
            value={lastPage}
            needed
            onChange={(e) => setLastPage(e.target.value)}
          />
        )}
        {!unjudged && (
          <Field
            label={attempted ? wording.whatTheOwnTryMissed() : wording.wentWrong()}
            maxLength={BOUNDS.EntryFields.wentWrong.maxLength}
            value={fields.wentWrong}
            onChange={(e) => set({ wentWrong: e.target.value })}
          />
        )}
        <Field
          label={wording.nextTime()}
          maxLength={BOUNDS.EntryFields.nextTime.maxLength}
          value={fields.nextTime}
          onChange={(e) => set({ nextTime: e.target.value })}
        />
        {unjudged ? (
          <p className="text-faded">
            {fields.book} {wording.isNotJudgedNoMarkIs()}
          </p>
        ) : (
          <>
            {attempted && (
              <Marks
                legend={wording.markOfTheOwnTry()}
                name="mark-before"
                value={fields.study?.markBefore}
                onChange={(markBefore) => set({ study: { ...NO_STUDY, ...fields.study, markBefore } })}
              />
            )}
            <Marks
              legend={attempted ? wording.markOfTheOneAfterThe() : wording.mark()}
              name="mark"
              value={fields.mark}
              onChange={(mark) => set({ mark })}
            />
            <OwnFigureField
              what={own.ownFigure}
              count={own.ownCount}
              onChange={(typed) => setOwn({ ...own, ...typed })}
            />
          </>
        )}
      </div>
      <Felt felt={felt} />
      <Refused error={change.error ?? tell.error} className="mt-2" />
      <div className="mt-5 flex gap-6">
        <Button type="submit" look="ink" disabled={bad !== undefined || change.isPending}>
          {wording.keepIt()}
        </Button>
        <Button onClick={leave}>{wording.toToday()}</Button>
        <Button
          className="text-sanguine ml-auto"
          onClick={() => remove.mutate({ entry }, { onSuccess: leave })}
        >
          {wording.removeTheEntry()}
        </Button>
      </div>
    </form>
  )
}

/** One mark of five. */
function Marks({
  legend,
  name,
  value,
  onChange,
}: {
  legend: string
  name: string
  value: number | null | undefined
  onChange: (mark: number) => void
}) {
  return (
    <fieldset>
      <legend>{legend}</legend>
      <div className="flex gap-5">
        {[1, 2, 3, 4, 5].map((m) => (
          <label key={m} className="flex min-h-8 items-center gap-1.5 pointer-coarse:min-h-11">
            <input
              type="radio"
              name={name}
              className="size-4"
              checked={value === m}
              onChange={() => onChange(m)}
            />
            {m}
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** The way to the bench, where the references' landmarks are known. */
function ToBench({
  known,
  title,
  onGo,
}: {
  known: NonNullable<Sitting['known']>
  title: string
  /** Keeps what was typed before the page is left. */
  onGo: (event: MouseEvent, to: string) => void
}) {
  const params = new URLSearchParams({
    cabinet: known.cabinet,
    emphasis: known.emphasis,
    view: known.view,
    seed: String(known.seed),
    title,
  })
  const { isFigure } = useCabinetKinds()
  const within = new URLSearchParams({
    kind: known.cabinet,
    emphasis: known.emphasis,
    view: known.view,
    seed: String(known.seed),
    open: String(known.seed),
    within: 'BONES',
  })
  const bench = `/bench/new?${params.toString()}`
  const cabinet = `/cabinet?${within.toString()}`
  return (
    <p className="mt-4">
      {wording.countKnownLandmarksPhotographThePage({
        count:
          known.count === 1 ? wording.thisReferenceHas() : wording.theseCountHave({ count: known.count }),
      })}{' '}
      <Link to={bench} onClick={(event) => onGo(event, bench)} className="underline underline-offset-4">
        {wording.holdCount({ count: known.count === 1 })}
      </Link>
      .
      {isFigure(known.cabinet) && (
        <>
          {' '}
          {wording.withoutAPicture()}{' '}
          <Link
            to={cabinet}
            onClick={(event) => onGo(event, cabinet)}
            className="underline underline-offset-4"
          >
            {wording.lookAtTheAxesBlocksAnd()}
          </Link>
          .
        </>
      )}
    </p>
  )
}
