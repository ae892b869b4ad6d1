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
import { wording } from './wording'

const WAYS = { little: wording.littleEnergy(), bored: wording.bored(), short: wording.littleTime() }

/** A small day: the smallest page, something else, or what fits into some minutes. */
export default function EasyScreen() {
  const [params] = useSearchParams()
  const way = params.get('way') ?? 'little'
  const aim = useQuery(queries.settings()).data?.whatFor
  return (
    <TwoLeaves>
      <Leaf aria-label={wording.aSmallDay()}>
        <nav aria-label={wording.kindsOfSmallDays()} className="text-faded mb-2 flex flex-wrap gap-x-4">
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
            {wording.backToToday()}
          </Link>
        </p>
      </Leaf>
      <Leaf second aria-label={wording.whatFor()}>
        {aim && <p className="font-serif text-xl italic">{aim}</p>}
        <div className="mt-3">
          <HungBoard />
        </div>
        <p className="text-faded mt-3">
          <Link to="/look-back/what-for" className="underline underline-offset-4">
            {wording.whatAllThisIsForAnd()}
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
      <h1>{wording.theSmallestPage()}</h1>
      {little.topic ? (
        <>
          <p className="mt-2 font-serif text-xl">
            {wording.minutesOfTopic({ minutes: format.minutes(little.minutes), topic: little.topic })}
            {little.medium && wording.inMedium({ medium: little.medium })}.
          </p>
          <p>{wording.youKnowItWellItCounts()}</p>
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
            {wording.begin()}
          </Button>
        </>
      ) : (
        <p className="mt-2">
          {wording.tenMinutesOfAnythingASubject()}{' '}
          <Link to="/sitting?each=600&count=1" className={LINE_LINK}>
            {wording.begin()}
          </Link>
        </p>
      )}
      <p className="text-faded mt-4">{wording.restIsAllowedAsWellAnd()}</p>
    </>
  )
}

function Bored() {
  const [turn, setTurn] = useState(0)
  return (
    <>
      <h1>{wording.bored()}</h1>
      <p className="text-faded">{wording.somethingElseHelpsMoreThanRest()}</p>
      <Waiting query={useQuery(queries.bored(turn))}>
        {(b) => {
          const rule = CONSTRAINTS[b.constraint]
          return (
            <>
              <p className="mt-3 font-serif text-xl">{rule}</p>
              <p>
                {b.familiar
                  ? wording.withFamiliarWhichYouKnow({ familiar: b.familiar })
                  : wording.withWhateverStandsBeforeYou()}{' '}
                <Link
                  to={`/sitting?${new URLSearchParams({ ...(b.familiar ? { topic: b.familiar } : {}), aim: rule, each: '600', count: '1' }).toString()}`}
                  className={LINE_LINK}
                >
                  {wording.begin()}
                </Link>
              </p>
              {b.other && (
                <p className="mt-3">
                  {wording.orAnotherSubject()} <span className="font-serif text-xl">{b.other}</span>
                  {wording.notDrawnForTwoWeeksOr()}{' '}
                  <Link
                    to={`/sitting?${new URLSearchParams({ topic: b.other, each: '600', count: '1' }).toString()}`}
                    className={LINE_LINK}
                  >
                    {wording.begin()}
                  </Link>
                </p>
              )}
            </>
          )
        }}
      </Waiting>
      <Button className="mt-4" onClick={() => setTurn(turn + 1)}>
        {wording.somethingElse()}
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
      <h1>{wording.littleTime()}</h1>
      <div className="mt-2 grid grid-cols-2 gap-x-6">
        <NumberField
          label={wording.minutesThereAre()}
          bounds={bounds}
          value={minutes}
          onChange={(e) => setMinutes(e.target.value)}
        />
        <SelectField label={wording.atHand()} value={medium} onChange={(e) => setMedium(e.target.value)}>
          <option value="">{wording.anything()}</option>
          {media.map((m) => (
            <option key={m} value={m}>
              {m}
            </option>
          ))}
        </SelectField>
      </div>
      {query.data && !bad && (
        <ul className="mt-3" aria-label={wording.whatFits()}>
          {query.data.fitting.map((f) => (
            <li key={f.from + f.title} className="border-hairline flex items-baseline gap-4 border-b py-1.5">
              <span>
                <span className="font-serif text-lg">{fits(f, format)}</span>{' '}
                <span className="text-faded">
                  {format.minutes(f.minutes)}
                  {f.from === 'FREE' ? wording.ofYourOwn() : f.whole ? wording.allThatIsLeftToday() : ''}
                </span>
              </span>
              <Link
                to={beginFitting(f)}
                aria-label={wording.beginTitle({ title: f.title })}
                className={`${LINE_LINK} ml-auto`}
              >
                {wording.begin()}
              </Link>
            </li>
          ))}
        </ul>
      )}
      {query.data?.fitting.length === 0 && !bad && (
        <p className="mt-3">{wording.nothingOfTodayFitsAnythingYou()}</p>
      )}
    </>
  )
}
