import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats, type Formats } from '../../ui/locale'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Parts } from './Parts'
import { hours, sittingLength } from './text'
import { wording } from './wording'

type View = Schemas['SittingsView']
type Groups = Schemas['SittingGroupsView']

const PLACES: Record<string, string> = {
  '1': wording.firstInARow(),
  '2': 'second',
  '3': wording.thirdAndLater(),
}

/** What suits the learner in sittings: length and order on the left, cues, hours and places on the right. */
export default function SittingsScreen() {
  return <Waiting query={useQuery(queries.sittingsBack())}>{(view) => <Suits view={view} />}</Waiting>
}

function Suits({ view }: { view: View }) {
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="sittings">
        <Parts />
        <h1 id="sittings">{wording.sittings()}</h1>
        {view.sittings === 0 ? (
          <p className="mt-2">{wording.theFirstSittingThatIsOver()}</p>
        ) : (
          <>
            <p className="text-faded">{wording.sittingsAreOverMeansWithTheir({ sittings: view.sittings })}</p>
            <Table title={wording.byLength()} groups={view.lengths} name={sittingLength} />
            <Table title={wording.byPlaceInARow()} groups={view.places} name={(n) => PLACES[n] ?? n} />
            <Table
              title={wording.withAndWithoutAWarmUp()}
              groups={view.warmedUp}
              name={(n) => (n === 'with' ? wording.afterAWarmUp() : wording.withoutOne())}
            />
            <Stretches view={view} />
          </>
        )}
      </Leaf>
      <Leaf second aria-label={wording.whatMakesYouSitDownWhen()}>
        <Cues cues={view.cues} />
        {view.sittings > 0 && (
          <>
            <Table title={wording.byHour()} groups={view.hours} name={hours} />
            <Table title={wording.byPlace()} groups={view.where} name={(n) => n} />
            <Feared feared={view.feared} />
          </>
        )}
        <p className="text-faded mt-6 text-sm">{wording.aBreakEvery45To50()}</p>
      </Leaf>
    </TwoLeaves>
  )
}

function mean(m: Schemas['MeanView'] | null | undefined, format: Formats, signed = false): string {
  if (!m) {
    return ''
  }
  const show = (v: number) => {
    const rounded = Math.round(v * 10) / 10
    return `${rounded < 0 ? '−' : ''}${format.number(Math.abs(rounded))}`
  }
  const sign = signed && m.mean > 0 ? '+' : ''
  return `${sign}${show(m.mean)}${m.low == null || m.high == null ? '' : wording.lowToHigh({ low: show(m.low), high: show(m.high) })}`
}

function Table({ title, groups, name }: { title: string; groups: Groups; name: (n: string) => string }) {
  const format = useFormats()
  if (groups.groups.length === 0) {
    return null
  }
  const energy = groups.groups.some((g) => g.energy)
  return (
    <section className="mt-4">
      <h2>{title}</h2>
      <p className={groups.bestMarks ? '' : 'text-faded'}>{verdict(groups, name)}</p>
      <table className="mt-1 w-full text-left">
        <thead>
          <tr className="text-faded text-sm">
            <td />
            <th scope="col" className="font-normal">
              {wording.sittings2()}
            </th>
            <th scope="col" className="font-normal">
              {wording.mark()}
            </th>
            {energy && (
              <th scope="col" className="font-normal">
                {wording.energy()}
              </th>
            )}
          </tr>
        </thead>
        <tbody>
          {groups.groups.map((g) => (
            <tr key={g.name} className="border-hairline border-t">
              <th
                scope="row"
                className={`py-1 pr-3 ${g.name === groups.bestMarks ? 'font-medium' : 'font-normal'}`}
              >
                {name(g.name)}
              </th>
              <td className="pr-3">
                {g.sittings} <span className="text-faded text-sm">{format.minutes(g.minutes)}</span>
              </td>
              <td className="pr-3">
                {mean(g.marks, format) || <span className="text-faded">{wording.none()}</span>}
              </td>
              {energy && <td>{mean(g.energy, format, true)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function verdict(groups: Groups, name: (n: string) => string): string {
  const energy = groups.bestEnergy
    ? wording.bestEnergyLeavesMostEnergy({ bestEnergy: name(groups.bestEnergy) })
    : ''
  if (groups.bestMarks) {
    return wording.bestMarksBestMarksEnergy({ bestMarks: name(groups.bestMarks), energy })
  }
  return groups.lacking > 0
    ? wording.tooFewToSayMarkedSittings({ lacking: groups.lacking, energy })
    : wording.noneStandsApartFromTheOthers({ energy })
}

function Stretches({ view }: { view: View }) {
  const format = useFormats()
  const { longest, longestLately } = view
  return longest && longest.minutes > 0 ? (
    <p className="mt-4">
      {wording.longestWithoutABreakMinutesOn({
        minutes: format.minutes(longest.minutes),
        day: format.dayMonthYear(longest.day),
        longestLately:
          longestLately && longestLately.day !== longest.day
            ? wording.inTheLastFourWeeksMinutes({
                minutes: format.minutes(longestLately.minutes),
                day: format.dayMonth(longestLately.day),
              })
            : '.',
      })}
    </p>
  ) : null
}

function Cues({ cues }: { cues: View['cues'] }) {
  const format = useFormats()
  return (
    <section>
      <h2>{wording.whatMakesYouSitDown()}</h2>
      {cues.length === 0 ? (
        <p className="text-faded">{wording.toldWhenASittingBeginsSuch()}</p>
      ) : (
        <ul>
          {cues.map((c) => (
            <li key={c.cue} className="border-hairline border-b py-1">
              {c.cue}
              <span className="text-faded block">
                {wording.ledToDrawingOnLedOf({
                  led: c.led,
                  of: c.of,
                  percent: format.percent(c.led / c.of),
                  low: format.percent(c.sure.low),
                  high: format.percent(c.sure.high),
                  minutes: format.minutes(c.minutes),
                })}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}

function Feared({ feared: f }: { feared: View['feared'] }) {
  const told = f.easier + f.same + f.harder
  return (
    <section className="mt-4">
      <h2>{wording.howHardItSeemsAndIs()}</h2>
      <p className={f.said ? '' : 'text-faded'}>
        {told === 0
          ? wording.toldBeforeAndAfterASitting()
          : wording.ofSittingsEasierWereEasierThan({
              told,
              easier: f.easier,
              same: f.same,
              harder: f.harder,
              said: f.said
                ? f.easier > f.harder
                  ? wording.theyAreEasierThanTheySeem()
                  : wording.theyAreHarderThanTheySeem()
                : wording.thatMayBeChance(),
            })}
      </p>
    </section>
  )
}
