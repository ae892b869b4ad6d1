import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { answer, api, type Schemas } from '../../../api/client'
import { BOUNDS } from '../../../api/generated/bounds'
import { queries, refreshAll } from '../../../api/queries'
import { HungBoard } from '../../../shared/lookback/Hung'
import { Button, LINE_LINK } from '../../../ui/Button'
import { SelectField } from '../../../ui/Field'
import { useFormats } from '../../../ui/locale'
import { numberFault, NumberField } from '../../../ui/NumberField'
import { Leaf, TwoLeaves } from '../../../ui/TwoLeaves'
import { Waiting } from '../../../ui/Waiting'
import { beginFitting, CONSTRAINTS, fits } from './text'

const WAYS = { little: 'Little energy', bored: 'Bored', short: 'Little time' }

/** A small day: the smallest page, something else, or what fits into some minutes. */
export default function EasyScreen() {
  const [params] = useSearchParams()
  const way = params.get('way') ?? 'little'
  const aim = useQuery(queries.settings()).data?.whatFor
  return (
    <TwoLeaves>
      <Leaf aria-label="A small day">
        <nav aria-label="Kinds of small days" className="text-faded mb-2 flex flex-wrap gap-x-4">
          {Object.entries(WAYS).map(([key, name]) => (
            <Link
              key={key}
              to={`/easy?way=${key}`}
              replace
              aria-current={key === way ? 'page' : undefined}
              className={`min-h-8 py-1 pointer-coarse:min-h-11 ${key === way ? 'text-ink font-medium' : 'underline underline-offset-4'}`}
            >
              {name}
            </Link>
          ))}
        </nav>
        {way === 'bored' ? <Bored /> : way === 'short' ? <Short /> : <Little />}
        <p className="mt-6">
          <Link to="/today" className={LINE_LINK}>
            Back to today
          </Link>
        </p>
      </Leaf>
      <Leaf second aria-label="What for">
        {aim && <p className="font-serif text-xl italic">{aim}</p>}
        <div className="mt-3">
          <HungBoard />
        </div>
        <p className="text-faded mt-3">
          <Link to="/look-back/what-for" className="underline underline-offset-4">
            What all this is for, and its board of pictures
          </Link>
        </p>
      </Leaf>
    </TwoLeaves>
  )
}

function Little() {
  return <Waiting query={useQuery(queries.little())}>{(little) => <Smallest little={little} />}</Waiting>
}

function Smallest({ little }: { little: Schemas['LittleView'] }) {
  const format = useFormats()
  const navigate = useNavigate()
  const client = useQueryClient()
  const [id] = useState(() => crypto.randomUUID())
  const begin = useMutation({
    mutationFn: (topic: string) =>
      answer(
        api.POST('/api/sittings', {
          body: {
            id,
            plan: { kind: 'OWN', rows: [{ count: 1, seconds: little.minutes * 60 }] },
            title: topic,
            topic,
            timeOnly: false,
            free: false,
            little: true,
            aim: '',
            energy: 2,
            cue: '',
            drill: 'NONE',
            medium: little.medium ?? null,
            references: 'NONE',
            seed: 1,
          },
        }),
      ),
    onSuccess: async (sitting) => {
      navigate(`/sitting/${sitting.id}`)
      await refreshAll(client)
    },
  })
  return (
    <>
      <h1>The smallest page</h1>
      {little.topic ? (
        <>
          <p className="mt-2 font-serif text-xl">
            {format.minutes(little.minutes)} of {little.topic}
            {little.medium && ` in ${little.medium}`}.
          </p>
          <p>You know it well, it counts as a drawing day, and nothing is asked afterwards.</p>
          {begin.error && (
            <p role="alert" className="text-sanguine">
              {begin.error.message}
            </p>
          )}
          <Button
            look="ink"
            className="mt-4"
            disabled={begin.isPending}
            onClick={() => begin.mutate(little.topic ?? '')}
          >
            Begin
          </Button>
        </>
      ) : (
        <p className="mt-2">
          Ten minutes of anything. A subject you know is named here once something was drawn.{' '}
          <Link to="/sitting?each=600&count=1" className={LINE_LINK}>
            Begin
          </Link>
        </p>
      )}
      <p className="text-faded mt-4">Rest is allowed as well, and never counted against you.</p>
    </>
  )
}

function Bored() {
  const [turn, setTurn] = useState(0)
  return (
    <>
      <h1>Bored</h1>
      <p className="text-faded">Something else helps more than rest.</p>
      <Waiting query={useQuery(queries.bored(turn))}>
        {(b) => {
          const rule = CONSTRAINTS[b.constraint]
          return (
            <>
              <p className="mt-3 font-serif text-xl">{rule}</p>
              <p>
                {b.familiar ? `With ${b.familiar}, which you know.` : 'With whatever stands before you.'}{' '}
                <Link
                  to={`/sitting?${new URLSearchParams({ ...(b.familiar ? { topic: b.familiar } : {}), aim: rule, each: '600', count: '1' }).toString()}`}
                  className={LINE_LINK}
                >
                  Begin
                </Link>
              </p>
              {b.other && (
                <p className="mt-3">
                  Or another subject: <span className="font-serif text-xl">{b.other}</span>, not drawn for two
                  weeks or more.{' '}
                  <Link
                    to={`/sitting?${new URLSearchParams({ topic: b.other, each: '600', count: '1' }).toString()}`}
                    className={LINE_LINK}
                  >
                    Begin
                  </Link>
                </p>
              )}
            </>
          )
        }}
      </Waiting>
      <Button className="mt-4" onClick={() => setTurn(turn + 1)}>
        Something else
      </Button>
    </>
  )
}

function Short() {
  const format = useFormats()
  const [params] = useSearchParams()
  const [minutes, setMinutes] = useState(params.get('minutes') ?? '15')
  const [medium, setMedium] = useState('')
  const bounds = { min: 1, max: BOUNDS.SittingPlan.minutes.max }
  const read = format.readNumber(minutes)
  const bad = numberFault(minutes, bounds, format)
  const query = useQuery({
    ...queries.fitting(read ?? 1, medium),
    enabled: !bad && read !== undefined,
    placeholderData: (last) => last,
  })
  const media = query.data?.media ?? []
  return (
    <>
      <h1>Little time</h1>
      <div className="mt-2 grid grid-cols-2 gap-x-6">
        <NumberField
          label="Minutes there are"
          bounds={bounds}
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
        />
        <SelectField label="At hand" value={medium} onChange={(e) => setMedium(e.target.value)}>
          <option value="">anything</option>
          {media.map((m) => (
            <option key={m} value={m}>
              {m}
            </option>
          ))}
        </SelectField>
      </div>
      {query.data && !bad && (
        <ul className="mt-3" aria-label="What fits">
          {query.data.fitting.map((f) => (
            <li key={f.from + f.title} className="border-hairline flex items-baseline gap-4 border-b py-1.5">
              <span>
                <span className="font-serif text-lg">{fits(f, format)}</span>{' '}
                <span className="text-faded">
                  {format.minutes(f.minutes)}
                  {f.from === 'FREE' ? ', of your own' : f.whole ? ', all that is left today' : ''}
                </span>
              </span>
              <Link to={beginFitting(f)} aria-label={`Begin ${f.title}`} className={`${LINE_LINK} ml-auto`}>
                Begin
              </Link>
            </li>
          ))}
        </ul>
      )}
      {query.data?.fitting.length === 0 && !bad && (
        <p className="mt-3">Nothing of today fits. Anything you draw counts all the same.</p>
      )}
    </>
  )
}
