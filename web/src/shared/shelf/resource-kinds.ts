import type { Schemas } from '../../api/client'

/** What a resource is. */
export const RESOURCE_KINDS: Record<Schemas['ResourceFields']['kind'], string> = {
  BOOK: 'book',
  COURSE: 'course',
  VIDEO_SERIES: 'video series',
  MODEL_3D: 'model to turn on the screen',
  CAST: 'cast or object',
  PHOTO_SET: 'set of photos',
  LIVE_MODEL_GROUP: 'life-drawing group',
  MUSEUM: 'museum',
  MEDICAL_TEXT: 'anatomy text',
  OWN_NOTES: 'own notes',
  OTHER: 'something else',
}

/** The same by its name in an answer; what is none of them stays as it is. */
export const resourceKind = (kind: string) => RESOURCE_KINDS[kind as keyof typeof RESOURCE_KINDS] ?? kind
