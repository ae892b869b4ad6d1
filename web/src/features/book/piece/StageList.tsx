import { BOUNDS } from '../../../api/generated/bounds'
import { Button } from '../../../ui/Button'
import { Field } from '../../../ui/Field'
import { wording } from '../wording'

/** A stage to come, as it is composed. */
export type Planned = { name: string; gate: string }

/** Stages in their order: named, asked about, moved, added and taken away. */
export function StageList<S extends Planned>({
  stages,
  blank,
  onChange,
}: {
  stages: S[]
  blank: () => S
  onChange: (stages: S[]) => void
}) {
  const put = (at: number, some: Partial<Planned>) =>
    onChange(stages.map((s, i) => (i === at ? { ...s, ...some } : s)))
  const move = (at: number, way: number) => {
    const moved = [...stages]
    const [stage] = moved.splice(at, 1)
    if (stage) {
      moved.splice(at + way, 0, stage)
    }
    onChange(moved)
  }
  return (
    <fieldset>
      <legend className="font-medium">{wording.stagesAndTheQuestionThatEach()}</legend>
      <ol>
        {stages.map((stage, i) => (
          <li key={i} className="border-hairline grid gap-x-4 border-b py-2 sm:grid-cols-[1fr_1.6fr_auto]">
            <Field
              label={wording.stageI({ i: i + 1 })}
              required
              maxLength={BOUNDS.StageFields.name.maxLength}
              value={stage.name}
              onChange={(e) => put(i, { name: e.target.value })}
            />
            <Field
              label={wording.itsGate()}
              maxLength={BOUNDS.StageFields.gate.maxLength}
              value={stage.gate}
              onChange={(e) => put(i, { gate: e.target.value })}
            />
            <span className="flex items-end gap-2">
              <Button look="quiet" disabled={i === 0} onClick={() => move(i, -1)}>
                {wording.up()}
              </Button>
              <Button look="quiet" disabled={i === stages.length - 1} onClick={() => move(i, 1)}>
                {wording.down()}
              </Button>
              <Button
                look="quiet"
                disabled={stages.length === 1}
                onClick={() => onChange(stages.filter((_, at) => at !== i))}
              >
                {wording.remove()}
              </Button>
            </span>
          </li>
        ))}
      </ol>
      <Button look="quiet" onClick={() => onChange([...stages, blank()])}>
        {wording.addAStage()}
      </Button>
    </fieldset>
  )
}
