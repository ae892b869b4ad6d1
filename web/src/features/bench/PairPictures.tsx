import { useState } from 'react'
import { Button } from '../../ui/Button'
import { LandmarkPicture } from '../../shared/picture/LandmarkPicture'
import { Overlay } from './Overlay'
import { has, type Comparison, type Place } from './text'
import type { Change } from './useComparison'
import { wording } from './wording'

const SHOWN = { OVER: wording.laidOver2(), YOURS: wording.yours(), REFERENCE: wording.reference() }
type Shown = keyof typeof SHOWN

const withPlace = (places: Place[], place: Place) => [...places.filter((p) => p.name !== place.name), place]

/** Reference and drawing side by side; where it is narrow one at a time, laid over one another first. */
export function PairPictures({
  comparison,
  change,
  axes,
  truthOpen,
  open,
}: {
  comparison: Comparison
  change: Change
  /** Whether the true axes are shown. */
  axes: boolean
  /** The landmark of the reference that is placed next. */
  truthOpen: string | undefined
  /** The landmark of the drawing that is placed next. */
  open: string | undefined
}) {
  const { fields, reference, attempt, held } = comparison
  const [chosen, setChosen] = useState<Shown>()
  const first: Shown = truthOpen ? 'REFERENCE' : held && !open ? 'OVER' : 'YOURS'
  const shown = chosen ?? first
  const proposed = comparison.landmarks.flatMap((l) =>
    l.proposed && !has(fields.drawn, l.name) && !fields.hidden.includes(l.name) ? [l.proposed] : [],
  )
  const place = new Map(reference.places.map((p) => [p.name, p]))
  const lines = comparison.axes.flatMap((a): [Place, Place][] => {
    const from = place.get(a.fromName)
    const to = place.get(a.toName)
    return from && to ? [[from, to]] : []
  })
  const only = (which: Shown) => (shown === which ? '' : 'max-sm:hidden')
  return (
    <>
      <div role="group" aria-label={wording.whichPicture()} className="no-print mt-2 flex gap-x-5 sm:hidden">
        {(Object.keys(SHOWN) as Shown[])
          .filter((which) => which !== 'OVER' || held)
          .map((which) => (
            <Button
              key={which}
              look={shown === which ? 'line' : 'quiet'}
              aria-pressed={shown === which}
              onClick={() => setChosen(which)}
            >
              {SHOWN[which]}
            </Button>
          ))}
      </div>
      {held && shown === 'OVER' && (
        <div className="mt-3 sm:hidden">
          <Overlay comparison={comparison} held={held} />
        </div>
      )}
      <div className="mt-3 grid grid-cols-2 gap-3 max-sm:grid-cols-1">
        <figure className={`${only('REFERENCE')} ${reference.keptPrivate ? 'no-print' : ''}`}>
          <LandmarkPicture
            src={reference.address}
            ratio={reference.ratio}
            name={wording.theReference()}
            landmarks={comparison.landmarks}
            places={reference.known ? (held || axes ? reference.places : []) : fields.truth}
            next={truthOpen}
            axes={axes ? lines : []}
            {...(reference.known
              ? {}
              : {
                  onSet: (p: Place) => change((was) => ({ truth: withPlace(was.truth, p) })),
                  onTake: (name: string) =>
                    change((was) => ({ truth: was.truth.filter((p) => p.name !== name) })),
                })}
          />
          <figcaption className="text-faded text-sm">
            {reference.known
              ? wording.referenceLandmarksKnown()
              : truthOpen
                ? wording.referencePressWhereTruthOpenIs({ truthOpen })
                : wording.reference()}
          </figcaption>
        </figure>
        <figure className={`${only('YOURS')} ${attempt?.keptPrivate ? 'no-print' : ''}`}>
          {attempt ? (
            <LandmarkPicture
              src={attempt.address}
              ratio={attempt.ratio}
              name={wording.yourDrawing2()}
              landmarks={comparison.landmarks}
              places={fields.drawn}
              proposed={proposed}
              next={truthOpen ? undefined : open}
              onSet={(p) => change((was) => ({ drawn: withPlace(was.drawn, p) }))}
              onTake={(name) => change((was) => ({ drawn: was.drawn.filter((p) => p.name !== name) }))}
              pins={fields.notes}
              onPin={(index, to) =>
                change((was) => ({
                  notes: was.notes.map((n, i) => (i === index ? { ...n, ...to } : n)),
                }))
              }
            />
          ) : (
            <p className="border-hairline text-faded grid aspect-square place-items-center border p-4">
              {wording.noPictureOfTheDrawingYet()}
            </p>
          )}
          <figcaption className="text-faded text-sm">
            {wording.yoursDrawnSet({ drawn: fields.drawn.length })}
            {proposed.length > 0 && wording.proposedProposedInPencil({ proposed: proposed.length })}
          </figcaption>
        </figure>
      </div>
    </>
  )
}
