import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schemas } from '../../api/client'
import { BOUNDS } from '../../api/generated/bounds'
import { queries } from '../../api/queries'
import { Button, LINE_LINK } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { useFormats } from '../../ui/locale'
import { useNotKept } from '../../ui/Notices'
import { Plot } from '../../ui/Plot'
import { ticks } from '../../ui/scale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { monthAt } from './month'
import { Parts } from './Parts'
import { PhaseBegins } from './PhaseBegins'
import { figureName, howSure, isShare, trend, value, type Series } from './series'
import { wording } from './wording'

const A_YEAR = 12

const day = (date: string) => Date.parse(date) / 86_400_000

/** The letters of all months and figures from week to week on the left, the phases they fall into on the right. */
export default function MonthsScreen() {
  return (
    <Waiting query={useQuery(queries.series())}>
      {(all) => {
        const shown = all.filter((s) => s.values.length > 0)
        return (
          <TwoLeaves>
            <Leaf aria-labelledby="months">
              <Parts />
              <h1 id="months">{wording.months()}</h1>
              <MonthList />
              {shown.length === 0 && <p className="mt-2">{wording.theFirstWeekThatIsOver()}</p>}
              {shown.map((s) => (
                <Figure key={s.figure} series={s} />
              ))}
            </Leaf>
            <Leaf second aria-label={wording.phases()}>
              <Phases all={shown} />
              <Dips />
            </Leaf>
          </TwoLeaves>
        )
      }}
    </Waiting>
  )
}

/** Months, each with its letter: those of a year at first. */
function MonthList() {
  const format = useFormats()
  const months = useQuery(queries.months()).data ?? []
  const [most, setMost] = useState(A_YEAR)
  return (
    <ul className="mb-5">
      {months.slice(0, most).map((m) => (
        <li key={m.month} className="border-hairline flex flex-wrap items-baseline gap-x-3 border-b py-1.5">
          <Link to={monthAt(m.month)} className="font-serif text-lg underline underline-offset-4">
            {format.monthYear(m.month)}
          </Link>
          <span className="text-faded">
            {format.span(m.from, m.to)},{' '}
            {m.days === 0
              ? wording.nothingDrawn()
              : wording.minutesDrawingsOnDays({
                  minutes: format.minutes(m.minutes),
                  drawings: m.drawings,
                  days: m.days,
                })}
          </span>
          {m.words && <p className="w-full truncate font-serif italic">{m.words}</p>}
        </li>
      ))}
      {months.length > most && (
        <li className="no-print py-1.5">
          <Button look="quiet" onClick={() => setMost(months.length)}>
            {wording.allMonthsMonths({ months: months.length })}
          </Button>
        </li>
      )}
    </ul>
  )
}

function Figure({ series: s }: { series: Series }) {
  const format = useFormats()
  const values = s.values.map((v) => v.value)
  const most = s.figure === 'MARK' ? 5 : Math.max(...values, isShare(s.figure) ? 0.1 : 1)
  const begins = new Set(s.phases.slice(1).map((p) => p.from))
  return (
    <section className="mb-4">
      <Plot
        name={figureName(s)}
        kind={s.figure === 'MARK' || isShare(s.figure) ? 'dots' : 'line'}
        most={most}
        marks={ticks(most, 3).map((at) => ({ at, label: value(s.figure, at, format) }))}
        ends={[format.dayMonth(s.values[0]?.from ?? ''), format.dayMonth(s.values.at(-1)?.from ?? '')]}
        points={s.values.map((v) => ({
          x: day(v.from),
          y: v.value,
          strong: begins.has(v.from),
          label: wording.weekOfFigure({
            from: format.dayMonthYear(v.from),
            figure: value(s.figure, v.value, format),
            phase: begins.has(v.from),
          }),
        }))}
      />
      <p>{trend(s, format)}</p>
      <details className="text-faded text-sm">
        <summary className="min-h-8 cursor-pointer py-1 pointer-coarse:min-h-11">{wording.howSure()}</summary>
        {howSure(s, format)}
      </details>
    </section>
  )
}

