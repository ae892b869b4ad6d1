import type { Schemas } from '../../../api/client'
import type { Formats } from '../../../ui/locale'
import { noun } from '../../../ui/plural'

export type Name = Schemas['NameView']
type Property = Name['properties'][number]

/** The kinds of names, one and many of each. */
export const KINDS: Record<Name['kind'], { one: string; many: string }> = {
  MEDIUM: { one: 'medium', many: 'Media' },
  SOURCE: { one: 'source', many: 'Sources' },
  BOOK: { one: 'book', many: 'Books' },
  RESOURCE: { one: 'resource', many: 'Resources' },
  TOPIC: { one: 'topic', many: 'Topics' },
  FACET: { one: 'facet', many: 'Facets' },
}

/** What a medium is like. */
export const PROPERTIES: Record<Property, string> = {
  DUSTY: 'dusty',
  WET: 'wet',
  SOLVENT: 'with solvent or fumes',
  NEEDS_BLADE: 'sharpened with a blade',
  CANNOT_BE_ERASED: 'cannot be erased',
}

/** In how many places a name stands. */
export const usedIn = (uses: number, format: Formats) =>
  uses === 0 ? 'not used' : `in ${format.number(uses)} ${noun(uses, 'place')}`
