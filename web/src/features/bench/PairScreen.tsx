import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { Options } from '../../ui/Choices'
import { SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Findings } from './Findings'
import { Habits } from './Habits'
import { LandmarkPicture } from './LandmarkPicture'
import { Landmarks } from './Landmarks'
import { Notes } from './Notes'
import { Overlay } from './Overlay'
import { WAYS, type Comparison, type Place, type Told } from './text'
import { Tries } from './Tries'
import { useComparison, type Change } from './useComparison'

/** An attempt beside its reference: landmarks left, what comes out right. */
export default function PairScreen() {
  const { id = '' } = useParams()
  return (
    <Waiting query={useQuery(queries.comparison(id))}>
      {(comparison) => <Pair key={id} comparison={comparison} />}
    </Waiting>
  )
}

const withPlace = (places: Place[], place: Place) => [...places.filter((p) => p.name !== place.name), place]

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
  const proposed = comparison.landmarks.flatMap((l) =>
    l.proposed && !has(fields.drawn, l.name) && !fields.hidden.includes(l.name) ? [l.proposed] : [],
  )
  const place = new Map(reference.places.map((p) => [p.name, p]))
  const lines = comparison.axes.flatMap((a): [Place, Place][] => {
    const from = place.get(a.fromName)
    const to = place.get(a.toName)
    return from && to ? [[from, to]] : []
  })
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="pair">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 id="pair">{fields.title || 'A pair'}</h1>
          <Link to="/bench" className={LINE_LINK}>
            All pairs
          </Link>
        </div>
        <p className="text-faded">
          {format.fullDay(comparison.day)} · {fields.template} · {WAYS[fields.way]}
        </p>
        <div className="mt-3 grid grid-cols-2 gap-3 max-sm:grid-cols-1">
          <figure>
            <LandmarkPicture
              src={reference.address}
              ratio={reference.ratio}
              name="The reference"
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
                ? 'reference, landmarks known'
                : truthOpen
                  ? `reference: press where ${truthOpen} is`
                  : 'reference'}
            </figcaption>
          </figure>
          <figure>
            {attempt ? (
              <LandmarkPicture
                src={attempt.address}
                ratio={attempt.ratio}
                name="Your drawing"
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
                No picture of the drawing yet.
              </p>
            )}
            <figcaption className="text-faded text-sm">
              yours: {fields.drawn.length} set
              {proposed.length > 0 && `, ${proposed.length} proposed in pencil`}
            </figcaption>
          </figure>
        </div>
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
            {axes ? 'Hide the true axes' : 'Show the true axes'}
          </Button>
          <TryAgain comparison={comparison} />
          <Button look="quiet" onClick={() => window.print()}>
            Print, or keep as PDF
          </Button>
        </div>
        {axes && <TrueAxes comparison={comparison} />}
        {attempt && <Landmarks comparison={comparison} change={change} />}
        <div className="mt-4 grid grid-cols-2 gap-4 max-sm:grid-cols-1">
          {held && <Overlay comparison={comparison} held={held} />}
          <Tries comparison={comparison} />
        </div>
      </Leaf>
      <Leaf second aria-label="What comes out">
        <Findings comparison={comparison} change={change} />
        <How fields={fields} plumb={comparison.plumb} change={change} />
        <Notes fields={fields} change={change} />
        <Habits template={fields.template} few />
      </Leaf>
    </TwoLeaves>
  )
}

const has = (places: Place[], name: string) => places.some((p) => p.name === name)

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
            Press where <strong>{open}</strong> is.{' '}
            <Button look="quiet" onClick={() => onHide(open)}>
              It cannot be seen
            </Button>
          </>
        ) : (
          comparison.attempt && (rest ? 'The foundation is set.' : 'All landmarks are set.')
        )}
      </p>
      {comparison.attemptChanged && (
        <p>
          The picture was turned or straightened since the landmarks were placed. What is said rests on how it
          was; look whether they still fit.{' '}
          <Button look="quiet" onClick={fit}>
            They fit
          </Button>
        </p>
      )}
      <div className="flex flex-wrap gap-x-5">
        <Check checked={quick} onChange={(e) => onQuick(e.target.checked)}>
          A quick pass, {foundation} landmarks
        </Check>
        {undo && (
          <Button look="quiet" onClick={undo}>
            Undo the last step
          </Button>
        )}
      </div>
    </div>
  )
}

function TrueAxes({ comparison }: { comparison: Comparison }) {
  const format = useFormats()
  return (
    <table className="mt-2 w-full text-sm">
      <caption className="text-faded text-left">How the reference truly lies</caption>
      <thead>
        <tr className="text-faded border-hairline border-b text-left">
          <th className="font-normal">part</th>
          <th className="font-normal">tilt</th>
          <th className="font-normal">length of the whole</th>
        </tr>
      </thead>
      <tbody>
        {comparison.axes.map((a) => (
          <tr key={a.name}>
            <td>{a.name}</td>
            <td>
              {format.number(Math.round(Math.abs(a.tilt)))}° from {a.fromPlumb ? 'plumb' : 'level'},{' '}
              {a.tilt < 0 ? 'anticlockwise' : 'clockwise'}
            </td>
            <td>{format.percent(a.length)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** Ways to one more try of the same reference: a sitting, or a drawing that is there already. */
function TryAgain({ comparison: { fields } }: { comparison: Comparison }) {
  const { from, picture, cabinet, seed, foreshortening, view } = fields.reference
  const reference = new URLSearchParams({ title: fields.title })
  if (cabinet) {
    reference.set('cabinet', cabinet)
    reference.set('seed', String(seed))
    reference.set('foreshortening', foreshortening ?? 'ANY')
    reference.set('view', view ?? 'ANY')
  }
  const sitting = new URLSearchParams(reference)
  sitting.set('count', '1')
  sitting.set('each', '300')
  const pair = new URLSearchParams(reference)
  pair.set('template', fields.template)
  if (picture) {
    pair.set('from', from)
    pair.set('picture', picture)
  }
  return (
    <>
      <Link to={`/sitting?${sitting.toString()}`} className={LINE_LINK}>
        Try it again
      </Link>
      <Link to={`/bench/new?${pair.toString()}`} className={LINE_LINK}>
        Another try is drawn
      </Link>
    </>
  )
}

function How({ fields, plumb, change }: { fields: Told; plumb: boolean; change: Change }) {
  return (
    <details className="no-print mt-6">
      <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
        How it was drawn
      </summary>
      <div className="grid gap-3">
        <SelectField
          label="This try is"
          value={fields.way}
          onChange={(e) => {
            const way = e.target.value as Told['way']
            change(() => ({ way }))
          }}
        >
          <Options of={WAYS} />
        </SelectField>
        <Check
          checked={fields.pushed}
          onChange={({ target: { checked } }) => change(() => ({ pushed: checked }))}
        >
          Pushed: tilts exaggerated on purpose, judged against 1.2 times the true ones
        </Check>
        <Check checked={plumb} onChange={({ target: { checked } }) => change(() => ({ plumb: checked }))}>
          Upright is known on both pictures
        </Check>
      </div>
    </details>
  )
}
