import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { answer, api } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries } from '../../../api/queries'
import { NameField } from '../../../shared/NameField'
import { LandmarkPicture } from '../../../shared/picture/LandmarkPicture'
import { CameBack } from '../../../ui/CameBack'
import { Field } from '../../../ui/Field'
import { Refused, refusedAt } from '../../../ui/Refused'
import { Leaf, TWO_LEAVES } from '../../../ui/TwoLeaves'
import { useKept } from '../../../ui/useKept'
import { Waiting } from '../../../ui/Waiting'
import { KeepRow } from './KeepRow'
import { cabinetOf, newPlate, sentPlate, shownPicture, typedPlate, type TypedPlate } from './ownPlate'
import type { PlateData } from './Picture'
import { PictureChoice } from './PictureChoice'
import { PinList } from './PinList'
import { useRatio } from './useRatio'
import { wording } from '../wording'

/** A plate of one's own: its picture on the right, its names on the left. */
export default function OwnPlateScreen() {
  const { id = 'new' } = useParams()
  const [params] = useSearchParams()
  const cabinet = cabinetOf(params)
  const plate = useQuery({ ...queries.plate(id), enabled: id !== 'new' })
  const known = useQuery({
    queryKey: ['cabinet', 'reference', cabinet],
    queryFn: () =>
      answer(api.GET('/api/cabinet', { params: { query: cabinet as NonNullable<typeof cabinet> } })),
    enabled: cabinet !== undefined,
  })
  if (id !== 'new') {
    return (
      <Waiting query={plate}>{(kept) => <Editor key={id} begin={typedPlate(kept)} kept={kept} />}</Waiting>
    )
  }
  if (cabinet) {
    return (
      <Waiting query={known}>
        {(reference) => <Editor key={params.toString()} begin={newPlate(params, reference)} />}
      </Waiting>
    )
  }
  return <Editor key={params.toString()} begin={newPlate(params)} />
}

function Editor({ begin, kept }: { begin: TypedPlate; kept?: PlateData }) {
  const navigate = useNavigate()
  const client = useQueryClient()
  const search = useSearchParams()[0].toString()
  const typing = useKept(`plate:${kept?.id ?? 'new'}:${search}`, begin)
  const typed = typing.value
  const [id] = useState(() => kept?.id ?? crypto.randomUUID())
  const [next, setNext] = useState('')
  const set = (more: Partial<TypedPlate>) => typing.set({ ...typed, ...more })
  const src = shownPicture(typed, kept)
  const ratio = useRatio(src)
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/recall/plates/{id}', {
          params: { path: { id } },
          body: sentPlate(typed, kept?.version ?? null),
        }),
      ),
    onSuccess: async () => {
      typing.forget()
      await client.invalidateQueries({ queryKey: ['recall'] })
      navigate(`/recall/plates/${id}`)
    },
  })
  const taken = typed.pins.some((p) => p.name.trim().toLowerCase() === next.trim().toLowerCase())
  const name = next.trim()
  return (
    <form
      noValidate
      className={TWO_LEAVES}
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate()
      }}
    >
      <Leaf aria-labelledby="own-plate">
        <h1 id="own-plate">{kept ? kept.title : wording.aPlateOfYourOwn()}</h1>
        <CameBack kept={typing} />
        <div className="mt-3 grid gap-3">
          <Field
            label={wording.whatItShows()}
            value={typed.title}
            maxLength={BOUNDS.PlateFields.title.maxLength}
            error={refusedAt(keep.error, 'title')}
            onChange={(e) => set({ title: e.target.value })}
          />
          <NameField
            kind="TOPIC"
            label={wording.belongsToTheTopic()}
            hint={wording.itsPageShowsItAndSo()}
            value={typed.topic}
            onChange={(e) => set({ topic: e.target.value })}
          />
          <Field
            label={wording.howItIsToBeRead()}
            placeholder={wording.seenFromTheLeft()}
            value={typed.note}
            maxLength={BOUNDS.PlateFields.note.maxLength}
            onChange={(e) => set({ note: e.target.value })}
          />
        </div>
        <PinList pins={typed.pins} error={keep.error} onChange={(pins) => set({ pins })} />
        <Refused error={keep.error} fields={['title']} className="mt-3" />
        <KeepRow
          label={wording.keepThePlate()}
          disabled={keep.isPending || !src || typed.pins.length === 0}
          back={kept ? `/recall/plates/${kept.id}` : '/recall'}
          own={kept}
          onLeave={typing.forget}
        />
      </Leaf>
      <Leaf second aria-label={wording.thePictureAndItsPins()}>
        <PictureChoice has={src !== ''} onChoose={(chosen) => typing.set(withPicture(typed, chosen))} />
        {kept?.turned && !typed.picture && (
          <p className="text-sanguine mt-2">{wording.thePictureWasTurnedOrStraightened2()}</p>
        )}
        {src && ratio === undefined && <p className="text-faded mt-3">{wording.thePictureIsComing()}</p>}
        {src && ratio !== undefined && (
          <>
            <div className="mt-3">
              <Field
                label={wording.nameOfTheNextPinThen()}
                value={next}
                maxLength={BOUNDS.PinFields.name.maxLength}
                error={name !== '' && taken ? wording.thereIsAPinOfThat() : undefined}
                onChange={(e) => setNext(e.target.value)}
              />
            </div>
            <div className="mt-3" style={{ width: wording.min100RatioDvh({ ratio: ratio * 64 }) }}>
              <LandmarkPicture
                src={src}
                ratio={ratio}
                name={typed.title || wording.thePlate()}
                landmarks={[]}
                places={typed.pins.map(({ key, x, y }) => ({ name: labelOf(typed, key), x, y }))}
                next={name === '' || taken ? undefined : name}
                onSet={({ name: place, x, y }) => {
                  const at = typed.pins.findIndex((p) => labelOf(typed, p.key) === place)
                  if (at >= 0) {
                    set({ pins: typed.pins.map((p, i) => (i === at ? { ...p, x, y } : p)) })
                  } else {
                    const key = crypto.randomUUID()
                    set({
                      pins: [...typed.pins, { key, id: null, name: place, latin: '', others: '', x, y }],
                    })
                    setNext('')
                  }
                }}
                onTake={(place) => set({ pins: typed.pins.filter((p) => labelOf(typed, p.key) !== place) })}
              />
            </div>
          </>
        )}
      </Leaf>
    </form>
  )
}

/** Pins are told apart by name; while two bear one, also by their number. */
function labelOf({ pins }: TypedPlate, key: string): string {
  const at = pins.findIndex((p) => p.key === key)
  const name = pins[at]?.name ?? ''
  return pins.findIndex((p) => p.name === name) === at ? name : `${name} ${at + 1}`
}

/** One picture replaces another; the pins stay where they are. */
function withPicture(
  { title, topic, note, pins }: TypedPlate,
  chosen: Pick<TypedPlate, 'picture' | 'svg'>,
): TypedPlate {
  return { title, topic, note, pins, ...chosen }
}
