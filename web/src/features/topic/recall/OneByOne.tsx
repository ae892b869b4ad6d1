import { useState } from 'react'
import { Button } from '../../../ui/Button'
import { wording } from '../wording'

/** Steps recalled one after another: said aloud or drawn, then uncovered. */
export function OneByOne({ steps, onDone }: { steps: string[]; onDone: (had: string[]) => void }) {
  const [at, setAt] = useState(0)
  const [open, setOpen] = useState(false)
  const [had, setHad] = useState<string[]>([])
  const step = steps[at]
  const tell = (there: boolean) => {
    const now = there && step ? [...had, step] : had
    setHad(now)
    setOpen(false)
    setAt(at + 1)
    if (at + 1 === steps.length) {
      onDone(now)
    }
  }
  return (
    <div className="mt-3">
      <ol className="list-decimal pl-6" aria-label={wording.stepsSoFar()}>
        {steps.slice(0, at).map((s) => (
          <li key={s} className="py-0.5">
            {s}
            {!had.includes(s) && <span className="text-faded"> {wording.notThere()}</span>}
          </li>
        ))}
      </ol>
      {step && (
        <div aria-live="polite" className="mt-3">
          <p className="font-serif text-xl">
            {open ? step : wording.stepAtOfStepsWhatIs({ at: at + 1, steps: steps.length })}
          </p>
          <p className="mt-2 flex flex-wrap gap-5">
            {open ? (
              <>
                <Button look="ink" onClick={() => tell(true)}>
                  {wording.iHadIt()}
                </Button>
                <Button onClick={() => tell(false)}>{wording.iHadNot()}</Button>
              </>
            ) : (
              <Button look="ink" onClick={() => setOpen(true)}>
                {wording.uncoverIt()}
              </Button>
            )}
          </p>
        </div>
      )}
    </div>
  )
}
