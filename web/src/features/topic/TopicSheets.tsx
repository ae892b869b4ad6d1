import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { enumerated, listed } from '../../ui/lists'
import { Field, TextField } from '../../ui/Field'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'
import { wording } from './wording'

type Area = Schemas['AreaOfTopics']
type Line = Schemas['TopicLine']

/** One topic: its name, what it needs first, what else it is called. */
export function TopicSheet({
  topic,
  others,
  error,
  onClose,
  onSave,
  onRemove,
}: {
  topic: Line
  /** All other topics. */
  others: Line[]
  error: Error | null
  onClose: () => void
  onSave: (line: Line) => void
  /** Left out while it is not kept yet. */
  onRemove: (() => void) | undefined
}) {
  const [name, setName] = useState(topic.name)
  const [needs, setNeeds] = useState(topic.needs.join(', '))
  const [alsoCalled, setAlsoCalled] = useState(topic.alsoCalled.join(', '))
  const wrong = name.includes(',')
    ? wording.aCommaPartsNamesBelowAnd()
    : alreadyThere(wording.aTopic(), name, others)
  const renamed = topic.name !== '' && name.trim().toLowerCase() !== topic.name.toLowerCase()
  const unknown = listed(needs).find((n) => n !== name.trim() && !others.some((o) => o.name === n))
  const neededBy = others.filter((o) => o.needs.includes(topic.name)).map((o) => o.name)
  return (
    <Sheet open onClose={onClose} title={topic.name || wording.aNewTopic()}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          onSave({ ...topic, name: name.trim(), needs: listed(needs), alsoCalled: listed(alsoCalled) })
        }}
      >
        <Field
          label={wording.name()}
          maxLength={BOUNDS.TopicLine.name.maxLength}
          value={name}
          onChange={(e) => setName(e.target.value)}
          hint={renamed ? wording.nameStaysAnotherNameOfIt({ name: topic.name }) : undefined}
          error={wrong}
          required
        />
        <Field
          label={wording.needsFirstWithCommas()}
          value={needs}
          onChange={(e) => setNeeds(e.target.value)}
          error={unknown && wording.thereIsNoTopicUnknown({ unknown })}
        />
        <Field
          label={wording.alsoCalledWithCommas()}
          value={alsoCalled}
          onChange={(e) => setAlsoCalled(e.target.value)}
        />
        {neededBy.length > 0 && (
          <p className="text-faded">
            {wording.itCanBeRemovedOnceNo({ neededBy: enumerated(neededBy), one: neededBy.length === 1 })}
          </p>
        )}
        <SheetEnd
          error={error}
          disabled={name.trim() === '' || Boolean(wrong ?? unknown)}
          onRemove={neededBy.length > 0 ? undefined : onRemove}
        />
      </form>
    </Sheet>
  )
}

const alreadyThere = (what: string, name: string, others: { name: string }[]) => {
  const same = others.find((o) => o.name.toLowerCase() === name.trim().toLowerCase())
  return same && wording.thereIsWhatNameAlready({ what, name: same.name })
}

/** One area: its name and what each of the three depths means in it. */
export function AreaSheet({
  area,
  others,
  error,
  onClose,
  onSave,
  onRemove,
}: {
  area: Area
  /** All other areas. */
  others: Area[]
  error: Error | null
  onClose: () => void
  onSave: (area: Area) => void
  /** Left out while the area has topics. */
  onRemove: (() => void) | undefined
}) {
  const [typed, setTyped] = useState(area)
  const name = typed.name.trim()
  const taken = alreadyThere(wording.anArea(), name, others)
  return (
    <Sheet
      open
      onClose={onClose}
      title={area.name || wording.aNewArea()}
      description={wording.eachTopicOfTheAreaCan()}
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          onSave({ ...typed, name })
        }}
      >
        <Field
          label={wording.nameOfTheArea()}
          maxLength={BOUNDS.AreaOfTopics.name.maxLength}
          required
          value={typed.name}
          onChange={(e) => setTyped({ ...typed, name: e.target.value })}
          error={taken}
        />
        <TextField
          label={wording.simpleLandmarksAndBlocks()}
          maxLength={BOUNDS.AreaOfTopics.simple.maxLength}
          value={typed.simple}
          onChange={(e) => setTyped({ ...typed, simple: e.target.value })}
        />
        <TextField
          label={wording.groupedTheMainMasses()}
          maxLength={BOUNDS.AreaOfTopics.simple.maxLength}
          value={typed.grouped}
          onChange={(e) => setTyped({ ...typed, grouped: e.target.value })}
        />
        <TextField
          label={wording.detailed()}
          maxLength={BOUNDS.AreaOfTopics.simple.maxLength}
          value={typed.detailed}
          onChange={(e) => setTyped({ ...typed, detailed: e.target.value })}
        />
        {area.topics.length > 0 && <p className="text-faded">{wording.anAreaCanBeRemovedOnce()}</p>}
        <SheetEnd error={error} disabled={name === '' || taken !== undefined} onRemove={onRemove} />
      </form>
    </Sheet>
  )
}
