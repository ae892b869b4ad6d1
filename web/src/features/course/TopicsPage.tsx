import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useNotice } from '../../ui/Notices'
import { Sheet } from '../../ui/Sheet'
import { Waiting } from '../../ui/Waiting'

type Topics = Schemas['Topics']
type Line = Schemas['TopicLine']
type Place = { area: number; topic: number }

/** All topics by area, each with what it needs first; everything can be changed. */
export default function TopicsPage() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>Topics and what they need</h1>
      <p className="text-faded mb-2 max-w-prose">
        Remarks on the course, the order of merged courses and the log line follow these. An arrow means:
        comes first. Arrows never run in a circle.
      </p>
      <Waiting query={useQuery(queries.topics())}>{(topics) => <Areas topics={topics} />}</Waiting>
    </div>
  )
}

function Areas({ topics }: { topics: Topics }) {
  const client = useQueryClient()
  const say = useNotice()
  const [open, setOpen] = useState<Place>()
  const write = useMutation({
    mutationFn: (wanted: Topics) => answer(api.PUT('/api/topics', { body: wanted })),
    onSuccess: () => {
      say('Topics kept.')
      setOpen(undefined)
      return refreshAll(client)
    },
  })
  const reset = useMutation({
    mutationFn: () => answer(api.DELETE('/api/topics')),
    onSuccess: () => {
      say('The topics are those that ship again.', {
        label: 'Undo',
        run: () => write.mutate({ ...topics, version: 0 }),
      })
      return refreshAll(client)
    },
  })
  const change = ({ area, topic }: Place, line: Line | undefined) =>
    write.mutate({
      ...topics,
      areas: topics.areas.map((a, i) =>
        i !== area
          ? a
          : {
              ...a,
              topics: [...a.topics.slice(0, topic), ...(line ? [line] : []), ...a.topics.slice(topic + 1)],
            },
      ),
    })
  const opened =
    open && (topics.areas[open.area]?.topics[open.topic] ?? { name: '', needs: [], alsoCalled: [] })
  return (
    <>
      <div className="columns-1 gap-10 md:columns-2 xl:columns-3">
        {topics.areas.map((area, i) => (
          <section key={area.name} className="border-hairline mb-4 break-inside-avoid border-t pt-2">
            <h2>{area.name}</h2>
            <p className="text-faded text-sm">
              <i>simple:</i> {area.simple} <i>grouped:</i> {area.grouped} <i>detailed:</i> {area.detailed}
            </p>
            <ul>
              {area.topics.map((topic, j) => (
                <li key={topic.name}>
                  <button
                    type="button"
                    className="hover:bg-deeper min-h-8 w-full text-left pointer-coarse:min-h-11"
                    onClick={() => setOpen({ area: i, topic: j })}
                  >
                    <span className="font-medium">{topic.name}</span>
                    {topic.needs.length > 0 && (
                      <span className="text-faded"> ← {topic.needs.join(', ')}</span>
                    )}
                  </button>
                </li>
              ))}
            </ul>
            <Button look="quiet" onClick={() => setOpen({ area: i, topic: area.topics.length })}>
              Add a topic<span className="sr-only"> to {area.name}</span>
            </Button>
          </section>
        ))}
      </div>
      {topics.version > 0 && <Button onClick={() => reset.mutate()}>Back to the topics that ship</Button>}
      {open && opened && (
        <TopicSheet
          key={`${open.area} ${open.topic}`}
          topic={opened}
          all={topics.areas.flatMap((a) => a.topics.map((t) => t.name))}
          error={write.error?.message}
          onClose={() => {
            write.reset()
            setOpen(undefined)
          }}
          onSave={(line) => change(open, line)}
          onRemove={opened.name ? () => change(open, undefined) : undefined}
        />
      )}
    </>
  )
}

const list = (text: string) =>
  text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean)

function TopicSheet({
  topic,
  all,
  error,
  onClose,
  onSave,
  onRemove,
}: {
  topic: Line
  all: string[]
  error: string | undefined
  onClose: () => void
  onSave: (line: Line) => void
  onRemove: (() => void) | undefined
}) {
  const [name, setName] = useState(topic.name)
  const [needs, setNeeds] = useState(topic.needs.join(', '))
  const [alsoCalled, setAlsoCalled] = useState(topic.alsoCalled.join(', '))
  const unknown = list(needs).filter((n) => !all.includes(n) && n !== name)
  return (
    <Sheet open onClose={onClose} title={topic.name || 'A new topic'}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          onSave({ name: name.trim(), needs: list(needs), alsoCalled: list(alsoCalled) })
        }}
      >
        <Field label="Name" maxLength={80} value={name} onChange={(e) => setName(e.target.value)} required />
        <Field
          label="Needs first, with commas"
          value={needs}
          onChange={(e) => setNeeds(e.target.value)}
          error={unknown.length > 0 ? `There is no topic “${unknown[0]}”.` : undefined}
        />
        <Field
          label="Also called, with commas"
          value={alsoCalled}
          onChange={(e) => setAlsoCalled(e.target.value)}
        />
        {error && (
          <p role="alert" className="text-sanguine">
            {error}
          </p>
        )}
        <div className="mt-2 flex gap-6">
          <Button type="submit" look="ink" disabled={name.trim() === ''}>
            Keep it
          </Button>
          <Button onClick={onClose}>Leave it</Button>
          {onRemove && (
            <Button className="text-sanguine ml-auto" onClick={onRemove}>
              Remove
            </Button>
          )}
        </div>
      </form>
    </Sheet>
  )
}
