import { wording } from './wording'
/** A section: where its tab leads, and where else its screens lie. */
type Section = { path: string; label: string; also?: string[] }

/** The sections that are there, in the order of their tabs; the n-th answers to the key n. */
export const SECTIONS: Section[] = [
  { path: '/today', label: wording.today(), also: ['/day'] },
  { path: '/course', label: wording.course() },
  { path: '/quotas', label: wording.quotas() },
  { path: '/books', label: wording.books(), also: ['/tray', '/straighten', '/sheet', '/pieces'] },
  { path: '/shelf', label: wording.shelf() },
  { path: '/topics', label: wording.topics() },
  { path: '/bench', label: wording.bench() },
  { path: '/look-back', label: wording.lookBack() },
]

/** Whether an address lies in a section. */
export const isIn = ({ path, also = [] }: Section, address: string) =>
  [path, ...also].some((p) => address === p || address.startsWith(`${p}/`))
