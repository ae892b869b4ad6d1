import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { useFormats, type Formats } from '../../ui/locale'
import { noun, plural } from '../../ui/plural'
import { Leaf, TwoLeaves } from '../../ui/TwoLeaves'
import { Waiting } from '../../ui/Waiting'
import { Parts } from './Parts'
import { hours, sittingLength } from './text'

type View = Schemas['SittingsView']
type Groups = Schemas['SittingGroupsView']

const PLACES: Record<string, string> = { '1': 'first in a row', '2': 'second', '3': 'third and later' }

/** What suits the learner in sittings: length and order on the left, cues, hours and places on the right. */
export default function SittingsScreen() {
  return <Waiting query={useQuery(queries.sittingsBack())}>{(view) => <Suits view={view} />}</Waiting>
}

function Suits({ view }: { view: View }) {
  return (
    <TwoLeaves>
      <Leaf aria-labelledby="sittings">
        <Parts />
        <h1 id="sittings">Sittings</h1>
        {view.sittings === 0 ? (
          <p className="mt-2">
            The first sitting that is over shows here. What suits is said from five marked sittings of two
            kinds on.
          </p>
        ) : (
          <>
            <p className="text-faded">
              {plural(view.sittings, 'sitting')} {noun(view.sittings, 'is', 'are')} over. Means with their 95
              % span.
            </p>
            <Table title="By length" groups={view.lengths} name={sittingLength} />
            <Table title="By place in a row" groups={view.places} name={(n) => PLACES[n] ?? n} />
            <Table
              title="With and without a warm-up before"
              groups={view.warmedUp}
              name={(n) => (n === 'with' ? 'after a warm-up' : 'without one')}
            />
            <Stretches view={view} />
          </>
        )}
      </Leaf>
      <Leaf second aria-label="What makes you sit down, when and where">
        <Cues cues={view.cues} />
        {view.sittings > 0 && (
          <>
            <Table title="By hour" groups={view.hours} name={hours} />
            <Table title="By place" groups={view.where} name={(n) => n} />
            <Feared feared={view.feared} />
          </>
        )}
        <p className="text-faded mt-6 text-sm">
          A break every 45 to 50 minutes keeps hand, neck and eyes well. Rest is allowed; pain that stays
          belongs to a doctor.
        </p>
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
  return `${sign}${show(m.mean)}${m.low == null || m.high == null ? '' : ` (${show(m.low)} to ${show(m.high)})`}`
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
              sittings
            </th>
            <th scope="col" className="font-normal">
              mark
            </th>
            {energy && (
              <th scope="col" className="font-normal">
                energy
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
              <td className="pr-3">{mean(g.marks, format) || <span className="text-faded">none</span>}</td>
              {energy && <td>{mean(g.energy, format, true)}</td>}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function verdict(groups: Groups, name: (n: string) => string): string {
  const energy = groups.bestEnergy ? ` ${name(groups.bestEnergy)} leaves most energy.` : ''
  if (groups.bestMarks) {
    return `Best marks: ${name(groups.bestMarks)}.${energy}`
  }
  return groups.lacking > 0
    ? `Too few to say: ${plural(groups.lacking, 'marked sitting')} more would do.${energy}`
    : `None stands apart from the others.${energy}`
}

function Stretches({ view }: { view: View }) {
  const format = useFormats()
  const { longest, longestLately } = view
  return longest && longest.minutes > 0 ? (
    <p className="mt-4">
      Longest without a break: {format.minutes(longest.minutes)} on {format.dayMonthYear(longest.day)}
      {longestLately && longestLately.day !== longest.day
        ? `; in the last four weeks ${format.minutes(longestLately.minutes)} on ${format.dayMonth(longestLately.day)}.`
        : '.'}
    </p>
  ) : null
}

function Cues({ cues }: { cues: View['cues'] }) {
  const format = useFormats()
  return (
    <section>
      <h2>What makes you sit down</h2>
      {cues.length === 0 ? (
        <p className="text-faded">
          Told when a sitting begins, such as “after I locked up the bicycle”. How often it leads to drawing
          is counted from then on.
        </p>
      ) : (
        <ul>
          {cues.map((c) => (
            <li key={c.cue} className="border-hairline border-b py-1">
              {c.cue}
              <span className="text-faded block">
                led to drawing on {c.led} of {plural(c.of, 'day')} since, {format.percent(c.led / c.of)} (
                {format.percent(c.sure.low)} to {format.percent(c.sure.high)}), {format.minutes(c.minutes)}
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
      <h2>How hard it seems, and is</h2>
      <p className={f.said ? '' : 'text-faded'}>
        {told === 0
          ? 'Told before and after a sitting, it shows whether it was as hard as it seemed.'
          : `Of ${plural(told, 'sitting')} ${f.easier} ${noun(f.easier, 'was easier than it', 'were easier than they')} seemed, ${f.same} as hard, ${f.harder} harder.${
              f.said
                ? f.easier > f.harder
                  ? ' They are easier than they seem.'
                  : ' They are harder than they seem.'
                : ' That may be chance.'
            }`}
      </p>
    </section>
  )
}
