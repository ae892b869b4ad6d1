import { NavLink } from 'react-router'
import { wording } from './wording'

const PARTS = [
  { to: '/look-back/weeks', name: wording.weeks() },
  { to: '/look-back/months', name: wording.months() },
  { to: '/look-back/year', name: wording.theYear() },
  { to: '/look-back/before', name: wording.beforeAndAfter() },
  { to: '/look-back/favourites', name: wording.favourites() },
  { to: '/look-back/sittings', name: wording.sittings() },
  { to: '/look-back/what-for', name: wording.whatFor() },
]

/** The parts of looking back, as words in one line. */
export function Parts() {
  return (
    <nav
      aria-label={wording.partsOfLookingBack()}
      className="no-print text-faded mb-2 flex flex-wrap gap-x-4"
    >
      {PARTS.map((part) => (
        <NavLink
          key={part.to}
          to={part.to}
          className={({ isActive }) =>
            `min-h-8 py-1 pointer-coarse:min-h-11 ${isActive ? 'text-ink font-medium' : 'underline underline-offset-4'}`
          }
        >
          {part.name}
        </NavLink>
      ))}
    </nav>
  )
}
