import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { Waiting } from '../../ui/Waiting'
import { BalanceStrips } from './BalanceStrips'
import { TopicTable } from './TopicTable'

type Window = Schemas['CoverageView']['window']

const WINDOWS: Record<Window, string> = { COURSE: 'Course', DAYS: '28 days', YEAR: 'Year' }

const isWindow = (text: string | null): text is Window => text !== null && text in WINDOWS

/** Topics against weeks: what was studied, what is fading, what is one-sided. */
export default function TopicsScreen() {
  const [params, setParams] = useSearchParams()
  const asked = params.get('window')
  const all = params.get('all') === 'true'
  const query = useQuery(queries.coverage({ window: isWindow(asked) ? asked : 'COURSE', all }))
  const set = (window: Window, wanted: boolean) =>
    setParams({ window, ...(wanted ? { all: 'true' } : {}) }, { replace: true })
  return (
    <div className="wide:px-8 px-4 py-6">
      <Waiting query={query}>{(coverage) => <Coverage coverage={coverage} all={all} onShow={set} />}</Waiting>
    </div>
  )
}

function Coverage({
  coverage,
  all,
  onShow,
}: {
  coverage: Schemas['CoverageView']
  all: boolean
  onShow: (window: Window, all: boolean) => void
}) {
  const format = useFormats()
  const { window, hidden, areas } = coverage
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-1">
        <h1 className="mr-auto">Topics</h1>
        <div role="group" aria-label="Span" className="no-print flex gap-x-4">
          {(Object.keys(WINDOWS) as Window[]).map((name) => (
            <button
              key={name}
              type="button"
              aria-pressed={window === name}
              onClick={() => onShow(name, all)}
              className={`min-h-8 pointer-coarse:min-h-11 ${window === name ? 'border-ink border-b font-medium' : 'text-faded hover:text-ink'}`}
            >
              {WINDOWS[name]}
            </button>
          ))}
        </div>
        <button
          type="button"
          aria-pressed={all}
          onClick={() => onShow(window, !all)}
          className={`no-print ${LINE_LINK}`}
        >
          {all ? 'Only what is touched or planned' : `All topics, ${format.number(hidden)} more`}
        </button>
        <Link to="/topics/edit" className={`no-print ${LINE_LINK}`}>
          Change topics
        </Link>
        <Link to="/recall" className={`no-print ${LINE_LINK}`}>
          Recall
        </Link>
      </div>
      <p className="text-faded">
        A blot is the minutes of a {window === 'DAYS' ? 'day' : 'week'}, a dashed ring what the plan still
        holds. Ink fades as a topic goes unpractised; it is a reminder and no measure of skill.
      </p>
      {areas.length === 0 ? (
        <p className="py-4">
          Nothing was drawn in this span. Write a line such as <i>3 hulls, 20 min, from life</i> on Today, and
          its topic stands here.
        </p>
      ) : (
        <TopicTable coverage={coverage} />
      )}
      <BalanceStrips coverage={coverage} />
    </>
  )
}
