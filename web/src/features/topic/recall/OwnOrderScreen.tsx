import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries } from '../../../api/queries'
import { NameField } from '../../../shared/NameField'
import { CameBack } from '../../../ui/CameBack'
import { Field, TextField } from '../../../ui/Field'
import { Refused, refusedAt } from '../../../ui/Refused'
import { useKept } from '../../../ui/useKept'
import { Waiting } from '../../../ui/Waiting'
import { KeepRow } from './KeepRow'
import { words } from './ownPlate'
import { wording } from '../wording'

type Order = Schemas['OrderView']

const lines = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)

/** An order of steps of one's own, one step a line. */
export default function OwnOrderScreen() {
  const { id = 'new' } = useParams()
  const order = useQuery({ ...queries.stepOrder(id), enabled: id !== 'new' })
  return id === 'new' ? (
    <Editor />
  ) : (
    <Waiting query={order}>{(kept) => <Editor key={id} kept={kept} />}</Waiting>
  )
}

function Editor({ kept }: { kept?: Order }) {
  const navigate = useNavigate()
  const client = useQueryClient()
  const typing = useKept(`order:${kept?.id ?? 'new'}`, {
    title: kept?.title ?? '',
    topic: kept?.topics.join(', ') ?? '',
    steps: kept?.steps.join('\n') ?? '',
  })
  const typed = typing.value
  const [id] = useState(() => kept?.id ?? crypto.randomUUID())
  const set = (more: Partial<typeof typed>) => typing.set({ ...typed, ...more })
  const keep = useMutation({
    mutationFn: () =>
      answer(
        api.PUT('/api/recall/orders/{id}', {
          params: { path: { id } },
          body: {
            version: kept?.version ?? null,
            title: typed.title,
            topics: words(typed.topic),
            steps: lines(typed.steps),
          },
        }),
      ),
    onSuccess: async () => {
      typing.forget()
      await client.invalidateQueries({ queryKey: ['recall'] })
      navigate(`/recall/orders/${id}`)
    },
  })
  return (
    <form
      noValidate
      className="wide:px-8 grid max-w-3xl gap-3 px-4 py-6"
      onSubmit={(event) => {
        event.preventDefault()
        keep.mutate()
      }}
    >
      <h1>{kept ? kept.title : wording.anOrderOfStepsOfYour()}</h1>
      <CameBack kept={typing} />
      <Field
        label={wording.whatItIsFor()}
        placeholder={wording.howToLayInACrane()}
        value={typed.title}
        maxLength={BOUNDS.OrderFields.title.maxLength}
        error={refusedAt(keep.error, 'title')}
        onChange={(e) => set({ title: e.target.value })}
      />
      <NameField
        kind="TOPIC"
        label={wording.belongsToTheTopic()}
        hint={wording.whatBeginsWithThatTopicShows()}
        value={typed.topic}
        onChange={(e) => set({ topic: e.target.value })}
      />
      <TextField
        label={wording.stepsInTheirOrderOneA()}
        rows={9}
        value={typed.steps}
        error={refusedAt(keep.error, 'steps')}
        onChange={(e) => set({ steps: e.target.value })}
      />
      <Refused error={keep.error} fields={['title', 'steps']} />
      <KeepRow
        label={wording.keepTheOrder()}
        disabled={keep.isPending}
        back={kept ? `/recall/orders/${kept.id}` : '/recall'}
        own={kept}
        onLeave={typing.forget}
      />
    </form>
  )
}
