import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { useFormats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Findings } from './Findings'
import { Habits } from './Habits'
import { Landmarks } from './Landmarks'
import { Notes } from './Notes'
import { Overlay } from './Overlay'
import { PairPictures } from './PairPictures'
import { How, OnPaper, TrueAxes, TryAgain } from './PairTools'
import { has, WAYS, type Comparison } from './text'
import { Tries } from './Tries'
import { useComparison } from './useComparison'
import { wording } from './wording'

/** An attempt beside its reference: landmarks left, what comes out right. */
export default function PairScreen() {
  const { id = '' } = useParams()
  return (
    <Waiting query={useQuery(queries.comparison(id))}>
      {(comparison) => <Pair key={id} comparison={comparison} />}
    </Waiting>
  )
}

function Pair({ comparison }: { comparison: Comparison }) {
  const format = useFormats()
  const { change, undo, undoable, fit } = useComparison(comparison)
  const [quick, setQuick] = useState(true)
  const [axes, setAxes] = useState(false)
  const { fields, reference, attempt, held } = comparison
  const asked = comparison.landmarks.filter(
    (l) => (!quick || l.foundation) && !fields.hidden.includes(l.name),
  )
  const truthOpen = reference.known ? undefined : asked.find((l) => !has(fields.truth, l.name))?.name
  const open = asked.find((l) => !has(fields.drawn, l.name))?.name
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="pair">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 id="pair">{fields.title || wording.aPair()}</h1>
          <Link to="/bench" className={LINE_LINK}>
            {wording.allPairs()}
          </Link>
        </div>
        <p className="text-faded">
          {format.fullDay(comparison.day)} · {fields.template} · {WAYS[fields.way]}
        </p>
        <PairPictures comparison={comparison} change={change} axes={axes} truthOpen={truthOpen} open={open} />
        <Placing
          comparison={comparison}
          open={truthOpen ?? open}
          quick={quick}
          onQuick={setQuick}
          onHide={(name) => change((was) => ({ hidden: [...was.hidden, name] }))}
          undo={undoable ? undo : undefined}
          fit={fit}
        />
        <div className="no-print mt-2 flex flex-wrap gap-x-5">
          <Button look="quiet" aria-pressed={axes} onClick={() => setAxes(!axes)}>
            {axes ? wording.hideTheTrueAxes() : wording.showTheTrueAxes()}
          </Button>
          <TryAgain comparison={comparison} />
          <Link to={`/bench/${comparison.id}/measure`} className={LINE_LINK}>
            {wording.measureOnThePicture()}
          </Link>
        </div>
        {axes && <TrueAxes comparison={comparison} />}
        {attempt && <Landmarks comparison={comparison} change={change} />}
        <div className="mt-4 grid grid-cols-2 gap-4 max-sm:grid-cols-1">
          {held && (
            <div className="max-sm:hidden">
              <Overlay comparison={comparison} held={held} />
            </div>
          )}
          <Tries comparison={comparison} />
        </div>
      </Leaf>
      <Leaf second aria-label={wording.whatComesOut()}>
        <Findings comparison={comparison} change={change} />
        <How fields={fields} plumb={comparison.plumb} change={change} />
        <Notes fields={fields} change={change} />
        <OnPaper comparison={comparison} />
        <Habits template={fields.template} few />
      </Leaf>
    </TwoLeaves>
  )
}

/** What to press next, and how many are to be set. */
function Placing({
  comparison,
  open,
  quick,
  onQuick,
  onHide,
  undo,
  fit,
}: {
  comparison: Comparison
  open: string | undefined
  quick: boolean
  onQuick: (quick: boolean) => void
  onHide: (name: string) => void
  undo: (() => void) | undefined
  fit: () => void
}) {
  const rest = comparison.landmarks.some(
    (l) => !has(comparison.fields.drawn, l.name) && !comparison.fields.hidden.includes(l.name),
  )
  const foundation = comparison.landmarks.filter((l) => l.foundation).length
  return (
    <div className="no-print mt-2">
      <p role="status" className="min-h-6">
        {open && comparison.attempt ? (
          <>
            {wording.pressWhere()} <strong>{open}</strong> {wording.is()}{' '}
            <Button look="quiet" onClick={() => onHide(open)}>
              {wording.itCannotBeSeen()}
            </Button>
          </>
        ) : (
          comparison.attempt && (rest ? wording.theFoundationIsSet() : wording.allLandmarksAreSet())
        )}
      </p>
      {comparison.attemptChanged && (
        <p>
          {wording.thePictureWasTurnedOrStraightened()}{' '}
          <Button look="quiet" onClick={fit}>
            {wording.theyFit()}
          </Button>
        </p>
      )}
      <div className="flex flex-wrap gap-x-5">
        <Check checked={quick} onChange={(e) => onQuick(e.target.checked)}>
          {wording.aQuickPassFoundationLandmarks({ foundation })}
        </Check>
        {undo && (
          <Button look="quiet" onClick={undo}>
            {wording.undoTheLastStep()}
          </Button>
        )}
      </div>
    </div>
  )
}
