import type { Schemas } from '../../../api/client'
import { cabinetPicture } from '../../../shared/sitting/cabinet'
import { pictureAt } from '../../../shared/pictures'
import { platePicture, type PlateData } from './Picture'

type Fields = Schemas['PlateFields']
type Cabinet = NonNullable<Fields['cabinet']>

/** A pin as it is typed; what is written in `others` is parted by commas. */
export type TypedPin = {
  key: string
  id: string | null
  name: string
  latin: string
  others: string
  x: number
  y: number
}

/** A plate as it is typed. */
export type TypedPlate = {
  title: string
  topic: string
  note: string
  pins: TypedPin[]
  picture?: string
  cabinet?: Cabinet
  svg?: string
}

/** A new plate: from a picture of a page, or from the cabinet with what it knows of it. */
export function newPlate(params: URLSearchParams, known?: Schemas['CabinetReference']): TypedPlate {
  const picture = params.get('picture')
  const cabinet = cabinetOf(params)
  return {
    title: '',
    topic: params.get('topic') ?? '',
    note: '',
    pins: (known?.landmarks ?? []).map(({ name, x, y }) => ({
      key: name,
      id: null,
      name,
      latin: '',
      others: '',
      x: x / (known?.size ?? 1),
      y: y / (known?.size ?? 1),
    })),
    ...(picture ? { picture } : {}),
    ...(cabinet ? { cabinet } : {}),
  }
}

/** Which picture of the cabinet an address names. */
export function cabinetOf(params: URLSearchParams): Cabinet | undefined {
  const kind = params.get('kind') as Cabinet['kind'] | null
  return kind
    ? {
        seed: Number(params.get('seed') ?? 1),
        kind,
        emphasis: (params.get('emphasis') ?? 'ANY') as Cabinet['emphasis'],
        view: (params.get('view') ?? 'ANY') as Cabinet['view'],
      }
    : undefined
}

/** A plate of one's own as it is kept, to be changed. */
export function typedPlate(plate: PlateData): TypedPlate {
  return {
    title: plate.title,
    topic: plate.topics.join(', '),
    note: plate.note,
    pins: plate.pins.map((p) => ({ ...p, key: p.id, others: p.others.join(', ') })),
  }
}

/** Where the picture of a plate lies; empty where it has none yet. */
export function shownPicture(typed: TypedPlate, kept?: PlateData): string {
  if (typed.picture) {
    return pictureAt(typed.picture, 'LARGE')
  }
  if (typed.cabinet) {
    return cabinetPicture(typed.cabinet.seed, typed.cabinet)
  }
  if (typed.svg) {
    return `data:image/svg+xml,${encodeURIComponent(typed.svg)}`
  }
  return kept && !kept.gone ? platePicture(kept.id) : ''
}

/** Words that commas part. */
export const words = (text: string) =>
  text
    .split(',')
    .map((w) => w.trim())
    .filter(Boolean)

/** A plate as it is sent. */
export function sentPlate(typed: TypedPlate, version: number | null): Fields {
  return {
    version,
    title: typed.title,
    topics: words(typed.topic),
    note: typed.note,
    picture: typed.picture ?? null,
    svg: typed.svg ?? null,
    ...(typed.cabinet ? { cabinet: typed.cabinet } : {}),
    pins: typed.pins.map(({ id, name, latin, others, x, y }) => ({
      id,
      name,
      latin,
      others: words(others),
      x,
      y,
    })),
  }
}
