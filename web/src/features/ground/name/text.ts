import type { Schemas } from '../../../api/client'
import type { Formats } from '../../../ui/locale'
import { wording } from '../wording'

export type Name = Schemas['NameView']
type Property = Name['properties'][number]

/** The kinds of names, one and many of each. */
export const KINDS: Record<Name['kind'], { one: string; many: string }> = {
  MEDIUM: { one: 'medium', many: wording.media() },
  SOURCE: { one: 'source', many: wording.sources() },
  BOOK: { one: 'book', many: wording.books() },
  RESOURCE: { one: 'resource', many: wording.resources() },
  TOPIC: { one: 'topic', many: wording.topics() },
  FACET: { one: 'facet', many: wording.facets() },
}

/** What a medium is like. */
export const PROPERTIES: Record<Property, string> = {
  DUSTY: wording.dusty(),
  WET: wording.wet(),
  SOLVENT: wording.withSolventOrFumes(),
  NEEDS_BLADE: wording.sharpenedWithABlade(),
  CANNOT_BE_ERASED: wording.cannotBeErased(),
}

/** In how many places a name stands. */
export const usedIn = (uses: number, format: Formats) =>
  uses === 0 ? wording.notUsed() : wording.inUsesPlaces({ uses: format.number(uses), count: uses })
