import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Navigate, useNavigate, useSearchParams } from 'react-router'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { aimWords } from '../../shared/bench/aim'
import { keptAs } from '../../shared/sitting/cabinet'
import { UNITS } from '../../shared/entry/study'
import { NameField } from '../../shared/NameField'
import { Button } from '../../ui/Button'
import { CameBack } from '../../ui/CameBack'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField } from '../../ui/NumberField'
import { Refused } from '../../ui/Refused'
import { Leaf, TWO_LEAVES } from '../../ui/TwoLeaves'
import { useKept } from '../../ui/useKept'
import { Waiting } from '../../ui/Waiting'
import { BeforeSitting } from './BeforeSitting'
import { begun, isFree, likeLast, newSitting, NUMBERS, pageOf, planOf, type Built } from './built'
import { LadderForm, type LadderPart } from './LadderForm'
import { LadderStrokes } from './LadderStrokes'
import { References } from './References'
import { StepsOfTopic } from './StepsOfTopic'
import { rungs, type Plan } from './text'
import { useLadder } from './useLadder'
import { wording } from './wording'

/** A sitting before it begins: what and how on the left leaf, the ladder and its references on the right. */
export default function BuilderScreen() {
  const format = useFormats()
  const [params] = useSearchParams()
  const current = useQuery(queries.currentSitting()).data
  const last = useQuery({ ...queries.lastSitting(), enabled: isFree(params) })
  if (current?.sitting) {
    return <Navigate to={`/sitting/${current.sitting.id}`} replace />
  }
  if (!isFree(params)) {
    return <Builder key={params.toString()} begin={newSitting(params, format)} />
  }
  return (
    <Waiting query={last}>
      {({ begun }) => (
        <Builder
          key={params.toString()}
          begin={begun ? likeLast(begun, params, format) : newSitting(params, format)}
          like={begun != null}
        />
      )}
    </Waiting>
  )
}

function Builder({ begin, like = false }: { begin: Built; like?: boolean }) {
  const navigate = useNavigate()
  const client = useQueryClient()
  const search = useSearchParams()[0].toString()
  const kept = useKept(keptAs(search), begin)
  const built = kept.value
  const [id] = useState(() => crypto.randomUUID())
  const set = (more: Partial<Built>) => kept.set({ ...built, ...more })
  const [missing, setMissing] = useState(false)
  const format = useFormats()
  const plan = planOf(built, format)
  const badPage = built.page !== undefined && pageOf(built, format) === undefined
  const start = useMutation({
    mutationFn: async (plan: Plan) =>
      answer(api.POST('/api/sittings', { body: begun(id, built, plan, format) })),
    onSuccess: async (sitting) => {
      kept.forget()
      navigate(`/sitting/${sitting.id}`)
      await refreshAll(client)
    },
  })
  return (
    <form
      noValidate
      className={TWO_LEAVES}
      onSubmit={(event) => {
        event.preventDefault()
        if (built.subject.trim() === '') {
          setMissing(true)
          const field = event.currentTarget.elements.namedItem('subject')
          if (field instanceof HTMLInputElement) {
            field.focus()
          }
        } else if (plan && !badPage) {
          start.mutate(plan)
        }
      }}
    >
      <Leaf aria-labelledby="sitting">
        <h1 id="sitting">{wording.aSitting()}</h1>
        <CameBack kept={kept} />
        <What built={built} set={set} missing={missing} />
        {like && !kept.back && <p className="text-faded mt-4">{wording.setAsTheLastTime()}</p>}
        <LadderForm built={built} set={set} />
        <BeforeSitting built={built} set={set} />
      </Leaf>
      <Leaf second aria-labelledby="ladder">
        <h1 id="ladder">{wording.howItGoes()}</h1>
        <Preview plan={plan} />
        <StepsOfTopic subject={built.prompt?.topic ?? built.subject} />
        <References built={built} set={set} plan={plan} />
        <Refused error={start.error} fields={['page']} className="mt-3" />
        <div className="mt-6 flex gap-6">
          <Button type="submit" look="ink" disabled={!plan || badPage || start.isPending}>
            {wording.begin()}
          </Button>
          <Button
            onClick={() => {
              kept.forget()
              navigate('/today')
            }}
          >
            {wording.notNow()}
          </Button>
        </div>
      </Leaf>
    </form>
  )
}