function Phases({ all }: { all: Series[] }) {
  const changed = all.filter((s) => s.phases.length > 1)
  return (
    <>
      <h2>{wording.phases()}</h2>
      <p className="text-faded max-w-prose text-sm">{wording.whereTheLevelOfAFigure()}</p>
      {changed.length === 0 && <p className="mt-2">{wording.noPhasesThatTheseWeeksCan()}</p>}
      {all.length > 0 && <PhaseBegins all={all} />}
      {changed.map((s) => (
        <section key={s.figure} className="mt-4">
          <h3 className="font-medium">
            {figureName(s)}
            {s.ownBoundaries && <span className="text-faded font-normal">{wording.partedByYou()}</span>}
          </h3>
          {s.ratherSteady && <p className="max-w-prose">{wording.itRatherChangedByAndBy()}</p>}
          <ol>
            {s.phases.map((p) => (
              <Phase key={p.from} figure={s.figure} phase={p} first={p === s.phases[0]} />
            ))}
          </ol>
        </section>
      ))}
    </>
  )
}

/** Marks that fell when something new was taken up, and how that ended. */
function Dips() {
  const format = useFormats()
  const dips = useQuery(queries.dips()).data ?? []
  const mark = (v: number) => format.number(Math.round(v * 10) / 10)
  return dips.length === 0 ? null : (
    <section className="mt-6">
      <h2>{wording.marksThatFellWithSomethingNew()}</h2>
      <p className="text-faded max-w-prose text-sm">{wording.threeWeeksBeforeAgainstUpTo()}</p>
      <ul>
        {dips.map((d) => (
          <li key={d.topic + d.from} className="border-hairline border-b py-1.5">
            {wording.topicNewOnFrom({ topic: d.topic, from: format.dayMonthYear(d.from) })}
            <span className="text-faded block">
              {wording.markBeforeBeforeAfterAfterEndedAfter({
                before: mark(d.before),
                after: mark(d.after),
                endedAfter:
                  d.endedAfter == null
                    ? wording.notAsGoodAsBeforeYet()
                    : wording.asGoodAsBeforeAfterWeeks({ endedAfter: d.endedAfter }),
              })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  )
}

function Phase({
  figure,
  phase,
  first,
}: {
  figure: Series['figure']
  phase: Schemas['PhaseView']
  /** Whether nothing lies before it. */
  first: boolean
}) {
  const format = useFormats()
  const client = useQueryClient()
  const notKept = useNotKept()
  const [naming, setNaming] = useState<string>()
  const call = useMutation({
    mutationFn: (name: string) =>
      answer(api.PUT('/api/look-back/phases', { body: { figure, from: phase.from, name } })),
    onSuccess: () => {
      setNaming(undefined)
      return client.invalidateQueries({ queryKey: ['look-back'] })
    },
    onError: notKept,
  })
  const { topic, medium, mediumShare, source, drawings } = phase.typical
  const typical = [
    topic,
    medium && `${medium} ${format.percent(mediumShare)}`,
    source && wording.fromSource({ source }),
    `${format.number(drawings)} ${wording.drawings2({ drawings })}`,
  ].filter(Boolean)
  return (
    <li className="border-hairline border-b py-2">
      <p>
        {phase.name && <strong className="font-serif text-lg">{phase.name}: </strong>}
        {wording.fromToTo({ from: format.dayMonthYear(phase.from), to: format.dayMonthYear(phase.to) })}{' '}
        <strong className="font-medium">{value(figure, phase.mean, format)}</strong>
      </p>
      <p className="text-faded text-sm">{typical.join(' · ')}</p>
      {phase.pictures.length > 0 && (
        <div className="mt-1 flex flex-wrap gap-2">
          {phase.pictures.map((picture) => (
            <img
              key={picture}
              src={`/api/pictures/${picture}/SMALL`}
              alt={wording.aPageOfThisTime()}
              loading="lazy"
              className="plate border-hairline h-24 w-18 border object-contain"
            />
          ))}
        </div>
      )}
      {!first && (
        <Link to={`/bench?parted=${phase.from}`} className={`${LINE_LINK} no-print mr-4`}>
          {wording.habitsBeforeAndAfter()}
        </Link>
      )}
      {naming === undefined ? (
        <Button look="quiet" className="no-print" onClick={() => setNaming(phase.name)}>
          {phase.name ? wording.callItSomethingElse() : wording.giveItAName()}
        </Button>
      ) : (
        <form
          className="flex items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault()
            call.mutate(naming)
          }}
        >
          <Field
            label={wording.whatYouCallIt()}
            value={naming}
            maxLength={BOUNDS.NamedPhase.name.maxLength}
            onChange={(e) => setNaming(e.target.value)}
          />
          <Button type="submit" disabled={call.isPending}>
            {wording.keep()}
          </Button>
        </form>
      )}
    </li>
  )
}
