import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { answer, api } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { CABINET, cabinetPicture, useCabinetKinds, VIEWS } from '../../shared/sitting/cabinet'
import { PutIn } from '../../shared/picture/PutIn'
import { pictureAt } from '../../shared/pictures'
import { Button } from '../../ui/Button'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { later } from '../../ui/days'
import { Refused } from '../../ui/Refused'
import { upperFirst } from '../../ui/text'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { newTold, type Told } from './text'
import { wording } from './wording'

type Kind = keyof typeof CABINET
type View = keyof typeof VIEWS

const SHOWN = 6

/** Where the cabinet shows what no template knows; and the usual one for other pictures. */
const FREE_POINTS = wording.freePoints()
const FIGURE = 'figure'

/** Chooses the two pictures of a pair. */
export default function NewPairScreen() {
  const [params] = useSearchParams()
  const navigate = useNavigate()
  const client = useQueryClient()
  const [from, setFrom] = useState((params.get('from') ?? 'CABINET') as Told['reference']['from'])
  const [kind, setKind] = useState((params.get('cabinet') ?? 'STANDING') as Kind)
  const [view, setView] = useState((params.get('view') ?? 'ANY') as View)
  const emphasis = (params.get('emphasis') ?? 'ANY') as NonNullable<Told['reference']['emphasis']>
  const [first, setFirst] = useState(Number(params.get('seed') ?? 1))
  const [seed, setSeed] = useState(first)
  const [picture, setPicture] = useState(params.get('picture') ?? undefined)
  const [attempt, setAttempt] = useState<string>()
  const [template, setTemplate] = useState(params.get('template') ?? '')
  const { viewsOf } = useCabinetKinds()
  const templates = useQuery(queries.benchTemplates()).data ?? []
  const cabinet = from === 'CABINET'
  const usual = cabinet && templates.find((t) => t.cabinet.includes(kind))
  const used = template || (usual ? usual.name : cabinet ? FREE_POINTS : FIGURE)
  const make = useMutation({
    mutationFn: () => {
      const reference: Told['reference'] = cabinet
        ? { from, seed, cabinet: kind, emphasis, view, picture: null }
        : { from, seed: null, cabinet: null, emphasis: null, view: null, picture: picture ?? null }
      const title = upperFirst(cabinet ? wording.kindNumberSeed({ kind: CABINET[kind], seed }) : used)
      return answer(
        api.PUT('/api/bench/comparisons/{id}', {
          params: { path: { id: crypto.randomUUID() } },
          body: {
            version: null,
            day: null,
            fields: newTold(params.get('title') ?? title, used, reference, attempt ?? null),
          },
        }),
      )
    },
    onSuccess: (made) => {
      void refreshAll(client)
      void navigate(`/bench/${made.id}`)
    },
  })
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="reference">
        <h1 id="reference">{wording.theReference()}</h1>
        <div className="grid grid-cols-2 gap-x-6 gap-y-3">
          <SelectField
            label={wording.from()}
            value={from}
            onChange={(e) => {
              setFrom(e.target.value as typeof from)
              setPicture(undefined)
            }}
          >
            <option value="CABINET">{wording.theCabinetWhichKnowsItsLandmarks()}</option>
            <option value="PAGE">{wording.aPictureOfAPage()}</option>
            <option value="FOLDER">{wording.yourOwnFolderOfPictures()}</option>
          </SelectField>
          {cabinet && (
            <>
              <SelectField
                label={wording.shows()}
                value={kind}
                onChange={(e) => {
                  setKind(e.target.value as Kind)
                  setView('ANY')
                }}
              >
                <Options of={CABINET} />
              </SelectField>
              <SelectField
                label={wording.seen()}
                value={view}
                onChange={(e) => setView(e.target.value as View)}
              >
                <Options of={viewsOf(kind)} />
              </SelectField>
            </>
          )}
          <SelectField label={wording.landmarks()} value={used} onChange={(e) => setTemplate(e.target.value)}>
            {templates.map((t) => (
              <option key={t.name} value={t.name}>
                {t.name}, {t.landmarks}
              </option>
            ))}
            {!templates.some((t) => t.name === used) && <option value={used}>{used}</option>}
          </SelectField>
        </div>
        {cabinet ? (
          <>
            <ul className="mt-3 grid grid-cols-3 gap-2">
              {Array.from({ length: SHOWN }, (_, i) => first + i).map((n) => (
                <li key={n}>
                  <Chosen
                    chosen={n === seed}
                    name={wording.numberOfKind({ kind: CABINET[kind], number: n })}
                    src={cabinetPicture(n, { kind, emphasis, view })}
                    onChoose={() => setSeed(n)}
                  />
                </li>
              ))}
            </ul>
            <Button onClick={() => setFirst(first + SHOWN)}>{wording.others()}</Button>
          </>
        ) : from === 'PAGE' ? (
          <Pictures chosen={picture} onChoose={setPicture} but={attempt} />
        ) : (
          <FolderPictures chosen={picture} onChoose={setPicture} />
        )}
      </Leaf>
      <Leaf second aria-labelledby="attempt">
        <h1 id="attempt">{wording.yourDrawing2()}</h1>
        <p className="text-faded">{wording.aPhotographFromStraightAboveShows()}</p>
        <PutIn
          label={wording.photographOrChooseIt()}
          folder={false}
          then={async (sent) => {
            setAttempt(sent.id)
            await client.invalidateQueries({ queryKey: ['tray'] })
          }}
        />
        <Pictures chosen={attempt} onChoose={setAttempt} but={picture} />
        <div className="mt-4 flex flex-wrap items-baseline gap-x-5">
          <Button
            look="ink"
            disabled={(!cabinet && !picture) || make.isPending}
            onClick={() => make.mutate()}
          >
            {wording.holdItBeside()}
          </Button>
          {!attempt && <span className="text-faded">{wording.withoutAPictureTheTrueAxes()}</span>}
        </div>
        {make.error && <Refused error={make.error} />}
      </Leaf>
    </TwoLeaves>
  )
}

