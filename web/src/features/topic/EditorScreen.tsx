import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { answer, api, type Schemas } from '../../api/client'
import { queries, refreshAll } from '../../api/queries'
import { Button } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { Waiting } from '../../ui/Waiting'
import { AreaSheet, TopicSheet } from './TopicSheets'
import { wording } from './wording'

type Topics = Schemas['Topics']
type Area = Schemas['AreaOfTopics']
type Line = Schemas['TopicLine']

const NEW_AREA: Area = { name: '', simple: '', grouped: '', detailed: '', topics: [] }
const NEW_TOPIC: Line = { name: '', needs: [], alsoCalled: [] }
/** What is open: a topic of an area, or with no topic the area itself. */
type Place = { area: number; topic?: number }

/** All topics by area, each with what it needs first; everything can be changed. */
export default function EditorScreen() {
  return (
    <div className="wide:px-8 px-4 py-6">
      <h1>{wording.topicsAndWhatTheyNeed()}</h1>
      <p className="text-faded mb-2 max-w-prose">{wording.remarksOnTheCourseTheOrder()}</p>
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
      say(wording.topicsKept())
      setOpen(undefined)
      return refreshAll(client)
    },
  })
  const reset = useMutation({
    mutationFn: () => answer(api.DELETE('/api/topics')),
    onSuccess: () => {
      say(wording.theTopicsAreThoseThatShip(), {
        label: wording.undo(),
        run: () => write.mutate({ ...topics, version: 0 }),
      })
      return refreshAll(client)
    },
  })
  const { areas } = topics
  const setArea = (i: number, area: Area | undefined) =>
    write.mutate({ ...topics, areas: [...areas.slice(0, i), ...(area ? [area] : []), ...areas.slice(i + 1)] })
  const setTopic = (i: number, j: number, line: Line | undefined) => {
    const area = areas[i]
    if (area) {
      const lines = [...area.topics.slice(0, j), ...(line ? [line] : []), ...area.topics.slice(j + 1)]
      setArea(i, { ...area, topics: lines })
    }
  }
  const close = () => {
    write.reset()
    setOpen(undefined)
  }
  return (
    <>
      <div className="columns-1 gap-10 md:columns-2 xl:columns-3">
        {areas.map((area, i) => (
          <section key={area.name} className="border-hairline mb-4 break-inside-avoid border-t pt-2">
            <div className="flex items-baseline justify-between gap-4">
              <h2>{area.name}</h2>
              <Button
                look="quiet"
                className="shrink-0"
                onClick={() => setOpen({ area: i })}
                aria-label={wording.changeName({ name: area.name })}
              >
                {wording.change()}
              </Button>
            </div>
            <p className="text-faded text-sm">
              <i>{wording.simple()}</i> {area.simple} <i>{wording.grouped()}</i> {area.grouped}{' '}
              <i>{wording.detailed2()}</i> {area.detailed}
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
              {wording.addATopic()}
              <span className="sr-only"> {wording.toName({ name: area.name })}</span>
            </Button>
          </section>
        ))}
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Button onClick={() => setOpen({ area: areas.length })}>{wording.addAnArea()}</Button>
        {topics.version > 0 && (
          <Button onClick={() => reset.mutate()}>{wording.backToTheTopicsThatShip()}</Button>
        )}
      </div>
      {open && (
        <OpenSheet
          key={`${open.area} ${open.topic}`}
          areas={areas}
          open={open}
          error={write.error}
          onClose={close}
          onArea={setArea}
          onTopic={setTopic}
        />
      )}
    </>
  )
}

function OpenSheet({
  areas,
  open: { area: i, topic: j },
  error,
  onClose,
  onArea,
  onTopic,
}: {
  areas: Area[]
  open: Place
  error: Error | null
  onClose: () => void
  onArea: (i: number, area: Area | undefined) => void
  onTopic: (i: number, j: number, line: Line | undefined) => void
}) {
  const area = areas[i]
  if (j === undefined) {
    return (
      <AreaSheet
        area={area ?? NEW_AREA}
        others={areas.filter((_, k) => k !== i)}
        error={error}
        onClose={onClose}
        onSave={(wanted) => onArea(i, wanted)}
        onRemove={area?.topics.length === 0 ? () => onArea(i, undefined) : undefined}
      />
    )
  }
  const topic = area?.topics[j]
  return (
    <TopicSheet
      topic={topic ?? NEW_TOPIC}
      others={areas.flatMap((a) => a.topics).filter((other) => other !== topic)}
      error={error}
      onClose={onClose}
      onSave={(line) => onTopic(i, j, line)}
      onRemove={topic ? () => onTopic(i, j, undefined) : undefined}
    />
  )
}
