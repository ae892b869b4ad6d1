import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation, useSearchParams } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { useFormats } from '../../../ui/locale'
import { Button, LINE_LINK } from '../../../ui/Button'
import { Options } from '../../../ui/Choices'
import { SelectField } from '../../../ui/Field'
import { Sheet } from '../../../ui/Sheet'
import {
  CABINET,
  cabinetPicture,
  cabinetWithin,
  drawFrom,
  type EMPHASES,
  useCabinetKinds,
  VIEWS,
  type UnderWay,
} from '../../../shared/sitting/cabinet'
import { wording } from '../wording'

type Kind = keyof typeof CABINET
type Amount = keyof typeof EMPHASES
type View = keyof typeof VIEWS

const SHOWN = 8
const LAID = { OVER: wording.overTheFigure(), ALONE: wording.alone() }
const LAYERS = {
  GESTURE: wording.theLineOfAction(),
  AXES: wording.axes(),
  BLOCKS: wording.blocks(),
  BONES: wording.bonesAsSimpleForms(),
}

type Layer = keyof typeof LAYERS | ''
type Shown = { kind: Kind; emphasis: Amount; view: View }

/** The reference cabinet: figures and solids made on the spot, each with landmarks that are truly known. */
export default function CabinetScreen() {
  const [params, setParams] = useSearchParams()
  const state = useLocation().state as UnderWay | null
  const kind = (params.get('kind') ?? 'STANDING') as Kind
  const { viewsOf, emphasesOf } = useCabinetKinds()
  const asked = (params.get('emphasis') ?? 'ANY') as Amount
  const amount = asked in emphasesOf(kind) ? asked : 'ANY'
  const wished = (params.get('view') ?? 'ANY') as View
  const view = wished in viewsOf(kind) ? wished : 'ANY'
  const shown: Shown = { kind, emphasis: amount, view }
  const seed = Number(params.get('seed') ?? 1)
  const [open, setOpen] = useState(params.has('open') ? Number(params.get('open')) : undefined)
  const set = (more: Record<string, string>) =>
    setParams({ ...shown, seed: String(seed), ...more }, { replace: true, state })
  const chosen = { cabinet: kind, emphasis: amount, view, seed }
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>{wording.theReferenceCabinet2()}</h1>
      <p className="text-faded max-w-prose">{wording.madeByASmallModelLimbs()}</p>
      <div className="my-4 flex flex-wrap items-end gap-x-6 gap-y-3">
        <SelectField label={wording.show()} value={kind} onChange={(e) => set({ kind: e.target.value })}>
          <Options of={CABINET} />
        </SelectField>
        <SelectField
          label={wording.askedFor()}
          value={amount}
          onChange={(e) => set({ emphasis: e.target.value })}
        >
          <Options of={emphasesOf(kind)} />
        </SelectField>
        <SelectField label={wording.seen()} value={view} onChange={(e) => set({ view: e.target.value })}>
          <Options of={viewsOf(kind)} />
        </SelectField>
        <Button onClick={() => set({ seed: String(Math.max(1, seed - SHOWN)) })} disabled={seed <= 1}>
          {wording.back()}
        </Button>
        <Button onClick={() => set({ seed: String(seed + SHOWN) })}>{wording.others()}</Button>
        {state ? (
          <Link to={`/sitting?${state.search}`} onClick={() => drawFrom(state, chosen)} className={LINE_LINK}>
            {wording.drawFromThese()}
          </Link>
        ) : (
          <Link
            to={`/sitting?cabinet=${kind}&emphasis=${amount}&view=${view}&seed=${seed}`}
            className={LINE_LINK}
          >
            {wording.drawFromThese()}
          </Link>
        )}
      </div>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-4">
        {Array.from({ length: SHOWN }, (_, i) => seed + i).map((n) => (
          <li key={`${n} ${kind} ${amount} ${view}`}>
            <button
              type="button"
              className="border-hairline hover:border-ink w-full border"
              onClick={() => setOpen(n)}
            >
              <img
                src={cabinetPicture(n, shown)}
                alt={wording.kindNumberN({ kind: CABINET[kind], n })}
                className="plate aspect-square w-full"
              />
            </button>
          </li>
        ))}
      </ul>
      {open !== undefined && (
        <Large
          seed={open}
          shown={shown}
          within={(params.get('within') ?? '') as Layer}
          onClose={() => setOpen(undefined)}
        />
      )}
    </div>
  )
}

