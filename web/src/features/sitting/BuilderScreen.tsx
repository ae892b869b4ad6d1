import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, Navigate, useNavigate, useSearchParams } from 'react-router'
import { answer, api } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries, refreshAll } from '../../api/queries'
import { aimWords } from '../../shared/aim'
import { CABINET, cabinetPicture, keptAs, useCabinetKinds, type UnderWay } from '../../shared/cabinet'
import { UNITS } from '../../shared/entry/study'
import { NameField } from '../../shared/NameField'
import { Button, LINE_LINK } from '../../ui/Button'
import { CameBack } from '../../ui/CameBack'
import { Options } from '../../ui/Choices'
import { Field, SelectField } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { NumberField } from '../../ui/NumberField'
import { plural } from '../../ui/plural'
import { Refused } from '../../ui/Refused'
import { Leaf, TWO_LEAVES } from '../../ui/TwoLeaves'
import { useKept } from '../../ui/useKept'
import { Waiting } from '../../ui/Waiting'
import { begun, isFree, likeLast, newSitting, NUMBERS, pageOf, planOf, type Built } from './built'
import { LadderForm, type LadderPart } from './LadderForm'
import { LadderStrokes } from './LadderStrokes'
import { ENERGY, HARD, rungs, type Begun, type Plan } from './text'

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
        <h1 id="sitting">A sitting</h1>
        <CameBack kept={kept} />
        <What built={built} set={set} missing={missing} />
        {like && !kept.back && <p className="text-faded mt-4">Set as the last time.</p>}
        <LadderForm built={built} set={set} />
        <Before built={built} set={set} />
      </Leaf>
      <Leaf second aria-labelledby="ladder">
        <h1 id="ladder">How it goes</h1>
        <Preview plan={plan} />
        <References built={built} set={set} plan={plan} />
        <Refused error={start.error} fields={['page']} className="mt-3" />
        <div className="mt-6 flex gap-6">
          <Button type="submit" look="ink" disabled={!plan || badPage || start.isPending}>
            Begin
          </Button>
          <Button
            onClick={() => {
              kept.forget()
              navigate('/today')
            }}
          >
            Not now
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
            label="What to draw"
            name="subject"
            error={
              missing && built.subject.trim() === '' ? 'Say what you draw; the entry needs it.' : undefined
            }
            maxLength={BOUNDS.BegunSitting.topic.maxLength}
            placeholder="gesture"
            value={built.subject}
            onChange={(e) => set({ subject: e.target.value })}
          />
        )}
      </div>
      <NameField
        kind="MEDIUM"
        label="With what"
        maxLength={BOUNDS.BegunSitting.medium.maxLength}
        value={built.medium}
        onChange={(e) => set({ medium: e.target.value })}
      />
      <NameField
        kind="BOOK"
        label="In which book"
        maxLength={BOUNDS.BegunSitting.book.maxLength}
        value={built.book}
        onChange={(e) => set({ book: e.target.value })}
      />
      <NameField
        kind="RESOURCE"
        label="Learned from"
        hint={built.unit && built.unitFrom ? `${UNITS[built.unit][0]} ${built.unitFrom}` : ''}
        maxLength={BOUNDS.BegunSitting.resource.maxLength}
        value={built.resource}
        onChange={(e) => set({ resource: e.target.value })}
      />
      {built.page !== undefined && (
        <NumberField
          needed
          label="First page; each drawing fills one"
          bounds={NUMBERS.page}
          value={built.page}
          onChange={(e) => set({ page: e.target.value })}
        />
      )}
      <div className={built.page === undefined ? '' : 'col-span-2'}>
        <Field
          label="The one thing to look for"
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
          {aim}, from looking back
        </Button>
      )}
      {aims.map((aim) => (
        <Button key={aim.id} look="quiet" onClick={() => onTake(aimWords(aim))}>
          {aimWords(aim)}, your aim
        </Button>
      ))}
    </>
  )
}

function Before({ built, set }: LadderPart) {
  const whatFor = useQuery(queries.settings()).data?.whatFor
  const told = useQuery(queries.sittingHabits()).data
  const lacking = useQuery(queries.referenceSets()).data?.find((s) => s.missing > 0)
  return (
    <div className="mt-5 grid grid-cols-2 gap-x-6 gap-y-3">
      <SelectField label="Energy now" value={built.energy} onChange={(e) => set({ energy: e.target.value })}>
        <option value="">not said</option>
        <Levels of={ENERGY} />
      </SelectField>
      <SelectField
        label="How hard it seems"
        value={built.dread}
        onChange={(e) => set({ dread: e.target.value })}
      >
        <option value="">not said</option>
        <Levels of={HARD} />
      </SelectField>
      <Field
        list="cues"
        label="What made you sit down"
        maxLength={BOUNDS.BegunSitting.cue.maxLength}
        placeholder="after I locked up the bicycle"
        value={built.cue}
        onChange={(e) => set({ cue: e.target.value })}
      />
      <Field
        list="places"
        label="Where"
        maxLength={BOUNDS.BegunSitting.where.maxLength}
        placeholder="on the bench outside"
        value={built.where}
        onChange={(e) => set({ where: e.target.value })}
      />
      <datalist id="cues">
        {told?.cues.map((cue) => (
          <option key={cue} value={cue} />
        ))}
      </datalist>
      <datalist id="places">
        {told?.places.map((place) => (
          <option key={place} value={place} />
        ))}
      </datalist>
      {built.energy !== '' && Number(built.energy) <= 2 && (
        <div className="col-span-2">
          {whatFor && <p className="font-serif text-lg italic">{whatFor}</p>}
          Ten minutes and a subject you know are enough today; rest is allowed as well.{' '}
          <Button onClick={() => set({ kind: 'ALL_QUICK', minutes: '10', eachMinutes: '2', drill: 'NONE' })}>
            The smallest page
          </Button>
          {lacking && (
            <p>
              Or gather references instead: {lacking.fields.name} lacks {lacking.missing} of{' '}
              {lacking.fields.needed}.
            </p>
          )}
        </div>
      )}
    </div>
  )
}

