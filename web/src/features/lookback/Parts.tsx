import { NavLink } from 'react-router'

const PARTS = [
  { to: '/look-back/weeks', name: 'Weeks' },
  { to: '/look-back/months', name: 'Months' },
  { to: '/look-back/year', name: 'The year' },
  { to: '/look-back/before', name: 'Before and after' },
  { to: '/look-back/favourites', name: 'Favourites' },
  { to: '/look-back/sittings', name: 'Sittings' },
  { to: '/look-back/what-for', name: 'What for' },
]

/** The parts of looking back, as words in one line. */
export function Parts() {
  return (
    <nav aria-label="Parts of looking back" className="no-print text-faded mb-2 flex flex-wrap gap-x-4">
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
