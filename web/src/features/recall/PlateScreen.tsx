import { useQuery } from '@tanstack/react-query'
import { Link, useParams, useSearchParams } from 'react-router'
import { queries } from '../../api/queries'
import { WAYS } from '../../shared/recall'
import { LINE_LINK } from '../../ui/Button'
import { Waiting } from '../../ui/Waiting'
import { DrawIt } from './DrawIt'
import { NameIt } from './NameIt'
import { PlaceIt } from './PlaceIt'

const CHOICES = ['DRAW', 'PLACE', 'NAME'] as const

/** A plate asked for: drawn from memory, its pins placed, or its names written. */
export default function PlateScreen() {
  const { id = '' } = useParams()
  const [params] = useSearchParams()
  const recall = useQuery(queries.recall()).data
  const due = recall?.due.find((d) => d.kind === 'PLATE' && d.id === id)
  const own = recall?.subjects.find((s) => s.kind === 'PLATE' && s.id === id)?.way
  const way = (params.get('way') ?? due?.way ?? own ?? 'DRAW') as (typeof CHOICES)[number]
  return (
    <Waiting query={useQuery(queries.plate(id))}>
      {(plate) => {
        const pins = plate.pins.filter(
          (p) => !due || due.way !== way || due.pins.length === 0 || due.pins.includes(p.id),
        )
        return (
          <div className="wide:px-8 px-4 py-6">
            <nav aria-label="Ways of asking" className="text-faded flex flex-wrap gap-x-4">
              {CHOICES.map((w) => (
                <Link
                  key={w}
                  to={`/recall/plates/${id}?way=${w}`}
                  replace
                  aria-current={w === way ? 'page' : undefined}
                  className={`min-h-8 py-1 pointer-coarse:min-h-11 ${w === way ? 'text-ink font-medium' : 'underline underline-offset-4'}`}
                >
                  {WAYS[w]}
                </Link>
              ))}
              <Link to="/recall" className={`${LINE_LINK} ml-auto`}>
                All plates
              </Link>
            </nav>
            <h1 className="mt-2">{plate.title}</h1>
            <p className="text-faded">{plate.note}</p>
            {way === 'PLACE' ? (
              <PlaceIt key={way + pins.length} plate={plate} pins={pins} />
            ) : way === 'NAME' ? (
              <NameIt key={way + pins.length} plate={plate} pins={pins} />
            ) : (
              <DrawIt plate={plate} />
            )}
          </div>
        )
      }}
    </Waiting>
  )
}
