import { useState } from 'react'
import type { Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { enumerated, listed } from '../../ui/lists'
import { Field, TextField } from '../../ui/Field'
import { Sheet } from '../../ui/Sheet'
import { SheetEnd } from '../../ui/SheetEnd'

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
    ? 'A comma parts names, below and elsewhere. Leave it out.'
    : alreadyThere('a topic', name, others)
  const renamed = topic.name !== '' && name.trim().toLowerCase() !== topic.name.toLowerCase()
  const unknown = listed(needs).find((n) => n !== name.trim() && !others.some((o) => o.name === n))
  const neededBy = others.filter((o) => o.needs.includes(topic.name)).map((o) => o.name)
  return (
    <Sheet open onClose={onClose} title={topic.name || 'A new topic'}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          onSave({ ...topic, name: name.trim(), needs: listed(needs), alsoCalled: listed(alsoCalled) })
        }}
      >
        <Field
          label="Name"
          maxLength={BOUNDS.TopicLine.name.maxLength}
          value={name}
          onChange={(e) => setName(e.target.value)}
          hint={renamed ? `“${topic.name}” stays another name of it.` : undefined}
          error={wrong}
          required
        />
        <Field
          label="Needs first, with commas"
          value={needs}
          onChange={(e) => setNeeds(e.target.value)}
          error={unknown && `There is no topic “${unknown}”.`}
        />
        <Field
          label="Also called, with commas"
          value={alsoCalled}
          onChange={(e) => setAlsoCalled(e.target.value)}
        />
        {neededBy.length > 0 && (
          <p className="text-faded">
            It can be removed once no other needs it; {enumerated(neededBy)}{' '}
            {neededBy.length === 1 ? 'does' : 'do'}.
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
  return same && `There is ${what} “${same.name}” already.`
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
  const taken = alreadyThere('an area', name, others)
  return (
    <Sheet
      open
      onClose={onClose}
      title={area.name || 'A new area'}
      description="Each topic of the area can be reached at three depths. Say what they mean here."
    >
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          onSave({ ...typed, name })
        }}
      >
        <Field
          label="Name of the area"
          maxLength={BOUNDS.AreaOfTopics.name.maxLength}
          required
          value={typed.name}
          onChange={(e) => setTyped({ ...typed, name: e.target.value })}
          error={taken}
        />
        <TextField
          label="Simple: landmarks and blocks"
          maxLength={BOUNDS.AreaOfTopics.simple.maxLength}
          value={typed.simple}
          onChange={(e) => setTyped({ ...typed, simple: e.target.value })}
        />
        <TextField
          label="Grouped: the main masses"
          maxLength={BOUNDS.AreaOfTopics.simple.maxLength}
          value={typed.grouped}
          onChange={(e) => setTyped({ ...typed, grouped: e.target.value })}
        />
        <TextField
          label="Detailed"
          maxLength={BOUNDS.AreaOfTopics.simple.maxLength}
          value={typed.detailed}
          onChange={(e) => setTyped({ ...typed, detailed: e.target.value })}
        />
        {area.topics.length > 0 && <p className="text-faded">An area can be removed once its topics are.</p>}
        <SheetEnd error={error} disabled={name === '' || taken !== undefined} onRemove={onRemove} />
      </form>
    </Sheet>
  )
}
