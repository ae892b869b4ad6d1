/** A section: where its tab leads, and where else its screens lie. */
type Section = { path: string; label: string; also?: string[] }

/** The sections that are there, in the order of their tabs; the n-th answers to the key n. */
export const SECTIONS: Section[] = [
  { path: '/today', label: 'Today', also: ['/day'] },
  { path: '/course', label: 'Course' },
  { path: '/quotas', label: 'Quotas' },
  { path: '/books', label: 'Books', also: ['/tray', '/straighten', '/sheet', '/pieces'] },
  { path: '/shelf', label: 'Shelf' },
  { path: '/topics', label: 'Topics' },
  { path: '/bench', label: 'Bench' },
  { path: '/look-back', label: 'Look back' },
]

/** Whether an address lies in a section. */
export const isIn = ({ path, also = [] }: Section, address: string) =>
  [path, ...also].some((p) => address === p || address.startsWith(`${p}/`))
