import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { save } from '../../shared/download'
import { Button, LINE_LINK } from '../../ui/Button'
import { Check } from '../../ui/Check'
import { Options } from '../../ui/Choices'
import { Field, SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotice } from '../../ui/Notices'
import { pairSheet } from './pairSheet'
import { finding, lineUp, WAYS, type Comparison, type Told } from './text'
import type { Change } from './useComparison'
import { wording } from './wording'

/** How the parts of the reference truly lie. */
export function TrueAxes({ comparison }: { comparison: Comparison }) {
  const format = useFormats()
  return (
    <table className="mt-2 w-full text-sm">
      <caption className="text-faded text-left">{wording.howTheReferenceTrulyLies()}</caption>
      <thead>
        <tr className="text-faded border-hairline border-b text-left">
          <th className="font-normal">{wording.part()}</th>
          <th className="font-normal">{wording.tilt()}</th>
          <th className="font-normal">{wording.lengthOfTheWhole()}</th>
        </tr>
      </thead>
      <tbody>
        {comparison.axes.map((a) => (
          <tr key={a.name}>
            <td>{a.name}</td>
            <td>
              {wording.tiltFromFromPlumb({
                tilt: format.number(Math.round(Math.abs(a.tilt))),
                fromPlumb: a.fromPlumb,
                tilt2: a.tilt < 0,
              })}
            </td>
            <td>{format.percent(a.length)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** Ways to one more try of the same reference: a sitting, or a drawing that is there already. */
export function TryAgain({ comparison: { fields } }: { comparison: Comparison }) {
  const { from, picture, cabinet, seed, emphasis, view } = fields.reference
  const reference = new URLSearchParams({ title: fields.title })
  if (cabinet) {
    reference.set('cabinet', cabinet)
    reference.set('seed', String(seed))
    reference.set('emphasis', emphasis ?? 'ANY')
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
        {wording.tryItAgain()}
      </Link>
      <Link to={`/bench/new?${pair.toString()}`} className={LINE_LINK}>
        {wording.anotherTryIsDrawn()}
      </Link>
    </>
  )
}

/** How the attempt came about. */
export function How({ fields, plumb, change }: { fields: Told; plumb: boolean; change: Change }) {
  return (
    <details className="no-print mt-6">
      <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
        {wording.howItWasDrawn()}
      </summary>
      <div className="grid gap-3">
        <SelectField
          label={wording.thisTryIs()}
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
          {wording.pushedTiltsExaggeratedOnPurposeJudged()}
        </Check>
        <Check checked={plumb} onChange={({ target: { checked } }) => change(() => ({ plumb: checked }))}>
          {wording.uprightIsKnownOnBothPictures()}
        </Check>
      </div>
    </details>
  )
}

const SHOWS = {
  FAINT: wording.faintToDrawOver(),
  WHOLE: wording.wholeToTrace(),
  MARKS: wording.itsLandmarksOnlyToBeginFrom(),
}

/** What can be taken out of a pair, on paper or as a file. */
export function OnPaper({ comparison }: { comparison: Comparison }) {
  const format = useFormats()
  const say = useNotice()
  const [paper, setPaper] = useState('A4')
  const [shows, setShows] = useState<keyof typeof SHOWS>('FAINT')
  const { fields, held, id } = comparison
  const title = fields.title || fields.template
  const picture = useMutation({
    mutationFn: async () => {
      const words = [
        `${format.fullDay(comparison.day)}, ${fields.template}, ${WAYS[fields.way]}`,
        ...(held?.first ?? []).map((f) => finding(f, format).join(' ')),
        ...(held?.lineUps ?? []).map((l) => lineUp(l, format)),
        ...fields.notes.map((n) => n.text),
      ]
      save(await pairSheet(comparison, title, words), `${title}.png`)
    },
    onError: (error) => say(wording.noPictureWasMadeMessage({ message: error.message })),
  })
  return (
    <details className="no-print mt-4">
      <summary className="text-faded min-h-8 cursor-pointer pointer-coarse:min-h-11">
        {wording.onPaperOrAsAFile()}
      </summary>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <Button look="quiet" onClick={() => picture.mutate()} disabled={picture.isPending}>
          {wording.saveAsOnePicture()}
        </Button>
        <Button look="quiet" onClick={() => window.print()}>
          {wording.printOrKeepAsPdf()}
        </Button>
      </div>
      <div className="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
        <SelectField
          label={wording.theReference()}
          value={shows}
          onChange={(e) => setShows(e.target.value as keyof typeof SHOWS)}
        >
          <Options of={SHOWS} />
        </SelectField>
        <Field
          label={wording.paper()}
          value={paper}
          maxLength={60}
          onChange={(e) => setPaper(e.target.value)}
        />
        <a
          href={`/api/bench/comparisons/${id}/sheet.pdf?${new URLSearchParams({ paper, shows }).toString()}`}
          className={LINE_LINK}
          target="_blank"
          rel="noreferrer"
        >
          {wording.printItAtThisSize()}
        </a>
      </div>
    </details>
  )
}
