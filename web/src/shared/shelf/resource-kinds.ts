import type { Schemas } from '../../api/client'
import { wording } from './wording'

/** What a resource is. */
export const RESOURCE_KINDS: Record<Schemas['ResourceFields']['kind'], string> = {
  BOOK: wording.book(),
  COURSE: wording.course(),
  VIDEO_SERIES: wording.videoSeries(),
  MODEL_3D: wording.modelToTurnOnTheScreen(),
  CAST: wording.castOrObject(),
  PHOTO_SET: wording.setOfPhotos(),
  LIVE_MODEL_GROUP: wording.lifeDrawingGroup(),
  MUSEUM: wording.museum(),
  MEDICAL_TEXT: wording.anatomyText(),
  OWN_NOTES: wording.ownNotes(),
  OTHER: wording.somethingElse(),
}

/** The same by its name in an answer; what is none of them stays as it is. */
export const resourceKind = (kind: string) => RESOURCE_KINDS[kind as keyof typeof RESOURCE_KINDS] ?? kind