function What({ built, set, missing }: LadderPart & { missing: boolean }) {
  return (
    <div className="mt-3 grid grid-cols-2 gap-x-6 gap-y-3">
      <div className="col-span-2">
        {built.exercise || built.prompt ? (
          <p className="font-serif text-xl">{built.subject}</p>
        ) : (
          <NameField
            kind="TOPIC"
            label={wording.whatToDraw()}
            name="subject"
            error={missing && built.subject.trim() === '' ? wording.sayWhatYouDrawTheEntry() : undefined}
            maxLength={BOUNDS.BegunSitting.topic.maxLength}
            placeholder={wording.gesture()}
            value={built.subject}
            onChange={(e) => set({ subject: e.target.value })}
          />
        )}
      </div>
      <NameField
        kind="MEDIUM"
        label={wording.withWhat()}
        maxLength={BOUNDS.BegunSitting.medium.maxLength}
        value={built.medium}
        onChange={(e) => set({ medium: e.target.value })}
      />
      <NameField
        kind="BOOK"
        label={wording.inWhichBook()}
        maxLength={BOUNDS.BegunSitting.book.maxLength}
        value={built.book}
        onChange={(e) => set({ book: e.target.value })}
      />
      <NameField
        kind="RESOURCE"
        label={wording.learnedFrom()}
        hint={built.unit && built.unitFrom ? `${UNITS[built.unit](1)} ${built.unitFrom}` : ''}
        maxLength={BOUNDS.BegunSitting.resource.maxLength}
        value={built.resource}
        onChange={(e) => set({ resource: e.target.value })}
      />
      {built.page !== undefined && (
        <NumberField
          needed
          label={wording.firstPageEachDrawingFillsOne()}
          bounds={NUMBERS.page}
          value={built.page}
          onChange={(e) => set({ page: e.target.value })}
        />
      )}
      <div className={built.page === undefined ? '' : 'col-span-2'}>
        <Field
          label={wording.theOneThingToLookFor()}
          maxLength={BOUNDS.BegunSitting.aim.maxLength}
          value={built.aim}
          onChange={(e) => set({ aim: e.target.value })}
        />
        <Aims onTake={(aim) => set({ aim })} />
      </div>
    </div>
  )
}

/** Habits that are an aim now, to be taken as what to look for. */
function Aims({ onTake }: { onTake: (aim: string) => void }) {
  const aims = useQuery(queries.aims()).data ?? []
  const aim = useQuery(queries.reviewToday()).data?.aim
  return (
    <>
      {aim && (
        <Button look="quiet" onClick={() => onTake(aim)}>
          {wording.aimFromLookingBack({ aim })}
        </Button>
      )}
      {aims.map((aim) => (
        <Button key={aim.id} look="quiet" onClick={() => onTake(aimWords(aim))}>
          {wording.aimYourAim({ aim: aimWords(aim) })}
        </Button>
      ))}
    </>
  )
}

function Preview({ plan }: { plan: Plan | undefined }) {
  const format = useFormats()
  const query = useLadder(plan)
  if (!plan) {
    return <p className="text-faded mt-3">{wording.sayHowManyOrHowLong()}</p>
  }
  if (query.isError) {
    return <Refused error={query.error} className="mt-3" />
  }
  const ladder = query.data
  if (!ladder) {
    return null
  }
  return (
    <div aria-live="polite" className="mt-3">
      <p className="font-serif text-xl">
        {wording.drawings({ drawings: ladder.drawings })}, {format.each(ladder.seconds)}
      </p>
      <LadderStrokes rungs={ladder.rungs} />
      <p className="text-faded">{rungs(ladder, format)}</p>
    </div>
  )
}
