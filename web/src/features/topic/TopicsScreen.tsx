import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { queries } from '../../api/queries'
import { LINE_LINK } from '../../ui/Button'
import { useFormats } from '../../ui/locale'
import { Waiting } from '../../ui/Waiting'
import { BalanceStrips } from './BalanceStrips'
import { TopicTable } from './TopicTable'
import { wording } from './wording'

type Window = Schemas['CoverageView']['window']

const WINDOWS: Record<Window, string> = {
  COURSE: wording.course2(),
  DAYS: wording.n28Days(),
  YEAR: wording.year(),
}

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
        <h1 className="mr-auto">{wording.topics()}</h1>
        <div role="group" aria-label={wording.span()} className="no-print flex gap-x-4">
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
          {all
            ? wording.onlyWhatIsTouchedOrPlanned()
            : wording.allTopicsHiddenMore({ hidden: format.number(hidden) })}
        </button>
        <Link to="/topics/edit" className={`no-print ${LINE_LINK}`}>
          {wording.changeTopics()}
        </Link>
        <Link to="/recall" className={`no-print ${LINE_LINK}`}>
          {wording.recall()}
        </Link>
      </div>
      <p className="text-faded">{wording.aBlotIsTheMinutesOf({ window: window === 'DAYS' })}</p>
      {areas.length === 0 ? (
        <p className="py-4">
          {wording.nothingWasDrawnInThisSpan()} <i>{wording.n3Hulls20MinFromLife()}</i>{' '}
          {wording.onTodayAndItsTopicStands()}
        </p>
      ) : (
        <TopicTable coverage={coverage} />
      )}
      <BalanceStrips coverage={coverage} />
    </>
  )
}