function Large({
  seed,
  shown,
  within,
  onClose,
}: {
  seed: number
  shown: Shown
  within: Layer
  onClose: () => void
}) {
  const format = useFormats()
  const [marks, setMarks] = useState(false)
  const { isFigure } = useCabinetKinds()
  const [layer, setLayer] = useState(within)
  const [laid, setLaid] = useState<keyof typeof LAID>('OVER')
  const facts = useQuery({
    queryKey: ['cabinet', seed, shown],
    queryFn: () => answer(api.GET('/api/cabinet', { params: { query: { seed, ...shown } } })),
    staleTime: Infinity,
  }).data
  return (
    <Sheet open onClose={onClose} title={wording.kindNumberSeed({ kind: CABINET[shown.kind], seed })} wide>
      <div className="flex flex-wrap gap-x-6">
        <div className="relative w-full max-w-[66dvh]">
          <img
            src={cabinetPicture(seed, shown)}
            alt={wording.kindNumberSeed({ kind: CABINET[shown.kind], seed })}
            className={`plate w-full ${layer === '' ? '' : laid === 'OVER' ? 'opacity-35' : 'opacity-0'}`}
          />
          {layer !== '' && (
            <img
              src={cabinetWithin(seed, shown, layer)}
              alt={wording.whatLiesWithinLayer({ layer: LAYERS[layer] })}
              className="plate absolute inset-0 w-full"
            />
          )}
          {marks && facts && <Marks facts={facts} />}
        </div>
        {marks && facts && (
          <ol className="wide:block grid list-inside list-decimal grid-cols-2 gap-x-6 self-center text-sm">
            {facts.landmarks.map(({ name }) => (
              <li key={name}>{name}</li>
            ))}
          </ol>
        )}
      </div>
      <div className="mt-3 flex flex-wrap items-baseline gap-x-6">
        <Button aria-pressed={marks} onClick={() => setMarks(!marks)}>
          {marks ? wording.hideTheLandmarks() : wording.showTheLandmarks()}
        </Button>
        {isFigure(shown.kind) && (
          <>
            <SelectField
              label={wording.layIn()}
              value={layer}
              onChange={(e) => setLayer(e.target.value as typeof layer)}
            >
              <option value="">{wording.nothing()}</option>
              <Options of={LAYERS} />
            </SelectField>
            {layer !== '' && (
              <SelectField
                label={wording.laid()}
                value={laid}
                onChange={(e) => setLaid(e.target.value as typeof laid)}
              >
                <Options of={LAID} />
              </SelectField>
            )}
          </>
        )}
        <a href={cabinetPicture(seed, shown, 'png')} className={LINE_LINK} target="_blank" rel="noreferrer">
          {wording.asAPictureToPrint()}
        </a>
        <Link
          to={`/recall/own/plates/new?kind=${shown.kind}&emphasis=${shown.emphasis}&view=${shown.view}&seed=${seed}`}
          className={LINE_LINK}
        >
          {wording.makeItAPlate()}
        </Link>
        {facts && (
          <p className="text-faded">
            {facts.cameraHeight != null &&
              wording.eyeAtCameraHeightOfAFigures({
                cameraHeight: format.number(Math.round(facts.cameraHeight * 100) / 100),
              })}
            {wording.lensLensMmForeshorteningForeshortening({
              lens: Math.round(facts.lens),
              foreshortening: Math.round(facts.foreshortening * 100),
            })}
          </p>
        )}
      </div>
    </Sheet>
  )
}

/** The landmarks by their numbers, in the order of their list. */
function Marks({ facts }: { facts: Schemas['CabinetReference'] }) {
  return (
    <svg viewBox={`0 0 ${facts.size} ${facts.size}`} className="absolute inset-0" aria-hidden>
      {facts.landmarks.map(({ name, x, y }, i) => (
        <g key={name}>
          <circle cx={x} cy={y} r={7} className="stroke-on-picture fill-none" strokeWidth={3} />
          <text x={x + 12} y={y + 11} fontSize={32} className="fill-on-picture">
            {i + 1}
          </text>
        </g>
      ))}
    </svg>
  )
}
