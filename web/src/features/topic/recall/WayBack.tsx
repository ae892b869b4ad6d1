import { Link, useLocation } from 'react-router'
import type { UnderWay } from '../../../shared/sitting/cabinet'
import { LINE_LINK } from '../../../ui/Button'
import { wording } from '../wording'

/** Back to the sitting that is being built, or to all there is. */
export function WayBack({ children, className = '' }: { children: string; className?: string }) {
  const state = useLocation().state as UnderWay | null
  return (
    <Link to={state ? `/sitting?${state.search}` : '/recall'} className={`${LINE_LINK} ${className}`}>
      {state ? wording.backToTheSitting() : children}
    </Link>
  )
}
