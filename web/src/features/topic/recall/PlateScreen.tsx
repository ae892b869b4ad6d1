import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useLocation, useParams, useSearchParams } from 'react-router'
import type { Schemas } from '../../../api/client'
import { queries } from '../../../api/queries'
import { WAYS } from '../../../shared/topic/recall'
import { Waiting } from '../../../ui/Waiting'
import { DrawIt } from './DrawIt'
import { Files } from './Files'
import { NameIt } from './NameIt'
import type { PlateData } from './Picture'
import { PlaceIt } from './PlaceIt'
import { WayBack } from './WayBack'
import { wording } from '../wording'

const CHOICES = ['DRAW', 'PLACE', 'NAME'] as const

/** A plate asked for: drawn from memory, its pins placed, or its names written. */
export default function PlateScreen() {
  const { id = '' } = useParams()
  const plate = useQuery(queries.plate(id))
  return (
    <Waiting query={useQuery(queries.recall())}>
      {(recall) => (
        <Waiting query={plate}>{(data) => <Asked key={id} plate={data} recall={recall} />}</Waiting>
      )}
    </Waiting>
  )
}

function Asked({ plate, recall }: { plate: PlateData; recall: Schemas['RecallView'] }) {
  const [params] = useSearchParams()
  const state: unknown = useLocation().state
  // What is due changes with every answer; what is asked here stays what it was at first.
  const [first] = useState(recall)
  const mine = { kind: 'PLATE', id: plate.id }
  const due = first.due.find((d) => d.kind === mine.kind && d.id === mine.id)
  const own = first.things.find((t) => t.kind === mine.kind && t.id === mine.id)?.way
  const way = (params.get('way') ?? due?.way ?? own ?? 'DRAW') as (typeof CHOICES)[number]
  const pins =
    due?.way === way && due.pins.length > 0 ? plate.pins.filter((p) => due.pins.includes(p.id)) : plate.pins
  if (plate.gone) {
    return (
      <div className="wide:px-8 px-4 py-6">
        <h1>{plate.title}</h1>
        <p>{wording.thePictureOfThisPlateWas()}</p>
        <Files id={plate.id} kind="plates" own />
      </div>
    )
  }
  return (
    <div className="wide:px-8 px-4 py-6">
      <nav aria-label={wording.waysOfAsking()} className="text-faded flex flex-wrap gap-x-4">
        {CHOICES.map((w) => (
          <Link
            key={w}
            to={`/recall/plates/${plate.id}?way=${w}`}
            state={state}
            replace
            aria-current={w === way ? 'page' : undefined}
            className={`min-h-8 py-1 pointer-coarse:min-h-11 ${w === way ? 'text-ink font-medium' : 'underline underline-offset-4'}`}
          >
            {WAYS[w]}
          </Link>
        ))}
        <WayBack className="ml-auto">{wording.allPlates()}</WayBack>
      </nav>
      <h1 className="mt-2">{plate.title}</h1>
      <p className="text-faded">{plate.note}</p>
      {plate.turned && <p className="text-sanguine">{wording.thePictureWasTurnedOrStraightened()}</p>}
      {way === 'PLACE' ? (
        <PlaceIt plate={plate} pins={pins} />
      ) : way === 'NAME' ? (
        <NameIt plate={plate} pins={pins} />
      ) : (
        <DrawIt plate={plate} />
      )}
      <Files id={plate.id} kind="plates" own={plate.version != null} />
    </div>
  )
}