function Levels({ of }: { of: string[] }) {
  return of.map((name, i) => (
    <option key={name} value={i + 1}>
      {i + 1}, {name}
    </option>
  ))
}

/** The ladder of a plan, computed anew as it changes. */
const useLadder = (plan: Plan | undefined) =>
  useQuery({
    queryKey: ['sittings', 'ladder', plan],
    queryFn: () => answer(api.POST('/api/sittings/ladder', { body: plan as Plan })),
    enabled: plan !== undefined,
    placeholderData: (last) => last,
    retry: false,
  })

function Preview({ plan }: { plan: Plan | undefined }) {
  const format = useFormats()
  const query = useLadder(plan)
  if (!plan) {
    return <p className="text-faded mt-3">Say how many or how long, and the ladder stands here.</p>
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
        {plural(ladder.drawings, 'drawing')}, {format.each(ladder.seconds)}
      </p>
      <LadderStrokes rungs={ladder.rungs} />
      <p className="text-faded">{rungs(ladder, format)}</p>
    </div>
  )
}

function References({ built, set, plan }: LadderPart & { plan: Plan | undefined }) {
  const parts = useLadder(built.kind === 'PARTS_ONLY' ? plan : undefined).data?.rungs ?? []
  const { viewsOf, emphasesOf } = useCabinetKinds()
  const folder = useQuery(queries.pictureFolder()).data
  const sets = useQuery(queries.referenceSets()).data?.filter((s) => !s.fields.cabinet) ?? []
  const search = useSearchParams()[0].toString()
  return (
    <fieldset className="mt-6">
      <legend className="font-serif text-xl">References</legend>
      <div className="grid grid-cols-2 gap-x-6 gap-y-3">
        <SelectField
          label="From"
          value={built.references}
          onChange={(e) => set({ references: e.target.value as Begun['references'] })}
        >
          <option value="NONE">what stands before you</option>
          <option value="CABINET">the reference cabinet</option>
          <option value="FOLDER" disabled={!folder || folder.pictures === 0}>
            your own folder{folder ? `, ${folder.pictures} pictures` : ''}
          </option>
        </SelectField>
        {built.references === 'FOLDER' && sets.length > 0 && (
          <SelectField
            label="Which of them"
            value={built.referenceSet}
            onChange={(e) => set({ referenceSet: e.target.value })}
          >
            <option value="">all of the folder</option>
            {sets.map((s) => (
              <option key={s.id} value={s.id}>
                {s.fields.name}, {s.unused} of {s.there} not used yet
              </option>
            ))}
          </SelectField>
        )}
        {built.references === 'CABINET' && (
          <>
            <SelectField
              label={built.kind === 'PARTS_ONLY' ? 'Show, for other parts' : 'Show'}
              hint={
                built.kind === 'PARTS_ONLY' ? 'Hands, feet, torso and head have pictures of their own.' : ''
              }
              value={built.cabinet}
              onChange={(e) => {
                const cabinet = e.target.value as Built['cabinet']
                set({
                  cabinet,
                  view: built.view in viewsOf(cabinet) ? built.view : 'ANY',
                  emphasis: built.emphasis in emphasesOf(cabinet) ? built.emphasis : 'ANY',
                })
              }}
            >
              <Options of={CABINET} />
            </SelectField>
            <SelectField
              label="Asked for"
              value={built.emphasis}
              onChange={(e) => set({ emphasis: e.target.value as Built['emphasis'] })}
            >
              <Options of={emphasesOf(built.cabinet)} />
            </SelectField>
            <SelectField
              label="Seen"
              value={built.view}
              onChange={(e) => set({ view: e.target.value as Built['view'] })}
            >
              <Options of={viewsOf(built.cabinet)} />
            </SelectField>
          </>
        )}
      </div>
      {built.references === 'CABINET' && (
        <div className="mt-3 flex flex-wrap items-end gap-4">
          {[0, 1, 2].map((i) => (
            <img
              key={i}
              src={cabinetPicture(built.seed + i, {
                kind: parts[i]?.cabinet ?? built.cabinet,
                emphasis: built.emphasis,
                view: built.view,
              })}
              alt=""
              className="plate border-hairline size-28 border"
            />
          ))}
          <Button onClick={() => set({ seed: Math.floor(Math.random() * 1e9) })}>Others</Button>
          <Link
            to={`/cabinet?kind=${built.cabinet}&emphasis=${built.emphasis}&view=${built.view}&seed=${built.seed}`}
            state={{ search } satisfies UnderWay}
            onClick={() => set({})}
            className={LINE_LINK}
          >
            Look into the cabinet
          </Link>
        </div>
      )}
      {folder && folder.path === '' && (
        <p className="text-faded mt-2">
          A folder of your own pictures can be chosen in the{' '}
          <Link to="/settings" className="underline">
            settings
          </Link>
          .
        </p>
      )}
    </fieldset>
  )
}
