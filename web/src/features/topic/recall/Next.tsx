import { useQuery } from '@tanstack/react-query'
import { useLocation } from 'react-router'
import { queries } from '../../../api/queries'
import type { UnderWay } from '../../../shared/sitting/cabinet'
import { DueRecall } from '../../../shared/topic/DueRecall'
import { wording } from '../wording'

/** After something was asked for: what else is due today. */
export function Next({ after }: { after: string }) {
  const state = (useLocation().state as UnderWay | null) ?? undefined
  const due = useQuery(queries.recall()).data?.due.find((d) => d.id !== after)
  return due ? (
    <p className="mt-3">
      <span className="text-faded">{wording.stillThere()}</span> <DueRecall due={due} state={state} />
    </p>
  ) : null
}
