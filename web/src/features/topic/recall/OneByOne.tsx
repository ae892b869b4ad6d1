import { useState } from 'react'
import { Button } from '../../../ui/Button'

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
      <ol className="list-decimal pl-6" aria-label="Steps so far">
        {steps.slice(0, at).map((s) => (
          <li key={s} className="py-0.5">
            {s}
            {!had.includes(s) && <span className="text-faded"> (not there)</span>}
          </li>
        ))}
      </ol>
      {step && (
        <div aria-live="polite" className="mt-3">
          <p className="font-serif text-xl">
            {open ? step : `Step ${at + 1} of ${steps.length}: what is it?`}
          </p>
          <p className="mt-2 flex flex-wrap gap-5">
            {open ? (
              <>
                <Button look="ink" onClick={() => tell(true)}>
                  I had it
                </Button>
                <Button onClick={() => tell(false)}>I had not</Button>
              </>
            ) : (
              <Button look="ink" onClick={() => setOpen(true)}>
                Uncover it
              </Button>
            )}
          </p>
        </div>
      )}
    </div>
  )
}
