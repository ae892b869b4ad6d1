/** The sections that are there, in the order of their tabs; the n-th answers to the key n. */
export const SECTIONS = [
  { path: '/today', label: 'Today' },
  { path: '/course', label: 'Course' },
  { path: '/quotas', label: 'Quotas' },
  { path: '/books', label: 'Books' },
] as const