function Chosen({
  chosen,
  name,
  src,
  onChoose,
}: {
  chosen: boolean
  name: string
  src: string
  onChoose: () => void
}) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      aria-label={name}
      onClick={onChoose}
      className={`w-full border-2 ${chosen ? 'border-ink' : 'border-hairline'}`}
    >
      <img src={src} alt="" loading="lazy" className="plate aspect-square w-full object-contain" />
    </button>
  )
}

const RECENT = 24
const RECENT_DAYS = 42

/** Pictures that wait in the tray, and those of pages drawn lately. */
function Pictures({
  chosen,
  onChoose,
  but,
}: {
  chosen: string | undefined
  onChoose: (id: string) => void
  but: string | undefined
}) {
  const waiting = useQuery(queries.tray()).data?.waiting ?? []
  const today = useQuery(queries.course()).data?.today
  const pages =
    useQuery({
      ...queries.sheet({ from: today ? later(today, -RECENT_DAYS) : '' }),
      enabled: today !== undefined,
    }).data?.pages ?? []
  const all = [
    ...waiting.map((w) => ({ id: w.picture.id, name: w.picture.originalName })),
    ...pages
      .slice(-RECENT)
      .reverse()
      .map((p) => ({
        id: p.picture,
        name: wording.bookPNumberAbout({ book: p.book, number: p.number, about: p.about }),
      })),
  ].filter((p) => p.id !== but)
  return (
    <ul className="mt-3 grid grid-cols-4 gap-2" aria-label={wording.picturesOfYours()}>
      {all.map((p) => (
        <li key={p.id}>
          <Chosen
            chosen={p.id === chosen}
            name={p.name}
            src={pictureAt(p.id, 'SMALL')}
            onChoose={() => onChoose(p.id)}
          />
        </li>
      ))}
    </ul>
  )
}

/** Pictures of the own folder. */
function FolderPictures({
  chosen,
  onChoose,
}: {
  chosen: string | undefined
  onChoose: (id: string) => void
}) {
  const all = useQuery(queries.folderPictures()).data
  return all?.length === 0 ? (
    <p className="mt-3">
      {wording.noPictureIsThereAFolder()}{' '}
      <Link to="/settings" className="underline underline-offset-4">
        {wording.settings()}
      </Link>
      .
    </p>
  ) : (
    <ul className="mt-3 grid grid-cols-4 gap-2" aria-label={wording.picturesOfYourFolder()}>
      {all?.map((p) => (
        <li key={p.id}>
          <Chosen
            chosen={p.id === chosen}
            name={p.path}
            src={`/api/references/pictures/${p.id}`}
            onChoose={() => onChoose(p.id)}
          />
        </li>
      ))}
    </ul>
  )
}
